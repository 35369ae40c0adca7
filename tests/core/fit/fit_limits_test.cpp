// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/fit_limits.h"

#include <gtest/gtest.h>

#include "core/fit/fit_checks.h"

namespace refero {
namespace {

TEST(FitLimits, HaveASetForEachUseOfReadings) {
    for (const Limits& reading : limitSets()) {
        const auto limits = fitLimitsByName(reading.name);
        ASSERT_TRUE(limits) << reading.name;
        EXPECT_FALSE(limits->source.empty());
        for (const Band& band : {limits->mean, limits->largest, limits->unseen}) {
            EXPECT_GT(band.high, 0);
            EXPECT_GE(band.tolerableHigh, band.high);
        }
        EXPECT_LE(limits->mean.high, limits->unseen.high) << "unseen colours are harder";
    }
    EXPECT_FALSE(fitLimitsByName("Any"));
}

TEST(FitLimits, AreWidenedForOneCheckAndGivenBack) {
    const FitLimits set = *fitLimitsByName("Product");
    const auto wider = allowing(set, "largest", 6.2);
    ASSERT_TRUE(wider);
    EXPECT_GE(wider->largest.high, 6.2);
    EXPECT_EQ(wider->mean, set.mean);
    EXPECT_EQ(*allowing(*wider, "largest", {}), set);
    EXPECT_GE(allowing(set, "proof", 3)->unseen.high, 3) << "a proof is of unseen colours";
    EXPECT_FALSE(allowing(set, "focus", 3));
}

TEST(FitLimits, DecideTheVerdict) {
    Correction c;
    c.summary.after = {2.4, 2, 4, 5};
    c.summary.crossValidated = {3, 2, 4, 5};
    c.summary.expectedError = 2.6;
    EXPECT_EQ(judged(c).front().verdict, Verdict::review) << "not good for product work";
    c.limits = *fitLimitsByName("Event");
    EXPECT_EQ(judged(c).front().verdict, Verdict::pass);
}

}  // namespace
}  // namespace refero
