// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <string>

#include "core/read/reading.h"

namespace refero {

/// Something in a frame whose colour is known: the cloth, the paint, the product, measured by an instrument.
struct KnownColour {
    std::string name;
    std::string framePath;
    Vector3 rgb{0, 0, 0};        ///< as recorded, linear; of the chart shot's light and exposure
    Vector3 deviation{0, 0, 0};  ///< standard deviation of one pixel
    std::size_t pixels = 0;
    Lab labD50;         ///< measured, D50 and 2 degrees
    double weight = 4;  ///< how often it counts in a fit
};

/// The reading with those colours beside its patches, as patches without a place or a reflectance. Errors: a
/// name that is empty, or of a patch or another colour already; a colour that is no colour; a spot that is
/// clipped, black or of no pixels.
Result<Reading> withKnownColours(Reading reading, std::span<const KnownColour> colours);

}  // namespace refero
