// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include "cli/call.h"
#include "io/chart_data/chart_data_file.h"
#include "io/chart_file.h"
#include "sim/shoot.h"
#include "support/temporary.h"

namespace refero {
namespace {

using test::call;

TEST(ChartCommand, MakesAChartOfTheCiesTestColours) {
    const test::TemporaryFolder folder;
    const auto o = call({"chart", "/usr/share/colord/ref/CIE-TCS.sp", "--rows", "3", "--columns", "5",
                         "--name", "Test colours", "--out", folder / "tcs.chart.json"});
    ASSERT_EQ(o.status, 0) << o.err;
    EXPECT_NE(o.err.find("15 patches. L*a*b* computed from the spectra"), std::string::npos) << o.err;
    const auto chart = io::readChart(folder / "tcs.chart.json");
    ASSERT_TRUE(chart) << chart.error().message;
    EXPECT_EQ(chart->id, "test-colours");
    EXPECT_EQ(chart->patches.size(), 15u);
    EXPECT_TRUE(chart->patches[0].reflectance);
    EXPECT_NEAR(chart->patches[5].centreMm.y(), 8 + 44 + 20, 1e-9) << "the second row begins with the sixth";
}

TEST(ChartCommand, GoesThereAndBack) {
    const test::TemporaryFolder folder;
    ASSERT_EQ(call({"chart", "/usr/share/colord/ref/CIE-TCS.sp", "--columns", "5", "--out",
                    folder / "a.chart.json"})
                  .status,
              0);
    for (const char* file : {"a.txt", "a.cxf", "a.csv"}) {
        ASSERT_EQ(call({"chart", folder / "a.chart.json", "--out", folder / file}).status, 0) << file;
        const auto o = call({"chart", folder / file, "--out", "-"});
        ASSERT_EQ(o.status, 0) << file << ": " << o.err;
        const auto again = io::parseChart(o.out, "again");
        ASSERT_TRUE(again) << again.error().message;
        EXPECT_EQ(again->patches.size(), 15u);
        EXPECT_EQ(again->patches[0].reflectance->startNm, 360);
    }
}

TEST(ChartCommand, WhatItCannotDoIsSaidAndNothingIsWritten) {
    const test::TemporaryFolder folder;
    test::put(folder / "text.txt", "Dear all\nthe chart is lost\n");
    for (const std::string& data : {folder / "text.txt", folder / "none.txt"}) {
        const auto o = call({"chart", data, "--out", folder / "x.chart.json"});
        EXPECT_EQ(o.status, 1);
        EXPECT_FALSE(o.err.empty());
    }
    const auto o = call({"chart", "/usr/share/colord/ref/CIE-TCS.sp", "--rows", "2", "--columns", "3",
                         "--out", folder / "x.chart.json"});
    EXPECT_EQ(o.status, 1);
    EXPECT_NE(o.err.find("15 colours do not fit into 2 rows of 3"), std::string::npos) << o.err;
    EXPECT_EQ(call({"chart", "--out", folder / "x.chart.json"}).status, 2);
    EXPECT_FALSE(std::filesystem::exists(folder / "x.chart.json"));
}

// A photograph of a chart that is not known, and the list of its colours.
class ChartFromFrame : public ::testing::Test {
  protected:
    void SetUp() override {
        const Chart fen = *io::chartByNameOrPath("fen-24");
        ChartColours colours;
        for (const Patch& p : fen.patches) colours.colours.push_back({p.id, p.name, p.labD50, p.reflectance});
        ChartGrid grid;
        grid.gapMm = 7;
        const auto chart = chartOnGrid(colours, grid, "own", "Own", "made up");
        ASSERT_TRUE(chart);
        ASSERT_TRUE(io::writeChart(*chart, std::filesystem::path(folder / "truth.chart.json")));
        ASSERT_TRUE(io::writeChartData(dataOf(*chart), std::filesystem::path(folder / "own.txt")));
        sim::Shot s;
        s.file = "photo.tif";
        s.width = 1800;
        s.height = 1200;
        s.chart = folder / "truth.chart.json";
        s.pose.coverage = 0.35;
        s.pose.turnDegrees = 184;
        s.set = sim::Set::shelf;
        ASSERT_TRUE(sim::shootToFile(s, folder.path()));
    }
    test::TemporaryFolder folder;
};

TEST_F(ChartFromFrame, IsLearnedAndReadWith) {
    const auto o = call({"chart", folder / "own.txt", "--from-frame", folder / "photo.tif", "--long-side",
                         "280", "--out", folder / "learned.chart.json"});
    ASSERT_EQ(o.status, 0) << o.err;
    EXPECT_NE(o.err.find("4 x 6 patches."), std::string::npos) << o.err;
    const auto learned = io::readChart(folder / "learned.chart.json");
    ASSERT_TRUE(learned) << learned.error().message;
    EXPECT_EQ(learned->patches.size(), 24u);
    EXPECT_LT(learned->patches[0].centreMm.y(), learned->outlineMm.y() / 2) << "turned upright";
    const Point pitch(learned->patches[1].centreMm - learned->patches[0].centreMm);
    EXPECT_NEAR(learned->patches[0].sizeMm.x() / pitch.x(), 40.0 / 47, 0.005) << "as it was made";
    EXPECT_NEAR(learned->outlineMm.x(), 280, 1e-6);
    const auto read =
        call({"read", folder / "photo.tif", "--chart", folder / "learned.chart.json", "--json", "-"});
    ASSERT_EQ(read.status, 0) << read.err;
}

TEST_F(ChartFromFrame, LayoutAndDataMayComeApart) {
    const auto layout = call(
        {"chart", "--from-frame", folder / "photo.tif", "--name", "Ours", "--out", folder / "l.chart.json"});
    ASSERT_EQ(layout.status, 0) << layout.err;
    EXPECT_NE(layout.err.find("not known yet"), std::string::npos) << layout.err;
    EXPECT_TRUE(io::readChart(folder / "l.chart.json")->estimatedColours);
    // Found by it, and no reference.
    ASSERT_EQ(
        call({"read", folder / "photo.tif", "--chart", folder / "l.chart.json", "--json", folder / "r.json"})
            .status,
        0);
    const auto refused = call({"correct", folder / "r.json", "--out", folder / "c.json"});
    EXPECT_EQ(refused.status, 1);
    EXPECT_NE(refused.err.find("colours of Ours are not known yet"), std::string::npos) << refused.err;
    const auto whole = call({"chart", folder / "own.txt", "--layout", folder / "l.chart.json", "--out",
                             folder / "whole.chart.json"});
    ASSERT_EQ(whole.status, 0) << whole.err;
    const auto chart = io::readChart(folder / "whole.chart.json");
    ASSERT_TRUE(chart);
    EXPECT_FALSE(chart->estimatedColours);
    EXPECT_EQ(chart->id, "ours");
    ASSERT_EQ(call({"read", folder / "photo.tif", "--chart", folder / "whole.chart.json", "--json",
                    folder / "r.json"})
                  .status,
              0);
    EXPECT_EQ(call({"correct", folder / "r.json", "--out", folder / "c.json"}).status, 0);
}

TEST_F(ChartFromFrame, WhatItCannotDoIsSaid) {
    test::put(folder / "few.csv", "id,L,a,b\nA1,50,0,0\nA2,60,1,2\nA3,30,5,5\n");
    const auto few = call({"chart", folder / "few.csv", "--from-frame", folder / "photo.tif", "--out",
                           folder / "x.chart.json"});
    EXPECT_EQ(few.status, 1);
    EXPECT_NE(few.err.find("24"), std::string::npos) << few.err;
    EXPECT_EQ(call({"chart", "--from-frame", folder / "photo.tif", "--layout", folder / "truth.chart.json",
                    "--out", folder / "x.chart.json"})
                  .status,
              2);
    EXPECT_EQ(call({"chart", folder / "own.txt", "--from-frame", folder / "none.tif", "--out",
                    folder / "x.chart.json"})
                  .status,
              1);
    EXPECT_FALSE(std::filesystem::exists(folder / "x.chart.json"));
}

}  // namespace
}  // namespace refero
