// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/framing.h"

#include <gtest/gtest.h>

#include <cmath>

namespace refero::plan {
namespace {

ChartCopy copy(ChartCopyId id, const char* label, double scale) {
    ChartCopy c;
    c.id = id;
    c.label = label;
    c.scale = scale;
    return c;
}

Chart plainChart() {
    Chart c;
    c.id = "plain";
    c.outlineMm = Point(240, 160);
    Patch p;
    p.id = "A1";
    p.centreMm = Point(120, 80);
    p.sizeMm = Point(20, 30);
    c.patches = {p};
    return c;
}

// The Gaussian lens equation 1/f = 1/o + 1/i with o + i = d (any optics textbook): worked by hand.
TEST(ThinLens, WorkedExamples) {
    // f = 100 mm at life size: o = i = 200 mm, so d = 400 mm.
    EXPECT_NEAR(*magnification(100, 0.4), 1.0, 1e-9);
    // f = 50 mm, o = 1050 mm: i = 52.5 mm, m = 0.05, d = 1102.5 mm.
    EXPECT_NEAR(*magnification(50, 1.1025), 0.05, 1e-12);
    // f = 60 mm, o = 180 mm: i = 90 mm, m = 0.5, d = 270 mm.
    EXPECT_NEAR(*magnification(60, 0.27), 0.5, 1e-12);
    EXPECT_NEAR(distanceForMagnification(60, 0.5), 0.27, 1e-12);
    EXPECT_FALSE(magnification(100, 0.39)) << "nearer than 4 f nothing is in focus";
}

// Far away the field is distance times sensor over focal length: 36 mm at 50 mm and 10 m gives 7.2 m.
TEST(ThinLens, FarFieldIsTheRuleOfThumb) {
    View v;
    v.distanceM = 1000;
    EXPECT_NEAR(*fieldWidthMm(v) / 1000, 720, 0.1 + 720 * 1e-4);
    const auto again = viewOfField(v, 7200);
    ASSERT_TRUE(again);
    EXPECT_NEAR(*fieldWidthMm(*again), 7200, 1e-6);
    EXPECT_NEAR(again->distanceM, 10.1, 0.01) << "o = 10.05 m, i = 0.05 m";
}

// f = 50 mm, m = 0.05 on 36 x 24 mm: the field is 720 x 480 mm, a chart of 240 x 160 mm covers a ninth.
TEST(ChartInTheFrame, WorkedExample) {
    View v;
    v.distanceM = 1.1025;
    const auto f = framing(v, plainChart(), 1);
    ASSERT_TRUE(f);
    EXPECT_NEAR(f->sharePercent, 100.0 / 9, 1e-6);
    EXPECT_NEAR(f->reachPercent, 100.0 / 3, 1e-6);
    // 20 x 30 mm on the sensor: 1 x 1.5 mm at 6000/36 pixels a mm, the inner 60 % of each side: 100 x 150.
    EXPECT_NEAR(f->patchPixels, 100 * 150, 1);
    EXPECT_TRUE(f->fits);
    EXPECT_FALSE(framing(v, plainChart(), 3.1)->fits);
}

TEST(ChartForTheFraming, RecommendsTheCopyAndTheDistance) {
    const Chart chart = plainChart();
    const ChartCopy pocket = copy(1, "Pocket", 0.4), table = copy(2, "Table", 1), wall = copy(3, "Wall", 4);
    const std::vector<Candidate> all{{&pocket, &chart}, {&table, &chart}, {&wall, &chart}};
    const auto first = [&](double distance) {
        View v;
        v.distanceM = distance;
        const auto r = recommend(v, all);
        EXPECT_TRUE(r);
        return *r;
    };
    EXPECT_EQ(first(0.45).copies.front().copy, 1);
    EXPECT_EQ(first(1.2).copies.front().copy, 2);
    EXPECT_EQ(first(4.5).copies.front().copy, 3);
    const Recommendation table2 = first(1.2);
    EXPECT_TRUE(table2.any);
    EXPECT_NE(table2.message.find("Take Table"), std::string::npos) << table2.message;
    // Where it is told to stand it covers a tenth.
    View there;
    there.distanceM = *table2.copies.front().betterDistanceM;
    EXPECT_NEAR(framing(there, chart, 1)->sharePercent, 10, 1e-6);
    const Recommendation far = first(60);
    EXPECT_FALSE(far.any);
    EXPECT_NE(far.message.find("No chart in the kit fits"), std::string::npos) << far.message;
    EXPECT_NE(far.message.find("Wall"), std::string::npos) << "the nearest to fitting";
}

TEST(ChartForTheFraming, ImpossibleViewsAreNamed) {
    const Chart chart = plainChart();
    const ChartCopy table = copy(2, "Table", 1);
    View v;
    v.focalLengthMm = 0;
    EXPECT_NE(recommend(v, {{&table, &chart}}).error().message.find("0 mm"), std::string::npos);
    v.focalLengthMm = 100;
    v.distanceM = 0.2;
    EXPECT_NE(recommend(v, {{&table, &chart}}).error().message.find("cannot focus"), std::string::npos);
    v.distanceM = std::nan("");
    EXPECT_FALSE(recommend(v, {{&table, &chart}}));
    EXPECT_FALSE(recommend(View{}, {}));
    EXPECT_FALSE(viewOfField(View{}, 0));
    EXPECT_FALSE(viewOfField(View{}, 20)) << "beyond life size";
}

TEST(ChartForTheFraming, ASetupsViewComesFromItsKit) {
    Kit kit;
    Body body{1, "Heron"};
    body.sensorWidthMm = 23.6;
    body.sensorHeightMm = 15.7;
    kit.bodies = {body};
    kit.lenses = {{2, "24 to 70 mm", "", 24, 70}};
    plan::Setup s;
    EXPECT_NE(viewOf(s, kit).error().message.find("body"), std::string::npos);
    s.conditions.body = 1;
    EXPECT_NE(viewOf(s, kit).error().message.find("lens"), std::string::npos);
    s.conditions.lens = 2;
    EXPECT_NE(viewOf(s, kit).error().message.find("how far"), std::string::npos);
    s.distanceM = 1.5;
    ASSERT_TRUE(viewOf(s, kit));
    EXPECT_EQ(viewOf(s, kit)->focalLengthMm, 24) << "a zoom's shortest, where none is stated";
    s.focalLengthMm = 50;
    EXPECT_EQ(viewOf(s, kit)->focalLengthMm, 50);
    EXPECT_EQ(viewOf(s, kit)->sensorWidthMm, 23.6);
}

TEST(ChartForTheFraming, CopiesOfUnknownChartsAreNoCandidates) {
    const std::vector<Chart> charts{plainChart()};
    Kit kit;
    kit.charts = {copy(1, "Wall", 3), copy(2, "Other", 1)};
    kit.charts[0].chart = charts[0].id;
    kit.charts[1].chart = "nobody's";
    const auto all = candidatesOf(kit, charts);
    ASSERT_EQ(all.size(), 1u);
    EXPECT_EQ(all[0].copy->label, "Wall");
}

TEST(ChartForTheFraming, SharesOfWidthAndHeightGiveTheArea) {
    const auto f = framing(View{}, plainChart(), 1);
    ASSERT_TRUE(f);
    EXPECT_NEAR(100 * f->widthShare * f->heightShare, f->sharePercent, 1e-9);
}

}  // namespace
}  // namespace refero::plan
