// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/schedule.h"

#include <gtest/gtest.h>

#include "core/plan/call_sheet.h"
#include "core/plan/day.h"
#include "core/plan/slate.h"

namespace refero::plan {
namespace {

// Made once: it takes a while.
const ClearSky& sky() {
    static const ClearSky clear;
    return clear;
}

// LED, LED with less power, another lens, LED again.
Day four(Policy policy) {
    Day d = plainDay(policy);
    Conditions c = plainConditions();
    d.setups.push_back(plainSetup(1, c));
    c.powerPercent = 30;
    d.setups.push_back(plainSetup(2, c));
    c.lens = 2;
    d.setups.push_back(plainSetup(3, c));
    d.setups.push_back(plainSetup(4, plainConditions()));
    return d;
}

std::string needs(const Day& day) {
    std::string out;
    for (const PlannedShot& p : schedule(day, sky())) out += p.needed ? 'C' : '.';
    return out;
}

TEST(Schedule, ChartShotsFollowFromTheSchool) {
    EXPECT_EQ(needs(four(Policy::strict)), "CCCC");
    EXPECT_EQ(needs(four(Policy::usual)), "C.C.");
    EXPECT_EQ(needs(four(Policy::runAndGun)), "C...");
    Day shot = four(Policy::usual);
    shot.shots = {shotOf(shot.setups[0], "08:00")};
    EXPECT_EQ(needs(shot), "C.C.") << "it is the plan, whatever was shot";
}

TEST(Schedule, SaysWhatChangedOrWhoServes) {
    const auto planned = schedule(four(Policy::usual), sky());
    EXPECT_EQ(planned[0].reason, "The first setup of Heron 0001.");
    EXPECT_EQ(planned[1].servedBy, 1);
    EXPECT_EQ(planned[1].reason, "Nothing that counts changed: the chart of Setup 1 serves.");
    EXPECT_EQ(planned[2].reason, "Changed since Setup 2: lens 60 mm to 24-70 mm.");
}

TEST(Schedule, DaylightThatMovedNeedsANewShot) {
    Day d = plainDay(Policy::usual);
    d.shoot.date = "2026-06-21";
    d.places[0].latitude = 52.6;
    d.places[0].longitude = 0.2;
    Conditions window = plainConditions();
    window.lamp = 4;
    for (const int hour : {13, 14, 20}) {
        auto s = plainSetup(static_cast<std::int64_t>(d.setups.size() + 1), window);
        s.startMinutes = hour * 60;
        s.endMinutes = hour * 60 + 20;
        d.setups.push_back(s);
    }
    EXPECT_EQ(needs(d), "C.C");
    const auto planned = schedule(d, sky());
    EXPECT_EQ(planned[2].reason, "The light has moved since Setup 2.");
    ASSERT_TRUE(planned[0].until);
    EXPECT_EQ(clockText(*planned[0].at, 120), "13:00");
    EXPECT_GT(*planned[0].until, *ending(d, d.setups[1]));
}

TEST(TheCallSheet, HasALineForEachSetupWithWhatToDo) {
    Day d = four(Policy::usual);
    d.shoot.client = "Harrow Fen Pottery";
    d.kit.charts = {{5, "Pocket Fen 24"}};
    d.setups[0].chart = 5;
    d.setups[0].startMinutes = 570;
    d.setups[0].endMinutes = 630;
    d.setups[2].focalLengthMm = 35;
    const CallSheet sheet = callSheet(d, sky());
    EXPECT_EQ(sheet.title, "Tiles");
    EXPECT_NE(sheet.subtitle.find("Harrow Fen Pottery - 2026-05-14"), std::string::npos) << sheet.subtitle;
    ASSERT_EQ(sheet.lines.size(), 4u);
    const CallLine& first = sheet.lines[0];
    EXPECT_EQ(first.time, "09:30 to 10:30");
    EXPECT_EQ(first.camera, "Heron 0001, 60 mm, raw");
    EXPECT_EQ(first.light, "LED panel, 60 %");
    EXPECT_EQ(first.chart, "Shoot Pocket Fen 24");
    EXPECT_EQ(first.slate, "RF:K7Q2:1");
    EXPECT_EQ(sheet.lines[1].chart, "No chart of its own");
    EXPECT_EQ(sheet.lines[2].camera, "Heron 0001, 24-70 mm at 35 mm, raw");
    EXPECT_FALSE(sheet.tasks.empty());
}

TEST(Slates, CodesComeBackAndNothingElseDoes) {
    const SlateCode code{"K7Q2M", 4711};
    const auto again = slateFrom(slateText(code));
    ASSERT_TRUE(again);
    EXPECT_EQ(*again, code);
    for (const char* text :
         {"", "RF:", "RF::1", "RF:K7Q2M:", "RF:K7Q2M:0", "RF:K7Q2M:-1", "RF:K7Q2M:1x", "RF:k7q2m:1",
          "RF:K7Q2MK7Q2MK7Q2M:1", "https://example.org", "RF:K7Q2M:99999999999999999999"})
        EXPECT_FALSE(slateFrom(text)) << text;
    EXPECT_EQ(shootCode(0).size(), 5u);
    EXPECT_NE(shootCode(12345), shootCode(54321));
    EXPECT_TRUE(slateFrom(slateText({shootCode(0xFFFFFFFFFFFFFFFFu), 1})));
}

}  // namespace
}  // namespace refero::plan
