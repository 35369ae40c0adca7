// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Charts, sensors, lights and kinds of files that nothing was written against; scripts/survey looks at more
// of them.
#include <gtest/gtest.h>

#include "sim/survey_run.h"

namespace refero {
namespace {

using sim::Fault;

TEST(WideSurvey, CarefulFramesAreNotAccused) {
    constexpr unsigned kFrames = 10;
    unsigned unaccused = 0;
    for (unsigned seed = 1; seed <= kFrames; ++seed) {
        const auto o = sim::surveyWide(seed, {});
        unaccused += o.caught;
        if (!o.caught) std::printf("seed %u: %s\n", seed, o.detail.c_str());
    }
    EXPECT_GE(unaccused, kFrames - 1);
}

TEST(WideSurvey, WhatIsPlantedIsFound) {
    for (const Fault f : {Fault::unevenLight, Fault::shadow, Fault::finger, Fault::dirt, Fault::flare})
        for (unsigned seed = 1; seed <= 2; ++seed) {
            const auto o = sim::surveyWide(seed, f);
            EXPECT_TRUE(o.caught) << name(f) << ", seed " << seed << ": " << o.detail;
        }
}

TEST(WideSurvey, AnotherChartBesideItIsTold) {
    for (const auto beside : {sim::Beside::turned, sim::Beside::otherSize, sim::Beside::otherKind})
        for (unsigned seed = 1; seed <= 2; ++seed) {
            const auto o = sim::surveyBeside(seed, beside);
            EXPECT_TRUE(o.caught) << static_cast<int>(beside) << ", seed " << seed << ": " << o.detail;
        }
}

}  // namespace
}  // namespace refero
