// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>

#include "core/read/read.h"
#include "io/chart_file.h"
#include "io/frame_file.h"

namespace refero::io {

struct ReadRequest {
    std::filesystem::path frame;
    Chart chart;
    std::optional<Transfer> encoding;
    std::optional<Quad> corners;
    Limits limits{};
    bool takeOutLight = false;
};

/// Reads the chart in a decoded frame. Where it is not found, the other shipped charts are tried, so that a
/// wrong choice is named.
Result<Reading> readChartIn(const Frame& frame, const ReadRequest& request);

/// The one of these charts that the frame shows, with its reading; an error where none is found.
Result<Reading> readAnyChart(const Frame& frame, const std::vector<Chart>& charts = shippedCharts(),
                             const Limits& limits = {});

}  // namespace refero::io
