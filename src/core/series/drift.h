// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <vector>

#include "core/fit/correction.h"
#include "core/pair/colour_group.h"
#include "core/read/reading.h"

namespace refero {

/// A chart as a profile's own correction shows it after its level alone was brought to the chart's.
struct LevelledChart {
    const Reading* reading = nullptr;
    Correction correction;      ///< of the base, with this shot's level
    std::vector<bool> counted;  ///< by patch: it shows what it should
    std::vector<Lab> seen;      ///< by patch
};
/// `stops` is its exposure against the base; it sets the level where no grey can.
LevelledChart levelled(const Reading& shot, const Reading& base, const Correction& correction, double stops);

/// How a group of patches moved against the base.
struct GroupDrift {
    std::size_t group = 0;  ///< see colourGroup()
    std::size_t patches = 0;
    double difference = 0;            ///< mean CIEDE2000
    Interval differenceIn;            ///< 95 %, by drawing the noise of both readings anew
    double lightness = 0;             ///< mean move of L*
    double redder = 0, yellower = 0;  ///< mean move of a* and b*
    double turnDegrees = 0;           ///< mean turn of hue, towards larger angles; of greys 0
    Interval turnIn;                  ///< 95 %
    double chroma = 1;                ///< times; of greys 1
};

struct Drift {
    double mean = 0;  ///< CIEDE2000 over all patches
    Interval meanIn;  ///< 95 %
    std::vector<GroupDrift> groups;

    const GroupDrift* group(std::size_t which) const;
    /// The largest of what a verdict looks at: all patches, the greys, skin.
    double judged() const;
};
Drift driftBetween(const LevelledChart& base, const LevelledChart& shot, std::size_t draws = 60);

}  // namespace refero
