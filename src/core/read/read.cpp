// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/read.h"

#include <algorithm>

#include "core/find/colour_check.h"
#include "core/read/light_field.h"
#include "core/read/sharpness.h"

namespace refero {
namespace {

constexpr double kClearlyBetter = 0.15;  // of agreement, for corners to be called wrong

// Which way round the colours agree best with corners that a person has set.
void findWayRound(Reading& r, const LinearImage& frame) {
    const auto agreement = [&](const Quad& corners) {
        const auto map = fitHomography(r.chart.outline(), corners);
        return map ? detail::plainAgreement(frame, r.chart, *map) : 0.0;
    };
    double best = agreement(r.corners) + kClearlyBetter;
    for (int turns = 1; turns < 4; ++turns) {
        Quad q = r.corners;
        std::rotate(q.begin(), q.begin() + turns, q.end());
        const double a = agreement(q);
        if (a <= best) continue;
        best = a;
        r.wrongQuarterTurns = turns;
    }
}

void noteWhatWasDone(Reading& r, const std::vector<PatchByHand>& byHand) {
    for (const PatchByHand& h : byHand)
        for (PatchReading& p : r.patches)
            if (p.id == h.id) {
                p.movedMm = h.movedMm;
                p.leftOut = h.leftOut;
            }
}

}  // namespace

Result<Reading> readChart(const LinearImage& frame, const Chart& chart, Reading about,
                          const ReadOptions& options) {
    ChartFinder finder(frame, options.find);
    return readChart(finder, frame, chart, std::move(about), options);
}

Result<Reading> readChart(ChartFinder& finder, const LinearImage& frame, const Chart& chart, Reading about,
                          const ReadOptions& options) {
    if (auto ok = validate(chart); !ok) return tl::unexpected(ok.error());
    const auto place = options.corners ? chartAt(frame, chart, *options.corners) : finder.find(chart);
    if (!place) return tl::unexpected(place.error());
    Reading r = std::move(about);
    r.width = frame.width();
    r.height = frame.height();
    r.chart = chart;
    r.found = true;
    r.corners = place->corners;
    r.agreement = place->agreement;
    r.robustAgreement = place->robustAgreement;
    r.confidence = place->confidence;
    r.cornersByHand = options.corners && options.cornersByHand;
    const Homography& map = place->chartToFrame;
    const Chart placed = withPatchesMoved(chart, options.patches);
    r.patches = options.sensor ? measure(*options.sensor, placed, map, options.measure)
                               : measure(frame, placed, map, options.measure);
    noteWhatWasDone(r, options.patches);
    if (r.cornersByHand) findWayRound(r, frame);
    r.sharpness = sharpness(frame, chart, map);
    auto ground = measureBackground(frame, chart, map, r.sharpness.widthPixels);
    if (options.flatField) {
        takeOutFlatField(r, *options.flatField);
        takeOutFlatField(ground, r, *options.flatField);
    }
    r.light = lightOn(r, ground);
    r.othersSought = !options.others.empty();
    if (options.find.stop.stop_requested()) return stoppedEarly();
    for (const Chart& other : options.others)
        if (const auto beside = finder.findBeside(other, r.corners)) r.otherCharts.push_back(beside->corners);
    if (options.takeOutLight) takeOutLight(r);
    r.checks = judged(r, options.limits);
    r.limits = options.limits.name;
    r.verdict = worst(r.checks);
    return r;
}

}  // namespace refero
