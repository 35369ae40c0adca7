// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <stop_token>
#include <string>
#include <vector>

#include "core/chart/chart_data.h"
#include "core/find/layout.h"
#include "io/chart_data/chart_data_file.h"
#include "io/frame_file.h"

namespace refero::workflow {

/// Colours for a chart, from a data file or from a chart file's own values.
struct ChartSource {
    ChartColours colours;
    std::string source;     ///< who measured them, as far as it is said
    std::string condition;  ///< of ISO 13655, or empty
};
Result<ChartSource> chartSource(const std::filesystem::path& path, const io::ChartDataOptions& options = {});
Result<ChartSource> chartSource(const ChartData& data, const std::string& origin);

struct LearnRequest {
    std::string name;
    double longSideMm = 0;  ///< 0: not known
};

/// What in this frame looks like a chart, the likeliest first. Errors as `learnedLayouts`.
Result<std::vector<LearnedLayout>> layoutsIn(const io::Frame& frame, const std::stop_token& stop = {});

/// The likeliest of these layouts as a chart, with colours for finding it again. There must be one.
Result<Chart> layoutLearned(const io::Frame& frame, const std::vector<LearnedLayout>& layouts,
                            const LearnRequest& request);

/// A chart with its colours, turned as the data list them: of the layout that holds them. Errors as
/// `chartFrom`.
Result<Chart> chartLearned(const io::Frame& frame, const std::vector<LearnedLayout>& layouts,
                           const ChartSource& data, const LearnRequest& request);

/// A chart whose layout was learned before gets its colours; it keeps its id.
Result<Chart> chartCompleted(const Chart& layout, const ChartSource& data, const LearnRequest& request);

/// "4 x 6 patches that touch." and the like: what was learned, in one sentence.
std::string described(const Chart& chart);

}  // namespace refero::workflow
