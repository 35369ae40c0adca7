// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>

#include "core/colour/hue_sectors.h"
#include "core/colour/lab.h"
#include "core/colour/picture_look.h"
#include "core/colour/transfer.h"
#include "core/finish/finish.h"
#include "core/fit/colours.h"

namespace refero {

/// A correction's numbers, stage after stage: encoded or linear camera RGB -> linear -> gains and level ->
/// curves from the greys -> colours, in XYZ relative to D50 -> the look of what it goes towards -> the
/// finish.
struct ColourTransform {
    Transfer inputEncoding;
    Vector3 gains{1, 1, 1};                ///< white balance, green = 1
    double level = 1;                      ///< brings neutrals to their reference Y
    std::optional<GreyCurves> greyCurves;  ///< over balanced, levelled RGB
    /// Balanced, levelled RGB to XYZ (D50); of (1,1,1), D50's white.
    Colours colours{RootPolynomial(Matrix3::Identity())};
    std::optional<HueSectors> sectors;  ///< what the lattice of the colours holds, where it is that
    std::optional<PictureLook> look;    ///< of the aim, over the colours; none for reference values
    Finish finish;

    /// Balanced, levelled and through the curves.
    Vector3 straightened(const Vector3& cameraRgb) const;
    /// Of linear camera RGB, 1 = clipping; with the look, without the finish.
    Xyz toXyzD50(const Vector3& cameraRgb) const;
    Lab toLab(const Vector3& cameraRgb) const;
    /// All of it in one step, where its model is a matrix or less; nothing where colours are bent.
    std::optional<Matrix3> cameraToXyzD50() const;
};

}  // namespace refero
