// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>

#include "core/colour/rgb_space.h"

namespace refero::io {

/// The bytes of an ICC version 4 display profile (ISO 15076-1) of an output space, to be embedded in
/// pictures: its primaries adapted to D50 by Bradford, and its curve. Nothing for XYZ and for ACEScct, which
/// no such profile can hold. The same bytes every time.
std::optional<std::string> outputProfile(OutputSpace space);

}  // namespace refero::io
