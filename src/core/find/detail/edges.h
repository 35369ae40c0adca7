// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "core/chart/chart.h"
#include "core/frame/image.h"

namespace refero::detail {

struct EdgeFit {
    Homography chartToFrame;
    double residualPixels = 0;  ///< median distance of used edge points
    std::size_t points = 0;
    double sidesSeen = 0;  ///< share of the patches' sides with at least one edge point within a pixel or two
};

/// Improves a placement by the patches' own edges: where the colour is half-way between patch and surround,
/// on many short lines across each side, robustly fitted. Returns the start where too few edges have
/// contrast.
EdgeFit fitToEdges(const LinearImage& frame, const Chart& chart, const Homography& start);

/// A point at which a patch's edge was measured.
struct MeasuredEdge {
    std::size_t patch = 0;  ///< index in the chart
    int side = 0;           ///< 0 to 3: upper, right, lower, left in the chart's definition
    Point at;               ///< in the frame
};
/// All that have contrast, near where the placement says they are.
std::vector<MeasuredEdge> measuredEdges(const LinearImage& frame, const Chart& chart,
                                        const Homography& chartToFrame);

}  // namespace refero::detail
