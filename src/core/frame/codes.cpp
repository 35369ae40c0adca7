// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/frame/codes.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

#include <array>
#include <cstddef>
#include <limits>

namespace refero {
namespace {

template <class Code>
void codesOf(std::span<const float> from, Code* to) {
    constexpr std::size_t kGrain = std::size_t{1} << 16;  // values
    constexpr auto kLast = static_cast<float>(std::numeric_limits<Code>::max());
    tbb::parallel_for(tbb::blocked_range<std::size_t>(0, from.size(), kGrain),
                      [&](const tbb::blocked_range<std::size_t>& range) {
                          for (std::size_t i = range.begin(); i < range.end(); ++i) {
                              const float v = from[i] > 0 ? (from[i] < 1 ? from[i] : 1.0f) * kLast : 0.0f;
                              // Adding a half first would round what lies just below one up.
                              const auto whole = static_cast<int>(v);
                              to[i] =
                                  static_cast<Code>(whole + (v - static_cast<float>(whole) >= 0.5f ? 1 : 0));
                          }
                      });
}

}  // namespace

void toCodes(std::span<const float> from, std::uint8_t* to) {
    codesOf(from, to);
}
void toCodes(std::span<const float> from, std::uint16_t* to) {
    codesOf(from, to);
}

void lightOfCounts(std::span<const std::uint16_t> counts, std::span<const float> black,
                   std::span<const float> range, float* to) {
    // A step is as wide as vectors are, where black and range come again within it.
    constexpr std::size_t kStep = 16;
    const std::size_t period = black.size();
    std::size_t x = 0;
    if (kStep % period == 0) {
        std::array<float, kStep> zero, whole;
        for (std::size_t i = 0; i < kStep; ++i) {
            zero[i] = black[i % period];
            whole[i] = range[i % period];
        }
        for (; x + kStep <= counts.size(); x += kStep)
            for (std::size_t i = 0; i < kStep; ++i)
                to[x + i] = (static_cast<float>(counts[x + i]) - zero[i]) / whole[i];
    }
    for (; x < counts.size(); ++x)
        to[x] = (static_cast<float>(counts[x]) - black[x % period]) / range[x % period];
}

}  // namespace refero
