// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <string_view>
#include <vector>

#include "core/chart/chart.h"
#include "io/json.h"

namespace refero::io {

/// Chart files, `*.chart.json`; see docs/formats.md. The errors name line or field.
Result<Chart> readChart(const std::filesystem::path& path);
Result<Chart> parseChart(std::string_view text, const std::string& origin);
Status writeChart(const Chart& chart, const std::filesystem::path& path);

Json toJson(const Chart& chart);
/// Throws JsonProblem; for documents that carry a chart within them.
Chart chartFrom(const Node& node);

/// The charts that ship with Refero, smallest first.
const std::vector<Chart>& shippedCharts();

/// A shipped chart by id, or else the chart file at that path.
Result<Chart> chartByNameOrPath(const std::string& nameOrPath);

}  // namespace refero::io
