// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>
#include <stop_token>
#include <vector>

#include "core/read/read.h"
#include "io/chart_file.h"
#include "io/frame_file.h"

namespace refero::io {

struct ReadRequest {
    std::filesystem::path frame{};
    Chart chart{};
    std::optional<Transfer> encoding{};
    std::optional<Quad> corners{};
    bool cornersByHand = true;  ///< else they are kept from a search
    Limits limits{};
    std::vector<PatchByHand> patches{};
    bool takeOutLight = false;
    std::filesystem::path flatField{};                  ///< a frame to take out; empty for none
    std::vector<std::filesystem::path> averagedWith{};  ///< more frames of the same setup
    std::optional<std::vector<Quad>> otherCharts{};     ///< known from an earlier search of the same frame
};

/// What a reading was asked for, to ask again with something changed.
ReadRequest requestOf(const Reading& reading);

/// Reads the chart in a decoded frame, with everything that the request asks for; frames to average with are
/// read, too. Where it is not found, the other shipped charts are tried, so that a wrong choice is named.
Result<Reading> readChartIn(const Frame& frame, const ReadRequest& request, const std::stop_token& stop = {});

/// The light on a subject as a chart in its frame shows it; any of the shipped ones. Errors: none is in it.
Result<SubjectLight> subjectLightIn(const Frame& frame);

/// The one of these charts that the frame shows, with its reading; an error where none is found.
Result<Reading> readAnyChart(const Frame& frame, const std::vector<Chart>& charts = shippedCharts(),
                             const Limits& limits = {}, const std::stop_token& stop = {});

}  // namespace refero::io
