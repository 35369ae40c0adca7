// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <Eigen/Core>
#include <numbers>

namespace refero {

using Vector3 = Eigen::Vector3d;
using Matrix3 = Eigen::Matrix3d;

/// CIE tristimulus values, relative: Y = 1 for the perfect diffuser.
struct Xyz {
    double x = 0, y = 0, z = 0;

    Vector3 vector() const { return {x, y, z}; }
    static Xyz from(const Vector3& v) { return {v.x(), v.y(), v.z()}; }
};

/// CIE 1931 chromaticity coordinates x, y.
struct Chromaticity {
    double x = 0, y = 0;
    friend bool operator==(const Chromaticity&, const Chromaticity&) = default;
};

/// CIE 1976 u', v'.
struct UvPrime {
    double u = 0, v = 0;
};

/// CIE 1976 L*a*b* together with the white that it is relative to. L* 0..100.
struct Lab {
    double L = 0, a = 0, b = 0;
    Chromaticity white;
};

/// Polar form of Lab; hue in degrees, 0..360.
struct Lch {
    double L = 0, C = 0, h = 0;
    Chromaticity white;
};

/// Whites for the CIE 1931 2 degree observer.
namespace white {
/// ISO 15076-1: the profile connection space's D50 is X 0.9642, Y 1, Z 0.8249. Expressed as x, y.
inline constexpr Chromaticity d50{0.9642 / (0.9642 + 1.0 + 0.8249), 1.0 / (0.9642 + 1.0 + 0.8249)};
/// CIE 015: D55.
inline constexpr Chromaticity d55{0.33243, 0.34744};
/// IEC 61966-2-1, ITU-R BT.709 and BT.2020: D65 as 0.3127, 0.3290.
inline constexpr Chromaticity d65{0.3127, 0.3290};
/// SMPTE ST 2065-1: the white of ACES, about D60.
inline constexpr Chromaticity aces{0.32168, 0.33767};
/// CIE 015: standard illuminant A.
inline constexpr Chromaticity a{0.44758, 0.40745};
}  // namespace white

/// White of the given chromaticity with Y = 1.
inline Xyz whiteXyz(Chromaticity c) {
    return {c.x / c.y, 1.0, (1.0 - c.x - c.y) / c.y};
}

/// x, y of tristimulus values; {0, 0} for black.
inline Chromaticity chromaticity(const Xyz& v) {
    const double sum = v.x + v.y + v.z;
    return sum > 0 ? Chromaticity{v.x / sum, v.y / sum} : Chromaticity{};
}

/// CIE 015, u' = 4X/(X+15Y+3Z), v' = 9Y/(X+15Y+3Z); {0, 0} for black.
inline UvPrime uvPrime(const Xyz& v) {
    const double d = v.x + 15 * v.y + 3 * v.z;
    return d > 0 ? UvPrime{4 * v.x / d, 9 * v.y / d} : UvPrime{};
}

inline constexpr double degrees(double radians) {
    return radians * 180.0 / std::numbers::pi;
}
inline constexpr double radians(double degrees) {
    return degrees * std::numbers::pi / 180.0;
}

}  // namespace refero
