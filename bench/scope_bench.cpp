// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// All scopes of a full-HD picture; beside them OpenCV's histograms of the same three channels alone.
#include <benchmark/benchmark.h>

#include <opencv2/imgproc.hpp>
#include <random>
#include <vector>

#include "core/scope/scope.h"

namespace refero {
namespace {

constexpr int kWidth = 1920, kHeight = 1080;

const std::vector<std::uint8_t>& picture() {
    static const std::vector<std::uint8_t> bytes = [] {
        std::mt19937 random(4);
        std::vector<std::uint8_t> out(4 * static_cast<std::size_t>(kWidth) * kHeight);
        for (std::size_t i = 0; i < out.size(); ++i)
            out[i] = static_cast<std::uint8_t>((i / 4 % kWidth) / 9 + random() % 40);
        return out;
    }();
    return bytes;
}

void scopesFullHd(benchmark::State& state) {
    for (auto _ : state)
        benchmark::DoNotOptimize(
            scopesOf({picture().data(), kWidth, kHeight, 4 * static_cast<std::ptrdiff_t>(kWidth)}));
}

void openCvHistogramsFullHd(benchmark::State& state) {
    const cv::Mat image(kHeight, kWidth, CV_8UC4, const_cast<std::uint8_t*>(picture().data()));
    for (auto _ : state)
        for (int channel = 0; channel < 3; ++channel) {
            const int channels[] = {channel}, size[] = {256};
            const float range[] = {0, 256};
            const float* ranges[] = {range};
            cv::Mat counts;
            cv::calcHist(&image, 1, channels, cv::Mat(), counts, 1, size, ranges);
            benchmark::DoNotOptimize(counts.data);
        }
}

BENCHMARK(scopesFullHd)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(openCvHistogramsFullHd)->Unit(benchmark::kMillisecond)->UseRealTime();

}  // namespace
}  // namespace refero
