// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/plan/light_watch.h"
#include "core/plan/sorting.h"
#include "studio/edit.h"
#include "studio/look_at.h"

namespace refero::studio {

/// What became of one file.
struct Brought {
    std::filesystem::path path;
    FrameId frame = 0;  ///< 0: not brought in
    SetupId setup = 0;
    std::string reason{}, doubt{}, chart{};
};

/// Adds them to a shoot, each sorted into a setup with the reason. What is there already by its content is
/// not added again; where its old place is empty, it has moved and is found again. Files that cannot be read
/// are named.
std::vector<Brought> bringIn(Edit& edit, const Contents& contents, const plan::Day& day,
                             const std::vector<Arrival>& arrivals);

/// Sorts frames anew, when those that came later tell more, such as a slate; what a person put by hand stays.
void sortAgain(Edit& edit, const Contents& contents, const plan::Day& day,
               const std::vector<FrameId>& frames);

/// A chart was seen in a frame that was not known when it came in: it is a chart frame from now on, and is
/// sorted anew unless a person put it where it is.
void seenSince(Edit& edit, const Contents& contents, const plan::Day& day, FrameId frame,
               const Arrival& seen);

/// A frame is put into a setup (0: none) by hand.
void putByHand(Edit& edit, const Contents& contents, const plan::Day& day, FrameId frame, SetupId setup);

/// A camera's clock was behind by so many seconds (ahead: negative): all frames of this frame's body in the
/// shoot are moved, and those that come in later will be. They are sorted anew.
void setClock(Edit& edit, const Contents& contents, const plan::Day& day, FrameId frame, int seconds);

/// What a frame tells of the light; nothing where no white or no time of it is known.
std::optional<plan::WhiteSeen> whiteSeen(const Frame& frame);

/// What speaks against a frame: what its file says, and what the light did (see plan::lightDoubts), in one
/// text; empty where nothing does.
class Doubts {
  public:
    Doubts(const Contents& contents, const plan::Day& day);
    std::string of(const Frame& frame) const;

  private:
    const plan::Day& day_;
    std::map<SetupId, std::vector<plan::WhiteSeen>> seen_;  ///< by setup
    std::map<SetupId, const plan::Setup*> setups_;
};

}  // namespace refero::studio
