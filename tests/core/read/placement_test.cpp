// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/placement.h"

#include <gtest/gtest.h>

namespace refero {
namespace {

// Twelve patches with gaps, four pixels a millimetre, moved by (100, 50).
Placement laid(std::vector<PatchByHand> byHand = {}) {
    Chart chart;
    chart.outlineMm = {160, 120};
    for (int i = 0; i < 12; ++i) {
        Patch p;
        p.id = std::string(1, static_cast<char>('A' + i / 4)) + std::to_string(i % 4 + 1);
        p.centreMm = {20.0 + 40 * (i % 4), 20.0 + 40 * (i / 4)};
        p.sizeMm = {30, 28};
        chart.patches.push_back(p);
    }
    Quad q = chart.outline();
    for (Point& p : q) p = p * 4 + Point(100, 50);
    return *Placement::at(chart, q, std::move(byHand));
}

TEST(Placement, PutsEachPatchWhereTheDefinitionHasIt) {
    const Placement p = laid();
    for (std::size_t i = 0; i < p.chart().patches.size(); ++i) {
        const Point centre = p.chart().patches[i].centreMm * 4 + Point(100, 50);
        EXPECT_LT((p.centre(i) - centre).norm(), 1e-6);
        EXPECT_EQ(p.patchAt(centre), i);
        EXPECT_NEAR(signedArea(p.area(i, 0.5)), 4 * p.chart().patches[i].sizeMm.prod(), 1e-3);
    }
    EXPECT_FALSE(p.patchAt({5, 5}));
}

TEST(Placement, MovesOnePatchAndKeepsTheOthers) {
    Placement p = laid();
    const Point from = p.centre(5), beside = p.centre(6);
    ASSERT_TRUE(p.movePatch(5, from + Point(6, -3)));
    EXPECT_LT((p.centre(5) - from - Point(6, -3)).norm(), 1e-6);
    EXPECT_LT((p.centre(6) - beside).norm(), 1e-9);
    ASSERT_EQ(p.byHand().size(), 1u);
    EXPECT_LT((p.byHand()[0].movedMm - Point(1.5, -0.75)).norm(), 1e-9) << "four pixels a millimetre";
    EXPECT_FALSE(p.movePatch(5, {0, 0})) << "outside the outline";
    EXPECT_TRUE(p.moved(5));
    // It goes with the chart when a corner moves.
    ASSERT_TRUE(p.moveCorner(0, p.corners()[0] + Point(-10, -10)));
    EXPECT_GT((p.centre(5) - from - Point(6, -3)).norm(), 0.1);
    p.putBack(5);
    EXPECT_TRUE(p.byHand().empty()) << "nothing is left of what was taken back";
}

TEST(Placement, LeavesAPatchOutAndCountsItAgain) {
    Placement p = laid();
    p.leaveOut(3, true);
    EXPECT_TRUE(p.leftOut(3));
    EXPECT_FALSE(p.leftOut(4));
    p.leaveOut(3, false);
    EXPECT_TRUE(p.byHand().empty());
}

TEST(Placement, RefusesAnOutlineThatFoldsOver) {
    Placement p = laid();
    const Quad before = p.corners();
    EXPECT_FALSE(p.moveCorner(0, before[2] + Point(300, 300)));
    EXPECT_EQ(p.corners(), before);
    Quad crossed = before;
    std::swap(crossed[1], crossed[2]);
    EXPECT_FALSE(Placement::at(p.chart(), crossed));
}

}  // namespace
}  // namespace refero
