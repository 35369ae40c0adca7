// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/average.h"

#include <gtest/gtest.h>

#include "core/colour/lab.h"
#include "core/fit/samples.h"

namespace refero {
namespace {

// Greys and colours of a plain camera; level by `scale`.
Reading seen(double scale) {
    Reading r;
    r.found = true;
    r.framePath = "frame";
    r.chart.id = "made-up";
    r.chart.outlineMm = {200, 100};
    for (int i = 0; i < 12; ++i) {
        Patch p;
        p.id = "P" + std::to_string(i + 1);
        p.centreMm = {10.0 + 15 * i, 50};
        p.sizeMm = {10, 10};
        p.role = i < 6 ? Role::neutral : Role::other;
        p.labD50 = i < 6 ? Lab{95.0 - 14 * i, 0, 0, white::d50}
                         : Lab{50, 30 * std::cos(1.0 * i), 30 * std::sin(1.0 * i), white::d50};
        PatchReading m;
        m.id = p.id;
        m.rgb = toXyz(p.labD50).vector().cwiseQuotient(whiteXyz(white::d50).vector()) * scale;
        m.deviation.setConstant(0.004 * scale);
        m.pixels = 100;
        r.chart.patches.push_back(p);
        r.patches.push_back(m);
    }
    return r;
}

// The same reading twice, in the second of which one grey is clipped: nothing else may change, and the patch
// stays.
TEST(Averaging, OneClippedPatchInACopyMovesNothing) {
    const Reading whole = seen(0.8);
    Reading spoilt = whole;
    spoilt.patches[0].clipped = 0.6;
    spoilt.patches[0].rgb *= 0.7;
    const std::vector<Reading> one{whole}, two{whole, spoilt};
    const auto a = prepared(one, {}), b = prepared(two, {});
    ASSERT_TRUE(a && b) << b.error().message;
    EXPECT_NEAR(std::log2(b->level / a->level), 0, 1e-9) << "stops";
    EXPECT_LT((b->gains - a->gains).norm(), 1e-9);
    EXPECT_EQ(b->samples.size(), a->samples.size()) << "the patch is whole in one of them";
    EXPECT_LT((b->reading.patches[0].rgb - whole.patches[0].rgb).norm(), 1e-9);
}

TEST(Averaging, CountsThePixelsAndTheNoiseOfAll) {
    const Reading once = seen(0.8), darker = seen(0.4);
    const auto both = averaged({once, darker, once});
    ASSERT_TRUE(both);
    const PatchReading& p = both->patches[7];
    EXPECT_EQ(p.pixels, 300u);
    EXPECT_NEAR(p.standardError().y(), once.patches[7].standardError().y() / std::sqrt(3.0), 1e-9)
        << "three of the same certainty, once they are at one level";
    EXPECT_LT((p.rgb - once.patches[7].rgb).norm(), 1e-9);
}

TEST(Averaging, WhatIsLeftOutInOneFrameIsTakenFromTheOthers) {
    Reading a = seen(0.8), b = seen(0.8);
    a.patches[3].leftOut = true;
    a.patches[3].rgb.setConstant(0.5);
    const auto both = averaged({a, b});
    ASSERT_TRUE(both);
    EXPECT_FALSE(both->patches[3].leftOut);
    EXPECT_LT((both->patches[3].rgb - b.patches[3].rgb).norm(), 1e-9);
    b.patches[3].leftOut = true;
    EXPECT_TRUE(averaged({a, b})->patches[3].leftOut);
}

}  // namespace
}  // namespace refero
