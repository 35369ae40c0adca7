// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/shoot_state.h"

#include <algorithm>

#include "workflow/one_shoot.h"

namespace refero::workflow {
namespace {

class Derived : public OneShoot {
  protected:
    // Judged "shoot again" by the limits of a fresh shoot, for one thing alone: its light falls off.
    studio::SetupId unevenSetup() {
        sim::Shot s = test::plainShot();
        s.falloffStops = 4;
        s.falloffDegrees = 20;
        return readSetup(shot(s, "uneven.tif"));
    }
    void allow(const Reading& reading) {
        Limits limits = limitsOf(day().shoot);
        for (const LimitField& f : limitFields())
            for (const Check& c : reading.checks)
                if (c.id == f.id && c.verdict != Verdict::pass)
                    limits.*(f.band) = allowing(limits.*(f.band), c.value);
        plan::Shoot changed = day().shoot;
        changed.limitChanges = changesIn(limits);
        act([&](studio::Edit& e) { e.put(changed); });
    }
};

TEST_F(Derived, VerdictsPlanAndProgressFollowTheLimitsOfToday) {
    const studio::SetupId id = unevenSetup();
    const workflow::Setup before = setup(id);
    ASSERT_EQ(before.reading->verdict, Verdict::reshoot);
    EXPECT_EQ(before.progress(), Progress::shootAgain);
    ASSERT_EQ(day().shots.size(), 1u);
    EXPECT_FALSE(day().shots[0].usable);
    EXPECT_EQ(before.plan.state, plan::DueState::stale);

    allow(*before.reading);

    const workflow::Setup after = setup(id);
    EXPECT_EQ(after.reading->verdict, Verdict::pass);
    EXPECT_TRUE(day().shots[0].usable) << "the plan knows it, too";
    EXPECT_EQ(after.plan.state, plan::DueState::done) << after.plan.reason;
    EXPECT_EQ(after.progress(), Progress::read);
    EXPECT_EQ(readingOf(studio->contents(), id)->verdict, "reshoot")
        << "what was kept is what was said when it was read";
}

TEST_F(Derived, StricterLimitsTakeAGoodShotBack) {
    const studio::SetupId id = readSetup(shot(test::plainShot(), "good.tif"));
    ASSERT_EQ(setup(id).plan.state, plan::DueState::done);
    act([&](studio::Edit& e) {
        plan::Shoot strict = day().shoot;
        Limits limits = limitsOf(strict);
        limits.sharePercent = {60, 80, 50, 90};
        strict.limitChanges = changesIn(limits);
        e.put(strict);
    });
    EXPECT_EQ(setup(id).reading->verdict, Verdict::reshoot);
    EXPECT_EQ(setup(id).plan.state, plan::DueState::stale);
}

TEST_F(Derived, ASubjectsGreyIsJudgedWithTheChartsLight) {
    const studio::SetupId id = readSetup(shot(test::plainShot(), "good.tif"));
    act([&](studio::Edit& e) {
        studio::Frame f;
        f.shoot = shoot;
        f.setup = id;
        f.role = studio::FrameRole::subject;
        f.path = "subject.tif";
        f.greyRed = 0.9, f.greyGreen = 0.3, f.greyBlue = 0.1;
        e.add(f);
    });
    const Reading judged = *setup(id).reading;
    ASSERT_EQ(judged.subjects.size(), 1u);
    EXPECT_EQ(test::verdictOf(judged, "light"), Verdict::reshoot) << "another light than the chart's";
}

TEST_F(Derived, AReadingThatCannotBeReadIsNone) {
    const studio::SetupId id = readSetup(shot(test::plainShot(), "good.tif"));
    act([&](studio::Edit& e) {
        studio::ReadingRecord broken = *readingOf(studio->contents(), id);
        broken.document = "{\"format\": \"refero-reading\"";
        e.put(broken);
    });
    EXPECT_FALSE(setup(id).reading);
    ASSERT_EQ(day().shots.size(), 1u);
    EXPECT_FALSE(day().shots[0].usable);
}

// What was kept before frames said who had put them where they are.
TEST(OlderStudio, OpensWithItsReadingCorrectionAndHandover) {
    const test::TemporaryFolder folder;
    std::filesystem::copy_file(REFERO_TEST_DATA "/version-4/studio.refero", folder / "studio.refero");
    const auto opened = studio::Studio::open(folder / "studio.refero");
    ASSERT_TRUE(opened) << opened.error().message;
    const studio::Contents& c = (*opened)->contents();
    EXPECT_EQ(c.find<studio::Frame>(200)->placement, studio::Placement::byHand);
    EXPECT_EQ(c.find<studio::Frame>(201)->placement, studio::Placement::sorted);
    ShootState state;
    const auto setups = state.setups(c, state.day(c, latestShoot(c)));
    const auto it =
        std::find_if(setups.begin(), setups.end(), [](const workflow::Setup& s) { return s.id == 23; });
    ASSERT_NE(it, setups.end());
    ASSERT_TRUE(it->reading);
    EXPECT_TRUE(it->reading->lightTakenOut.chart);
    EXPECT_EQ(it->reading->encodingSource, EncodingSource::file);
    ASSERT_TRUE(it->correction);
    EXPECT_TRUE(it->correction->lightTakenOut.chart);
    ASSERT_EQ(it->handedOver.size(), 1u);
    EXPECT_EQ(it->handedOver[0].receiver, "Editor");
}

}  // namespace
}  // namespace refero::workflow
