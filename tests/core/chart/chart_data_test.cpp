// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/chart/chart_data.h"

#include <gtest/gtest.h>

#include "core/colour/lab.h"

namespace refero {
namespace {

ChartData labs(std::initializer_list<Vector3> values) {
    ChartData d;
    d.illuminant = "D50";
    d.observerDegrees = 2;
    int n = 0;
    for (const Vector3& v : values) d.samples.push_back({std::to_string(++n), "", v, {}});
    return d;
}

TEST(ChartData, LabOfD50IsTakenAsItIs) {
    const auto c = brought(labs({{52, 3, -20}}));
    ASSERT_TRUE(c);
    EXPECT_NEAR(c->colours[0].labD50.L, 52, 1e-9);
    EXPECT_NEAR(c->colours[0].labD50.a, 3, 1e-9);
    EXPECT_NEAR(c->colours[0].labD50.b, -20, 1e-9);
    EXPECT_EQ(c->method.find("L*a*b* for D50, taken as they are."), 0u);
}

TEST(ChartData, AnotherIlluminantIsBroughtHereAndTheMethodNamed) {
    ChartData d = labs({{52, 3, -20}, {70, 0, 0}});
    d.illuminant = "D65";
    const auto c = brought(d);
    ASSERT_TRUE(c);
    EXPECT_NE(c->method.find("CAT16"), std::string::npos);
    EXPECT_NE(c->method.find("D65"), std::string::npos);
    // A grey stays that grey; a colour keeps its lightness nearly and moves.
    EXPECT_NEAR(c->colours[1].labD50.L, 70, 1e-6);
    EXPECT_NEAR(c->colours[1].labD50.a, 0, 1e-6);
    EXPECT_NEAR(c->colours[1].labD50.b, 0, 1e-6);
    EXPECT_NEAR(c->colours[0].labD50.L, 52, 1.5);
    EXPECT_GT(std::abs(c->colours[0].labD50.b + 20), 0.1) << "it is not simply kept";
    d.illuminant = "moonlight";
    EXPECT_NE(brought(d).error().message.find("moonlight"), std::string::npos);
}

TEST(ChartData, WhatIsAssumedIsSaid) {
    ChartData d = labs({{52, 0, 0}});
    d.illuminant.clear();
    d.observerDegrees = 0;
    const auto unsaid = brought(d);
    ASSERT_TRUE(unsaid);
    EXPECT_NE(unsaid->method.find("D50 is assumed"), std::string::npos);
    EXPECT_NE(unsaid->method.find("2 degrees is assumed"), std::string::npos);
    d.observerDegrees = 10;
    EXPECT_NE(brought(d)->method.find("10 degree"), std::string::npos);
}

TEST(ChartData, XyzOfThePerfectDiffuserIsWhite) {
    ChartData d = labs({{0.9642, 1, 0.8249}});
    d.kind = ChartData::Kind::xyz;
    const auto c = brought(d);
    ASSERT_TRUE(c);
    EXPECT_NEAR(c->colours[0].labD50.L, 100, 1e-9);
    EXPECT_NEAR(c->colours[0].labD50.a, 0, 1e-9);
}

// Common practice: what such colours are called.
TEST(ChartData, RolesAreProposedFromTheColour) {
    const auto role = [](double L, double a, double b) { return proposedRole({L, a, b, white::d50}); };
    EXPECT_EQ(role(52, 0.5, -1), Role::neutral);
    EXPECT_EQ(role(65, 16, 18), Role::skin);
    EXPECT_EQ(role(38, 12, 15), Role::skin);
    EXPECT_EQ(role(43, -14, 22), Role::foliage);
    EXPECT_EQ(role(50, -5, -22), Role::sky);
    EXPECT_EQ(role(42, 53, 28), Role::primary);
    EXPECT_EQ(role(55, -40, 34), Role::primary);
    EXPECT_EQ(role(30, 15, -50), Role::primary);
    EXPECT_EQ(role(82, 3, 79), Role::secondary);
    EXPECT_EQ(role(52, 49, -14), Role::secondary);
    EXPECT_EQ(role(80, 1, 6), Role::warm);
    EXPECT_EQ(role(80, -1, -6), Role::cool);
}

TEST(ChartData, AGridIsLaidOutAndChecked) {
    const auto colours = brought(labs({{90, 0, 0}, {70, 0, 0}, {50, 0, 0}, {30, 0, 0}, {20, 0, 0}}));
    ASSERT_TRUE(colours);
    ChartGrid g;
    g.rows = 2;
    g.columns = 3;
    const auto chart = chartOnGrid(*colours, g, "mine", "Mine", "me");
    ASSERT_TRUE(chart) << chart.error().message;
    EXPECT_EQ(chart->outlineMm, Point(2 * 8 + 3 * 40 + 2 * 4, 2 * 8 + 2 * 40 + 4));
    EXPECT_EQ(chart->patches[4].centreMm, Point(8 + 44 + 20, 8 + 44 + 20)) << "second row, second column";
    g.columns = 2;
    EXPECT_NE(chartOnGrid(*colours, g, "mine", "Mine", "me").error().message.find("5 colours"),
              std::string::npos);
    g.columns = 3;
    g.patchWidthMm = 0;
    EXPECT_FALSE(chartOnGrid(*colours, g, "mine", "Mine", "me"));
    g.patchWidthMm = 40;
    g.rows = 0;
    EXPECT_FALSE(chartOnGrid(*colours, g, "mine", "Mine", "me"));
}

TEST(ChartData, AGridIsProposedForTheNumber) {
    const auto is = [](std::size_t n, int rows, int columns) {
        const ChartGrid g = proposedGrid(n);
        EXPECT_EQ(g.rows, rows) << n;
        EXPECT_EQ(g.columns, columns) << n;
    };
    is(24, 4, 6);
    is(96, 8, 12);
    is(140, 10, 14);
    is(1, 1, 1);
    EXPECT_GE(proposedGrid(7).rows * proposedGrid(7).columns, 7);
}

}  // namespace
}  // namespace refero
