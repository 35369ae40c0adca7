// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "core/colour/rgb_space.h"
#include "core/fit/correction.h"

namespace refero::io {

enum class IccVersion {
    two,   ///< ICC.1:2001-04
    four,  ///< ISO 15076-1
};

/// The bytes of an ICC input profile, without the finish; the same correction gives the same bytes. What is a
/// matrix becomes a three-component matrix-based one: one curve per channel that undoes `encoding`, then the
/// matrix to the D50 connection space. What bends colours, and a matrix with `table`, becomes an N-component
/// LUT-based one with a table of 49 points a side, which ends at black, and at 1.9 times white. An error for
/// encodings whose curve leaves 0..1.
Result<std::string> iccProfile(const Correction& correction, const Transfer& encoding,
                               IccVersion version = IccVersion::four, bool table = false);

/// A version 4 display profile of one curve and a matrix, with how its white was brought to D50.
Result<std::string> displayProfile(const Primaries& primaries, const Transfer& encoding,
                                   const std::string& description);

}  // namespace refero::io
