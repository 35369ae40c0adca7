// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/read/reading.h"
#include "core/result.h"

namespace refero {

/// What one line of a comparison is about.
enum class Moved { level, light, focus, evenness, flare, place, size, colours };

/// One thing that two readings of a setup have apart.
struct ReadingChange {
    Moved what = Moved::level;
    std::string title;        ///< "Level"
    std::string words;        ///< "0.4 stops darker"
    double value = 0;         ///< later against earlier, in the unit that the words name
    bool noticeable = false;  ///< more than two careful shots of one setup differ by (common practice)
};

/// What moved from an earlier reading of a setup to a later one: level (stops), colour of the light (mired,
/// and CIEDE2000 of a mid-grey), focus, evenness, veil, the chart's place and size in the frame, and what is
/// left of the patches' colours once balance and level are taken out. Errors: different charts, no greys in
/// common.
Result<std::vector<ReadingChange>> changesBetween(const Reading& earlier, const Reading& later);

/// "Moved: level and light." or "Nothing moved.": what is noticeable.
std::string inOneSentence(const std::vector<ReadingChange>& changes);

}  // namespace refero
