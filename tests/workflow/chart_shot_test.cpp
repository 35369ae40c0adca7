// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/chart_shot.h"

#include <thread>

#include "studio/charts.h"
#include "workflow/kit_lookup.h"
#include "workflow/one_shoot.h"

namespace refero::workflow {
namespace {

class Shots : public OneShoot {};

TEST_F(Shots, AreJudgedByTheShootsLimitsWhereverTheyComeFrom) {
    const std::string frame = shot(test::plainShot(), "good.tif");
    act([&](studio::Edit& e) {
        plan::Shoot strict = *studio->contents().find<plan::Shoot>(shoot);
        Limits limits;
        limits.sharePercent = {60, 80, 50, 90};
        strict.limitChanges = changesIn(limits);
        e.put(strict);
    });
    EXPECT_EQ(readShot(frame, ShotContext::plain()).reading->verdict, Verdict::pass);
    const auto ofNoSetup = readShot(frame, contextOf(studio->contents(), shoot, 0));
    EXPECT_EQ(ofNoSetup.reading->verdict, Verdict::reshoot) << "on the set no setup has it yet";
    const studio::SetupId id = readSetup(frame);
    EXPECT_EQ(setup(id).reading->verdict, ofNoSetup.reading->verdict);
}

TEST_F(Shots, AreReadWithTheCopysOwnValues) {
    const std::string frame = shot(test::plainShot(), "good.tif");
    Chart measured = *io::chartByNameOrPath("fen-24");
    measured.patches[0].labD50.L -= 7;
    studio::SetupId id = 0;
    act([&](studio::Edit& e) {
        id = addSetupForFrame(e, studio->contents(), shoot, frame);
        plan::ChartCopy copy;
        copy.chart = "fen-24";
        copy.label = "Ours";
        plan::Setup planned = e.latest<plan::Setup>(id);
        planned.chart = e.add(copy);
        e.put(planned);
    });
    act([&](studio::Edit& e) {
        const auto& copies = studio->contents().all<plan::ChartCopy>();
        ASSERT_TRUE(studio::keepValues(e, studio->contents(), copies.begin()->first, measured, "us, today"));
    });
    const auto own = readShot(frame, contextOf(studio->contents(), shoot, id));
    ASSERT_TRUE(own.reading) << own.reading.error().message;
    EXPECT_NEAR(own.reading->chart.patches[0].labD50.L, measured.patches[0].labD50.L, 1e-6);
    const auto design = readShot(frame, contextOf(studio->contents(), shoot, 0));
    EXPECT_NEAR(design.reading->chart.patches[0].labD50.L, measured.patches[0].labD50.L + 7, 1e-6);
}

TEST_F(Shots, OfANewFrameLetGoOfWhatWasBuiltFromTheOld) {
    const studio::SetupId id = readSetup(shot(test::plainShot(), "good.tif"));
    act([&](studio::Edit& e) {
        studio::CorrectionRecord c;
        c.setup = id;
        c.reading = readingOf(studio->contents(), id)->id;
        e.add(c);
    });
    const std::string second = shot(test::plainShot(), "second.tif");
    act([&](studio::Edit& e) {
        e.add(frameFor(studio->contents(), shoot, id, second, studio::FrameRole::chart, "Shot again."));
    });
    const auto read = readShot(second, contextOf(studio->contents(), shoot, id));
    act([&](studio::Edit& e) { keepShot(e, studio->contents(), id, read); });
    EXPECT_FALSE(correctionOf(studio->contents(), id));
    EXPECT_EQ(setup(id).reading->framePath, second);
    EXPECT_EQ(otherChartFrames(studio->contents(), id, second).size(), 1u);
}

TEST_F(Shots, StopWithinATenthOfASecond) {
    sim::Shot large = test::plainShot();
    large.width = 3000;
    large.height = 2000;
    large.chart.reset();  // the whole search is gone through
    large.set = sim::Set::clutter;
    const std::string frame = shot(large, "clutter.tif");
    FrameCache frames;
    ASSERT_TRUE(frames.read(frame));
    ReadShotOptions options;
    options.frames = &frames;
    std::stop_source stop;
    std::jthread later([&] {
        std::this_thread::sleep_for(std::chrono::milliseconds(20));
        stop.request_stop();
    });
    const auto read = readShot(frame, ShotContext::plain(), options, stop.get_token());
    ASSERT_FALSE(read.reading);
    EXPECT_EQ(read.reading.error().kind, ErrorKind::stopped);
}

TEST(ShotErrors, TellByTheirKindWhetherAChartWasThere) {
    const test::TemporaryFolder folder;
    sim::Shot none = test::plainShot();
    none.file = "none.tif";
    none.chart.reset();
    ASSERT_TRUE(sim::shootToFile(none, folder.path()));
    const auto read = readShot(folder / "none.tif", ShotContext::plain());
    ASSERT_TRUE(read.frame);
    ASSERT_FALSE(read.reading);
    EXPECT_EQ(read.reading.error().kind, ErrorKind::notFound);
    const auto gone = readShot(folder / "gone.tif", ShotContext::plain());
    EXPECT_FALSE(gone.frame);
    EXPECT_EQ(gone.reading.error().kind, ErrorKind::other);
}

// The kit fills itself: what a file tells of a body that nobody has described.
TEST_F(Shots, DescribeTheirBodyAndHowTheyWereRecorded) {
    sim::Shot picture = test::plainShot();
    picture.encoding = Encoding::srgb;
    picture.lens = "35 mm";
    const std::string path = shot(picture, "own.png");
    studio::SetupId id = 0;
    act([&](studio::Edit& e) { id = addSetupForFrame(e, studio->contents(), shoot, path); });
    ChartShot read = readShot(path, contextOf(studio->contents(), shoot, id));
    ASSERT_TRUE(read.reading);
    auto own = io::readFrame(path);
    ASSERT_TRUE(own);
    const auto frame = std::make_shared<io::Frame>(*std::move(own));
    frame->metadata.body = "Crake";
    frame->metadata.serial = "77";
    frame->metadata.pixelsWide = 8256;
    frame->metadata.pixelsHigh = 5504;
    frame->metadata.sensorWidthMm = 23.5;
    frame->metadata.sensorHeightMm = 15.7;
    frame->metadata.focalLengthMm = 35;
    frame->metadata.focalLength35mm = 53;
    read.frame = frame;
    act([&](studio::Edit& e) { keepShot(e, studio->contents(), id, read); });
    const plan::Setup& setup = *studio->contents().find<plan::Setup>(id);
    EXPECT_EQ(setup.conditions.recording, plan::Recording::jpeg);
    const plan::Body& body = *studio->contents().find<plan::Body>(setup.conditions.body);
    EXPECT_EQ(body.pixelsWide, 8256);
    EXPECT_EQ(body.sensorWidthMm, 23.5);
    EXPECT_FALSE(body.motion);
    EXPECT_EQ(studio->contents().find<plan::Lens>(setup.conditions.lens)->shortestMm, 35)
        << "its own, not like on 36 mm";
    // What a person has said of it stays.
    act([&](studio::Edit& e) {
        plan::Body said = body;
        said.sensorWidthMm = 24;
        e.put(said);
    });
    act([&](studio::Edit& e) { describeBody(e, body.id, *frame); });
    EXPECT_EQ(studio->contents().find<plan::Body>(body.id)->sensorWidthMm, 24);
    // A log curve by constants is a log recording; scene-linear TIFFs do not tell.
    frame->encoding = *Transfer::fromLog(LogCurve{});
    EXPECT_EQ(recordingOf(*frame), plan::Recording::logVideo);
    frame->encoding = Encoding::linear;
    EXPECT_FALSE(recordingOf(*frame));
    frame->sensor = Mosaic{};
    EXPECT_EQ(recordingOf(*frame), plan::Recording::raw);
}

}  // namespace
}  // namespace refero::workflow
