// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>

#include "core/read/detail/light_places.h"

namespace refero::detail {
namespace {

constexpr int kColumns = 7, kRows = 5;
constexpr std::array<double, 2> kRadii{0.14, 0.35};  // of the chart's longer side
constexpr int kGlance = 5;                           // rounds
constexpr double kStartLevel = 0.1, kLeastLevel = 0.015;
constexpr double kClearlyBetter = 0.6;

}  // namespace

std::optional<ChartLight> withMirrorImage(const ChartLight& rough, std::vector<LightPlace>& places,
                                          const Chart& chart, double cost) {
    struct Start {
        double cost = 1e300;
        ChartLight light;
    };
    std::vector<Start> starts(kColumns * kRows * kRadii.size());
    tbb::parallel_for(std::size_t{0}, starts.size(), [&](std::size_t i) {
        const auto k = static_cast<int>(i / kRadii.size());
        std::vector<LightPlace> own = places;
        for (LightPlace& p : own) p.weight = 1;
        Start& s = starts[i];
        s.light = rough;
        s.light.shadow.reset();
        s.light.field.stops = {};
        s.light.lobe = SpecularLobe{chart.outlineMm.cwiseProduct(
                                        Point((k % kColumns + 0.5) / kColumns, (k / kColumns + 0.5) / kRows)),
                                    kRadii[i % kRadii.size()] * chart.outlineMm.maxCoeff(), kStartLevel};
        s.cost = polish(s.light, own, chart, kGlance);
    });
    auto best = *std::min_element(starts.begin(), starts.end(),
                                  [](const Start& a, const Start& b) { return a.cost < b.cost; });
    best.cost = polish(best.light, places, chart);
    if (best.cost > kClearlyBetter * cost || best.light.lobe->level < kLeastLevel) return {};
    return best.light;
}

}  // namespace refero::detail
