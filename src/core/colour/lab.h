// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/colour/xyz.h"

namespace refero {

/// ISO/CIE 11664-4, with the linear part below (6/29)^3, continued for negative values.
/// `white` gives the chromaticity of the reference white, whose Y is 1.
Lab toLab(const Xyz& xyz, Chromaticity white);
Xyz toXyz(const Lab& lab);

/// How L*, a* and b* change with X, Y and Z there.
Matrix3 labSlope(const Xyz& xyz, Chromaticity white);

Lch toLch(const Lab& lab);
Lab toLab(const Lch& lch);

}  // namespace refero
