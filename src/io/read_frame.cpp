// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/read_frame.h"

#include "io/chart_file.h"
#include "io/reading_file.h"

namespace refero::io {

namespace {

ReadOptions optionsFor(const Frame& frame) {
    ReadOptions options;
    options.sensor = frame.sensor ? &*frame.sensor : nullptr;
    return options;
}

}  // namespace

Result<Reading> readChartIn(const Frame& frame, const ReadRequest& request) {
    ReadOptions options = optionsFor(frame);
    options.corners = request.corners;
    options.limits = request.limits;
    options.takeOutLight = request.takeOutLight;
    const auto known = shippedCharts();
    if (!request.corners) options.others = known;
    ChartFinder finder(frame.image);
    auto reading = readChart(finder, frame.image, request.chart, aboutFrame(frame), options);
    if (reading || request.corners) return reading;
    for (const Chart& other : known) {
        if (other.id == request.chart.id) continue;
        if (finder.find(other))
            return failure("No " + request.chart.name + " was found, but this frame shows a " + other.name +
                           ". Read it with that chart.");
    }
    return reading;
}

Result<Reading> readAnyChart(const Frame& frame, const std::vector<Chart>& charts, const Limits& limits) {
    std::string partial;
    ChartFinder finder(frame.image);
    ReadOptions options = optionsFor(frame);
    options.limits = limits;
    options.others = charts;
    for (const Chart& chart : charts) {
        auto reading = readChart(finder, frame.image, chart, aboutFrame(frame), options);
        if (reading) return reading;
        if (!reading.error().message.starts_with("No ")) partial = reading.error().message;
    }
    if (!partial.empty()) return failure(partial);
    return failure(
        "No chart that Refero knows was found in this frame. Is the whole chart in it, in focus and not "
        "covered? If you can see it, choose the chart and set its four corners by hand.");
}

}  // namespace refero::io
