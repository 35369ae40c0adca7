// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/read_frame.h"

#include "core/read/average.h"
#include "core/read/balance.h"
#include "core/say/say.h"
#include "io/chart_file.h"
#include "io/reading_file.h"

namespace refero::io {
namespace {

ReadOptions optionsFor(const Frame& frame, const std::stop_token& stop) {
    ReadOptions options;
    options.find.stop = stop;
    options.sensor = frame.sensor ? &*frame.sensor : nullptr;
    return options;
}

// Of the frame alone.
Result<Reading> readOne(const Frame& frame, const ReadRequest& request, const FlatField* flat,
                        const std::stop_token& stop) {
    ReadOptions options = optionsFor(frame, stop);
    options.corners = request.corners;
    options.cornersByHand = request.cornersByHand;
    options.patches = request.patches;
    options.limits = request.limits;
    options.flatField = flat;
    options.takeOutLight = request.takeOutLight;
    const auto known = shippedCharts();
    if (!request.corners) options.others = known;
    ChartFinder finder(frame.image, options.find);
    auto reading = readChart(finder, frame.image, request.chart, aboutFrame(frame), options);
    if (reading) {
        reading->flatField = request.flatField.string();
        if (request.corners && request.otherCharts) {
            reading->othersSought = true;
            reading->otherCharts = *request.otherCharts;
        }
        reading->checks = judged(*reading, request.limits);
        reading->verdict = worst(reading->checks);
    }
    if (reading || request.corners || reading.error().kind == ErrorKind::stopped) return reading;
    for (const Chart& other : known) {
        if (other.id == request.chart.id) continue;
        if (finder.find(other))
            return failure(ErrorKind::notFound,
                           say("No %1 was found, but this frame shows a %2. Read it with that chart.",
                               request.chart.name, other.name));
    }
    return reading;
}

Result<std::optional<FlatField>> flatFieldOf(const std::filesystem::path& path, const Transfer& encoding) {
    if (path.empty()) return std::optional<FlatField>();
    auto card = readFrame(path);
    // What does not say its encoding is recorded as the chart is.
    if (card && card->encodingSource == EncodingSource::assumed) card = readFrame(path, encoding);
    if (!card) return tl::unexpected(card.error());
    return FlatField::from(card->image).map([](FlatField f) { return std::optional(std::move(f)); });
}

}  // namespace

ReadRequest requestOf(const Reading& r) {
    ReadRequest request{r.framePath, r.chart, {}, r.corners, r.cornersByHand};
    if (r.encodingSource == EncodingSource::stated) request.encoding = r.encoding;
    for (const PatchReading& p : r.patches)
        if (p.leftOut || !p.movedMm.isZero()) request.patches.push_back({p.id, p.movedMm, p.leftOut});
    if (r.othersSought) request.otherCharts = r.otherCharts;
    request.takeOutLight = r.lightTakenOut.chart;
    request.flatField = r.flatField;
    for (std::size_t k = 1; k < r.averaged.size(); ++k) request.averagedWith.push_back(r.averaged[k].path);
    return request;
}

Result<Reading> readChartIn(const Frame& frame, const ReadRequest& request, const std::stop_token& stop) {
    const auto flat = flatFieldOf(request.flatField, frame.encoding);
    if (!flat) return tl::unexpected(flat.error());
    const FlatField* field = *flat ? &**flat : nullptr;
    auto own = readOne(frame, request, field, stop);
    if (!own || request.averagedWith.empty()) return own;
    std::vector<Reading> all{*std::move(own)};
    for (const auto& path : request.averagedWith) {
        // Its own chart is looked for: it may have moved between the frames.
        ReadRequest other{path, request.chart};
        other.limits = request.limits;
        other.flatField = request.flatField;
        other.takeOutLight = request.takeOutLight;
        const auto opened = readFrame(path, frame.encoding);
        if (!opened) return tl::unexpected(opened.error());
        auto reading = readOne(*opened, other, field, stop);
        if (!reading) return failure(path.filename().string() + ": " + reading.error().message);
        all.push_back(*std::move(reading));
    }
    return averaged(all, request.limits);
}

Result<SubjectLight> subjectLightIn(const Frame& frame) {
    const auto reading = readAnyChart(frame);
    if (!reading) return tl::unexpected(reading.error());
    const Vector3 white = whiteSeen(*reading);
    if (!(white.minCoeff() > 0))
        return failure(say("No grey of the chart in %1 is usable.", frame.path.filename().string()));
    return SubjectLight{frame.path.string(), white, true, "a chart"};
}

Result<Reading> readAnyChart(const Frame& frame, const std::vector<Chart>& charts, const Limits& limits,
                             const std::stop_token& stop) {
    std::optional<Error> partial;
    ReadOptions options = optionsFor(frame, stop);
    ChartFinder finder(frame.image, options.find);
    options.limits = limits;
    options.others = charts;
    for (const Chart& chart : charts) {
        auto reading = readChart(finder, frame.image, chart, aboutFrame(frame), options);
        if (reading) return reading;
        if (reading.error().kind == ErrorKind::stopped) return reading;
        if (reading.error().kind != ErrorKind::notFound) partial = reading.error();
    }
    if (partial) return tl::unexpected(*partial);
    return failure(
        ErrorKind::notFound,
        say("No chart that Refero knows was found in this frame. Is the whole chart in it, in focus and not "
            "covered? If you can see it, choose the chart and set its four corners by hand."));
}

}  // namespace refero::io
