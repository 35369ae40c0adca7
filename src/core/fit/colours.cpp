// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/colours.h"

#include <algorithm>

namespace refero {

Vector3 Colours::operator()(const Vector3& rgb) const {
    const Vector3 xyz = base_(rgb);
    if (!lattice_ && !move_) return xyz;
    const Vector3 roots = toRoots(xyz);
    return fromRoots(roots + moveAt(roots));
}

Matrix3 Colours::slope(const Vector3& rgb) const {
    const Matrix3 base = base_.slope(rgb);
    if (!lattice_ && !move_) return base;
    constexpr double kHalf = ColourLattice::kRange / (ColourLattice::kPoints - 1) / 2;
    const Vector3 roots = toRoots(base_(rgb));
    const Vector3 after = roots + moveAt(roots);
    Matrix3 moved = Matrix3::Identity();
    for (int k = 0; k < 3; ++k) {
        const Vector3 step = kHalf * Vector3::Unit(k);
        moved.col(k) += (moveAt(roots + step) - moveAt(roots - step)) / (2 * kHalf);
    }
    // A light's root u changes by 1 / (2 u white) with it, and back by 2 u white.
    const Vector3 white = fromRoots(Vector3::Ones());
    const auto steep = [&](const Vector3& u) {
        return Vector3(2 * u.cwiseAbs().cwiseMax(1e-3).cwiseProduct(white));
    };
    return steep(after).asDiagonal() * moved * steep(roots).cwiseInverse().asDiagonal() * base;
}

}  // namespace refero
