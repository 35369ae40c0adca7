// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>

#include "core/chart/chart.h"
#include "core/frame/geometry.h"
#include "core/frame/image.h"
#include "core/result.h"

namespace refero {

struct FindOptions {
    /// Long edges in pixels at which patches are looked for, tried in order until the chart is found.
    /// The second shows small charts, the third averages noise away.
    std::array<int, 3> longEdges{1400, 2600, 700};
    /// Share of the reference colours' variance that a 3x3 fit from the frame must explain, 0..1.
    double minAgreement = 0.80;
    /// Share of the patches that must be seen as separate areas.
    double minSeen = 0.40;
};

struct FoundChart {
    Homography chartToFrame;  ///< millimetres to pixels
    Quad corners;  ///< of the outline: top left, top right, bottom right, bottom left of the definition
    double agreement = 0;           ///< share of the reference colours' variance explained, 0..1
    double seen = 0;                ///< share of the patches found as areas of their own, 0..1
    double edgeResidualPixels = 0;  ///< median distance of measured patch edges from the fitted ones
};

/// Looks for one chart in a frame: areas of even colour bounded by four sides are matched to the chart's
/// patches by geometry, the match is checked by colour under any cast (a 3x3 fit), and the outline is then
/// set by the patches' edges at full resolution. The frame may show it at any turn; a mirrored one is not
/// accepted. Errors say what is wrong: no chart, part of one, a frame that is too small or without light.
Result<FoundChart> findChart(const LinearImage& frame, const Chart& chart, const FindOptions& options = {});

/// The same result for corners that a person has set; an error where they are not a proper outline.
Result<FoundChart> chartAt(const LinearImage& frame, const Chart& chart, const Quad& corners);

/// How well the colours under the given placement agree with the chart's, 0..1; see FoundChart::agreement.
double agreement(const LinearImage& frame, const Chart& chart, const Homography& chartToFrame);

}  // namespace refero
