// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/read.h"

namespace refero {

Result<Reading> readChart(const LinearImage& frame, const Chart& chart, Reading about,
                          const ReadOptions& options) {
    if (auto ok = validate(chart); !ok) return tl::unexpected(ok.error());
    const auto place =
        options.corners ? chartAt(frame, chart, *options.corners) : findChart(frame, chart, options.find);
    if (!place) return tl::unexpected(place.error());
    Reading r = std::move(about);
    r.width = frame.width();
    r.height = frame.height();
    r.chart = chart;
    r.found = true;
    r.corners = place->corners;
    r.agreement = place->agreement;
    r.patches = options.sensor ? measure(*options.sensor, chart, place->chartToFrame, options.measure)
                               : measure(frame, chart, place->chartToFrame, options.measure);
    r.checks = judged(r, options.limits);
    r.verdict = worst(r.checks);
    return r;
}

}  // namespace refero
