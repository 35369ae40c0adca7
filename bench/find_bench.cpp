// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Finding the chart in a decoded 24-megapixel frame, over the demo's sets; beside it, what merely reading
// every pixel of the same frame once costs.
#include <benchmark/benchmark.h>

#include <algorithm>
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

// What a dragged corner costs: the patches and the light read anew where it now is.
void rereadWhileDragging24(benchmark::State& state) {
    const Scene& s = scene(0);
    const auto found = findChart(s.image, s.chart);
    if (!found) return state.SkipWithError("not found");
    ReadOptions options;
    options.corners = found->corners;
    for (auto _ : state) {
        (*options.corners)[0].x() += 0.01;
        benchmark::DoNotOptimize(readChart(s.image, s.chart, {}, options));
    }
}

void findAndRead100(benchmark::State& state) {
    static const LinearImage large = [] {
        const LinearImage& from = scene(0).image;
        LinearImage out(from.width() * 2, from.height() * 2);
        for (int y = 0; y < out.height(); ++y)
            for (int x = 0; x < out.width(); ++x) std::copy_n(from.pixel(x / 2, y / 2), 3, out.pixel(x, y));
        return out;
    }();
    for (auto _ : state) {
        const auto reading = readChart(large, scene(0).chart, {});
        if (!reading) state.SkipWithError("not found");
        benchmark::DoNotOptimize(reading);
    }
}

void shrinkOnly24(benchmark::State& state) {
    for (auto _ : state) benchmark::DoNotOptimize(shrunk(scene(0).image, 4));
}

BENCHMARK(find24)->DenseRange(0, 3)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(findAndRead24)->DenseRange(0, 1)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(rereadWhileDragging24)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(findAndRead100)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(shrinkOnly24)->Unit(benchmark::kMillisecond)->UseRealTime();

}  // namespace
}  // namespace refero
