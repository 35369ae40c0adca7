// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/hue_sectors.h"

#include <gtest/gtest.h>

#include "core/colour/lab.h"

namespace refero {
namespace {

TEST(HueSectors, NothingMovesWhereNoSectorDoes) {
    const Lab lab{60, 20, -35, white::d50};
    const Lab moved = HueSectors{}.moved(lab);
    EXPECT_NEAR(moved.L, lab.L, 1e-12);
    EXPECT_NEAR(moved.a, lab.a, 1e-12);
    EXPECT_NEAR(moved.b, lab.b, 1e-12);
}

TEST(HueSectors, AMoveActsFullyAtItsCentreAndHalfWayTowardsTheNext) {
    HueSectors s;
    s.sectors[3] = {12, 1.2, -5};  // 90 degrees
    const Lch at = toLch(s.moved(toLab(Lch{70, 50, 90, white::d50})));
    EXPECT_NEAR(at.h, 102, 1e-9);
    EXPECT_NEAR(at.C, 60, 1e-9);
    EXPECT_NEAR(at.L, 65, 1e-9);
    const Lch between = toLch(s.moved(toLab(Lch{70, 50, 105, white::d50})));
    EXPECT_NEAR(between.h, 111, 1e-9);
    EXPECT_NEAR(between.C, 55, 1e-9);
    const Lch outside = toLch(s.moved(toLab(Lch{70, 50, 125, white::d50})));
    EXPECT_NEAR(outside.h, 125, 1e-9);
    EXPECT_NEAR(outside.L, 70, 1e-9);
}

TEST(HueSectors, GoAroundTheCircle) {
    const auto b = HueSectors::blendAt(350);
    EXPECT_EQ(b.first, 11u);
    EXPECT_EQ(b.second, 0u);
    EXPECT_NEAR(b.share, 20.0 / 30, 1e-12);
    EXPECT_EQ(HueSectors::blendAt(-10).first, 11u);
    EXPECT_EQ(HueSectors::blendAt(725).first, 0u);
}

TEST(HueSectors, GreysStay) {
    HueSectors s;
    for (auto& each : s.sectors) each = {20, 1.5, 10};
    const Lab grey = s.moved({50, 0, 0, white::d50});
    EXPECT_EQ(grey.L, 50);
    EXPECT_EQ(grey.a, 0);
    EXPECT_EQ(grey.b, 0);
    EXPECT_NEAR(s.moved({50, 2, 0, white::d50}).L, 50.5, 1e-9) << "nearly grey, hardly lighter";
}

}  // namespace
}  // namespace refero
