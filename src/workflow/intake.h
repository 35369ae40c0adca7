// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <functional>
#include <stop_token>
#include <string>
#include <vector>

#include "studio/intake.h"
#include "studio/studio.h"

namespace refero::workflow {

/// Frames on their way into a shoot. Looking at them is any thread's work, keeping them the studio's. All of
/// it is one step of the history, however often something is kept.
class Intake {
  public:
    Intake(std::vector<io::MediaItem> items, studio::LookOptions look);
    /// The pictures, clips and sequences behind what a person dropped: folders are gone through.
    static std::vector<io::MediaItem> itemsBehind(const std::vector<std::filesystem::path>& dropped);

    std::size_t size() const { return items_.size(); }
    /// Looks at one of them. Any thread.
    studio::Arrival look(std::size_t item) const { return studio::lookAt(items_[item], look_); }

    /// Sorts arrivals into the setups of the day and keeps them. Without a shoot, one is begun with them.
    Status keep(studio::Studio& studio, const plan::Day& day, const std::vector<studio::Arrival>& arrivals);
    /// Sorts all of them once more: a slate that came late speaks for frames that came before it.
    Status finish(studio::Studio& studio, const plan::Day& day);

    /// Frames that are in by now.
    const std::vector<studio::FrameId>& frames() const { return frames_; }
    /// What became of each file that was kept so far.
    const std::vector<studio::Brought>& brought() const { return brought_; }
    /// Files that could not be brought in: name and reason, a line each.
    std::vector<std::string> problems() const;

  private:
    std::vector<io::MediaItem> items_;
    studio::LookOptions look_;
    std::int64_t step_ = 0;  ///< that all of it belongs to; 0 before the first frame is in
    std::vector<studio::FrameId> frames_;
    std::vector<studio::Brought> brought_;
};

/// All of it in one go, into the studio's latest shoot. What was looked at before a stop is kept.
Result<Intake> bringIn(studio::Studio& studio, const std::vector<std::filesystem::path>& dropped,
                       const studio::LookOptions& look, const std::stop_token& stop = {},
                       const std::function<void(std::size_t, std::size_t)>& told = {});

}  // namespace refero::workflow
