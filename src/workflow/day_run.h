// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <functional>
#include <optional>
#include <stop_token>
#include <string>
#include <vector>

#include "core/fit/loan.h"
#include "io/handover/handover.h"
#include "studio/studio.h"
#include "workflow/delivery_items.h"
#include "workflow/receivers.h"
#include "workflow/unknowns.h"

namespace refero::workflow {

/// A card in one step: what is brought in, and who gets what.
struct DayOptions {
    std::vector<std::filesystem::path> folders;  ///< and files
    std::vector<Chart> charts{};                 ///< to look for; empty: all that ship and the studio's own
    std::vector<Receiver> receivers{};
    std::vector<io::Format> formats{};  ///< single files of each correction
    std::filesystem::path out;          ///< receivers and formats get folders of their own in it
    bool leaveFrames = false;           ///< their jobs are written, for others to carry out
    Print print{};                      ///< without it neither recipe nor report is made
    std::stop_token stop{};
    /// What is done now, for a person, and how far it is.
    std::function<void(const std::string& what, std::size_t number, std::size_t all)> told{};
};

/// What became of one light.
struct DaySetup {
    studio::SetupId id = 0;
    std::string name, body, lens, chartFrame;
    std::string proposed{};            ///< why it was begun, where nobody planned it
    std::optional<Verdict> verdict{};  ///< of its chart shot
    bool mended = false;  ///< built from a shot that is to be taken again, as far as it could be mended
    std::optional<Loan> loan{};  ///< what stands in for a chart shot
    std::string correction{};    ///< path of its document
    std::vector<std::string> files{};
    std::string why{};  ///< what was not done, and why
};

/// What became of one frame.
struct DayFrame {
    std::string path;
    studio::SetupId setup = 0;
    std::string correctedBy{};  ///< path of the correction's document
    std::vector<std::string> files{};
    double cutShare = 0;  ///< of its quick picture's pixels: those whose colour the camera's encoding had cut
    std::string why{};
};

struct DayOutcome {
    std::vector<DaySetup> setups;
    std::vector<DayFrame> frames;
    std::vector<std::string> jobs{};  ///< paths of the frames' jobs that were left
    std::vector<Unknown> unknowns{};  ///< what no file told
};

/// Brings frames in, begins the setups that they speak for where nobody planned any, reads and judges chart
/// shots, builds corrections where the verdict is good and, marked, where a bad shot could be mended, and
/// hands over. In a studio that has done some of it before, only what is new or has changed is done. What
/// fails is said with its setup or frame, and the rest goes on. Errors: nothing that can be read, a studio or
/// a folder that cannot be written, ErrorKind::stopped.
Result<DayOutcome> runDay(studio::Studio& studio, const DayOptions& options);

}  // namespace refero::workflow
