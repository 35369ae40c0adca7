// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/colour/xyz.h"

namespace refero {

/// CIEDE2000 with its parts (ISO/CIE 11664-6; notation of Sharma, Wu and Dalal 2005), kL = kC = kH = 1.
/// `lightness`, `chroma`, `hue` are the weighted terms, signed; `rotation` is the cross term R_T.
struct Ciede2000 {
    double total = 0, lightness = 0, chroma = 0, hue = 0, rotation = 0;
};

/// Both colours must be relative to the same white; `reference` comes first where a formula is not symmetric.
Ciede2000 ciede2000Parts(const Lab& reference, const Lab& sample);
double ciede2000(const Lab& reference, const Lab& sample);

/// CIEDE2000 near a colour: for a small step d in L*, a*, b* its square is d' G d. G is symmetric and
/// positive.
Matrix3 ciede2000Metric(const Lab& reference);

/// CIE 1976: Euclidean distance in L*a*b*.
double cie76(const Lab& reference, const Lab& sample);

/// CIE94, graphic arts weights (kL = 1, K1 = 0.045, K2 = 0.015), with the reference's chroma as standard.
double cie94(const Lab& reference, const Lab& sample);

/// CMC l:c (Clarke, McDonald and Rigg 1984; ISO 105-J03). l:c = 2:1 for acceptability, 1:1 for
/// perceptibility.
double cmc(const Lab& reference, const Lab& sample, double l = 2, double c = 1);

}  // namespace refero
