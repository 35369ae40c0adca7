// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/standing.h"

#include <algorithm>

namespace refero::workflow {

Standing standingOf(const studio::Contents& contents, const Setup& setup, Receiver receiver) {
    studio::HandoverId latest = 0;  // of what went out and is as it was then
    for (const HandedOver& h : setup.handedOver)
        if (h.receiver == title(receiver) && !h.stale) latest = std::max(latest, h.id);
    if (latest == 0) return Standing::nothing;
    if (!deliveryFor(receiver, *setup.correction).frames) return Standing::all;
    // Ids rise with time, whatever they are of.
    for (const auto& [id, f] : contents.all<studio::Frame>())
        if (f.setup == setup.id && f.role == studio::FrameRole::subject && id.number() > latest.number())
            return Standing::partly;
    return Standing::all;
}

}  // namespace refero::workflow
