// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/say/say.h"

#include <gtest/gtest.h>

#include "core/say/figure.h"

namespace refero {
namespace {

// Another order of places, as other languages have it; what is not known stays.
std::string backwards(std::string_view english) {
    if (english == "%1 shows %2.") return "%2 is shown by %1!";
    if (english == "%.1f stops of %s") return "%.1f Blenden von %s";
    return std::string(english);
}

class Say : public testing::Test {
  protected:
    void TearDown() override {
        setCatalogue(nullptr);
        setDecimalSign('.');
    }
};

TEST_F(Say, FillsItsPlacesInEnglishWithoutACatalogue) {
    EXPECT_EQ(say("No chart."), "No chart.");
    EXPECT_EQ(say("%1 shows %2.", "a.tif", std::string("a Fen 24")), "a.tif shows a Fen 24.");
    EXPECT_EQ(say("%1 and %1, 95 % of %2 %", "x", std::string_view("y")), "x and x, 95 % of y %");
}

TEST_F(Say, WhatIsFilledInIsNoPlaceItself) {
    EXPECT_EQ(say("%1 shows %2.", "50%2", "%1"), "50%2 shows %1.");
    EXPECT_EQ(say("%1 lacks a second: %2", "one"), "one lacks a second: %2") << "nothing is invented";
    EXPECT_EQ(say("%", "one"), "%");
}

TEST_F(Say, ACatalogueMayChangeTheOrder) {
    setCatalogue(backwards);
    EXPECT_EQ(say("%1 shows %2.", "a.tif", "a Fen 24"), "a Fen 24 is shown by a.tif!");
    EXPECT_EQ(sayf("%.1f stops of %s", 1.25, "light"), "1.2 Blenden von light");
    EXPECT_EQ(say("Unknown to it."), "Unknown to it.");
    setCatalogue(nullptr);
    EXPECT_EQ(say("%1 shows %2.", "a", "b"), "a shows b.");
}

TEST_F(Say, ListsAreSaidAsSentences) {
    EXPECT_EQ(listed({}), "");
    EXPECT_EQ(listed({"A1"}), "A1");
    EXPECT_EQ(listed({"A1", "B2"}), "A1 and B2");
    EXPECT_EQ(listed({"A1", "B2", "C3"}), "A1, B2 and C3");
    EXPECT_EQ(listed({"A1", "B2"}, 7), "A1, B2 and 5 more");
}

// What printf of the C standard (ISO/IEC 9899, 7.21.6.1) makes of the same.
TEST_F(Say, FiguresAreAsPrintfHasThem) {
    EXPECT_EQ(figure("%.2f of %zu, %+.1f, %5.1f|%-6s|%02d, %g %%", 1.005, std::size_t{24}, 2.0, 3.14159, "ab",
                     7, 1e-7),
              "1.00 of 24, +2.0,   3.1|ab    |07, 1e-07 %");
    EXPECT_EQ(figure("%d", -3), "-3");
    EXPECT_EQ(figure("%.1f", -0.04), "-0.0");
    const std::string longText(5000, 'x');
    EXPECT_EQ(figure("%s", longText.c_str()), longText);
}

TEST_F(Say, FiguresHaveTheReadersDecimalSignAndNothingElseHas) {
    setDecimalSign(',');
    EXPECT_EQ(figure("%.2f", 0.48), "0,48");
    EXPECT_EQ(decimals(-12.345, 1), "-12,3");
    EXPECT_EQ(sayf("%s: %.1f stops in 1.5 s.", "shot.1.tif", 0.25), "shot.1.tif: 0,2 stops in 1.5 s.");
    EXPECT_EQ(figure("%d and %g", 1500, 1.5), "1500 and 1,5");
}

TEST_F(Say, APlaceWithoutAValueStays) {
    EXPECT_EQ(figure("%.1f and %.1f", 1.0), "1.0 and %.1f");
    EXPECT_EQ(figure("100 %", 1), "100 %");
    EXPECT_EQ(figure("%y %d", 4), "%y 4");
}

}  // namespace
}  // namespace refero
