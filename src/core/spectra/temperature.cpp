// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/spectra/temperature.h"

#include <algorithm>
#include <cmath>
#include <utility>
#include <vector>

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

// Where a smooth function with one valley is least: parabolas through the three best points, and golden
// section where they lead nowhere (Brent 1973, Algorithms for Minimization without Derivatives, chapter 5). A
// fifth of the points that golden section alone needs, each of which is a whole spectrum here.
template <class Function>
double leastAt(double a, double b, const Function& f) {
    constexpr double kGolden = 0.3819660112501051, kClose = 1e-8;
    double x = a + kGolden * (b - a), w = x, v = x;
    double fx = f(x), fw = fx, fv = fx, step = 0, before = 0;
    for (int i = 0; i < 60; ++i) {
        const double middle = (a + b) / 2, close = kClose * std::abs(x);
        if (std::abs(x - middle) <= 2 * close - (b - a) / 2) break;
        const double r = (x - w) * (fx - fv);
        double q = (x - v) * (fx - fw), p = (x - v) * q - (x - w) * r;
        q = 2 * (q - r);
        if (q > 0) p = -p;
        q = std::abs(q);
        const bool parabola = std::abs(before) > close && std::abs(p) < std::abs(q * before / 2) &&
                              p > q * (a - x) && p < q * (b - x);
        before = parabola ? step : (x < middle ? b : a) - x;
        step = parabola ? p / q : kGolden * before;
        const double u = x + (std::abs(step) >= close ? step : std::copysign(close, step));
        const double fu = f(u);
        if (fu <= fx) {
            (u < x ? b : a) = x;
            v = w, fv = fw, w = x, fw = fx, x = u, fx = fu;
        } else {
            (u < x ? a : b) = u;
            if (fu <= fw || w == x)
                v = w, fv = fw, w = u, fw = fu;
            else if (fu <= fv || v == x || v == w)
                v = u, fv = fu;
        }
    }
    return x;
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

    const double mired = leastAt(std::max(kLow, best / 1.06), std::min(kHigh, best * 1.06),
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
