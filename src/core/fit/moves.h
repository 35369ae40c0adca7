// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/colour/colour_lattice.h"
#include "core/colour/hue_sectors.h"
#include "core/fit/root_polynomial.h"
#include "core/fit/samples.h"

namespace refero {

/// Moves over a base that bring its colours nearer to their references; none moves a grey.

/// Smooth, and none away from the measured colours. An empty one where no smooth move foretells a patch
/// from the others.
ColourMove smoothMove(const RootPolynomial& base, const Samples& samples);

/// A polynomial of degree 2 of the roots' differences: for frames in a display's encoding, whose look it
/// follows; it does not scale with exposure.
ColourMove polynomialMove(const RootPolynomial& base, const Samples& samples);

struct LookMove {
    ColourMove move;
    double evidence =
        0;  ///< logarithm of how likely what is to be moved is; of moves over other bases as well
};
/// In lightness, chroma and hue, by what picture styles do: for frames with a look; it does not scale with
/// exposure.
LookMove lookMove(const RootPolynomial& base, const Samples& samples);

/// By least squares of lightness, chroma and hue, each drawn to nothing and to its neighbours.
HueSectors fittedSectors(const RootPolynomial& base, const Samples& samples);
ColourMove moveOf(const HueSectors& sectors);

/// The move as it is kept: smoothed where it turns colours over; where that does not suffice, weakened.
/// Errors: it would be next to nothing.
Result<ColourLattice> keptMove(const ColourMove& move);

}  // namespace refero
