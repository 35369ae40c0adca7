// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/read/reading.h"

namespace refero {

/// What the light, the middle or the dark greys together have of colour after one balance for all.
struct LevelCast {
    const char* level = "";    ///< "light", "middle", "dark"
    double red = 0, blue = 0;  ///< excess over green, share, display-encoded (gamma 2.2)
    double error = 0;          ///< standard error of either
    std::vector<std::size_t> patches;

    /// The larger of the two, less what noise may make of it (two standard errors).
    double size() const;
    /// "red", "cyan", "warm", "magenta" ...: what the eye would call it.
    std::string colour() const;
};

/// Light greys reflect 36 % and more, dark ones less than 9 %: one stop around mid-grey is the middle. Levels
/// without a usable grey are left out.
std::vector<LevelCast> levelCasts(const Reading& reading);

}  // namespace refero
