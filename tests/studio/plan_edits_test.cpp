// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/plan_edits.h"

#include <gtest/gtest.h>

#include "shoots.h"
#include "studio/coverage.h"
#include "support/every_shot.h"
#include "support/temporary.h"

namespace refero::studio {
namespace {

class PlanEdits : public testing::Test {
  protected:
    void SetUp() override {
        studio = made(folder / "a.refero");
        shoot = addShoot(*studio, "Day");
        Edit e = studio->edit("Kit");
        body = e.add(plan::Body{0, "Heron"});
        lens = e.add(plan::Lens{0, "60 mm"});
        lamp = e.add(plan::Lamp{0, "Panel"});
        copy = e.add(plan::ChartCopy{0, "Pocket"});
        plan::Place p;
        p.shoot = shoot;
        p.label = "Room";
        place = e.add(p);
        ASSERT_TRUE(studio->commit(e));
    }
    template <class Fill>
    void act(Fill fill) {
        Edit e = studio->edit("Act");
        fill(e);
        ASSERT_TRUE(studio->commit(e));
    }
    SetupId first() {
        SetupId id = 0;
        act([&](Edit& e) { id = addSetup(e, studio->contents(), shoot); });
        return id;
    }
    std::vector<std::string> order() const {
        std::vector<std::string> out;
        for (const auto& s : studio->contents().setupsOf(shoot)) out.push_back(s.label);
        return out;
    }
    const plan::Setup& setup(SetupId id) const { return *studio->contents().find<plan::Setup>(id); }

    test::TemporaryFolder folder;
    std::unique_ptr<Studio> studio;
    ShootId shoot = 0;
    BodyId body = 0;
    LensId lens = 0;
    plan::LampId lamp = 0;
    ChartCopyId copy = 0;
    PlaceId place = 0;
};

TEST_F(PlanEdits, TheFirstSetupTakesWhatThereIsOnlyOneOf) {
    const auto& s = setup(first());
    EXPECT_EQ(s.conditions.body, body);
    EXPECT_EQ(s.conditions.lens, lens);
    EXPECT_EQ(s.conditions.lamp, lamp);
    EXPECT_EQ(s.conditions.place, place);
    EXPECT_EQ(s.chart, copy);
    EXPECT_EQ(s.label, "Setup 1");
}

TEST_F(PlanEdits, ADuplicateStandsNextAndBeginsWhereItsModelEnds) {
    const SetupId a = first();
    act([&](Edit& e) {
        plan::Setup s = setup(a);
        s.label = "Shelf";
        s.startMinutes = 540;
        s.endMinutes = 600;
        s.note = "once";
        s.conditions.powerPercent = 40;
        e.put(s);
    });
    SetupId b = 0;
    SetupId c = 0;
    act([&](Edit& e) { b = duplicateSetup(e, studio->contents(), a); });
    act([&](Edit& e) { c = duplicateSetup(e, studio->contents(), a); });
    EXPECT_EQ(order(), (std::vector<std::string>{"Shelf", "Shelf 3", "Shelf 2"}));
    EXPECT_EQ(setup(b).conditions, setup(a).conditions);
    EXPECT_EQ(setup(b).startMinutes, 600);
    EXPECT_EQ(setup(b).endMinutes, 660);
    EXPECT_TRUE(setup(b).note.empty());
    act([&](Edit& e) { EXPECT_EQ(duplicateSetup(e, studio->contents(), 999), 0) << "not there"; });
    ASSERT_TRUE(studio->undo());
    EXPECT_EQ(order(), (std::vector<std::string>{"Shelf", "Shelf 2"}));
    EXPECT_EQ(setup(b).position, 1) << "places go back with it";
}

TEST_F(PlanEdits, ALateSetupsDuplicateEndsWithTheDay) {
    const SetupId a = first();
    act([&](Edit& e) {
        plan::Setup s = setup(a);
        s.startMinutes = 22 * 60;
        s.endMinutes = 23 * 60 + 30;
        e.put(s);
    });
    SetupId b = 0;
    act([&](Edit& e) { b = duplicateSetup(e, studio->contents(), a); });
    EXPECT_EQ(setup(b).endMinutes, 24 * 60 - 1);
    EXPECT_TRUE(plan::validate(setup(b), studio->contents().kit()));
}

TEST_F(PlanEdits, SetupsAreMovedAndNumberedAnew) {
    const SetupId a = first();
    first();
    const SetupId c = first();
    EXPECT_EQ(order(), (std::vector<std::string>{"Setup 1", "Setup 2", "Setup 3"}));
    act([&](Edit& e) { moveSetup(e, studio->contents(), c, 0); });
    EXPECT_EQ(order(), (std::vector<std::string>{"Setup 3", "Setup 1", "Setup 2"}));
    act([&](Edit& e) { moveSetup(e, studio->contents(), a, 99); });
    EXPECT_EQ(order(), (std::vector<std::string>{"Setup 3", "Setup 2", "Setup 1"}));
    Edit none = studio->edit("Stay");
    moveSetup(none, studio->contents(), a, 2);
    EXPECT_TRUE(none.changes().empty()) << "where it is already";
}

TEST_F(PlanEdits, WhatIsInUseStaysInTheKit) {
    const SetupId a = first();
    Edit e = studio->edit("Out");
    const Status refused = removeUnused<plan::Lens>(e, studio->contents(), lens);
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().message.find("Setup 1"), std::string::npos);
    EXPECT_FALSE(removeUnused<plan::ChartCopy>(e, studio->contents(), copy));
    EXPECT_FALSE(removeUnused<plan::Place>(e, studio->contents(), place));
    EXPECT_FALSE(removeUnused<plan::Shoot>(e, studio->contents(), shoot));
    EXPECT_TRUE(e.changes().empty());
    // A reading remembers the lens it was shot with, also when the setup has another by now.
    act([&](Edit& x) {
        ReadingRecord r;
        r.setup = a;
        r.conditions = setup(a).conditions;
        r.shotAt = "2026-05-14T09:00:00Z";
        x.add(r);
        plan::Setup s = setup(a);
        s.conditions.lens = 0;
        x.put(s);
    });
    EXPECT_EQ(usersOf<plan::Lens>(studio->contents(), lens), std::vector<std::string>{"Setup 1"});
    act([&](Edit& x) { restateConditions(x, studio->contents(), a); });
    EXPECT_TRUE(usersOf<plan::Lens>(studio->contents(), lens).empty());
    act([&](Edit& x) { EXPECT_TRUE(removeUnused<plan::Lens>(x, studio->contents(), lens)); });
    EXPECT_FALSE(studio->contents().find<plan::Lens>(lens));
}

TEST_F(PlanEdits, AnEntryThatWasWrongIsNoChange) {
    const SetupId a = first();
    act([&](Edit& x) {
        ReadingRecord r;
        r.setup = a;
        r.conditions = setup(a).conditions;
        r.shotAt = "2026-05-14T09:00:00Z";
        x.add(r);
        plan::Setup s = setup(a);
        s.conditions.lamp = 0;
        x.put(s);
    });
    const plan::ClearSky sky;
    EXPECT_EQ(plan::due(dayOf(studio->contents(), shoot, sky, {}, test::everyShot)).front().state,
              plan::DueState::stale);
    act([&](Edit& x) { restateConditions(x, studio->contents(), a); });
    EXPECT_EQ(plan::due(dayOf(studio->contents(), shoot, sky, {}, test::everyShot)).front().state,
              plan::DueState::done);
}

TEST_F(PlanEdits, ATickIsSetAndTakenOff) {
    act([&](Edit& e) { toggleTick(e, studio->contents(), shoot, "raw", "2026-05-14T09:00:00Z"); });
    EXPECT_EQ(studio->contents().all<Tick>().size(), 1u);
    act([&](Edit& e) { toggleTick(e, studio->contents(), shoot, "balance", "2026-05-14T09:00:00Z"); });
    act([&](Edit& e) { toggleTick(e, studio->contents(), shoot, "raw", "2026-05-14T09:00:00Z"); });
    ASSERT_EQ(studio->contents().all<Tick>().size(), 1u);
    EXPECT_EQ(studio->contents().all<Tick>().begin()->second.task, "balance");
}

TEST_F(PlanEdits, CoverageCountsFramesBySetup) {
    const SetupId a = first();
    SetupId b = 0;
    act([&](Edit& e) {
        b = duplicateSetup(e, studio->contents(), a);
        plan::Setup other = e.latest<plan::Setup>(b);
        other.conditions.lens = 0;  // another lens, same body and kind of light
        e.put(other);
        ReadingRecord r;
        r.setup = a;
        r.conditions = setup(a).conditions;
        r.shotAt = "2026-05-14T09:00:00Z";
        r.verdict = "pass";
        const ReadingId reading = e.add(r);
        e.add(CorrectionRecord{0, a, reading});
        Frame f;
        f.shoot = shoot;
        f.role = FrameRole::subject;
        for (const SetupId s : {a, a, b, SetupId{0}}) {
            f.setup = s;
            e.add(f);
        }
        f.setup = a;
        f.role = FrameRole::chart;
        e.add(f);
    });
    const plan::ClearSky sky;
    const auto rows =
        coverage(studio->contents(), dayOf(studio->contents(), shoot, sky, {}, test::everyShot));
    ASSERT_EQ(rows.size(), 3u);
    EXPECT_EQ(rows[0].valid, 2);
    EXPECT_EQ(rows[0].frames(), 2) << "the chart frame does not count";
    EXPECT_EQ(rows[1].weaker, 1);
    EXPECT_NE(rows[1].reason.find("same body and kind of light"), std::string::npos) << rows[1].reason;
    EXPECT_EQ(rows[2].setup, 0);
    EXPECT_EQ(rows[2].none, 1);
}

}  // namespace
}  // namespace refero::studio
