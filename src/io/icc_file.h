// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "core/fit/correction.h"

namespace refero::io {

/// The bytes of an ICC version 4 input profile (ISO 15076-1, three-component matrix-based): one curve per
/// channel that undoes `encoding`, then the matrix to the D50 connection space. An error for encodings whose
/// curve leaves 0..1.
Result<std::string> iccProfile(const Correction& correction, const Transfer& encoding);

}  // namespace refero::io
