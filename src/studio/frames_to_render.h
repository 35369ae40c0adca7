// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/plan/due.h"
#include "studio/contents.h"

namespace refero::studio {

/// A frame and the correction that serves it.
struct FrameToRender {
    FrameId frame = 0;
    CorrectionId correction = 0;
    plan::Coverage coverage = plan::Coverage::valid;
    std::string reason{};  ///< why this one; to be kept where it is not the valid one
};

struct FramesToRender {
    std::vector<FrameToRender> frames;
    int unserved = 0;           ///< that no correction serves
    std::string unservedWhy{};  ///< of the first of them
};

/// A person's choice over the rules.
struct ChosenCorrection {
    CorrectionId correction = 0;
    std::string because{};
};

struct FramesWanted {
    SetupId setup = 0;             ///< 0: of all the day's setups
    std::vector<FrameId> these{};  ///< else these alone, wherever they belong
    std::optional<ChosenCorrection> by{};
};

/// The subject frames that are wanted, each with the valid correction by the rules of the plan; where there
/// is none, one that was lent to its setup, then the nearest of the same body and kind of light. With a
/// chosen correction it serves all of them: as a valid one where the rules say the same, else as a weaker
/// one, for the reason that was given and against what the rules say.
FramesToRender framesToRender(const Contents& contents, const plan::Day& day, const FramesWanted& wanted);

}  // namespace refero::studio
