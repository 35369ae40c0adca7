// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "core/colour/rgb_space.h"

namespace refero::cli {

/// What an option for an output space says of itself: every space, and what it is for.
inline std::string spacesHelp(const std::string& what) {
    std::string out = what + ":";
    for (const OutputSpace s : kOutputSpaces)
        out += "\n" + std::string(info(s).name) + " - " + std::string(info(s).viewing);
    return out;
}

}  // namespace refero::cli
