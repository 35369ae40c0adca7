// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/chart/arrangement.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/colour/lab.h"

namespace refero {
namespace {

// 3 x 4 patches and a list of their colours in reading order.
struct Card {
    PatchField field{3, 4, {10, 10}, {20, 20}, {16, 16}};
    ChartColours listed;
    Card() {
        // Invented: greys from light to dark, then strong and mild colours.
        const std::vector<Vector3> labs{{95, 0, 1},   {70, 0, 0},    {45, 1, 0},    {22, 0, -1},
                                        {40, 55, 30}, {55, -40, 30}, {30, 15, -50}, {80, 5, 75},
                                        {65, 18, 18}, {50, -5, -24}, {45, -15, 22}, {52, -25, -28}};
        for (std::size_t i = 0; i < 12; ++i)
            listed.colours.push_back(
                {std::string(1, static_cast<char>('A' + i / 4)) + std::to_string(i % 4 + 1),
                 "",
                 Lab{labs[i].x(), labs[i].y(), labs[i].z(), white::d50},
                 {}});
    }
    // Through a camera with a cast, the card turned clockwise by quarters.
    FieldChoice seen(int quarters) const {
        FieldChoice out{{field}, {}};
        Matrix3 cast;
        cast << 0.7, 0.2, 0.05, 0.1, 0.9, 0.1, 0.0, 0.2, 0.6;
        int rows = 3, columns = 4;
        std::vector<std::size_t> at(12);
        for (std::size_t i = 0; i < 12; ++i) at[i] = i;
        for (int q = 0; q < quarters; ++q) {
            std::vector<std::size_t> turned(12);
            for (int r = 0; r < columns; ++r)
                for (int c = 0; c < rows; ++c)
                    turned[static_cast<std::size_t>(r * rows + c)] =
                        at[static_cast<std::size_t>((rows - 1 - c) * columns + r)];
            std::swap(rows, columns);
            at = turned;
        }
        out.fields.front().rows = rows;
        out.fields.front().columns = columns;
        for (const std::size_t i : at) out.seen.emplace_back(cast * toXyz(listed.colours[i].labD50).vector());
        return out;
    }
};

TEST(Arrangement, IsFoundHoweverTheChartLies) {
    const Card card;
    for (int quarters = 0; quarters < 4; ++quarters) {
        const auto a = arranged({card.seen(quarters)}, card.listed);
        ASSERT_TRUE(a) << quarters << ": " << a.error().message;
        EXPECT_EQ(a->quarterTurns, (4 - quarters) % 4);
        EXPECT_GT(a->agreement, 0.999);
        EXPECT_LT(a->runnerUp, 0.8);
        // The place that a card on its side shows at the top right is its first.
        if (quarters == 1) {
            EXPECT_EQ(a->colourAt[2], 0U);
        }
    }
}

TEST(Arrangement, AListMayGoDownTheColumnsOrByItsNames) {
    const Card card;
    Card columns = card, shuffled = card;
    for (std::size_t i = 0; i < 12; ++i) columns.listed.colours[i] = card.listed.colours[i % 3 * 4 + i / 3];
    for (std::size_t i = 0; i < 12; ++i) columns.listed.colours[i].id = "s" + std::to_string(i);
    const auto down = arranged({card.seen(0)}, columns.listed);
    ASSERT_TRUE(down) << down.error().message;
    EXPECT_EQ(down->quarterTurns, 0);
    EXPECT_EQ(down->colourAt[4], 1U) << "the second of the list is under the first";
    std::reverse(shuffled.listed.colours.begin() + 1, shuffled.listed.colours.end() - 3);
    std::swap(shuffled.listed.colours[2], shuffled.listed.colours[7]);
    const auto named = arranged({card.seen(0)}, shuffled.listed);
    ASSERT_TRUE(named) << named.error().message;
    EXPECT_EQ(shuffled.listed.colours[*named->colourAt[5]].id, "B2");
}

TEST(Arrangement, ALastLineMayBeShort) {
    Card card;
    const auto seen = card.seen(0);
    card.listed.colours.resize(10);
    const auto a = arranged({seen}, card.listed);
    ASSERT_TRUE(a) << a.error().message;
    EXPECT_FALSE(a->colourAt[10]);
    EXPECT_FALSE(a->colourAt[11]);
    card.listed.colours.resize(7);
    const auto few = arranged({seen}, card.listed);
    ASSERT_FALSE(few);
    EXPECT_NE(few.error().message.find("12 patches, the data have 7 colours"), std::string::npos)
        << few.error().message;
}

TEST(Arrangement, WhatCannotBeToldIsSaid) {
    const Card card;
    // Greys only: read forwards or backwards in pairs they look alike.
    Card even = card;
    for (auto& c : even.listed.colours) c.labD50 = {50, 0, 0, white::d50};
    EXPECT_FALSE(arranged({card.seen(0)}, even.listed)) << "no colour of it is in the picture";
    Card twofold = card;
    for (std::size_t i = 0; i < 6; ++i) twofold.listed.colours[11 - i].labD50 = card.listed.colours[i].labD50;
    const auto a = arranged({twofold.seen(0)}, twofold.listed);
    ASSERT_FALSE(a);
    EXPECT_NE(a.error().message.find("Two orders"), std::string::npos) << a.error().message;
}

TEST(PatchFields, OfAChartAreFoundInItsPatches) {
    const std::vector<PatchField> made{{4, 6, {20, 20}, {30, 28}, {24, 22}},
                                       {1, 8, {18, 140}, {20, 16}, {16, 16}}};
    Chart chart;
    for (const PatchField& f : made)
        for (std::size_t i = 0; i < f.count(); ++i) {
            Patch p;
            p.centreMm = f.centre(i);
            p.sizeMm = f.size;
            chart.patches.push_back(std::move(p));
        }
    const auto found = fieldsOf(chart);
    ASSERT_EQ(found.size(), 2U);
    EXPECT_EQ(places(found), chart.patches.size());
    for (std::size_t k = 0; k < 2; ++k) {
        EXPECT_EQ(found[k].rows, made[k].rows);
        EXPECT_EQ(found[k].columns, made[k].columns);
        EXPECT_EQ(found[k].first, made[k].first);
        EXPECT_EQ(found[k].size, made[k].size);
    }
    chart.patches[7].centreMm += Point(9, 4);
    EXPECT_GT(fieldsOf(chart).size() + (fieldsOf(chart).empty() ? 9 : 0), 2U)
        << "one out of line breaks the field";
}

TEST(PatchFields, AreFramedWithTheirNarrowestGap) {
    const FramedFields on =
        framed({{2, 3, {50, 60}, {12, 12}, {10, 10}}, {1, 2, {50, 100}, {12, 10}, {10, 10}}});
    EXPECT_EQ(on.shift, Point(-43, -53));
    EXPECT_EQ(on.outlineMm, Point(38, 54));
    EXPECT_TRUE((PatchField{2, 2, {0, 0}, {5, 5}, {5, 5}}.gapless()));
}

}  // namespace
}  // namespace refero
