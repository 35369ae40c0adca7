// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/proposals.h"

#include <cmath>
#include <cstdio>

#include "core/say/figure.h"
#include "studio/intake.h"
#include "workflow/shoots.h"

namespace refero::workflow {

using studio::Contents;
using studio::FrameId;
using studio::SetupId;
using studio::ShootId;

namespace {

std::string inWords(const plan::LightStep& light) {
    std::string out = light.mired > 0 ? sayf(": about %.0f mired warmer", light.mired)
                                      : sayf(": about %.0f mired cooler", -light.mired);
    if (light.stops)
        out += *light.stops > 0 ? sayf(" and %.1f stops brighter", *light.stops)
                                : sayf(" and %.1f stops darker", -*light.stops);
    return say("%1 than before", out);
}

void join(studio::Edit& edit, const Contents& contents, const plan::SetupProposal& p) {
    for (const FrameId frame : p.frames)
        if (const auto* known = contents.find<studio::Frame>(frame)) {
            studio::Frame f = *known;
            f.setup = p.setup;
            f.placement = studio::Placement::byHand;
            f.because = reasonOf(p);
            edit.put(f);
        }
}

}  // namespace

std::vector<plan::SetupProposal> proposals(const Contents& contents, ShootId shoot,
                                           const std::vector<plan::ProposalChange>& changes) {
    std::vector<plan::ShootFrame> frames;
    bool loose = false;
    for (const auto& [id, f] : contents.all<studio::Frame>()) {
        if (f.shoot != shoot) continue;
        loose = loose || f.setup == 0;
        plan::ShootFrame s{id, f.setup, f.path, f.body, f.serial, f.lens, {}, false, {}};
        if (const auto moment = plan::momentFrom(f.taken)) s.taken = *moment;
        s.chart = f.role == studio::FrameRole::chart;
        if (s.chart) s.white = studio::whiteSeen(f);
        frames.push_back(std::move(s));
    }
    if (!loose) return {};
    return plan::changed(plan::proposedSetups(frames), frames, changes);
}

std::string reasonOf(const plan::SetupProposal& p) {
    switch (p.reason) {
        case plan::ProposalReason::firstOfBody:
            return say("The first frames of %1.",
                       p.body.empty() ? std::string(say("a camera without a name")) : p.body);
        case plan::ProposalReason::otherLens:
            return say("The lens was changed to %1.", p.lens);
        case plan::ProposalReason::pause:
            return sayf("Nothing was taken for %.0f minutes before.", p.pauseMinutes);
        case plan::ProposalReason::chartShot:
            return say("A chart was shot.");
        case plan::ProposalReason::otherLight:
            return say("A chart was shot in another light%1.", p.light ? inWords(*p.light) : std::string());
        case plan::ProposalReason::amongOthers:
            return say("Taken among the frames of a setup that is there, or soon after.");
        case plan::ProposalReason::byHand:
            return say("Put together by hand.");
    }
    return {};
}

Result<std::vector<SetupId>> accept(studio::Studio& studio, ShootId shoot,
                                    const std::vector<plan::SetupProposal>& all) {
    const std::string step = all.size() == 1 ? say("Begin a proposed setup")
                                             : say("Begin %1 proposed setups", std::to_string(all.size()));
    std::vector<SetupId> out;
    std::int64_t first = 0;
    for (const plan::SetupProposal& p : all) {
        // One after the other: each sees the places, bodies and lenses of those before.
        studio::Edit edit = studio.edit(step);
        SetupId id = p.setup;
        if (id != 0)
            join(edit, studio.contents(), p);
        else
            id = addSetupWith(edit, studio.contents(), shoot, p.frames);
        if (id == 0) return failure(say("The frames of a proposed setup have gone; bring them in again."));
        out.push_back(id);
        if (auto kept = first == 0 ? studio.commit(edit) : studio.amend(edit, first); !kept)
            return tl::unexpected(kept.error());
        if (first == 0) first = studio.done().back().id;
    }
    return out;
}

}  // namespace refero::workflow
