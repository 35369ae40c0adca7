// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string_view>

#include "core/colour/rgb_space.h"

namespace refero {

/// A gamut as data: x and y of red, green, blue and white, eight numbers apart by commas, semicolons or
/// spaces; or the name of an output space. Errors: other than eight numbers, out of range, three primaries on
/// a line, a white outside them.
Result<Primaries> primariesFrom(std::string_view text);

}  // namespace refero
