// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/grey_curves.h"

#include <algorithm>
#include <vector>

#include "core/fit/detail/smooth_field.h"

namespace refero {
namespace {

constexpr std::size_t kFewestGreys = 4;
// About one L*, over roots: below it a straight line is good enough.
constexpr double kPlain = 0.01;

// Black stays where it is.
double nearBlack(const Vector3& place) {
    constexpr double kHalf = 0.05;
    const double root = std::max(place.x(), 0.0);
    return root / (root + kHalf);
}

}  // namespace

std::optional<GreyCurves> greyCurves(std::span<const Vector3> greys, std::span<const double> referenceY,
                                     CurveUse use) {
    std::vector<Vector3> to;
    for (const double y : referenceY) to.push_back(Vector3::Constant(y));
    return greyCurves(greys, to, use);
}

std::optional<GreyCurves> greyCurves(std::span<const Vector3> greys, std::span<const Vector3> to,
                                     CurveUse use) {
    if (use == CurveUse::never || greys.size() < kFewestGreys) return {};
    static const detail::SmoothField::Choices choices{{0.2, 0.4, 0.8}, {1e-4, 1e-3, 1e-2}, &nearBlack};
    GreyCurves out;
    bool any = false;
    for (int c = 0; c < 3; ++c) {
        std::vector<Vector3> places, steps;
        for (std::size_t i = 0; i < greys.size(); ++i) {
            const double root = toRoot(greys[i](c));
            places.emplace_back(root, 0, 0);
            steps.emplace_back(toRoot(to[i](c)) - root, 0, 0);
        }
        const std::vector<double> doubt(greys.size(), 1);
        const auto field = detail::SmoothField::fitted(std::move(places), steps, doubt, choices);
        if (!field) continue;
        any = any || use == CurveUse::always ||
              (field->foretold() < 0.5 * field->given() && field->given() > kPlain);
        out[static_cast<std::size_t>(c)] = RootCurve::sampled([&](double root) {
            return root + (*field)({root, 0, 0}).x();
        });
    }
    if (!any) return {};
    return out;
}

}  // namespace refero
