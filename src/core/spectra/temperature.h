// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/colour/xyz.h"
#include "core/result.h"

namespace refero {

/// Correlated colour temperature and the signed distance from the Planckian locus in CIE 1960 u, v
/// (positive above it, towards green; ANSI C78.377).
struct ColourTemperature {
    double kelvin = 0;
    double duv = 0;
    double mired() const { return 1e6 / kelvin; }
};

/// The temperature of the nearest point of the Planckian locus (CIE 015, 9.5), by direct minimisation: exact
/// to 0.1 K where Ohno (2014) is exact to about 1 K. 1000 to 40000 K and |Duv| up to 0.05 (CIE's limit of
/// sense); an error beyond that.
Result<ColourTemperature> colourTemperature(Chromaticity c);

/// By how many mired the light is warmer (above 0) that turned what a camera records of white from one into
/// the other: of blue against red, as a black body's shift seen at 460 and 600 nm (Wien's law). Linear RGB
/// above 0.
double miredBetween(const Vector3& whiteFrom, const Vector3& whiteTo);

}  // namespace refero
