// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "core/series/series.h"
#include "core/series/series_verdicts.h"

namespace refero::words {

/// "+1 2/3" or "-0.4": an exposure of a series; in thirds where it is one.
std::string exposure(double stops);
/// "greys", "skin", "reds", ...: the colours of a group.
std::string colours(std::size_t group);
/// Which way a group moved: "0.8 warmer and lighter", "turn 3 degrees towards yellow".
std::string movement(const GroupDrift& drift);

/// What is wrong with a series, in a sentence or two.
std::string sentence(const SeriesNote& note);

/// A verdict for a person: a few words, what was measured and what it is held against, what to do.
struct SaidVerdict {
    std::string title, reason, remedy;  ///< the remedy is empty where nothing is to be done
};
SaidVerdict said(const SeriesVerdict& verdict, const Series& series);

}  // namespace refero::words
