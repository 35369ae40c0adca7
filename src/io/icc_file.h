// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "core/fit/correction.h"

namespace refero::io {

/// The bytes of an ICC version 4 input profile (ISO 15076-1). What is a matrix becomes a three-component
/// matrix-based one: one curve per channel that undoes `encoding`, then the matrix to the D50 connection
/// space. What bends colours becomes an N-component LUT-based one with a table of 49 points a side, which
/// ends at black, and at 1.9 times white. An error for encodings whose curve leaves 0..1.
Result<std::string> iccProfile(const Correction& correction, const Transfer& encoding);

}  // namespace refero::io
