// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include "cli/call.h"
#include "io/chart_file.h"
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

}  // namespace
}  // namespace refero
