// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/frames_to_render.h"

#include <map>

namespace refero::studio {

FramesToRender framesToRender(const Contents& contents, const plan::Day& day, Id setup) {
    std::vector<Id> corrected;
    std::map<Id, Id> correctionOfShot;
    for (const auto& [id, c] : contents.all<CorrectionRecord>()) {
        corrected.push_back(c.reading);
        correctionOfShot[c.reading] = id;
    }
    FramesToRender out;
    for (const auto& [id, f] : contents.all<Frame>()) {
        if (f.shoot != day.shoot.id || f.role == FrameRole::chart) continue;
        if (setup != 0 ? f.setup != setup : f.setup == 0) continue;
        const auto taken = plan::momentFrom(f.taken);
        const plan::Served s =
            plan::served(day, corrected, f.setup, taken ? std::optional(*taken) : std::nullopt);
        const auto correction = correctionOfShot.find(s.shot);
        if (s.coverage == plan::Coverage::none || correction == correctionOfShot.end()) {
            if (out.unserved++ == 0) out.unservedWhy = s.reason;
            continue;
        }
        out.frames.push_back({id, correction->second, s.coverage, s.reason});
    }
    return out;
}

}  // namespace refero::studio
