// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>

#include "sim/survey.h"
#include "sim/wide_survey.h"

namespace refero::sim {

/// What corrections built from one frame leave of 300 made-up surfaces in the chart's even light: mean
/// CIEDE2000.
struct MendingOutcome {
    unsigned seed = 0;
    bool read = false;
    double truth = 0;   ///< built from the true, evenly lit values of the patches
    double mended = 0;  ///< from the reading, with its faults mended
    double asShot = 0;  ///< from the reading as it is
    std::string told;   ///< what was mended, or what went wrong

    double mendedRatio() const { return mended / truth; }
    double asShotRatio() const { return asShot / truth; }
};

/// Of the survey's own frames; without a fault, of its careful ones.
MendingOutcome surveyMending(unsigned seed, std::optional<Fault> fault);
/// The same of the wide survey's.
MendingOutcome surveyWideMending(unsigned seed, std::optional<Fault> fault);

}  // namespace refero::sim
