// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/spectra/temperature.h"

#include <algorithm>
#include <cmath>
#include <utility>
#include <vector>

#include "core/numeric/least_at.h"
#include "core/say/say.h"
#include "core/spectra/illuminant.h"
#include "core/spectra/observer.h"

namespace refero {
namespace {

struct Uv {
    double u, v;  // CIE 1960
};

Uv uv1960(const Xyz& v) {
    const UvPrime p = uvPrime(v);
    return {p.u, p.v * 2 / 3};
}

Uv planckUv(double mired) {
    return uv1960(lightXyz(*blackbody(1e6 / mired)));
}

constexpr double kLow = 25, kHigh = 1000;  // mired: 40000 K and 1000 K

// The locus in steps of 5 %, to begin from.
const std::vector<std::pair<double, Uv>>& coarseLocus() {
    static const std::vector<std::pair<double, Uv>> points = [] {
        std::vector<std::pair<double, Uv>> out;
        for (double m = kLow; m <= kHigh; m *= 1.05) out.emplace_back(m, planckUv(m));
        return out;
    }();
    return points;
}

}  // namespace

Result<ColourTemperature> colourTemperature(Chromaticity c) {
    if (!(c.y > 0)) return failure(say("A chromaticity with y = 0 has no colour temperature."));
    const Uv target = uv1960(whiteXyz(c));
    const auto distance2 = [&](const Uv& p) {
        return (p.u - target.u) * (p.u - target.u) + (p.v - target.v) * (p.v - target.v);
    };
    const auto& coarse = coarseLocus();
    const auto best = std::min_element(coarse.begin(), coarse.end(), [&](const auto& a, const auto& b) {
                          return distance2(a.second) < distance2(b.second);
                      })->first;

    const double mired = numeric::leastAt(std::max(kLow, best / 1.06), std::min(kHigh, best * 1.06),
                                          [&](double m) { return distance2(planckUv(m)); });
    const Uv nearest = planckUv(mired);
    const double distance = std::hypot(target.u - nearest.u, target.v - nearest.v);
    if (distance > 0.05 || mired < kLow * 1.0001 || mired > kHigh * 0.9999)
        return failure(
            say("This colour is too far from white light for a colour temperature to mean anything."));
    return ColourTemperature{1e6 / mired, target.v >= nearest.v ? distance : -distance};
}

double miredBetween(const Vector3& from, const Vector3& to) {
    // Second radiation constant in um K over a million: change of ln(blue/red) a mired.
    constexpr double kWienPerMired = 14387.77 * (1 / 0.460 - 1 / 0.600) * 1e-6;
    const auto warmth = [](const Vector3& w) { return std::log(w.x() / w.z()); };
    return (warmth(to) - warmth(from)) / kWienPerMired;
}

}  // namespace refero
