// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <string>

#include "core/colour/rgb_space.h"
#include "core/fit/correction.h"

namespace refero::io {

struct CubeOptions {
    int size = 33;                          ///< points a side, 2 to 129
    Encoding encoding = Encoding::srgb;     ///< what the LUT is fed: camera RGB in this encoding
    OutputSpace space = OutputSpace::srgb;  ///< what it gives
};

/// The text of a 3D `.cube`, red fastest, domain 0 to 1, with what it must be fed in its header. Values are not clipped.
Result<std::string> cubeText(const Correction& correction, const CubeOptions& options);

}  // namespace refero::io
