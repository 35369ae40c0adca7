// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <map>
#include <vector>

#include "app/frames/contact_sheet.h"
#include "app/session/session.h"

namespace refero {

enum class FramesShown { all, charts, loose, doubted, cards };
enum class FramesOrder { time, name, certainty };

/// Groups of the sheet that are no setups yet have keys below 0: what is proposed, by its place, and a light
/// of its own for what is dropped there.
inline constexpr studio::SetupId kNewProposal = -1;
inline studio::SetupId proposalKey(std::size_t proposal) {
    return -2 - static_cast<std::int64_t>(proposal);
}
inline std::size_t proposalOf(studio::SetupId key) {
    return static_cast<std::size_t>(-2 - key);
}

/// The shoot's frames by setup, then by what those in none speak for. `doubts` says what speaks against a
/// frame's place.
std::vector<SheetGroup> sheetGroups(Session& session, const std::map<studio::FrameId, QString>& doubts,
                                    FramesShown which, FramesOrder by);

}  // namespace refero
