// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/chart_learning.h"

#include <cmath>

#include "core/say/say.h"
#include "io/chart_file.h"
#include "words/chart_words.h"

namespace refero::workflow {
namespace {

// Stands in the source until somebody measures it.
std::string sizeNotKnown() {
    return say(" Its size is not known; its longer side is taken for %1 mm.",
               std::to_string(std::lround(kAssumedLongSideMm)));
}

Result<Chart> finished(Chart chart, const LearnRequest& request, const std::string& source) {
    chart.name = request.name;
    chart.id = chartId(request.name);
    if (request.longSideMm > 0) chart = sized(chart, request.longSideMm);
    chart.source = request.longSideMm > 0 ? source : source + sizeNotKnown();
    if (auto ok = validate(chart); !ok) return tl::unexpected(ok.error());
    return chart;
}

std::string learnedFrom(const io::Frame& frame) {
    return say("Layout learned from %1.", frame.path.filename().string());
}

}  // namespace

Result<ChartSource> chartSource(const ChartData& data, const std::string& origin) {
    auto colours = brought(data);
    if (!colours) return failure(origin + ": " + colours.error().message);
    return ChartSource{*std::move(colours), data.source.empty() ? "From " + origin + "." : data.source,
                       data.condition};
}

Result<ChartSource> chartSource(const std::filesystem::path& path, const io::ChartDataOptions& options) {
    const std::string origin = path.filename().string();
    if (path.string().ends_with(".chart.json")) {
        const auto chart = io::readChart(path);
        if (!chart) return tl::unexpected(chart.error());
        if (chart->estimatedColours)
            return failure(say("%1 knows the layout of a chart and not its colours; give its data.", origin));
        auto source = chartSource(dataOf(*chart), origin);
        if (source) source->condition = chart->condition;
        return source;
    }
    const auto data = io::readChartData(path, options);
    if (!data) return tl::unexpected(data.error());
    return chartSource(*data, origin);
}

Result<std::vector<LearnedLayout>> layoutsIn(const io::Frame& frame, const std::stop_token& stop) {
    return learnedLayouts(frame.image, {frame.metadata.focalLength35mm, stop});
}

Result<Chart> layoutLearned(const io::Frame& frame, const std::vector<LearnedLayout>& layouts,
                            const LearnRequest& request) {
    return finished(estimatedChart(layouts.front(), frame.image), request, learnedFrom(frame));
}

Result<Chart> chartLearned(const io::Frame& frame, const std::vector<LearnedLayout>& layouts,
                           const ChartSource& data, const LearnRequest& request) {
    auto chart = chartFrom(layouts, frame.image, data.colours);
    if (!chart) return chart;
    chart->condition = data.condition;
    return finished(*std::move(chart), request, data.source + " " + learnedFrom(frame));
}

Result<Chart> chartCompleted(const Chart& layout, const ChartSource& data, const LearnRequest& request) {
    auto chart = chartFrom(layout, data.colours);
    if (!chart) return chart;
    chart->condition = data.condition;
    chart->id = layout.id;
    chart->name = request.name.empty() ? layout.name : request.name;
    std::string of = layout.source;
    if (request.longSideMm > 0) {
        chart = sized(*chart, request.longSideMm);
        if (const auto at = of.find(sizeNotKnown()); at != std::string::npos)
            of.erase(at, sizeNotKnown().size());
    }
    chart->source = data.source + " " + of;
    if (auto ok = validate(*chart); !ok) return tl::unexpected(ok.error());
    return chart;
}

std::string described(const Chart& chart) {
    const auto fields = fieldsOf(chart);
    if (fields.empty()) return say("%1 patches.", std::to_string(chart.patches.size()));
    return words::patchesOf(fields) + (fields.front().gapless() ? " that touch." : ".");
}

}  // namespace refero::workflow
