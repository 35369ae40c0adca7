// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/spectra/temperature.h"

#include <cmath>

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

}  // namespace

Result<ColourTemperature> colourTemperature(Chromaticity c) {
    if (!(c.y > 0)) return failure("A chromaticity with y = 0 has no colour temperature.");
    const Uv target = uv1960(whiteXyz(c));
    const auto distance2 = [&](double mired) {
        const Uv p = planckUv(mired);
        return (p.u - target.u) * (p.u - target.u) + (p.v - target.v) * (p.v - target.v);
    };
    constexpr double low = 25, high = 1000;  // 40000 K and 1000 K
    double best = low;
    for (double m = low; m <= high; m *= 1.05)
        if (distance2(m) < distance2(best)) best = m;

    double a = std::max(low, best / 1.06), b = std::min(high, best * 1.06);
    constexpr double golden = 0.6180339887498949;
    for (int i = 0; i < 50; ++i) {
        const double m1 = b - golden * (b - a), m2 = a + golden * (b - a);
        (distance2(m1) < distance2(m2) ? b : a) = distance2(m1) < distance2(m2) ? m2 : m1;
    }
    const double mired = (a + b) / 2;
    const Uv nearest = planckUv(mired);
    const double distance = std::hypot(target.u - nearest.u, target.v - nearest.v);
    if (distance > 0.05 || mired < low * 1.0001 || mired > high * 0.9999)
        return failure("This colour is too far from white light for a colour temperature to mean anything.");
    return ColourTemperature{1e6 / mired, target.v >= nearest.v ? distance : -distance};
}

}  // namespace refero
