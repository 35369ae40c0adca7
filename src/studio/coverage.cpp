// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/coverage.h"

#include "core/say/say.h"

#include <algorithm>
#include <map>
#include <set>

namespace refero::studio {

std::vector<SetupCoverage> coverage(const Contents& contents, const plan::Day& day) {
    std::vector<ReadingId> corrected;
    std::set<SetupId> lentTo;
    for (const auto& [id, c] : contents.all<CorrectionRecord>())
        c.reading == 0 ? void(lentTo.insert(c.setup)) : corrected.push_back(c.reading);
    std::vector<SetupCoverage> out;
    std::map<SetupId, std::size_t> row;
    for (const plan::Setup& s : day.setups) {
        row[s.id] = out.size();
        out.push_back({s.id});
    }
    SetupCoverage loose;
    std::vector<plan::Coverage> worst(out.size(), plan::Coverage::valid);
    for (const auto& [id, f] : contents.all<Frame>()) {
        if (f.shoot != day.shoot.id || f.role == FrameRole::chart) continue;
        const auto at = row.find(f.setup);
        if (at == row.end()) {
            ++loose.none;
            continue;
        }
        const auto taken = plan::momentFrom(f.taken);
        plan::Served s = plan::served(day, corrected, f.setup, taken ? std::optional(*taken) : std::nullopt);
        if (s.coverage == plan::Coverage::none && lentTo.contains(f.setup))
            s = {plan::Coverage::weaker, 0, say("Its colours are lent; no chart was shot in this light.")};
        SetupCoverage& c = out[at->second];
        ++(s.coverage == plan::Coverage::valid    ? c.valid
           : s.coverage == plan::Coverage::weaker ? c.weaker
                                                  : c.none);
        if (c.reason.empty() || s.coverage < worst[at->second]) {
            c.reason = s.reason;
            worst[at->second] = s.coverage;
        }
    }
    if (loose.none > 0) {
        loose.reason = say("They belong to no setup, so no correction is theirs.");
        out.push_back(loose);
    }
    return out;
}

}  // namespace refero::studio
