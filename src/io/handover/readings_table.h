// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "core/fit/correction.h"

namespace refero::io {

/// The patches that a correction was built from as comma-separated values (RFC 4180): what was read (linear
/// camera RGB, 1 = clipping), the reference, and Lab (D50) and CIEDE2000 before and after. One header line.
std::string readingsTable(const Correction& correction);

/// A field in quotes where it needs them; text that a spreadsheet would run as a formula is defused.
std::string csvField(const std::string& text);

}  // namespace refero::io
