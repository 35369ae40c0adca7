// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/grade/nearest_matrix.h"

#include <algorithm>
#include <cmath>

namespace refero {

Result<Matrix3> nearestMatrix(const ColourTransform& c, std::span<const Vector3> cameraRgb) {
    if (c.cameraToXyzD50()) return Matrix3(c.colours.base().coefficients());
    std::vector<Vector3> balanced;
    std::vector<Xyz> wanted;
    std::vector<double> weights;
    for (const Vector3& v : cameraRgb) {
        balanced.push_back(v.cwiseProduct(c.gains * c.level));
        wanted.push_back(c.toXyzD50(v));
        // An error in light counts less to the eye the lighter the colour is.
        weights.push_back(1 / std::pow(std::max(wanted.back().y, 0.005), 4.0 / 3));
    }
    return fitRootPolynomial(1, balanced, wanted, weights).map([](const RootPolynomial& p) {
        return Matrix3(p.coefficients());
    });
}

Correction withMatrix(const Correction& c, const Matrix3& balancedToXyzD50) {
    Correction out = c;
    out.model = Model::matrix;
    out.colours = Colours(RootPolynomial(balancedToXyzD50));
    out.greyCurves.reset();
    out.look.reset();
    out.sectors.reset();
    return out;
}

}  // namespace refero
