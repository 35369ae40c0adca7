// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/chart/chart.h"

#include <gtest/gtest.h>

#include <cmath>

namespace refero {
namespace {

Chart small() {
    Chart c;
    c.id = "test";
    c.outlineMm = {100, 60};
    c.patches.push_back({"A1", "", Role::neutral, {20, 30}, {20, 20}, {90, 0, 0, white::d50}, {}});
    c.patches.push_back({"A2", "", Role::neutral, {50, 30}, {20, 20}, {40, 0, 0, white::d50}, {}});
    c.patches.push_back({"A3", "", Role::skin, {80, 30}, {20, 20}, {60, 15, 15, white::d50}, {}});
    return c;
}

TEST(Chart, ListsNeutralsLightestFirst) {
    Chart c = small();
    c.patches.push_back({"A4", "", Role::neutral, {50, 52}, {10, 10}, {97, 0, 0, white::d50}, {}});
    EXPECT_EQ(c.neutrals(), (std::vector<std::size_t>{3, 0, 1}));
}

TEST(Chart, PatchCornersRunClockwiseFromTopLeft) {
    const Quad q = small().patches[0].corners(0.5);
    EXPECT_EQ(q[0], Point(15, 25));
    EXPECT_EQ(q[1], Point(25, 25));
    EXPECT_EQ(q[2], Point(25, 35));
    EXPECT_TRUE(isProperQuad(q));
}

struct Defect {
    const char* what;
    void (*spoil)(Chart&);
    const char* named;
};
const Defect kDefects[] = {
    {"no patches", [](Chart& c) { c.patches.clear(); }, "no patches"},
    {"outline of nothing",
     [](Chart& c) {
         c.outlineMm = {0, 10};
     },
     "outline_mm"},
    {"outline not a number", [](Chart& c) { c.outlineMm.x() = std::nan(""); }, "outline_mm"},
    {"same id twice", [](Chart& c) { c.patches[1].id = "A1"; }, "A1 occurs twice"},
    {"no id", [](Chart& c) { c.patches[1].id.clear(); }, "no id"},
    {"patch outside", [](Chart& c) { c.patches[2].centreMm.x() = 95; }, "A3"},
    {"patches on each other", [](Chart& c) { c.patches[1].centreMm.x() = 30; }, "overlap"},
    {"size below nothing", [](Chart& c) { c.patches[0].sizeMm.y() = -1; }, "size_mm"},
    {"Lab not a number", [](Chart& c) { c.patches[0].labD50.a = std::nan(""); }, "lab_d50"},
    {"reflectance too large",
     [](Chart& c) {
         c.patches[0].reflectance = Reflectance{380, 10, {0.5, 7.0}};
     },
     "reflectance"},
    {"reflectance without step",
     [](Chart& c) {
         c.patches[0].reflectance = Reflectance{380, 0, {0.5, 0.6}};
     },
     "step_nm"},
};

TEST(Chart, NamesWhatIsWrong) {
    ASSERT_TRUE(validate(small()));
    for (const Defect& d : kDefects) {
        Chart c = small();
        d.spoil(c);
        const auto outcome = validate(c);
        ASSERT_FALSE(outcome) << d.what;
        EXPECT_NE(outcome.error().message.find(d.named), std::string::npos) << outcome.error().message;
    }
}

TEST(Chart, ReferenceUnderAnotherLightNeedsTheReflectance) {
    Chart c = small();
    Spectrum equal;
    equal.values.fill(1);
    EXPECT_EQ(referenceXyzD50(c.patches[0], equal).y, referenceXyzD50(c.patches[0]).y)
        << "Lab only: D50's value";
    c.patches[0].reflectance = Reflectance{380, 400, {0.5, 0.5}};
    const Xyz flat = referenceXyzD50(c.patches[0], equal);
    EXPECT_NEAR(flat.y, 0.5, 1e-12);
    EXPECT_NEAR(chromaticity(flat).x, white::d50.x, 1e-9) << "a flat reflectance is neutral under any light";
}

TEST(Role, HasANameForEach) {
    for (const char* n :
         {"neutral", "skin", "foliage", "sky", "primary", "secondary", "warm", "cool", "other"})
        EXPECT_EQ(name(*roleByName(n)), n);
    EXPECT_FALSE(roleByName("Neutral"));
}

}  // namespace
}  // namespace refero
