// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/sorting.h"

#include <gtest/gtest.h>

#include <random>

#include "day.h"

namespace refero::plan {
namespace {

plan::Setup timed(plan::Setup s, int from, int to) {
    s.startMinutes = from;
    s.endMinutes = to;
    return s;
}

// Two setups of the first body with the 60 mm, one of the second body, one with the zoom. Clocks are two
// hours ahead.
Day threeBodies() {
    Day d = plainDay(Policy::usual);
    Conditions first = plainConditions(), second = plainConditions(), zoom = plainConditions();
    second.body = 2;
    zoom.lens = 2;
    d.setups = {timed(plainSetup(1, first), 9 * 60, 10 * 60), timed(plainSetup(2, first), 11 * 60, 12 * 60),
                timed(plainSetup(3, second), 9 * 60, 12 * 60), timed(plainSetup(4, zoom), 13 * 60, 14 * 60)};
    return d;
}

FrameFacts frame(const char* clock, const char* serial = "11110001", const char* lens = "60 mm") {
    FrameFacts f;
    f.frame = 1;
    f.body = "Heron";
    f.serial = serial;
    f.lens = lens;
    f.taken = at(clock);
    return f;
}

Sorted one(const Day& d, const FrameFacts& f) {
    return sorted(d, {f}).front();
}

TEST(Sorting, BodyLensAndTimeTellTheSetup) {
    const Day d = threeBodies();
    EXPECT_EQ(one(d, frame("07:30")).setup, 1);
    EXPECT_EQ(one(d, frame("09:30")).setup, 2);
    EXPECT_EQ(one(d, frame("07:30", "11110002")).setup, 3);
    EXPECT_EQ(one(d, frame("11:10", "11110001", "24-70 mm")).setup, 4);
    EXPECT_EQ(one(d, frame("07:30", "11110002")).reason, "The only setup with this body and lens.");
    EXPECT_TRUE(one(d, frame("07:30")).contradictions.empty());
    EXPECT_EQ(one(d, frame("10:15")).setup, 2) << "a quarter of an hour after its time";
}

TEST(Sorting, WhatFitsNothingOrSeveralStaysOutAndSaysWhy) {
    Day d = threeBodies();
    EXPECT_EQ(one(d, frame("07:30", "99999999")).setup, 0) << "a body that nobody planned";
    const Sorted night = one(d, frame("22:00"));
    EXPECT_EQ(night.setup, 0);
    EXPECT_NE(night.reason.find("another time"), std::string::npos) << night.reason;
    for (auto& s : d.setups) s.startMinutes.reset(), s.endMinutes.reset();
    const Sorted either = one(d, frame("07:30"));
    EXPECT_EQ(either.setup, 0);
    EXPECT_NE(either.reason.find("Setup 1 and Setup 2"), std::string::npos) << either.reason;
    FrameFacts nothing;
    EXPECT_EQ(one(d, nothing).setup, 0);
}

TEST(Sorting, ALensTheKitDoesNotKnowIsToldByItsFocalLength) {
    const Day d = threeBodies();
    FrameFacts f = frame("11:10", "11110001", "");
    f.focalLengthMm = 35;
    EXPECT_EQ(one(d, f).setup, 4) << "only the zoom reaches 35 mm";
    f.taken = at("07:30");
    f.focalLengthMm = 60;
    EXPECT_EQ(one(d, f).setup, 1);
}

TEST(Sorting, OneOfTwoBodiesOfAModelIsNotGuessed) {
    const Day d = threeBodies();
    FrameFacts f = frame("07:30", "");
    const Sorted s = one(d, f);
    EXPECT_EQ(s.setup, 0) << "it may be either's";
    EXPECT_NE(s.reason.find("Setup 1 and Setup 3"), std::string::npos) << s.reason;
}

TEST(Sorting, ASlateSpeaksForWhatComesAfterIt) {
    Day d = threeBodies();
    FrameFacts slate = frame("07:05");
    slate.slate = SlateCode{"K7Q2", 2};
    const std::vector<FrameFacts> all{frame("07:06"), slate, frame("07:04"), frame("07:40", "11110002"),
                                      frame("07:41", "11110001", "24-70 mm")};
    const auto out = sorted(d, all);
    EXPECT_EQ(out[1].setup, 2) << "by the slate, whatever the clock says";
    EXPECT_FALSE(out[1].contradictions.empty()) << "but that is said";
    EXPECT_EQ(out[0].setup, 2);
    EXPECT_EQ(out[0].reason, "Taken 1 min after the slate of Setup 2.");
    EXPECT_EQ(out[2].setup, 1) << "before the slate the clock decides";
    EXPECT_EQ(out[3].setup, 3) << "the slate was another body's";
    EXPECT_EQ(out[4].setup, 0) << "a changed lens ends it; and the zoom's time is later";
    slate.slate = SlateCode{"WXYZ", 2};
    EXPECT_EQ(one(d, slate).setup, 0) << "of another shoot";
}

TEST(Sorting, ASlateIsForgottenWhenItsSetupIsLongOver) {
    const Day d = threeBodies();
    FrameFacts slate = frame("07:05");
    slate.slate = SlateCode{"K7Q2", 1};
    const auto out = sorted(d, {slate, frame("08:10"), frame("09:20")});
    EXPECT_EQ(out[1].setup, 1) << "ten minutes over time";
    EXPECT_EQ(out[2].setup, 2) << "in the next one's time";
}

TEST(Sorting, ContradictionsAreNamed) {
    const Day d = threeBodies();
    const auto all = contradictions(d, frame("22:00", "99999999", "24-70 mm"), d.setups[0]);
    ASSERT_EQ(all.size(), 3u);
    EXPECT_NE(all[0].find("99999999"), std::string::npos) << all[0];
    EXPECT_NE(all[1].find("24-70 mm, is not the setup's, 60 mm"), std::string::npos) << all[1];
    EXPECT_NE(all[2].find("minutes outside"), std::string::npos) << all[2];
}

// A day of 1,000 frames of eight setups, three bodies and two lenses, some without serial number: nothing
// that is sorted may be wrong, and hardly anything may stay out.
TEST(Sorting, AThousandFramesOfADay) {
    Day d = plainDay(Policy::usual);
    d.kit.bodies.push_back({3, "Bittern", "BT-1", ""});
    std::mt19937 random(7);
    std::vector<FrameFacts> frames;
    std::vector<SetupId> truth;
    for (int i = 0; i < 8; ++i) {
        Conditions c = plainConditions();
        c.body = i < 4 ? 1 : i < 6 ? 2 : 3;
        c.lens = 1 + i % 2;
        d.setups.push_back(timed(plainSetup(i + 1, c), 8 * 60 + 60 * i, 9 * 60 + 60 * i));
        for (int n = 0; n < 125; ++n) {
            FrameFacts f;
            f.frame = static_cast<std::int64_t>(frames.size());
            const Body& b = *d.kit.body(c.body);
            f.body = b.model;
            f.serial = random() % 4 == 0 && b.model != "Heron" ? "" : b.serial;
            f.lens = d.kit.lens(c.lens)->model;
            f.taken = at("00:00") + std::chrono::minutes(8 * 60 + 60 * i - 120) +
                      std::chrono::seconds(random() % 3600);
            frames.push_back(f);
            truth.push_back(i + 1);
        }
    }
    const auto out = sorted(d, frames);
    int right = 0, wrong = 0;
    for (std::size_t i = 0; i < out.size(); ++i) {
        right += out[i].setup == truth[i];
        wrong += out[i].setup != 0 && out[i].setup != truth[i];
    }
    EXPECT_EQ(wrong, 0);
    EXPECT_GE(right, 990);
}

}  // namespace
}  // namespace refero::plan
