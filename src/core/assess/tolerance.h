// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/fit/correction.h"

namespace refero {

/// What a correction does to a shot that is exposed otherwise than its chart shot: how far colours move
/// beside what the exposure itself does to them, and what the recording cuts.
struct ExposureTolerance {
    struct At {
        double stops = 0;
        double mean = 0, worst = 0;  ///< CIEDE2000 over the used patches that are not clipped
        std::string worstPatch;
        std::vector<std::string> clipped;  ///< patches that reach the recording's end only there
    };
    At under, over;  ///< half a stop
    /// Stops between which no used patch moves by more than kColoursHold or is clipped; within kMostStops.
    double from = 0, to = 0;
};

inline constexpr double kColoursHold = 1;  ///< CIEDE2000
inline constexpr double kMostStops = 3;

/// Noise has no part in it. Of a correction without a used patch all is 0.
ExposureTolerance exposureTolerance(const Correction& correction);

}  // namespace refero
