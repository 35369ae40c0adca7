// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/frame/codes.h"

#include <gtest/gtest.h>

#include <cmath>
#include <cstdint>
#include <limits>
#include <vector>

namespace refero {
namespace {

// C++ standard, std::round: halves away from zero.
template <class Code>
void expectRounded() {
    const auto last = static_cast<float>(std::numeric_limits<Code>::max());
    std::vector<float> values{-1,
                              -0.0f,
                              0,
                              1,
                              2,
                              1e-9f,
                              std::numeric_limits<float>::infinity(),
                              -std::numeric_limits<float>::infinity()};
    for (int code = 0; code < static_cast<int>(last); ++code) {
        const float half = (static_cast<float>(code) + 0.5f) / last;
        for (const float v : {std::nextafter(half, 0.0f), half, std::nextafter(half, 1.0f)})
            values.push_back(v);
    }
    std::vector<Code> codes(values.size());
    toCodes(values, codes.data());
    for (std::size_t i = 0; i < values.size(); ++i) {
        const float clipped = std::min(1.0f, std::max(0.0f, values[i]));
        ASSERT_EQ(codes[i], static_cast<Code>(std::round(clipped * last))) << values[i];
    }
}

TEST(Codes, AreRoundedAsTheStandardLibraryRounds) {
    expectRounded<std::uint8_t>();
    expectRounded<std::uint16_t>();
}

TEST(Codes, OfWhatIsNoNumberAreZero) {
    const std::vector<float> values(33, std::numeric_limits<float>::quiet_NaN());
    std::vector<std::uint8_t> codes(values.size(), 7);
    toCodes(values, codes.data());
    EXPECT_EQ(codes, std::vector<std::uint8_t>(values.size(), 0));
}

TEST(Codes, OfASensorBecomeLightSiteBySite) {
    for (const std::size_t period : {1u, 2u, 3u, 4u, 6u, 16u, 48u}) {
        std::vector<float> black(period), range(period);
        for (std::size_t i = 0; i < period; ++i) {
            black[i] = 500 + static_cast<float>(7 * i);
            range[i] = 15000 + static_cast<float>(11 * i);
        }
        std::vector<std::uint16_t> counts(101);
        for (std::size_t x = 0; x < counts.size(); ++x) counts[x] = static_cast<std::uint16_t>(x * 647);
        std::vector<float> light(counts.size());
        lightOfCounts(counts, black, range, light.data());
        for (std::size_t x = 0; x < counts.size(); ++x)
            ASSERT_FLOAT_EQ(light[x], (static_cast<float>(counts[x]) - black[x % period]) / range[x % period])
                << period << " at " << x;
    }
}

}  // namespace
}  // namespace refero
