// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <functional>

#include "core/colour/xyz.h"
#include "core/result.h"

namespace refero {

/// The square root of linear light, continued below zero: about even steps to the eye, and quick to take.
double toRoot(double light);
double fromRoot(double root);

/// A curve over linear light (1 = white), kept as the roots of its values at even steps of the root of light
/// and straight between them. Beyond kRange the last step goes on; below zero it is mirrored.
class RootCurve {
  public:
    static constexpr int kPoints = 81;
    static constexpr double kRange = 1.25;  ///< 1.56 times white

    /// Changes nothing.
    RootCurve();
    /// Of a function from root to root. What falls is raised to stay level.
    static RootCurve sampled(const std::function<double(double)>& rootOfRoot);
    /// Errors: not finite, falling, or not beginning at 0.
    static Result<RootCurve> of(const std::array<float, kPoints>& roots);

    const std::array<float, kPoints>& roots() const { return roots_; }
    double operator()(double light) const;
    double slope(double light) const;

    friend bool operator==(const RootCurve&, const RootCurve&) = default;

  private:
    double ofRoot(double root) const;

    std::array<float, kPoints> roots_;
};

/// One a channel, over balanced, levelled camera RGB.
using GreyCurves = std::array<RootCurve, 3>;
inline Vector3 straightened(const Vector3& rgb, const GreyCurves& curves) {
    return {curves[0](rgb.x()), curves[1](rgb.y()), curves[2](rgb.z())};
}

}  // namespace refero
