// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>

#include "core/colour/xyz.h"
#include "core/result.h"

namespace refero {

/// The white-preserving 3x3 for balanced, levelled RGB: least squares first, then the mean CIEDE2000
/// minimised from there. `weights` are per colour, above 0. An error where the colours do not span three
/// dimensions.
struct MatrixFit {
    Matrix3 matrix;
    double mean = 0;  ///< weighted mean CIEDE2000
};
Result<MatrixFit> fitMatrix(std::span<const Vector3> rgb, std::span<const Xyz> referenceXyzD50,
                            std::span<const double> weights);

/// The least-squares start of fitMatrix: minimises the XYZ error, each colour weighted by 1 / (Y + 0.1).
Result<Matrix3> leastSquaresMatrix(std::span<const Vector3> rgb, std::span<const Xyz> referenceXyzD50,
                                   std::span<const double> weights);

}  // namespace refero
