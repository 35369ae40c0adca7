// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>

#include "core/fit/correction.h"
#include "core/read/reading.h"

namespace refero {

struct FitOptions {
    std::optional<Model> model;  ///< none: the one that cross-validates better
    Intent intent = Intent::colorimetric;
    std::string referenceLight = "d50";
    /// Patches with a larger share of clipped pixels are left out.
    double maxClipped = 0.01;

    Status validate() const;
};

/// Builds a correction from readings of one setup, which must be of the same chart and encoding; several are
/// averaged, weighted by their certainty. Errors say what is missing: too few patches, no usable grey,
/// patches of one hue only.
Result<Correction> fit(std::span<const Reading> readings, const FitOptions& options = {});

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
