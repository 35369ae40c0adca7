// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/pairing.h"

#include "core/colour/difference.h"
#include "io/handover/handover.h"
#include "io/reading_file.h"
#include "workflow/correction.h"
#include "workflow/one_shoot.h"
#include "workflow/whole_shoot.h"

namespace refero::workflow {
namespace {

class PairingWork : public OneShoot {
  protected:
    studio::SetupId camera(const char* name, const char* body, const Vector3& tone) {
        sim::Shot s = test::plainShot();
        s.camera = body;
        s.encoding = Encoding::srgb;
        s.toneSkew = tone;
        return readSetup(shot(s, name));
    }
    void keep(studio::SetupId follower, const Match& match) {
        act([&](studio::Edit& e) {
            ASSERT_TRUE(keepCorrection(e, studio->contents(), follower, match.correction));
        });
    }
    std::optional<Following> ledBy(studio::SetupId follower) {
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
    keep(b, match->match);
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
        keep(follower, match->match);
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

// A look that somebody made for the leading camera, as a file.
TEST_F(PairingWork, ALeaderIsSeenThroughSomebodysTransform) {
    sim::Shot raw = test::plainShot();
    raw.camera = "heron";
    const auto a = readSetup(shot(raw, "lead.tif"));
    const auto b = camera("follow.png", "bittern", {0.95, 0.95, 0.93});
    const std::filesystem::path look = folder.path() / "look.cube";
    const auto write = [&](double contrast) {
        io::ExportOptions o;
        o.format = io::Format::cube;
        o.size = 65;
        o.space = OutputSpace::srgb;
        const workflow::Setup lead = setup(a);
        Correction c = *fit(std::span(&*lead.reading, 1));
        c.finish.contrast = contrast;
        const auto made = io::exportCorrection(c, look.string(), o);
        ASSERT_TRUE(made) << made.error().message;
    };
    write(0.8);
    const LeaderTransform through{look, OutputSpace::srgb};
    const auto task = pairingTask(setup(a), setup(b), day().shoot, {}, through);
    ASSERT_TRUE(task) << task.error().message;
    const auto found = task->run();
    ASSERT_TRUE(found) << found.error().message;
    ASSERT_TRUE(found->leaderThrough);
    const Correction& c = found->match.correction;
    EXPECT_EQ(c.aim.throughFile, look.string());
    EXPECT_EQ(c.aim.throughSpace, "srgb");
    EXPECT_LT(c.summary.after.mean, 0.5 * c.summary.before.mean);
    // What is aimed at is what the transform shows of the leader's chart.
    const workflow::Setup lead = setup(a);
    for (std::size_t i = 0; i < c.patches.size(); ++i) {
        if (!c.patches[i].used) continue;
        const PatchReading& seen = lead.reading->patches[i];
        ASSERT_EQ(seen.id, c.patches[i].id);
        EXPECT_LT(ciede2000(found->leaderThrough->lab(seen.rgb), c.patches[i].reference), 0.5) << seen.id;
    }
    keep(b, found->match);
    EXPECT_EQ(leaderTransformOf(setup(b)), through);
    ASSERT_TRUE(ledBy(b));
    EXPECT_TRUE(ledBy(b)->upToDate);
    // Another look under the same name makes the match out of date; one that has gone does not.
    write(-0.8);
    EXPECT_FALSE(ledBy(b)->upToDate);
    std::filesystem::remove(look);
    EXPECT_TRUE(ledBy(b)->upToDate);
    const auto gone = pairingTask(setup(a), setup(b), day().shoot, {}, through)->run();
    ASSERT_FALSE(gone);
    EXPECT_NE(gone.error().message.find("look.cube"), std::string::npos);
}

TEST(Counterpart, IsOfTheSameSlateOrNearestInTime) {
    const std::vector<TimedPicture> others{{"chart", 100, ""}, {"one", 160, "12A"}, {"two", 400, "12B"}};
    EXPECT_EQ(counterpart(others, {"x", 170, ""}), "one");
    EXPECT_EQ(counterpart(others, {"x", 170, "12B"}), "two");
    EXPECT_EQ(counterpart(others, {"x", 1000, "13"}), "two");
    EXPECT_EQ(counterpart(others, {"x", std::nullopt, ""}), "chart");
    EXPECT_EQ(counterpart({}, {"x", 1, ""}), "");
}

TEST(Counterpart, AMomentOfAClipIsFoundInTheOther) {
    const TimedPicture one{"a.mov", 1000, ""}, later{"b.mov", 1004, ""}, unknown{"c.mov", std::nullopt, ""};
    EXPECT_DOUBLE_EQ(momentBeside(one, 10, later), 6);
    EXPECT_DOUBLE_EQ(momentBeside(later, 6, one), 10);
    EXPECT_DOUBLE_EQ(momentBeside(one, 10, unknown), 10);
    EXPECT_DOUBLE_EQ(momentBeside(one, 2, later), 2) << "the other was not running yet";
}

}  // namespace
}  // namespace refero::workflow
