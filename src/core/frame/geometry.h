// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <Eigen/Core>
#include <array>
#include <span>

#include "core/result.h"

namespace refero {

/// Continuous pixel coordinates: (0, 0) is the outer corner of the top-left pixel, x right, y down; the
/// centre of the first pixel is (0.5, 0.5). On charts the same in millimetres.
using Point = Eigen::Vector2d;

/// Top left, top right, bottom right, bottom left as the chart's definition draws it.
using Quad = std::array<Point, 4>;

/// Area of a quad: positive where its corners run clockwise on the screen, 0 where it is degenerate.
double signedArea(const Quad& quad);

/// Convex, not degenerate, not self-crossing, and running clockwise on the screen (so not mirrored).
bool isProperQuad(const Quad& quad);

Point centroid(const Quad& quad);

/// Whether the point lies in a proper quad, its border included.
bool contains(const Quad& quad, const Point& p);

/// A plane-to-plane projective map.
class Homography {
  public:
    Homography() : m_(Eigen::Matrix3d::Identity()) {}
    explicit Homography(const Eigen::Matrix3d& m) : m_(m) {}

    Point operator()(const Point& p) const {
        const Eigen::Vector3d v = m_ * Eigen::Vector3d(p.x(), p.y(), 1);
        return {v.x() / v.z(), v.y() / v.z()};
    }
    Quad operator()(const Quad& q) const {
        return {(*this)(q[0]), (*this)(q[1]), (*this)(q[2]), (*this)(q[3])};
    }
    /// Denominator of the map; a change of sign between two points means that the horizon lies between them.
    double depth(const Point& p) const { return m_(2, 0) * p.x() + m_(2, 1) * p.y() + m_(2, 2); }
    Homography inverse() const;
    const Eigen::Matrix3d& matrix() const { return m_; }

    /// Jacobian determinant at p: local area scale.
    double areaScale(const Point& p) const;

  private:
    Eigen::Matrix3d m_;
};

/// Least-squares projective map (normalised direct linear transform, Hartley 1997). Needs at least four pairs
/// of which no three of the four lie on a line; an error otherwise.
Result<Homography> fitHomography(std::span<const Point> from, std::span<const Point> to);

/// Least-squares affine map; at least three pairs that are not on a line.
Result<Homography> fitAffine(std::span<const Point> from, std::span<const Point> to);

/// Angle between the plane's normal and the optical axis, in degrees, and the turn about the axis, from the
/// map of a plane measured in equal units on both axes. `focalPixels` is the focal length in pixels; the
/// principal point is `centre`.
struct Pose {
    double tiltDegrees = 0;
    double turnDegrees = 0;
};
Pose pose(const Homography& planeToFrame, double focalPixels, const Point& centre);

}  // namespace refero
