// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>

#include "core/render/render.h"

namespace refero::detail {

/// A rendering as the pixel code takes it: coefficients row by row, as many a row as the degree has terms.
struct Prepared {
    float gains[3];
    float coefficients[3 * RootPolynomial::kMostTerms];
    int degree;
    Encoding encoding;
};

/// The best code for this processor, chosen at run time.
void renderSpan(std::span<const float> in, std::span<float> out, const Rendering& rendering);

}  // namespace refero::detail
