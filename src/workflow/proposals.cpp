// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/proposals.h"

#include <cmath>
#include <cstdio>

#include "workflow/shoots.h"

namespace refero::workflow {

using studio::Contents;
using studio::Id;

std::vector<plan::SetupProposal> proposals(const Contents& contents, Id shoot,
                                           const plan::ProposalOptions& options) {
    std::vector<plan::LooseFrame> loose;
    for (const auto& [id, f] : contents.all<studio::Frame>()) {
        if (f.shoot != shoot || f.setup != 0) continue;
        plan::LooseFrame l{id, f.path, f.body, f.serial, f.lens, f.focalLengthMm, {}, false, {0, 0, 0}};
        if (const auto moment = plan::momentFrom(f.taken)) l.taken = *moment;
        l.chart = f.role == studio::FrameRole::chart;
        if (l.chart) l.white = {f.whiteRed, f.whiteGreen, f.whiteBlue};
        loose.push_back(std::move(l));
    }
    return plan::proposedSetups(std::move(loose), options);
}

std::string reasonOf(const plan::SetupProposal& p) {
    char text[200];
    switch (p.reason) {
        case plan::ProposalReason::firstOfBody:
            return "The first frames of " +
                   (p.body.empty() ? std::string("a camera without a name") : p.body) + ".";
        case plan::ProposalReason::otherLens:
            return "The lens was changed to " + p.lens + ".";
        case plan::ProposalReason::pause:
            std::snprintf(text, sizeof text, "Nothing was taken for %.0f minutes before.", p.pauseMinutes);
            return text;
        case plan::ProposalReason::chartShot:
            return "A chart was shot.";
        case plan::ProposalReason::otherLight:
            std::snprintf(
                text, sizeof text,
                "A chart was shot in another light: about %.0f mired %s and %.1f stops %s than before.",
                std::abs(p.lightMired), p.lightMired > 0 ? "warmer" : "cooler", std::abs(p.lightStops),
                p.lightStops > 0 ? "brighter" : "darker");
            return text;
    }
    return {};
}

Result<std::vector<Id>> accept(studio::Studio& studio, Id shoot,
                               const std::vector<plan::SetupProposal>& all) {
    std::vector<Id> out;
    std::int64_t step = 0;
    for (const plan::SetupProposal& p : all) {
        // One after the other: each sees the places, bodies and lenses of those before.
        studio::Edit edit =
            studio.edit(all.size() == 1 ? "Begin a proposed setup"
                                        : "Begin " + std::to_string(all.size()) + " proposed setups");
        const Id id = addSetupWith(edit, studio.contents(), shoot, p.frames);
        if (id == 0) return failure("The frames of a proposed setup have gone; bring them in again.");
        out.push_back(id);
        if (auto kept = step == 0 ? studio.commit(edit) : studio.amend(edit, step); !kept)
            return tl::unexpected(kept.error());
        if (step == 0) step = studio.done().back().id;
    }
    return out;
}

}  // namespace refero::workflow
