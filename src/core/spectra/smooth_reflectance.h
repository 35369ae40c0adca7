// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/colour/xyz.h"
#include "core/spectra/spectrum.h"

namespace refero {

/// The reflectance nearest to `start` that has the colour `target` (relative to D50, 2 degree observer): the
/// change is taken in the logit, so that the result stays within 0..1, and has the least curvature (after the
/// idea of Burns 2020, least slope squared reflectances). Converges to 1e-6 for surface colours; for colours
/// that no surface has it returns the nearest it reached.
Spectrum bentTo(const Lab& target, const Spectrum& start);

/// The smoothest reflectance of that colour: bent from a flat grey of the same lightness.
Spectrum smoothReflectance(const Lab& target);

}  // namespace refero
