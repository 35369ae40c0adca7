// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Finding the chart in a decoded 24-megapixel frame, over the demo's sets; beside it, what merely reading
// every pixel of the same frame once costs.
#include <benchmark/benchmark.h>

#include <cstdlib>

#include "core/find/finder.h"
#include "core/read/read.h"
#include "io/chart_file.h"
#include "sim/shoot.h"

namespace refero {
namespace {

struct Scene {
    LinearImage image;
    Chart chart;
};

const Scene& scene(std::size_t k) {
    static std::vector<Scene> scenes = [] {
        std::vector<Scene> all;
        for (const auto& [set, chart, coverage] :
             {std::tuple{sim::Set::tiles, "fen-24", 0.10}, std::tuple{sim::Set::shelf, "fen-48", 0.15},
              std::tuple{sim::Set::clutter, "fen-24", 0.04}, std::tuple{sim::Set::kiln, "fen-24", 0.10}}) {
            sim::Shot s;
            s.file = "x.tif";
            s.width = 6000;
            s.height = 4000;
            s.set = set;
            s.chart = chart;
            s.pose.coverage = coverage;
            s.pose.turnDegrees = 12;
            s.pose.tiltDegrees = 14;
            s.pose.tiltAxisDegrees = 40;
            s.seed = 5;
            auto e = sim::shoot(s);
            if (!e) std::abort();
            all.push_back({toLinear(std::move(e->stored), Encoding::linear), *io::chartByNameOrPath(chart)});
        }
        return all;
    }();
    return scenes[k];
}

void find24(benchmark::State& state) {
    const Scene& s = scene(static_cast<std::size_t>(state.range(0)));
    for (auto _ : state) {
        const auto found = findChart(s.image, s.chart);
        if (!found) state.SkipWithError("not found");
        benchmark::DoNotOptimize(found);
    }
}

void findAndRead24(benchmark::State& state) {
    const Scene& s = scene(static_cast<std::size_t>(state.range(0)));
    for (auto _ : state) benchmark::DoNotOptimize(readChart(s.image, s.chart, {}));
}

void shrinkOnly24(benchmark::State& state) {
    for (auto _ : state) benchmark::DoNotOptimize(shrunk(scene(0).image, 4));
}

BENCHMARK(find24)->DenseRange(0, 3)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(findAndRead24)->DenseRange(0, 1)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(shrinkOnly24)->Unit(benchmark::kMillisecond)->UseRealTime();

}  // namespace
}  // namespace refero
