// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/grey_curves.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "core/fit/detail/smooth_field.h"
#include "core/numeric/straight_line.h"

namespace refero {
namespace {

constexpr std::size_t kFewestGreys = 4;
// A channel bends by itself where its greys foretell each other so much better with it than without.
constexpr double kApart = 0.5;

// Black stays where it is.
double nearBlack(const Vector3& place) {
    constexpr double kHalf = 0.05;
    const double root = std::max(place.x(), 0.0);
    return root / (root + kHalf);
}

// One channel's way from place to place, over roots.
struct Scale {
    std::vector<double> from, to;
};

using detail::SmoothField;

double rms(const Scale& scale) {
    double sum = 0;
    for (std::size_t i = 0; i < scale.from.size(); ++i) sum += std::pow(scale.to[i] - scale.from[i], 2);
    return std::sqrt(sum / static_cast<double>(scale.from.size()));
}

// More or less contrast about some level: root * exp(offset + slope * log(root)). It goes on beyond the
// greys, which a smooth field does not.
struct Contrast {
    double offset = 0, slope = 0;

    double operator()(double root) const {
        return root > 0 ? root * std::exp(offset + slope * std::log(root)) : root;
    }
};

// By least squares of logarithms, dark greys counting less; nothing but as it is where that leaves hardly
// less.
Contrast contrastOf(const Scale& scale) {
    constexpr double kMost = 0.5, kWorth = 0.9;
    numeric::StraightLine steps;
    for (std::size_t i = 0; i < scale.from.size(); ++i)
        if (scale.from[i] > 0.02 && scale.to[i] > 0.02)
            steps.add(std::log(scale.from[i]), std::log(scale.to[i] / scale.from[i]),
                      scale.from[i] * scale.from[i]);
    const auto line = steps.fitted(1e-6);
    if (!line) return {};
    Contrast out;
    out.slope = std::clamp(line->slope, -kMost, kMost);
    out.offset = steps.offset(out.slope);
    Scale left = scale;
    for (double& root : left.from) root = out(root);
    return rms(left) < kWorth * rms(scale) ? out : Contrast{};
}

std::optional<SmoothField> fieldOf(const Scale& scale, const std::vector<double>& ridges) {
    const SmoothField::Choices choices{{0.2, 0.4, 0.8}, ridges, &nearBlack};
    std::vector<Vector3> places, steps;
    for (std::size_t i = 0; i < scale.from.size(); ++i) {
        places.emplace_back(scale.from[i], 0, 0);
        steps.emplace_back(scale.to[i] - scale.from[i], 0, 0);
    }
    return SmoothField::fitted(std::move(places), steps, std::vector<double>(scale.from.size(), 1), choices);
}

double stepAt(const std::optional<SmoothField>& field, double root) {
    return field ? (*field)({root, 0, 0}).x() : 0;
}

}  // namespace

std::optional<GreyCurves> greyCurves(std::span<const Vector3> greys, std::span<const double> referenceY,
                                     CurveUse use, double plain) {
    std::vector<Vector3> to;
    for (const double y : referenceY) to.push_back(Vector3::Constant(y));
    return greyCurves(greys, to, use, plain);
}

std::optional<GreyCurves> greyCurves(std::span<const Vector3> greys, std::span<const Vector3> to,
                                     CurveUse use, double plain) {
    if (use == CurveUse::never || greys.size() < kFewestGreys) return {};
    std::array<Scale, 3> channels;
    Scale mean;
    for (std::size_t i = 0; i < greys.size(); ++i) {
        Vector3 from, wanted;
        for (int c = 0; c < 3; ++c) {
            from(c) = toRoot(greys[i](c));
            wanted(c) = toRoot(to[i](c));
            channels[static_cast<std::size_t>(c)].from.push_back(from(c));
            channels[static_cast<std::size_t>(c)].to.push_back(wanted(c));
        }
        mean.from.push_back(from.mean());
        mean.to.push_back(wanted.mean());
    }
    const double given = rms(mean);
    const Contrast contrast = contrastOf(mean);
    for (double& root : mean.from) root = contrast(root);
    const auto common = fieldOf(mean, {1e-4, 1e-3, 1e-2});
    const double foretold = common ? common->foretold() : rms(mean);
    const auto bent = [&](double root) {
        const double so = contrast(root);
        return so + stepAt(common, so);
    };
    bool any =
        use == CurveUse::always ? common || contrast.slope != 0 : foretold < 0.5 * given && given > plain;
    GreyCurves out;
    for (std::size_t c = 0; c < 3; ++c) {
        Scale& own = channels[c];
        for (double& root : own.from) root = bent(root);
        const auto apart = fieldOf(own, {1e-3, 1e-2, 1e-1});
        const bool plainly = apart && apart->foretold() < kApart * apart->given();
        any = any || (plainly && apart->given() > plain);
        out[c] = RootCurve::sampled([&](double root) {
            const double shared = bent(root);
            return plainly ? shared + stepAt(apart, shared) : shared;
        });
    }
    if (!any) return {};
    return out;
}

}  // namespace refero
