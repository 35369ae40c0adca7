// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/plan/due.h"
#include "studio/contents.h"

namespace refero::studio {

/// A frame and the correction that serves it.
struct FrameToRender {
    Id frame = 0, correction = 0;
    plan::Coverage coverage = plan::Coverage::valid;
    std::string reason{};  ///< why this one; to be kept where it is a weaker one
};

struct FramesToRender {
    std::vector<FrameToRender> frames;
    int unserved = 0;           ///< that no correction serves
    std::string unservedWhy{};  ///< of the first of them
};

/// The subject frames of one setup, or of all the day's with 0, each with the valid correction by the rules
/// of the plan; where there is none, the nearest of the same body and kind of light.
FramesToRender framesToRender(const Contents& contents, const plan::Day& day, Id setup);

}  // namespace refero::studio
