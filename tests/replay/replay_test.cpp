// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// The fuzz targets as ordinary tests: the seed corpus, and mutations of it that are the same every time. What
// a target finds wrong ends the program, as it does under the fuzzer.
#include <gtest/gtest.h>

#include <cstdint>
#include <fstream>
#include <iterator>
#include <map>
#include <string>
#include <vector>

#include "fuzz/seeds.h"
#include "support/shots.h"
#include "support/temporary.h"

using Target = int(const std::uint8_t*, std::size_t);
extern "C" {
Target refero_fuzz_chart_data;
Target refero_fuzz_chart_file;
Target refero_fuzz_curve;
Target refero_fuzz_dng;
Target refero_fuzz_document;
Target refero_fuzz_profile;
}

namespace refero {
namespace {

constexpr int kMutations = 3000;  // of each seed

const std::map<std::string, Target*> kTargets{
    {"chart_data", refero_fuzz_chart_data}, {"chart_file", refero_fuzz_chart_file},
    {"curve", refero_fuzz_curve},           {"dng", refero_fuzz_dng},
    {"document", refero_fuzz_document},     {"profile", refero_fuzz_profile},
};

using Bytes = std::vector<std::uint8_t>;

Bytes mutated(const Bytes& seed, test::Random& random) {
    Bytes out = seed;
    const auto anywhere = [&] { return random.below(static_cast<unsigned>(out.size())); };
    for (unsigned n = 1 + random.below(4); n > 0 && !out.empty(); --n) switch (random.below(5)) {
            case 0:
                out[anywhere()] ^= static_cast<std::uint8_t>(1u << random.below(8));
                break;
            case 1:
                out[anywhere()] = static_cast<std::uint8_t>(random.below(256));
                break;
            case 2:
                out.resize(anywhere());
                break;
            case 3: {
                const auto from = out.begin() + anywhere();
                const Bytes piece(from, from + std::min<std::ptrdiff_t>(32, out.end() - from));
                out.insert(out.begin() + anywhere(), piece.begin(), piece.end());
                break;
            }
            default: {
                const auto from = out.begin() + anywhere();
                out.erase(from, from + std::min<std::ptrdiff_t>(1 + random.below(16), out.end() - from));
            }
        }
    return out;
}

class Replay : public testing::TestWithParam<std::string> {
  protected:
    static void SetUpTestSuite() {
        seeds_ = new test::TemporaryFolder;
        ASSERT_TRUE(fuzz::writeSeeds(seeds_->path()));
    }
    static void TearDownTestSuite() { delete seeds_; }
    static inline test::TemporaryFolder* seeds_ = nullptr;
};

TEST_P(Replay, TakesSeedsAndTheirMutations) {
    Target* target = kTargets.at(GetParam());
    test::Random random(2026);
    int seeds = 0;
    for (const auto& e : std::filesystem::directory_iterator(seeds_->path() / GetParam())) {
        std::ifstream in(e.path(), std::ios::binary);
        const Bytes seed{std::istreambuf_iterator<char>(in), {}};
        ASSERT_FALSE(seed.empty()) << e.path();
        EXPECT_EQ(target(seed.data(), seed.size()), 0) << e.path();
        // Long documents take long; they are mutated less often.
        const int times = seed.size() > 16'384 ? kMutations / 10 : kMutations;
        for (int n = 0; n < times; ++n) {
            const Bytes hostile = mutated(seed, random);
            target(hostile.data(), hostile.size());
        }
        ++seeds;
    }
    EXPECT_GT(seeds, 0);
    EXPECT_EQ(target(nullptr, 0), 0) << "nothing at all";
}

INSTANTIATE_TEST_SUITE_P(Fuzz, Replay,
                         testing::Values("chart_data", "chart_file", "curve", "dng", "document", "profile"),
                         [](const auto& each) { return each.param; });

}  // namespace
}  // namespace refero
