// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/whole_shoot.h"

#include "io/batch/job.h"
#include "workflow/intake.h"
#include "workflow/one_shoot.h"

namespace refero::workflow {
namespace {

using What = SetupOutcome::What;

class WholeShoot : public OneShoot {
  protected:
    studio::SetupId open(const std::string& frame) {
        studio::SetupId id = 0;
        act([&](studio::Edit& e) { id = addSetupForFrame(e, studio->contents(), shoot, frame); });
        return id;
    }
    std::vector<What> whatOf(const Result<std::vector<SetupOutcome>>& outcomes) {
        EXPECT_TRUE(outcomes) << outcomes.error().message;
        std::vector<What> out;
        if (outcomes)
            for (const SetupOutcome& o : *outcomes) out.push_back(o.what);
        return out;
    }
};

TEST_F(WholeShoot, IsReadCorrectedAndHandedOverWithoutAWindow) {
    sim::Shot good = test::plainShot(), bad = test::plainShot(), none = test::plainShot();
    bad.exposure = 1.6;
    none.chart.reset();
    const studio::SetupId one = open(shot(good, "good.tif"));
    open(shot(bad, "hot.tif"));
    open(shot(none, "none.tif"));
    act([&](studio::Edit& e) {
        e.add(frameFor(studio->contents(), shoot, one, shot(none, "subject.tif"), studio::FrameRole::subject,
                       "With its chart."));
    });

    std::vector<std::size_t> told;
    ShootOptions options;
    options.told = [&](const workflow::Setup&, std::size_t number, std::size_t) { told.push_back(number); };
    const auto read = readAll(*studio, options);
    EXPECT_EQ(whatOf(read), (std::vector{What::done, What::done, What::failed}));
    EXPECT_EQ(told, (std::vector<std::size_t>{1, 2, 3}));
    EXPECT_EQ((*read)[0].verdict, Verdict::pass);
    EXPECT_EQ((*read)[1].verdict, Verdict::reshoot);
    EXPECT_NE((*read)[2].message.find("No chart"), std::string::npos);
    EXPECT_EQ(whatOf(readAll(*studio))[0], What::already);

    const auto corrected = correctAll(*studio, {}, false);
    EXPECT_EQ(whatOf(corrected), (std::vector{What::done, What::reshoot, What::nothing}));
    EXPECT_LT(*(*corrected)[0].after, 2);
    EXPECT_FALSE(correctionOf(studio->contents(), (*corrected)[1].setup));
    const Correction built = *setup(one).correction;
    EXPECT_EQ(built.certainty->resamples, 100u) << "as the window builds it";
    EXPECT_NE(built.name.find("good"), std::string::npos);

    const std::string out = folder / "out";
    std::filesystem::create_directories(out);
    const auto handed = handOverAll(*studio, Receiver::compositor, out, io::Collision::number, {});
    EXPECT_EQ(whatOf(handed), (std::vector{What::done, What::nothing, What::nothing}));
    ASSERT_EQ((*handed)[0].files.size(), 3u) << "configuration, check frame and the frames' job";
    for (const std::string& file : (*handed)[0].files) EXPECT_TRUE(std::filesystem::exists(file)) << file;
    const auto job = io::readBatchJob((*handed)[0].files.back());
    ASSERT_TRUE(job) << job.error().message;
    EXPECT_EQ(job->frames.size(), 1u);
    EXPECT_EQ(setup(one).progress(), Progress::done);
    EXPECT_EQ(whatOf(handOverAll(*studio, Receiver::compositor, out, io::Collision::number, {}))[0],
              What::already);

    // What was done can be taken back, step by step.
    ASSERT_TRUE(studio->undo());
    EXPECT_FALSE(setup(one).correction);
}

TEST_F(WholeShoot, StopsBetweenSetupsAndKeepsWhatIsDone) {
    const studio::SetupId one = open(shot(test::plainShot(), "a.tif"));
    open(shot(test::plainShot(), "b.tif"));
    std::stop_source stop;
    ShootOptions options;
    options.stop = stop.get_token();
    options.told = [&](const workflow::Setup&, std::size_t number, std::size_t) {
        if (number == 2) stop.request_stop();
    };
    const auto read = readAll(*studio, options);
    ASSERT_FALSE(read);
    EXPECT_EQ(read.error().kind, ErrorKind::stopped);
    EXPECT_TRUE(setup(one).reading);
}

TEST_F(WholeShoot, IsAnErrorWhereThereIsNone) {
    act([&](studio::Edit& e) { e.remove<plan::Shoot>(shoot); });
    EXPECT_FALSE(readAll(*studio));
}

TEST_F(WholeShoot, ComesInAsOneStep) {
    const std::string card = folder / "card";
    sim::Shot s = test::plainShot();
    for (const char* name : {"1.tif", "2.tif"}) {
        s.file = name;
        s.exposure *= 0.9;
        ASSERT_TRUE(sim::shootToFile(s, card));
    }
    test::put(std::filesystem::path(card) / "broken.tif", "no picture");
    const auto before = studio->done().size();
    const auto intake = bringIn(*studio, {card}, {io::shippedCharts(), {}});
    ASSERT_TRUE(intake) << intake.error().message;
    EXPECT_EQ(intake->frames().size(), 2u);
    ASSERT_EQ(intake->problems().size(), 1u);
    EXPECT_NE(intake->problems()[0].find("broken.tif"), std::string::npos);
    EXPECT_EQ(studio->done().size(), before + 1);
}

}  // namespace
}  // namespace refero::workflow
