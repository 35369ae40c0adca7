// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/frames_to_render.h"

#include <algorithm>
#include <map>

#include "core/say/say.h"

namespace refero::studio {
namespace {

bool isWanted(const Frame& f, FrameId id, const FramesWanted& w) {
    if (f.role == FrameRole::chart) return false;
    if (!w.these.empty()) return std::find(w.these.begin(), w.these.end(), id) != w.these.end();
    return w.setup != 0 ? f.setup == w.setup : f.setup != 0;
}

}  // namespace

FramesToRender framesToRender(const Contents& contents, const plan::Day& day, const FramesWanted& wanted) {
    std::vector<ReadingId> corrected;
    std::map<ReadingId, CorrectionId> correctionOfShot;
    std::map<SetupId, CorrectionId> lentTo;
    for (const auto& [id, c] : contents.all<CorrectionRecord>()) {
        if (c.reading == 0) {
            lentTo[c.setup] = id;
            continue;
        }
        corrected.push_back(c.reading);
        correctionOfShot[c.reading] = id;
    }
    FramesToRender out;
    // One that was built anew since is none.
    const bool chosen = wanted.by && contents.find<CorrectionRecord>(wanted.by->correction);
    for (const auto& [id, f] : contents.all<Frame>()) {
        if (f.shoot != day.shoot.id || !isWanted(f, id, wanted)) continue;
        const auto taken = plan::momentFrom(f.taken);
        const plan::Served s =
            plan::served(day, corrected, f.setup, taken ? std::optional(*taken) : std::nullopt);
        const auto correction = correctionOfShot.find(s.shot);
        const bool served = s.coverage != plan::Coverage::none && correction != correctionOfShot.end();
        if (chosen) {
            const bool same = served && correction->second == wanted.by->correction;
            if (same)
                out.frames.push_back({id, correction->second, s.coverage, s.reason});
            else
                out.frames.push_back({id, wanted.by->correction, plan::Coverage::weaker,
                                      say("Chosen: %1 By the rules: %2", wanted.by->because, s.reason)});
            continue;
        }
        const auto loan = lentTo.find(f.setup);
        if (s.coverage != plan::Coverage::valid && loan != lentTo.end()) {
            out.frames.push_back({id, loan->second, plan::Coverage::weaker,
                                  say("Lent, since no chart shot serves this light. %1", s.reason)});
            continue;
        }
        if (!served) {
            if (out.unserved++ == 0) out.unservedWhy = s.reason;
            continue;
        }
        out.frames.push_back({id, correction->second, s.coverage, s.reason});
    }
    return out;
}

}  // namespace refero::studio
