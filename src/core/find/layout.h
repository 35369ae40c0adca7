// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <stop_token>
#include <vector>

#include "core/chart/arrangement.h"
#include "core/frame/image.h"

namespace refero {

/// How the patches of a chart lie that nobody has described, as one frame shows them. Only its shape is
/// known: lengths are as if its longer side measured kAssumedLongSideMm.
struct LearnedLayout {
    std::vector<PatchField> fields;  ///< the largest first
    Point outlineMm = Point::Zero();
    Homography chartToFrame;
    Quad corners;  ///< of the outline, in the frame
};

/// What a chart's longer side is taken for until somebody measures it.
inline constexpr double kAssumedLongSideMm = 200;

struct LearnOptions {
    /// Of the lens, for a frame 36 mm wide; 0: not known. It tells how much of a patch's shape is its tilt.
    double focalLength35mm = 0;
    /// Asked between steps; whoever stops it gets ErrorKind::stopped.
    std::stop_token stop{};
};

/// Fields of patches that look like a chart, the likeliest first: 12 to 300 patches in rows and columns, with
/// even gaps or none, and a second field of them beside it on the same plane. Patches must be even within and
/// differ from their neighbours. ErrorKind::notFound where there is nothing of the kind.
Result<std::vector<LearnedLayout>> learnedLayouts(const LinearImage& frame, const LearnOptions& options = {});

/// The chart with colours as the frame shows them, told as estimated: it is found again in other frames, and
/// is no reference. Ids are rows' letters and columns' numbers.
Chart estimatedChart(const LearnedLayout& layout, const LinearImage& frame);

/// The chart with colours from data, turned so that their first is at the top left. Errors as `arranged`.
Result<Chart> chartFrom(const LearnedLayout& layout, const LinearImage& frame, const ChartColours& colours);
/// The same by the one of several layouts that holds the colours: those with as many places come first.
Result<Chart> chartFrom(const std::vector<LearnedLayout>& layouts, const LinearImage& frame,
                        const ChartColours& colours);
/// The same for a chart whose layout was learned before.
Result<Chart> chartFrom(const Chart& estimated, const ChartColours& colours);

/// The chart as large as its longer side really is.
Chart sized(const Chart& chart, double longSideMm);

}  // namespace refero
