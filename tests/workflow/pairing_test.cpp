// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/pairing.h"

#include "io/reading_file.h"
#include "workflow/correction.h"
#include "workflow/one_shoot.h"
#include "workflow/whole_shoot.h"

namespace refero::workflow {
namespace {

class PairingWork : public OneShoot {
  protected:
    studio::Id camera(const char* name, const char* body, const Vector3& tone) {
        sim::Shot s = test::plainShot();
        s.camera = body;
        s.encoding = Encoding::srgb;
        s.toneSkew = tone;
        return readSetup(shot(s, name));
    }
    void keep(studio::Id follower, const Match& match) {
        act([&](studio::Edit& e) {
            ASSERT_TRUE(keepCorrection(e, studio->contents(), follower, match.correction));
        });
    }
    std::optional<Following> ledBy(studio::Id follower) {
        const auto all = state.setups(studio->contents(), day());
        const workflow::Setup one = setup(follower);
        return following(one, leaderOf(one, all));
    }
};

TEST_F(PairingWork, AFollowerGoesStaleWhenItsLeaderChanges) {
    const auto a = camera("a.png", "heron", {1.1, 1.1, 1.15}),
               b = camera("b.png", "bittern", {0.95, 0.95, 0.93});
    const auto task = pairingTask(setup(a), setup(b), day().shoot, {});
    ASSERT_TRUE(task) << task.error().message;
    const auto match = task->run();
    ASSERT_TRUE(match) << match.error().message;
    EXPECT_FALSE(ledBy(b)) << "not before it is kept";
    keep(b, *match);
    auto led = ledBy(b);
    ASSERT_TRUE(led);
    EXPECT_EQ(led->leader, a);
    EXPECT_TRUE(led->upToDate);
    // One patch of the leader's is left out by hand.
    Reading changed = *setup(a).reading;
    changed.patches[5].leftOut = true;
    studio::ReadingRecord record = *readingOf(studio->contents(), a);
    record.document = io::toJson(changed).dump();
    act([&](studio::Edit& e) { e.put(record); });
    led = ledBy(b);
    ASSERT_TRUE(led);
    EXPECT_FALSE(led->upToDate);
    EXPECT_NE(led->why.find("Match again"), std::string::npos);
    EXPECT_EQ(setup(b).progress(), Progress::stale);
    // The whole shoot corrected once more matches it again, and only it: the leader is left to be corrected.
    const auto corrected = correctAll(*studio, {}, true);
    ASSERT_TRUE(corrected) << corrected.error().message;
    for (const SetupOutcome& o : *corrected)
        if (o.setup == b) {
            EXPECT_EQ(o.what, SetupOutcome::What::done) << o.message;
        }
    led = ledBy(b);
    ASSERT_TRUE(led);
    EXPECT_EQ(led->leader, a);
    EXPECT_TRUE(led->upToDate);
}

TEST_F(PairingWork, PairsAreToldBeforeAndAfter) {
    const auto a = camera("a.png", "heron", {1.1, 1.1, 1.15}),
               b = camera("b.png", "bittern", {0.95, 0.95, 0.93}),
               c = camera("c.png", "heron-2", {1.05, 1, 1});
    for (const auto follower : {b, c}) {
        const auto match = pairingTask(setup(a), setup(follower), day().shoot, {})->run();
        ASSERT_TRUE(match);
        keep(follower, *match);
    }
    const workflow::Setup one = setup(a), other = setup(b), third = setup(c);
    const workflow::Setup* const setups[] = {&one, &other, &third};
    const auto pairs = pairFigures(setups);
    ASSERT_EQ(pairs.size(), 3U);
    for (const PairFigures& p : pairs) {
        EXPECT_GT(p.patches, 15U);
        EXPECT_LT(p.after, 0.7 * p.before) << p.first << " and " << p.second;
    }
}

TEST_F(PairingWork, TwoBodiesOfOneModelAreTwo) {
    sim::Shot s = test::plainShot();
    Reading one = *test::readingOf(s), other = one;
    one.body = other.body = "Heron";
    one.serial = "1";
    other.serial = "2";
    other.framePath = "other";
    const Reading both[] = {one, other};
    const auto refused = fit(both);
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().message.find("two bodies of one model"), std::string::npos);
}

TEST_F(PairingWork, RefusesWhatHasNoReading) {
    const auto a = camera("a.png", "heron", {1, 1, 1});
    EXPECT_FALSE(pairingTask(setup(a), setup(a), day().shoot, {}));
    workflow::Setup none;
    none.id = 999;
    const auto task = pairingTask(setup(a), none, day().shoot, {});
    ASSERT_FALSE(task);
    EXPECT_NE(task.error().message.find("Read its chart"), std::string::npos);
}

TEST(NearestPicture, IsTheOneShotNearestInTime) {
    const std::vector<TimedPicture> other{{"chart", 100}, {"one", 160}, {"two", 400}};
    EXPECT_EQ(nearestInTime(other, 170), "one");
    EXPECT_EQ(nearestInTime(other, 1000), "two");
    EXPECT_EQ(nearestInTime(other, std::nullopt), "chart");
    EXPECT_EQ(nearestInTime({}, 1), "");
}

}  // namespace
}  // namespace refero::workflow
