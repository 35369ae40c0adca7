// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/moment.h"

#include <gtest/gtest.h>

namespace refero::plan {
namespace {

// ISO 8601-1:2019, 5.4.2: the same instant written with different offsets.
TEST(Moments, OffsetsNameTheSameInstant) {
    const auto z = momentFrom("2026-05-14T09:30:15Z");
    ASSERT_TRUE(z);
    EXPECT_EQ(z->time_since_epoch().count(), 1778751015) << "date -u -d 2026-05-14T09:30:15Z +%s";
    EXPECT_EQ(*momentFrom("2026-05-14T11:30:15+02:00"), *z);
    EXPECT_EQ(*momentFrom("2026-05-14T00:00:15-09:30"), *z);
    EXPECT_EQ(*momentFrom("2026-05-14T09:30Z") + std::chrono::seconds(15), *z);
    EXPECT_EQ(isoText(*z), "2026-05-14T09:30:15Z");
    EXPECT_EQ(isoText(*momentFrom("1969-12-31T23:59:59Z")), "1969-12-31T23:59:59Z");
    EXPECT_EQ(clockText(*z, 345), "15:15");
    EXPECT_EQ(clockText(*z, -600), "23:30") << "the day before";
}

TEST(Moments, WhatIsNoTimeIsRefused) {
    for (const char* text :
         {"", "now", "2026-05-14", "2026-05-14T09:30:15", "2026-13-01T00:00Z", "2026-02-29T00:00Z",
          "2026-05-14T24:00Z", "2026-05-14T09:60Z", "2026-05-14T09:30:61Z", "2026-05-14T09:30Z ",
          "2026-05-14 09:30Z", "-026-05-14T09:30Z"})
        EXPECT_FALSE(momentFrom(text)) << text;
    EXPECT_TRUE(momentFrom("2028-02-29T00:00Z"));
    for (const char* text : {"", "14.5.2026", "2026-5-14", "2026-02-30", "2026-05-14x"})
        EXPECT_FALSE(dateFrom(text)) << text;
    for (const char* text : {"", "24:00", "9", "12:60", "1:2", "09:30:00"})
        EXPECT_FALSE(clockMinutesFrom(text)) << text;
    EXPECT_EQ(*clockMinutesFrom("9:30"), 570);
    EXPECT_EQ(*clockMinutesFrom("14:05"), 845);
}

}  // namespace
}  // namespace refero::plan
