// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/pair/nearness.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/pair/made_up.h"

namespace refero {
namespace {

using test::madeUpReading;

Vector3 same(const Vector3& v) {
    return v;
}

TEST(Nearness, TellsWhoIsNearerOnlyWhereItIsCertain) {
    const Reading truth = madeUpReading("a.jpg", "A", Encoding::srgb, same);
    Reading off = madeUpReading("b.jpg", "B", Encoding::srgb, same);
    for (std::size_t i = 6; i < 8; ++i) off.patches[i].rgb.x() *= 1.15;  // skin alone
    const auto groups = nearness(asShown(truth), asShown(off));
    ASSERT_TRUE(groups);
    for (const GroupNearness& g : *groups) {
        EXPECT_EQ(g.nearer, g.group == "skin" ? Nearer::first : Nearer::notTold) << g.group;
        EXPECT_LE(g.difference.low, g.difference.high);
        if (g.group != "skin") {
            EXPECT_NEAR(g.first, g.second, 1e-9);
        }
    }
    const auto turned = nearness(asShown(off), asShown(truth));
    ASSERT_TRUE(turned);
    EXPECT_EQ(std::count_if(turned->begin(), turned->end(),
                            [](const GroupNearness& g) { return g.nearer == Nearer::second; }),
              1);
}

TEST(Nearness, TwoChartsAreRefused) {
    const Reading a = madeUpReading("a.jpg", "A", Encoding::srgb, same);
    Reading b = a;
    b.chart.id = "other";
    EXPECT_FALSE(nearness(asShown(a), asShown(b)));
}

TEST(Merging, NamesColoursThatBecomeOneAndGreysThatLoseTheirStep) {
    Reading r = madeUpReading("a.jpg", "A", Encoding::srgb, same);
    EXPECT_TRUE(mergedPairs(asShown(r)).empty());
    EXPECT_TRUE(brokenSteps(asShown(r)).empty());
    // Two hues 36 degrees apart are recorded alike, and the two darkest greys nearly so.
    r.patches[10].rgb = 0.9 * r.patches[8].rgb + 0.1 * r.patches[10].rgb;
    r.patches[5].rgb = 0.8 * r.patches[4].rgb;
    const auto merged = mergedPairs(asShown(r));
    ASSERT_FALSE(merged.empty());
    EXPECT_EQ(merged.front().one, "P9");
    EXPECT_EQ(merged.front().other, "P11");
    EXPECT_LT(merged.front().seen, 0.5 * merged.front().reference);
    const auto broken = brokenSteps(asShown(r));
    ASSERT_EQ(broken.size(), 1U);
    EXPECT_EQ(broken.front().other, "P6");
}

}  // namespace
}  // namespace refero
