// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/frame/geometry.h"

#include <Eigen/Geometry>
#include <Eigen/LU>
#include <cmath>

#include "core/colour/xyz.h"
#include "core/numeric/least_squares.h"
#include "core/say/say.h"

namespace refero {
namespace {

double cross(const Point& a, const Point& b, const Point& c) {
    return (b.x() - a.x()) * (c.y() - a.y()) - (b.y() - a.y()) * (c.x() - a.x());
}

// Moves points to mean zero and mean distance sqrt(2), which keeps the linear system well conditioned.
Eigen::Matrix3d normaliser(std::span<const Point> points) {
    Point mean = Point::Zero();
    for (const Point& p : points) mean += p;
    mean /= static_cast<double>(points.size());
    double distance = 0;
    for (const Point& p : points) distance += (p - mean).norm();
    const double s = distance > 0 ? std::sqrt(2.0) * static_cast<double>(points.size()) / distance : 1;
    Eigen::Matrix3d t;
    t << s, 0, -s * mean.x(), 0, s, -s * mean.y(), 0, 0, 1;
    return t;
}

}  // namespace

double signedArea(const Quad& q) {
    double sum = 0;
    for (std::size_t i = 0; i < 4; ++i) {
        const Point &a = q[i], &b = q[(i + 1) % 4];
        sum += a.x() * b.y() - b.x() * a.y();
    }
    return sum / 2;
}

bool isProperQuad(const Quad& q) {
    for (std::size_t i = 0; i < 4; ++i) {
        if (!q[i].allFinite()) return false;
        if (!(cross(q[i], q[(i + 1) % 4], q[(i + 2) % 4]) > 1e-9)) return false;
    }
    return true;
}

Point centroid(const Quad& q) {
    return (q[0] + q[1] + q[2] + q[3]) / 4;
}

bool contains(const Quad& q, const Point& p) {
    for (std::size_t i = 0; i < 4; ++i)
        if (cross(q[i], q[(i + 1) % 4], p) < 0) return false;
    return true;
}

Homography Homography::inverse() const {
    return Homography(m_.inverse());
}

double Homography::areaScale(const Point& p) const {
    const double w = depth(p);
    return m_.determinant() / (w * w * w);
}

Result<Homography> fitHomography(std::span<const Point> from, std::span<const Point> to) {
    if (from.size() != to.size() || from.size() < 4)
        return failure(say("A projective map needs four pairs of points."));
    const Eigen::Matrix3d tf = normaliser(from), tt = normaliser(to);
    numeric::NormalEquations<8> eight;
    Eigen::Matrix<double, 9, 9> ata = Eigen::Matrix<double, 9, 9>::Zero();
    for (std::size_t i = 0; i < from.size(); ++i) {
        const Point f = (tf * from[i].homogeneous()).hnormalized(),
                    t = (tt * to[i].homogeneous()).hnormalized();
        Eigen::Matrix<double, 9, 1> r1, r2;
        r1 << -f.x(), -f.y(), -1, 0, 0, 0, t.x() * f.x(), t.x() * f.y(), t.x();
        r2 << 0, 0, 0, -f.x(), -f.y(), -1, t.y() * f.x(), t.y() * f.y(), t.y();
        eight.add(r1.head<8>(), -r1(8));
        eight.add(r2.head<8>(), -r2(8));
        ata += r1 * r1.transpose() + r2 * r2.transpose();
    }
    // The points' middle does not go to infinity in any map that is looked for: its weight can be 1, and
    // eight equations are left, which are solved ten times as fast as nine are diagonalised.
    if (const auto h = eight.solveWell(1e-7); h && h->norm() < 100) {
        Eigen::Matrix3d m;
        m << (*h)(0), (*h)(1), (*h)(2), (*h)(3), (*h)(4), (*h)(5), (*h)(6), (*h)(7), 1;
        m = tt.inverse() * m * tf;
        if (std::abs(m(2, 2)) > 1e-12 * m.norm()) return Homography(m / m(2, 2));
    }
    const auto nine = numeric::smallestEigenvector(ata);
    if (!(nine.values(1) > 1e-10 * nine.values(8)))
        return failure(say("The points lie on one line; no projective map follows from them."));
    const Eigen::VectorXd& h = nine.vector;
    Eigen::Matrix3d m;
    m << h(0), h(1), h(2), h(3), h(4), h(5), h(6), h(7), h(8);
    m = tt.inverse() * m * tf;
    const double scale = std::abs(m(2, 2)) > 1e-12 * m.norm() ? m(2, 2) : m.norm();
    return Homography(m / scale);
}

Result<Homography> fitAffine(std::span<const Point> from, std::span<const Point> to) {
    if (from.size() != to.size() || from.size() < 3)
        return failure(say("An affine map needs three pairs of points."));
    const Eigen::Matrix3d tf = normaliser(from);
    numeric::NormalEquations<3, 2> equations;
    for (std::size_t i = 0; i < from.size(); ++i) equations.add(tf * from[i].homogeneous(), to[i]);
    const Eigen::VectorXd values = numeric::smallestEigenvector(equations.power()).values;
    if (!(values(0) > 1e-9 * values(2)))
        return failure(say("The points lie on one line; no affine map follows from them."));
    Eigen::Matrix3d m = Eigen::Matrix3d::Identity();
    m.topRows<2>() = equations.solve().transpose();
    return Homography(m * tf);
}

Pose pose(const Homography& planeToFrame, double focalPixels, const Point& centre) {
    Eigen::Matrix3d k = Eigen::Matrix3d::Identity();
    k(0, 0) = k(1, 1) = focalPixels;
    k.topRightCorner<2, 1>() = centre;
    const Eigen::Matrix3d b = k.inverse() * planeToFrame.matrix();
    const Eigen::Vector3d r1 = b.col(0), r2 = b.col(1);
    const Eigen::Vector3d normal = r1.cross(r2).normalized();
    return {degrees(std::acos(std::min(1.0, std::abs(normal.z())))), degrees(std::atan2(r1.y(), r1.x()))};
}

}  // namespace refero
