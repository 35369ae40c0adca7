// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/root_curve.h"

#include "core/say/say.h"

#include <algorithm>
#include <cmath>

namespace refero {
namespace {
constexpr double kStep = RootCurve::kRange / (RootCurve::kPoints - 1);
}

double toRoot(double light) {
    return std::copysign(std::sqrt(std::abs(light)), light);
}

double fromRoot(double root) {
    return root * std::abs(root);
}

RootCurve::RootCurve() {
    for (std::size_t i = 0; i < kPoints; ++i) roots_[i] = static_cast<float>(static_cast<double>(i) * kStep);
}

RootCurve RootCurve::sampled(const std::function<double(double)>& rootOfRoot) {
    RootCurve out;
    float highest = 0;
    for (std::size_t i = 0; i < kPoints; ++i) {
        if (i > 0)
            highest = std::max(highest, static_cast<float>(rootOfRoot(static_cast<double>(i) * kStep)));
        out.roots_[i] = highest;
    }
    return out;
}

Result<RootCurve> RootCurve::of(const std::array<float, kPoints>& roots) {
    if (roots[0] != 0) return failure(say("The curve must begin at 0."));
    for (std::size_t i = 1; i < kPoints; ++i)
        if (!std::isfinite(roots[i]) || roots[i] < roots[i - 1])
            return failure(say("The curve's values must be numbers that do not fall."));
    RootCurve out;
    out.roots_ = roots;
    return out;
}

double RootCurve::ofRoot(double root) const {
    const double at = root / kStep;
    const auto i = static_cast<std::size_t>(std::clamp(at, 0.0, double(kPoints - 2)));
    return roots_[i] + (at - static_cast<double>(i)) * (double(roots_[i + 1]) - roots_[i]);
}

double RootCurve::operator()(double light) const {
    return std::copysign(fromRoot(ofRoot(std::sqrt(std::abs(light)))), light);
}

double RootCurve::slope(double light) const {
    const double root = std::max(std::sqrt(std::abs(light)), 1e-6);
    const auto i = static_cast<std::size_t>(std::clamp(root / kStep, 0.0, double(kPoints - 2)));
    // d(y^2)/d(x^2) = y/x dy/dx
    return ofRoot(root) / root * (double(roots_[i + 1]) - roots_[i]) / kStep;
}

}  // namespace refero
