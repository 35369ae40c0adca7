// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>

#include "core/render/render.h"

namespace refero::detail {

/// A rendering as the pixel code takes it: coefficients row by row, as many a row as the degree has terms. It
/// points into the rendering.
struct Prepared {
    float gains[3];
    float coefficients[3 * RootPolynomial::kMostTerms];
    int degree;
    Encoding encoding;

    // Where the rendering is not short.
    bool isShort;
    const float* curves[3];  ///< RootCurve's roots, one a channel; null for none
    const float* look[3];    ///< the same after the colours
    const float* tone;       ///< the same for all channels; null for none
    const float* lattice;    ///< ColourLattice's nodes; null for none
    int latticePoints;
    float white[3];  ///< whose shares the lattice works on
    float beforeLook[9], beforeTone[9], last[9];
};

/// The best code for this processor, chosen at run time.
void renderSpan(std::span<const float> in, std::span<float> out, const Rendering& rendering);

}  // namespace refero::detail
