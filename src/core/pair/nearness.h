// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <string>
#include <vector>

#include "core/fit/colour_transform.h"
#include "core/fit/fit_report.h"
#include "core/read/reading.h"

namespace refero {

/// A camera's chart shot and what is seen of it: as a picture shows itself, or through a correction.
struct SeenChart {
    Reading reading;
    std::function<Lab(const Vector3& rgb)> lab;  ///< of linear camera RGB
};
/// As the picture shows itself; balanced and levelled only where it is none.
SeenChart asShown(const Reading& reading);
/// The same brought to the level of the references, by the greys: how bright a picture is says nothing of its
/// colours.
SeenChart asShownLevelled(const Reading& reading);
SeenChart seenThrough(const Reading& reading, const ColourTransform& correction);

enum class Nearer { first, second, notTold };

/// How far two cameras are from the reference values, over the patches of a group.
struct GroupNearness {
    std::string group;  ///< "neutral", "skin", or the Munsell letters of a hue
    std::size_t patches = 0;
    double first = 0, second = 0;  ///< mean CIEDE2000
    /// 95 % interval of first - second, by drawing noise and the chart's tolerance anew; both see one chart.
    Interval difference;
    Nearer nearer = Nearer::notTold;  ///< told where 0 is outside the interval
};

struct NearnessOptions {
    double chartTolerance = 0.3;  ///< CIEDE2000
    std::size_t draws = 200;
    unsigned seed = 1;
};

/// Groups that have patches usable in both. Errors: two charts, no patch that is usable in both.
Result<std::vector<GroupNearness>> nearness(const SeenChart& first, const SeenChart& second,
                                            const NearnessOptions& options = {});

/// Two colours that are told apart by their references and hardly in the picture.
struct MergedPair {
    std::string one, other;          ///< patch ids
    double reference = 0, seen = 0;  ///< CIEDE2000 between them
};
/// Pairs that are 2 to 20 CIEDE2000 apart by reference and less than 1, or less than half as far, as seen;
/// the worst first.
std::vector<MergedPair> mergedPairs(const SeenChart& chart);

/// Neighbours of the grey scale whose step in L* is reversed or less than half of what it should be.
std::vector<MergedPair> brokenSteps(const SeenChart& chart);

}  // namespace refero
