// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What corrections from faulty shots leave, as a multiple of what one from the true, evenly lit values
// leaves. The wanted figures are from an independent review, which found 6.4 for shadows and flare, 4.0 for
// uneven light and 2.0 for a finger where nothing was mended.
#include <gtest/gtest.h>

#include <cstdio>

#include "sim/survey_mending.h"

namespace refero {
namespace {

using sim::Fault;

constexpr unsigned kSeeds = 2;  // refero-survey looks at more

struct Means {
    double mended = 0, asShot = 0;
};

Means meansOf(std::optional<Fault> fault, bool wide) {
    Means m;
    for (unsigned seed = 1; seed <= kSeeds; ++seed) {
        const auto o = wide ? sim::surveyWideMending(seed, fault) : sim::surveyMending(seed, fault);
        EXPECT_TRUE(o.read) << o.told;
        m.mended += o.mendedRatio() / kSeeds;
        m.asShot += o.asShotRatio() / kSeeds;
    }
    std::printf("%s%s: %.3f mended, %.2f as shot\n", fault ? std::string(name(*fault)).c_str() : "careful",
                wide ? ", wide survey" : "", m.mended, m.asShot);
    return m;
}

struct Wanted {
    std::optional<Fault> fault;
    double most;
    double asShotAtLeast;
};

class Mending : public testing::TestWithParam<Wanted> {};

TEST_P(Mending, LeavesHardlyMoreThanTheTruth) {
    const Means m = meansOf(GetParam().fault, false);
    EXPECT_LE(m.mended, GetParam().most);
    EXPECT_GE(m.asShot, GetParam().asShotAtLeast) << "there must be something to mend";
}
TEST_P(Mending, LeavesHardlyMoreThanTheTruthOnChartsAndCamerasNeverSeen) {
    EXPECT_LE(meansOf(GetParam().fault, true).mended, GetParam().most + 0.02);
}

INSTANTIATE_TEST_SUITE_P(EachFault, Mending,
                         testing::Values(Wanted{std::nullopt, 1.02, 0.98},
                                         Wanted{Fault::unevenLight, 1.15, 0.9},
                                         Wanted{Fault::shadow, 1.15, 1.5}, Wanted{Fault::flare, 1.15, 0.9},
                                         Wanted{Fault::finger, 1.10, 0.9}));

}  // namespace
}  // namespace refero
