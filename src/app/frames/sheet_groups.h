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
inline constexpr qint64 kNewProposal = -1;
inline qint64 proposalKey(std::size_t proposal) {
    return -2 - static_cast<qint64>(proposal);
}
inline std::size_t proposalOf(qint64 key) {
    return static_cast<std::size_t>(-2 - key);
}

/// The shoot's frames by setup, then by what those in none speak for. `doubts` says what speaks against a
/// frame's place.
std::vector<SheetGroup> sheetGroups(Session& session, const std::map<studio::FrameId, QString>& doubts,
                                    FramesShown which, FramesOrder by);

}  // namespace refero
