// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/fit/correction.h"

namespace refero {

/// A correction and the light that its chart was shot under.
struct LitCorrection {
    const Correction& correction;
    double kelvin = 0;  ///< 1500 to 20000
};

/// The correction for a light between two, such as one of mixed daylight and incandescent light: coefficients
/// and balance go evenly in mired. What it leaves is nobody's figure: it has no patches. Errors: two cameras,
/// two encodings, models of different degree, colours that are bent by more than a polynomial, a light that
/// is not between the two, lights closer than 20 mired.
Result<Correction> betweenLights(const LitCorrection& one, const LitCorrection& other, double kelvin);

/// Colours between two, the second's share 0 to 1: coefficients of polynomials of one degree, else a matrix
/// with a move on top that is sampled. Greys stay grey. An error where that would reverse the order of
/// colours.
Result<Colours> mixedColours(const Colours& one, const Colours& other, double share);

/// The light of a frame that shows something neutral, between the two: by where the ratio of its blue and red
/// lies between those of the two balances. `grey` is linear camera RGB. An error where it lies outside by
/// more than a tenth of the way.
Result<double> kelvinOfGrey(const LitCorrection& one, const LitCorrection& other, const Vector3& grey);

}  // namespace refero
