// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/curve_file.h"

#include <gtest/gtest.h>

#include <cstdio>

#include "support/temporary.h"

namespace refero {
namespace {

class CurveFiles : public testing::Test {
  protected:
    // "LUT_1D_SIZE" with `f` of each stored number in three columns.
    template <class F>
    std::string cube(const char* name, F&& f) {
        std::string text = "TITLE \"curve\"\nLUT_1D_SIZE 1024\nDOMAIN_MIN 0 0 0\nDOMAIN_MAX 1 1 1\n";
        for (int i = 0; i < 1024; ++i) {
            const double x = i / 1023.0;
            char line[100];
            std::snprintf(line, sizeof line, "%.9g %.9g %.9g\n", f(x, 0), f(x, 1), f(x, 2));
            text += line;
        }
        test::put(folder_ / name, text);
        return folder_ / name;
    }
    std::string file(const char* name, const std::string& text) {
        test::put(folder_ / name, text);
        return folder_ / name;
    }
    void expectRefused(const std::string& path, const char* part) {
        const auto t = io::readCurve(path);
        ASSERT_FALSE(t);
        EXPECT_NE(t.error().message.find(part), std::string::npos) << t.error().message;
    }

  private:
    test::TemporaryFolder folder_;
};

TEST_F(CurveFiles, OneDimensionalCubeIsTheCurveThatItHolds) {
    const auto t =
        io::readCurve(cube("own.cube", [](double x, int) { return decode(Encoding::gamma22, x); }));
    ASSERT_TRUE(t) << t.error().message;
    EXPECT_EQ(t->name(), "own.cube");
    for (const double x : {0.01, 0.1, 0.333, 0.5, 0.9, 1.0})
        EXPECT_NEAR(t->decode(x), decode(Encoding::gamma22, x), 3e-6) << x;
}

// Academy S-2014-006 (CLF): a LUT1D node of three values a channel set out as one column.
TEST_F(CurveFiles, CommonLutFormatIsRead) {
    const auto t = io::readCurve(file("own.clf",
                                      "<?xml version=\"1.0\"?><ProcessList compCLFversion=\"3\" id=\"c\">"
                                      "<LUT1D inBitDepth=\"32f\" outBitDepth=\"32f\"><Array dim=\"3 1\">"
                                      "0\n0.2\n1</Array></LUT1D></ProcessList>"));
    ASSERT_TRUE(t) << t.error().message;
    EXPECT_NEAR(t->decode(0.25), 0.1, 1e-6);
    EXPECT_NEAR(t->decode(0.75), 0.6, 1e-6);
}

TEST_F(CurveFiles, TwoColumnsWithHeadingCommentsAndAnySeparator) {
    const auto t =
        io::readCurve(file("m.csv", "stored,linear\n# by hand\n0,0\r\n0.4;0.1\n\n0.7\t0.3\n1 2\n"));
    ASSERT_TRUE(t) << t.error().message;
    EXPECT_NEAR(t->decode(0.4), 0.05, 1e-12) << "clipping is 1";
    EXPECT_NEAR(t->decode(0.55), 0.10, 1e-12);
}

TEST_F(CurveFiles, WhatIsNoCurveIsRefusedWithTheReason) {
    expectRefused(cube("three.cube", [](double x, int k) { return x * (1 + k); }), "differently");
    expectRefused(cube("back.cube", [](double x, int) { return encode(Encoding::srgb, x); }),
                  "other direction");
    expectRefused(cube("down.cube", [](double x, int) { return 1 - x; }), "does not rise");
    expectRefused(
        file("grid.cube", "LUT_3D_SIZE 2\n0 0 0\n.8 0 0\n0 1 0\n1 1 0\n0 0 1\n1 0 1\n0 1 1\n1 1 1\n"),
        "three dimensions");
    expectRefused(file("words.cube", "these are words\nand more\n"), "neither two columns");
    expectRefused(file("empty.csv", ""), "neither two columns");
    expectRefused(file("torn.csv", "0,0\n0.5,0.2\n1,"), "neither two columns");
    expectRefused("/nowhere/at/all.cube", "all.cube");
    const auto t = io::transferByNameOrPath("no-such-name");
    ASSERT_FALSE(t);
    EXPECT_NE(t.error().message.find("Known are linear"), std::string::npos);
}

TEST(TransferInJson, CurvesTravelWithTheDocument) {
    const auto t = Transfer::fromCurve({"own", {0, 0.5, 1}, {0, 0.1, 1}});
    io::Json j;
    io::putTransfer(j, "encoding", *t);
    EXPECT_EQ(io::transferFrom(io::Node(j, ""), "encoding"), *t);
    io::Json plain;
    io::putTransfer(plain, "encoding", Encoding::acescct);
    EXPECT_EQ(plain.dump(), R"({"encoding":"acescct"})");
    EXPECT_EQ(io::transferFrom(io::Node(plain, ""), "encoding"), Transfer(Encoding::acescct));
    j["encoding_curve"]["linear"] = {0, 0.1, 0.05};
    EXPECT_THROW(io::transferFrom(io::Node(j, ""), "encoding"), io::JsonProblem);
}

}  // namespace
}  // namespace refero
