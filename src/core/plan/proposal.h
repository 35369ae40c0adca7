// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/colour/xyz.h"
#include "core/plan/kit.h"
#include "core/plan/moment.h"

namespace refero::plan {

/// What is known of a frame that belongs to no setup yet; empty where its file says nothing.
struct LooseFrame {
    Id frame = 0;
    std::string path{};  ///< tells the order of frames without a time
    std::string body{}, serial{}, lens{};
    double focalLengthMm = 0;
    std::optional<Moment> taken{};
    bool chart = false;
    Vector3 white{0, 0, 0};  ///< linear camera RGB of a perfect diffuser, as the chart shows it; 0: not seen
};

/// Why a setup begins with its first frame.
enum class ProposalReason {
    firstOfBody,
    otherLens,
    pause,       ///< nothing was taken for long
    chartShot,   ///< a chart was shot
    otherLight,  ///< a chart was shot, and its greys have another colour or level than the last one's
};

/// A setup that frames speak for.
struct SetupProposal {
    std::string body{}, serial{}, lens{};
    double focalLengthMm = 0;
    std::vector<Id> frames;  ///< in the order of their times
    Id chartFrame = 0;       ///< the latest of its chart shots; 0: none
    ProposalReason reason = ProposalReason::firstOfBody;
    double pauseMinutes = 0;                ///< before its first frame
    double lightMired = 0, lightStops = 0;  ///< between this chart shot and the last one of the body
};

struct ProposalOptions {
    double pauseMinutes = 40;      ///< after which another setup is thought of
    double retakeMinutes = 10;     ///< within which a chart shot in the same light is a retake
    double sameLightShare = 0.06;  ///< of a grey's colour; daylight drifts by less between two careful shots
};

/// Setups from the frames alone, where nobody planned any: a body's frames in the order of their times,
/// divided at other lenses, long pauses and chart shots. A chart shot speaks for what follows it; what comes
/// before the first one of a body, without a pause between, goes with that (common practice: the chart first,
/// or last). Bodies of one model are told apart by their serial numbers.
std::vector<SetupProposal> proposedSetups(std::vector<LooseFrame> frames,
                                          const ProposalOptions& options = {});

}  // namespace refero::plan
