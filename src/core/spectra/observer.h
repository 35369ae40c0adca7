// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/colour/xyz.h"
#include "core/spectra/spectrum.h"

namespace refero {

/// Colour-matching functions.
struct Observer {
    Spectrum x, y, z;
};

/// CIE 1931 2 degree (ISO/CIE 11664-1). Everything that is not said otherwise uses this one.
const Observer& cie1931();
/// CIE 1964 10 degree.
const Observer& cie1964();

/// Tristimulus values of a light, scaled to Y = 1.
Xyz lightXyz(const Spectrum& light, const Observer& observer = cie1931());

/// Tristimulus values of a reflectance under a light; Y = 1 for the perfect diffuser (CIE 015, 7.1).
Xyz reflectedXyz(const Spectrum& reflectance, const Spectrum& light, const Observer& observer = cie1931());

}  // namespace refero
