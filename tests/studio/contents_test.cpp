// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/contents.h"
#include "support/every_shot.h"

#include <gtest/gtest.h>

namespace refero::studio {
namespace {

// A shoot of two setups at a window and under a lamp, with a reading and frames.
Contents plainContents() {
    Contents c;
    plan::Shoot shoot{1, "K7Q2", "Tiles", "", "2026-06-21"};
    plan::Place yard{2, 1, "Yard", 52.6, 0.2, 60};
    plan::Lamp window, panel;
    window.id = 3;
    window.kind = plan::LightKind::shade;
    panel.id = 4;
    plan::Setup first, second;
    first.id = 10;
    first.shoot = second.shoot = 1;
    first.position = 2;
    first.conditions.lamp = 3;
    first.conditions.place = second.conditions.place = 2;
    second.id = 11;
    second.position = 1;
    second.conditions.lamp = 4;
    ReadingRecord reading;
    reading.id = 20;
    reading.setup = 10;
    reading.shotAt = "2026-06-21T12:00:00Z";
    reading.verdict = "pass";
    reading.conditions = first.conditions;
    Frame frame;
    frame.id = 30;
    frame.shoot = 1;
    frame.setup = 11;
    frame.role = FrameRole::subject;
    c.put(shoot);
    c.put(yard);
    c.put(window);
    c.put(panel);
    c.put(first);
    c.put(second);
    c.put(reading);
    c.put(frame);
    return c;
}

TEST(StudioContents, ADayIsMadeOfThem) {
    const plan::ClearSky sky;
    Contents c = plainContents();
    const plan::Day day = dayOf(c, 1, sky, {}, test::everyShot);
    ASSERT_EQ(day.setups.size(), 2u);
    EXPECT_EQ(day.setups[0].id, 11) << "in shooting order";
    ASSERT_EQ(day.shots.size(), 1u);
    EXPECT_EQ(day.shots[0].setup, 10);
    EXPECT_EQ(day.trustedUntil.count(20), 1u) << "the window's light moves";
    EXPECT_EQ(day.subjectFrames.at(11), 1);
    const auto all = plan::due(day);
    EXPECT_EQ(all[0].state, plan::DueState::missing);
    EXPECT_EQ(all[1].state, plan::DueState::done);
    const auto bad = dayOf(c, 1, sky, {}, [](const ReadingRecord& r) { return r.id != 20; });
    EXPECT_EQ(plan::due(bad)[1].state, plan::DueState::stale) << "whatever was kept as its verdict";
    EXPECT_TRUE(dayOf(c, 99, sky, {}, test::everyShot).setups.empty());
    EXPECT_EQ(c.largestId(), 30);
}

}  // namespace
}  // namespace refero::studio
