// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/plan/kit.h"
#include "core/plan/light_watch.h"

namespace refero::plan {

/// A frame of a shoot with what is known of it; empty where its file says nothing.
struct ShootFrame {
    FrameId frame = 0;
    SetupId setup = 0;   ///< 0: it belongs to none yet
    std::string path{};  ///< tells the order of frames without a time
    std::string body{}, serial{}, lens{};
    std::optional<Moment> taken{};
    bool chart = false;
    std::optional<WhiteSeen> white{};  ///< of a chart shot
};

/// Why frames are a light of their own.
enum class ProposalReason {
    firstOfBody,
    otherLens,
    pause,        ///< nothing was taken for long
    chartShot,    ///< a chart was shot
    otherLight,   ///< a chart was shot, and its greys have another colour than the last one's
    amongOthers,  ///< they were taken among, or soon after, the frames of a setup that is there
    byHand,       ///< a person put them together
};

/// A setup that frames speak for, or frames for one that is there.
struct SetupProposal {
    SetupId setup = 0;  ///< that the frames join; 0: a new one
    std::string body{}, serial{}, lens{};
    std::vector<FrameId> frames;  ///< those in no setup, in the order of their times
    FrameId chartFrame = 0;       ///< the latest of its chart shots; 0: none
    ProposalReason reason = ProposalReason::firstOfBody;
    double pauseMinutes = 0;           ///< before its first frame
    std::optional<LightStep> light{};  ///< from the body's last chart shot to this one's
};

struct ProposalOptions {
    double pauseMinutes = 40;      ///< after which another setup is thought of
    double retakeMinutes = 10;     ///< within which a chart shot in the same light is a retake
    double sameLightShare = 0.06;  ///< of a grey's colour; daylight drifts by less between two careful shots
};

/// Setups from the frames alone, for those that are in none: a body's frames in the order of their times,
/// divided at other lenses, long pauses and chart shots. A chart shot speaks for what follows it; what comes
/// before the first one of a body, without a pause between, goes with that (common practice: the chart first,
/// or last). What lies among the frames of a setup joins it. Bodies of one model are told apart by their
/// serial numbers.
std::vector<SetupProposal> proposedSetups(std::vector<ShootFrame> frames,
                                          const ProposalOptions& options = {});

/// What a person thinks better of proposals: frames go with another frame's, or are a light of their own.
struct ProposalChange {
    std::vector<FrameId> frames;
    FrameId with = 0;  ///< a frame of the proposal that they join; 0: a new one

    bool operator==(const ProposalChange&) const = default;
};
/// One change after the other. Frames never join those of another body, nor any that are in no proposal; what
/// is left without frames falls out. `frames` are those that the proposals were made from.
std::vector<SetupProposal> changed(std::vector<SetupProposal> proposals,
                                   const std::vector<ShootFrame>& frames,
                                   const std::vector<ProposalChange>& changes);

}  // namespace refero::plan
