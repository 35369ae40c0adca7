// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <string>
#include <vector>

#include "core/read/reading.h"

namespace refero {

/// One usable grey step, after one balance and level for all of them.
struct LadderStep {
    std::string id;
    double lightness = 0;  ///< reference L*
    std::array<double, 3>
        deviationPercent;  ///< of red, green, blue from what the reference's linear light asks for
};

/// Lightest first; copies of one grey are one step, their mean. Empty where no grey is usable.
std::vector<LadderStep> neutralLadder(const Reading& reading);

}  // namespace refero
