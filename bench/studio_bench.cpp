// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// A large studio: 10 shoots with 200 setups and 50,000 frames.
#include <benchmark/benchmark.h>
#include <unistd.h>

#include <filesystem>

#include "large_studio.h"
#include "studio/studio.h"

namespace {

using namespace refero;

std::filesystem::path large() {
    static const std::filesystem::path path = [] {
        const auto file = std::filesystem::temp_directory_path() /
                          ("refero-bench-" + std::to_string(::getpid()) + ".refero");
        const studio::Contents c = largeContents(std::string(30000, 'r'));
        if (!studio::writeNew(file, c)) std::abort();
        return file;
    }();
    return path;
}

void openStudio(benchmark::State& state) {
    const auto file = large();
    for (auto _ : state) {
        const auto s = studio::Studio::open(file);
        if (!s) state.SkipWithError("not opened");
    }
}
BENCHMARK(openStudio)->Unit(benchmark::kMillisecond);

void oneAction(benchmark::State& state) {
    const auto s = studio::Studio::open(large());
    const auto& setups = (*s)->contents().all<plan::Setup>();
    double power = 0;
    for (auto _ : state) {
        auto setup = setups.begin()->second;
        setup.conditions.powerPercent = power = power < 100 ? power + 1 : 0;
        auto edit = (*s)->edit("Set the power");
        edit.put(setup);
        if (!(*s)->commit(edit)) state.SkipWithError("not kept");
    }
}
BENCHMARK(oneAction)->Unit(benchmark::kMillisecond);

void undoAndRedo(benchmark::State& state) {
    const auto s = studio::Studio::open(large());
    for (auto _ : state)
        if (!(*s)->undo() || !(*s)->redo()) state.SkipWithError("not moved");
}
BENCHMARK(undoAndRedo)->Unit(benchmark::kMillisecond);

void whatIsDue(benchmark::State& state) {
    const auto s = studio::Studio::open(large());
    const plan::ClearSky sky;
    const plan::ShootId shoot = (*s)->contents().all<plan::Shoot>().begin()->first;
    for (auto _ : state)
        benchmark::DoNotOptimize(
            plan::due(studio::dayOf((*s)->contents(), shoot, sky, {}, [](const auto&) { return true; })));
}
BENCHMARK(whatIsDue)->Unit(benchmark::kMillisecond);

void takeASetupOut(benchmark::State& state) {
    const auto s = studio::Studio::open(large());
    for (auto _ : state) {
        auto edit = (*s)->edit("Take out");
        edit.removeSetup((*s)->contents().all<plan::Setup>().begin()->first);
        if (!(*s)->commit(edit) || !(*s)->undo()) state.SkipWithError("not kept");
    }
}
BENCHMARK(takeASetupOut)->Unit(benchmark::kMillisecond);

}  // namespace

int main(int argc, char** argv) {
    benchmark::Initialize(&argc, argv);
    benchmark::RunSpecifiedBenchmarks();
    std::error_code error;
    std::filesystem::remove(large(), error);
    return 0;
}
