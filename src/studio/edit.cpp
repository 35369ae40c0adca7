// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/edit.h"

namespace refero::studio {

void Edit::removeCorrections(SetupId setup) {
    for (const auto& [id, correction] : contents_.all<CorrectionRecord>())
        if (correction.setup == setup) remove<CorrectionRecord>(id);
}

void Edit::removeSetup(SetupId setup) {
    for (const auto& [id, reading] : contents_.all<ReadingRecord>())
        if (reading.setup == setup) remove<ReadingRecord>(id);
    removeCorrections(setup);
    for (const auto& [id, handover] : contents_.all<HandoverRecord>())
        if (handover.setup == setup) remove<HandoverRecord>(id);
    for (const auto& [id, snapshot] : contents_.all<SnapshotRecord>())
        if (snapshot.setup == setup) remove<SnapshotRecord>(id);
    for (const auto& [id, known] : contents_.all<KnownRecord>())
        if (known.setup == setup) remove<KnownRecord>(id);
    for (const auto& [id, note] : contents_.all<Note>())
        if (note.setup == setup) remove<Note>(id);
    for (const auto& [id, frame] : contents_.all<Frame>()) {
        if (frame.setup != setup) continue;
        Frame loose = frame;
        loose.setup = 0;
        loose.placement = Placement::sorted;
        loose.because.clear();
        put(loose);
    }
    remove<plan::Setup>(setup);
}

void apply(const Change& c, Contents& contents) {
    if (c.after) {
        std::visit([&](const auto& r) { contents.put(r); }, *c.after);
    } else if (c.before) {
        std::visit([&]<class R>(const R& r) { contents.remove<R>(r.id); }, *c.before);
    }
}

Change inverse(const Change& c) {
    return {c.after, c.before};
}

}  // namespace refero::studio
