// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/lab.h"

#include <cmath>

namespace refero {
namespace {

constexpr double kDelta = 6.0 / 29.0;

double compress(double t) {
    return t > kDelta * kDelta * kDelta ? std::cbrt(t) : t / (3 * kDelta * kDelta) + 4.0 / 29.0;
}

double expand(double f) {
    return f > kDelta ? f * f * f : 3 * kDelta * kDelta * (f - 4.0 / 29.0);
}

}  // namespace

Lab toLab(const Xyz& xyz, Chromaticity white) {
    const Xyz n = whiteXyz(white);
    const double fx = compress(xyz.x / n.x), fy = compress(xyz.y), fz = compress(xyz.z / n.z);
    return {116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz), white};
}

Xyz toXyz(const Lab& lab) {
    const Xyz n = whiteXyz(lab.white);
    const double fy = (lab.L + 16) / 116;
    return {n.x * expand(fy + lab.a / 500), expand(fy), n.z * expand(fy - lab.b / 200)};
}

Matrix3 labSlope(const Xyz& xyz, Chromaticity white) {
    const Xyz n = whiteXyz(white);
    const auto slope = [](double t) {
        return t > kDelta * kDelta * kDelta ? 1 / (3 * std::cbrt(t) * std::cbrt(t))
                                            : 1 / (3 * kDelta * kDelta);
    };
    const double sx = slope(xyz.x / n.x) / n.x, sy = slope(xyz.y), sz = slope(xyz.z / n.z) / n.z;
    Matrix3 m;
    m << 0, 116 * sy, 0, 500 * sx, -500 * sy, 0, 0, 200 * sy, -200 * sz;
    return m;
}

Lch toLch(const Lab& lab) {
    double h = degrees(std::atan2(lab.b, lab.a));
    if (h < 0) h += 360;
    return {lab.L, std::hypot(lab.a, lab.b), h, lab.white};
}

Lab toLab(const Lch& lch) {
    return {lch.L, lch.C * std::cos(radians(lch.h)), lch.C * std::sin(radians(lch.h)), lch.white};
}

}  // namespace refero
