// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <map>
#include <memory>
#include <optional>
#include <stop_token>
#include <utility>

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
    /// The same where a quarter of the patches and a shadow's edge are left out of account.
    double minRobustAgreement = 0.90;
    /// Share of the patches that must be seen as separate areas.
    double minSeen = 0.40;
    /// Asked between placements; whoever stops it gets ErrorKind::stopped.
    std::stop_token stop{};
};

struct FoundChart {
    Homography chartToFrame;  ///< millimetres to pixels
    Quad corners;  ///< of the outline: top left, top right, bottom right, bottom left of the definition
    double agreement = 0;  ///< share of the reference colours' variance explained, 0..1
    /// The same without a quarter of the patches (fingers, dirt) and with a shadow's edge allowed for.
    double robustAgreement = 0;
    double agreeing = 0;            ///< share of the patches that follow that fit
    double seen = 0;                ///< share of the patches found as areas of their own, 0..1
    double edges = 0;               ///< share of the patches' sides on which an edge was measured
    double edgeResidualPixels = 0;  ///< median distance of measured patch edges from the fitted ones
    double confidence = 0;          ///< chance that this is the chart, and so placed, 0..1
};

/// Looks for charts in one frame; what was worked out for one serves the next. The frame must outlive it.
///
/// Areas of even colour bounded by four sides are matched to the chart's patches by geometry, the match is
/// checked by colour under any cast (a 3x3 fit), and the outline is then set by the patches' edges at full
/// resolution. The frame may show it at any turn.
class ChartFinder {
  public:
    explicit ChartFinder(const LinearImage& frame, const FindOptions& options = {});
    ~ChartFinder();

    /// Errors say what is wrong: no chart, a mirrored one, part of one, a frame that is too small or without
    /// light.
    Result<FoundChart> find(const Chart& chart);
    /// Another chart of this kind, none of whose area is inside `taken`; nothing where there is none.
    std::optional<FoundChart> findBeside(const Chart& chart, const Quad& taken);

  private:
    struct Working;
    Working& working(int factor, bool mirrored);

    const LinearImage& frame_;
    FindOptions options_;
    std::map<std::pair<int, bool>, std::unique_ptr<Working>> working_;
};

/// One chart in one frame.
Result<FoundChart> findChart(const LinearImage& frame, const Chart& chart, const FindOptions& options = {});

/// The same result for corners that a person has set; an error where they are not a proper outline.
Result<FoundChart> chartAt(const LinearImage& frame, const Chart& chart, const Quad& corners);

}  // namespace refero
