// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>

#include "core/colour/rgb_space.h"
#include "core/colour/transfer.h"
#include "core/colour/xyz.h"

namespace refero {

/// How a finished picture shows itself: its decoded numbers to the light of the display it is made for.
struct ShownPicture {
    Matrix3 rgbToXyzD50;  ///< of display light; of (1, 1, 1), D50's white
    OutputSpace space;    ///< the display

    /// Of `rgb` as Transfer::decode gives it, 1 = clipping.
    Xyz xyzD50(const Vector3& rgb) const;
    /// Display light in the display's primaries, the perfect diffuser at 1.
    Vector3 light(const Vector3& rgb) const;

    Encoding encoding;
};

/// Pictures in sRGB, BT.709, BT.2020 (both as a BT.1886 display shows them), gamma 2.2, gamma 2.6, BT.1886,
/// opRGB, ROMM, HLG (1,000 cd/m2) and PQ, with the primaries that belong to each. Nothing for linear and log
/// recordings and curves of one's own: those are light of a scene, not a picture.
std::optional<ShownPicture> shownPicture(const Transfer& encoding);

}  // namespace refero
