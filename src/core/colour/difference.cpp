// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/difference.h"

#include <algorithm>
#include <array>
#include <cassert>
#include <cmath>

#include "core/colour/lab.h"

namespace refero {
namespace {

double pow7(double v) {
    const double v2 = v * v;
    return v2 * v2 * v2 * v;
}

double hueDegrees(double a, double b) {
    if (a == 0 && b == 0) return 0;
    const double h = degrees(std::atan2(b, a));
    return h < 0 ? h + 360 : h;
}

}  // namespace

Ciede2000 ciede2000Parts(const Lab& reference, const Lab& sample) {
    assert(reference.white == sample.white);
    const double meanC = (std::hypot(reference.a, reference.b) + std::hypot(sample.a, sample.b)) / 2;
    const double pow25 = pow7(25.0);
    const double g = 0.5 * (1 - std::sqrt(pow7(meanC) / (pow7(meanC) + pow25)));
    const double a1 = (1 + g) * reference.a, a2 = (1 + g) * sample.a;
    const double c1 = std::hypot(a1, reference.b), c2 = std::hypot(a2, sample.b);
    const double h1 = hueDegrees(a1, reference.b), h2 = hueDegrees(a2, sample.b);

    double dh = 0, meanH = h1 + h2;
    if (c1 * c2 != 0) {
        dh = h2 - h1;
        if (dh > 180) dh -= 360;
        if (dh < -180) dh += 360;
        if (std::abs(h1 - h2) <= 180) {
            meanH = (h1 + h2) / 2;
        } else {
            meanH = (h1 + h2 < 360) ? (h1 + h2 + 360) / 2 : (h1 + h2 - 360) / 2;
        }
    }
    const double dL = sample.L - reference.L, dC = c2 - c1;
    const double dH = 2 * std::sqrt(c1 * c2) * std::sin(radians(dh / 2));

    const double meanL = (reference.L + sample.L) / 2, meanCp = (c1 + c2) / 2;
    const double t = 1 - 0.17 * std::cos(radians(meanH - 30)) + 0.24 * std::cos(radians(2 * meanH)) +
                     0.32 * std::cos(radians(3 * meanH + 6)) - 0.20 * std::cos(radians(4 * meanH - 63));
    const double l50 = (meanL - 50) * (meanL - 50);
    const double sL = 1 + 0.015 * l50 / std::sqrt(20 + l50);
    const double sC = 1 + 0.045 * meanCp, sH = 1 + 0.015 * meanCp * t;
    const double theta = 30 * std::exp(-std::pow((meanH - 275) / 25, 2));
    const double rC = 2 * std::sqrt(pow7(meanCp) / (pow7(meanCp) + pow25));
    const double rT = -std::sin(radians(2 * theta)) * rC;

    Ciede2000 d;
    d.lightness = dL / sL;
    d.chroma = dC / sC;
    d.hue = dH / sH;
    d.rotation = rT * d.chroma * d.hue;
    d.total = std::sqrt(
        std::max(0.0, d.lightness * d.lightness + d.chroma * d.chroma + d.hue * d.hue + d.rotation));
    return d;
}

double ciede2000(const Lab& reference, const Lab& sample) {
    return ciede2000Parts(reference, sample).total;
}

Matrix3 ciede2000Metric(const Lab& reference) {
    // Second differences of the square about its least value, which is 0; the step is small against all of
    // the formula's own scales and large against rounding.
    constexpr double kStep = 1e-3;
    const auto squared = [&](int i, int j) {
        std::array<double, 3> step{};
        step[static_cast<std::size_t>(i)] += kStep;
        if (j != i) step[static_cast<std::size_t>(j)] += kStep;
        const double d = ciede2000(reference, {reference.L + step[0], reference.a + step[1],
                                               reference.b + step[2], reference.white});
        return d * d / (kStep * kStep);
    };
    Matrix3 g;
    for (int i = 0; i < 3; ++i) g(i, i) = squared(i, i);
    for (int i = 0; i < 3; ++i)
        for (int j = 0; j < i; ++j) g(i, j) = g(j, i) = (squared(i, j) - g(i, i) - g(j, j)) / 2;
    return g;
}

double cie76(const Lab& reference, const Lab& sample) {
    return std::hypot(reference.L - sample.L, reference.a - sample.a, reference.b - sample.b);
}

double cie94(const Lab& reference, const Lab& sample) {
    const double dL = reference.L - sample.L;
    const double c1 = std::hypot(reference.a, reference.b), c2 = std::hypot(sample.a, sample.b);
    const double dC = c1 - c2, da = reference.a - sample.a, db = reference.b - sample.b;
    const double dH2 = std::max(0.0, da * da + db * db - dC * dC);
    const double sC = 1 + 0.045 * c1, sH = 1 + 0.015 * c1;
    return std::sqrt(dL * dL + dC * dC / (sC * sC) + dH2 / (sH * sH));
}

double cmc(const Lab& reference, const Lab& sample, double l, double c) {
    const double c1 = std::hypot(reference.a, reference.b), c2 = std::hypot(sample.a, sample.b);
    const double dL = reference.L - sample.L, dC = c1 - c2;
    const double da = reference.a - sample.a, db = reference.b - sample.b;
    const double dH2 = std::max(0.0, da * da + db * db - dC * dC);
    const double h = toLch(reference).h;
    const double t = (h >= 164 && h <= 345) ? 0.56 + std::abs(0.2 * std::cos(radians(h + 168)))
                                            : 0.36 + std::abs(0.4 * std::cos(radians(h + 35)));
    const double c4 = c1 * c1 * c1 * c1, f = std::sqrt(c4 / (c4 + 1900));
    const double sL = reference.L < 16 ? 0.511 : 0.040975 * reference.L / (1 + 0.01765 * reference.L);
    const double sC = 0.0638 * c1 / (1 + 0.0131 * c1) + 0.638, sH = sC * (f * t + 1 - f);
    const double pl = dL / (l * sL), pc = dC / (c * sC);
    return std::sqrt(pl * pl + pc * pc + dH2 / (sH * sH));
}

}  // namespace refero
