// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Building a correction: all models, chosen by repeated cross-validation, with leave-one-out, from 24 and
// from 140 patches; and the bootstrap of its figures' intervals.
#include <benchmark/benchmark.h>

#include "core/colour/lab.h"
#include "core/fit/fit.h"
#include "core/pair/match.h"
#include "core/spectra/generated_reflectances.h"
#include "core/spectra/illuminant.h"
#include "core/spectra/observer.h"
#include "sim/body.h"

namespace refero {
namespace {

// A chart of greys and made-up surfaces as Heron reads it under an LED; the fit asks for no frame.
Reading readingOf(std::size_t patches, const char* camera = "heron") {
    const auto surfaces = generatedReflectances(patches, 21);
    const Spectrum d50 = *illuminantByName("d50"), light = *illuminantByName("led-5600");
    const sim::Body body = *sim::bodyById(camera);
    Reading r;
    r.found = true;
    r.framePath = "bench";
    r.chart.id = "bench";
    for (std::size_t i = 0; i < patches; ++i) {
        Spectrum s = surfaces[i];
        Patch p;
        p.id = "P" + std::to_string(i);
        if (i < 6) {
            s.values.fill(0.9 * std::pow(0.55, static_cast<double>(i)));
            p.role = Role::neutral;
        }
        p.reflectance = Reflectance{Spectrum::start, Spectrum::step, {s.values.begin(), s.values.end()}};
        p.labD50 = toLab(reflectedXyz(s, d50), white::d50);
        r.chart.patches.push_back(p);
        PatchReading read;
        read.id = p.id;
        read.pixels = 2000;
        read.rgb = 0.8 * sim::response(body, light, s);
        read.deviation = (0.01 * read.rgb).array() + 0.001;
        r.patches.push_back(read);
    }
    return r;
}

void allModels(benchmark::State& state) {
    const Reading r = readingOf(static_cast<std::size_t>(state.range(0)));
    FitOptions options;
    options.resamples = static_cast<std::size_t>(state.range(1));
    for (auto _ : state) {
        const auto c = fit(std::span(&r, 1), options);
        if (!c) return state.SkipWithError(c.error().message.c_str());
        benchmark::DoNotOptimize(c->level);
        state.counters["tried"] = static_cast<double>(c->considered.size());
    }
}

// One camera made to look like another: both linear, the leader through a correction that is there, or both
// pictures. Its peer is the plain correction of the follower, above.
void match(benchmark::State& state) {
    const bool pictures = state.range(1) != 0;
    Leader leader{readingOf(static_cast<std::size_t>(state.range(0))), {}};
    Reading follower = readingOf(static_cast<std::size_t>(state.range(0)), "bittern");
    follower.framePath = "follower";
    if (pictures)
        for (Reading* r : {&leader.reading, &follower}) {
            r->encoding = Encoding::srgb;
            const Vector3 white = r->patches.front().rgb / 0.9;
            for (PatchReading& p : r->patches) p.rgb = p.rgb.cwiseQuotient(white);
        }
    else
        leader.through = *fit(std::span(&leader.reading, 1));
    for (auto _ : state) {
        const auto m = matched(leader, std::span(&follower, 1));
        if (!m) return state.SkipWithError(m.error().message.c_str());
        benchmark::DoNotOptimize(m->correction.level);
    }
}

BENCHMARK(match)
    ->ArgNames({"patches", "pictures"})
    ->Args({24, 0})
    ->Args({24, 1})
    ->Args({48, 1})
    ->Unit(benchmark::kMillisecond);

BENCHMARK(allModels)
    ->ArgNames({"patches", "resamples"})
    ->Args({24, 0})
    ->Args({140, 0})
    ->Args({24, 100})
    ->Unit(benchmark::kMillisecond)
    ->UseRealTime();

}  // namespace
}  // namespace refero
