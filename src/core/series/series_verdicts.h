// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <string_view>
#include <vector>

#include "core/series/series.h"

namespace refero {

/// What a series says for the work. Unless said otherwise, of one profile.
enum class SeriesFinding {
    range,    ///< stops that can be used
    offset,   ///< stops by which it is best exposed other than its base
    curve,    ///< stops by which it records other than its curve states
    unders,   ///< CIEDE2000 of drift per stop below the base
    overs,    ///< and above it
    noise,    ///< chroma noise at the base after the full correction, a* and b*
    depth,    ///< dynamic range, stops
    closest,  ///< mean CIEDE2000 as it shows itself, of the profile that starts closest to neutral
    meeting,  ///< mean CIEDE2000 left between two profiles
    cost,     ///< stops of exposure by which the second of two is noisier
};
/// "range", "offset", ...: for files.
std::string_view name(SeriesFinding finding);

struct SeriesVerdict {
    SeriesFinding finding = SeriesFinding::range;
    Verdict verdict = Verdict::pass;
    double value = 0;
    double limit = 0;         ///< what it is held against; 0 where it only tells
    std::size_t profile = 0;  ///< of the series'; of two, the first
    std::size_t other = 0;    ///< the second of two
    std::size_t group = 0;    ///< of a drift, the colours that move most: see colourGroup()
};

/// In the order in which a person would ask: profile by profile, then between them.
std::vector<SeriesVerdict> verdictsOf(const Series& series);

/// The step whose drift stands for the unders or the overs: the last usable one on that side, else the first
/// beyond; null where nothing was shot there.
const SeriesStep* underStep(const SeriesProfile& profile);
const SeriesStep* overStep(const SeriesProfile& profile);

}  // namespace refero
