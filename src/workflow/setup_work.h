// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <stop_token>
#include <string>

#include "workflow/chart_shot.h"
#include "workflow/due_correction.h"

namespace refero::workflow {

/// What a day does with one setup, before it is kept.
struct SetupWork {
    std::optional<ChartShot> shot{};  ///< its chart frame, where it was not read before
    std::optional<Correction> correction{};
    std::string document{};  ///< of the correction
    bool mended = false;     ///< built from a shot that is to be taken again
    std::string why{};       ///< what was not done, or what is to be known of it
};

/// Reads the chart frame where that was not done, and builds the correction that the setup waits for: from a
/// good shot, or from one whose faults can be mended. `leader` is the setup that it follows, or null. Any
/// thread.
SetupWork workOn(Setup setup, const Setup* leader, const plan::Shoot& shoot, const ShotContext& context,
                 FrameCache& frames, const std::stop_token& stop);

}  // namespace refero::workflow
