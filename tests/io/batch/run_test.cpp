// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/batch/run.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cstdlib>
#include <map>

#include "io/batch/frames.h"
#include "io/batch/journal.h"
#include "io/correction_file.h"
#include "io/json.h"
#include "support/temporary.h"
#include "support/unprivileged.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;
using test::contentOf;
using test::plainCorrection;
using test::putFrame;
using test::TemporaryFolder;

class BatchTest : public testing::Test {
  protected:
    BatchJob jobOf(std::size_t frames) {
        BatchJob job;
        job.folder = folder / "out";
        job.corrections["day"] = plainCorrection();
        for (std::size_t i = 0; i < frames; ++i) {
            const std::string path = folder / ("frame" + std::to_string(i) + ".tif");
            putFrame(path, 90, 60, static_cast<unsigned>(i + 1));
            job.frames.push_back({path, "day"});
        }
        return job;
    }
    std::string put(const BatchJob& job, const std::string& name = "job.json") {
        test::put(folder / name, batchJobText(job));
        return folder / name;
    }
    Result<BatchSummary> run(const std::string& path, BatchOptions o = {}) {
        reports.clear();
        o.report = [this](const FrameReport& r) { reports.push_back(r); };
        return runBatch(path, o);
    }
    std::map<std::string, std::string> written(const std::string& where = "out") const {
        std::map<std::string, std::string> out;
        for (const auto& e : fs::recursive_directory_iterator(folder / where))
            if (e.is_regular_file()) out[e.path().filename().string()] = contentOf(e.path().string());
        return out;
    }

    TemporaryFolder folder;
    std::vector<FrameReport> reports;
};

TEST_F(BatchTest, RendersEveryFrameOnceAndKeepsThemTheNextTime) {
    const std::string job = put(jobOf(5));
    const auto first = run(job);
    ASSERT_TRUE(first) << first.error().message;
    EXPECT_EQ(first->done, 5u);
    EXPECT_TRUE(first->complete());
    EXPECT_GT(first->times.colour, 0);
    const auto files = written();
    ASSERT_EQ(files.size(), 5u);
    EXPECT_TRUE(files.contains("frame3.tif"));
    for (const FrameReport& r : reports) {
        const Json line = Json::parse(jsonLine(r));
        EXPECT_EQ(line.at("status"), "done");
        EXPECT_EQ(line.at("sha256").get<std::string>().size(), 64u);
        EXPECT_EQ(line.at("bytes").get<std::uintmax_t>(),
                  fs::file_size(line.at("target").get<std::string>()));
    }
    const auto again = run(job);
    ASSERT_TRUE(again) << again.error().message;
    EXPECT_EQ(again->kept, 5u);
    EXPECT_EQ(again->done, 0u);
    EXPECT_EQ(written(), files);
}

TEST_F(BatchTest, DoesAgainWhatIsGoneOrCutShort) {
    const std::string job = put(jobOf(3));
    ASSERT_TRUE(run(job));
    const auto files = written();
    fs::remove(folder / "out/frame0.tif");
    fs::resize_file(folder / "out/frame1.tif", 10);
    const auto again = run(job);
    ASSERT_TRUE(again);
    EXPECT_EQ(again->done, 2u);
    EXPECT_EQ(again->kept, 1u);
    EXPECT_EQ(written(), files) << "bit for bit";
}

TEST_F(BatchTest, AFrameThatFailsDoesNotHoldUpTheOthers) {
    const BatchJob document = jobOf(4);
    fs::remove(document.frames[1].path);
    test::put(document.frames[2].path.string(), "no picture");
    const std::string job = put(document);
    const auto summary = run(job);
    ASSERT_TRUE(summary);
    EXPECT_EQ(summary->done, 2u);
    EXPECT_EQ(summary->failed, 2u);
    EXPECT_FALSE(summary->complete());
    for (const FrameReport& r : reports) {
        if (r.fate != FrameFate::failed) continue;
        EXPECT_NE(r.message.find(r.path.filename().string()), std::string::npos);
    }
    EXPECT_EQ(written().size(), 2u);
    // Brought back, it is done the next time; the others are kept.
    putFrame(document.frames[1].path.string(), 90, 60, 2);
    const auto again = run(job);
    EXPECT_EQ(again->done, 1u);
    EXPECT_EQ(again->kept, 2u);
}

TEST_F(BatchTest, StopsBetweenBandsAndGoesOn) {
    const std::string job = put(jobOf(6));
    BatchOptions o;
    o.jobs = 1;
    int frames = 0;
    o.stopped = [&] { return frames >= 2; };
    o.report = [&](const FrameReport&) { ++frames; };
    const auto first = runBatch(job, o);
    ASSERT_TRUE(first);
    EXPECT_EQ(first->done, 2u);
    EXPECT_EQ(first->left, 4u);
    EXPECT_EQ(written().size(), 2u);
    const auto rest = run(job);
    EXPECT_EQ(rest->kept, 2u);
    EXPECT_EQ(rest->done, 4u);
}

TEST_F(BatchTest, SingleFramesByNumberAreTheSameAsAll) {
    BatchJob document = jobOf(4);
    ASSERT_TRUE(run(put(document)));
    const auto files = written();
    document.folder = folder / "one by one";
    const std::string job = put(document, "second.json");
    for (const std::size_t i : {2u, 0u, 3u, 1u}) {
        BatchOptions o;
        o.only = {i};
        const auto done = run(job, o);
        ASSERT_TRUE(done) << done.error().message;
        EXPECT_EQ(done->done, 1u);
        EXPECT_TRUE(done->complete());
    }
    EXPECT_EQ(written("one by one"), files);
    BatchOptions none;
    none.only = {7};
    EXPECT_FALSE(run(job, none));
}

TEST_F(BatchTest, TreatsWhatIsThereAlreadyAsItIsTold) {
    BatchJob document = jobOf(2);
    fs::create_directories(document.folder);
    test::put((document.folder / "frame0.tif").string(), "mine");
    const auto refused = run(put(document));
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().message.find("frame0.tif"), std::string::npos);
    EXPECT_EQ(written().size(), 1u) << "nothing was begun";

    document.collisions = Collision::skip;
    const auto skipped = run(put(document, "skip.json"));
    ASSERT_TRUE(skipped) << skipped.error().message;
    EXPECT_EQ(skipped->skipped, 1u);
    EXPECT_EQ(written().at("frame0.tif"), "mine");

    document.collisions = Collision::number;
    ASSERT_TRUE(run(put(document, "number.json")));
    EXPECT_TRUE(written().contains("frame0 2.tif"));
    EXPECT_TRUE(written().contains("frame1 2.tif"));
    EXPECT_EQ(written().at("frame0.tif"), "mine");

    document.collisions = Collision::replace;
    ASSERT_TRUE(run(put(document, "replace.json")));
    EXPECT_NE(written().at("frame0.tif"), "mine");
}

TEST_F(BatchTest, NamesByAPatternAndKeepsTwoOfOneNameApart) {
    BatchJob document = jobOf(2);
    document.name = "{body}/{light} {n}";
    for (auto& f : document.frames) f.fields = {{"body", "Heron"}, {"light", "Key: lamp"}};
    EXPECT_EQ(*nameFor(document, 0), "Heron-Key- lamp 0001");
    document.name = "{light}";
    ASSERT_TRUE(run(put(document)));
    EXPECT_TRUE(written().contains("Key- lamp.tif"));
    EXPECT_TRUE(written().contains("Key- lamp 2.tif"));
    document.name = "{nonsense}";
    EXPECT_FALSE(nameFor(document, 0));
    document.name = "{frame";
    EXPECT_FALSE(nameFor(document, 0));
    document.name = "..";
    EXPECT_FALSE(nameFor(document, 0)) << "no name that is a folder above";
    document.name = std::string(300, 'x');
    EXPECT_LE(nameFor(document, 0)->size(), 200u);
}

TEST_F(BatchTest, DoesNotWriteOverItsOwnFrames) {
    BatchJob document = jobOf(1);
    document.folder = folder.path();
    document.collisions = Collision::replace;
    const std::string before = contentOf(document.frames[0].path.string());
    const auto refused = run(put(document));
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().message.find("another folder"), std::string::npos);
    EXPECT_EQ(contentOf(document.frames[0].path.string()), before);
}

TEST_F(BatchTest, ALineThatAKillCutOffCountsAsNone) {
    const std::string job = put(jobOf(2));
    ASSERT_TRUE(run(job));
    const auto files = written();
    const std::string journal = Journal::pathFor(job).string();
    const std::string text = contentOf(journal);
    test::put(journal, text.substr(0, text.size() - 20));
    const auto again = run(job);
    ASSERT_TRUE(again) << again.error().message;
    EXPECT_EQ(again->done + again->kept, 2u);
    EXPECT_EQ(again->done, 1u);
    EXPECT_EQ(written(), files);
    EXPECT_EQ(run(job)->kept, 2u) << "the line after the torn one counts";
}

TEST_F(BatchTest, RefusesAJobThatChangedAndAJournalThatIsNone) {
    BatchJob document = jobOf(2);
    const std::string job = put(document);
    ASSERT_TRUE(run(job));
    document.output.kind = "png";
    put(document);
    const auto changed = run(job);
    ASSERT_FALSE(changed);
    EXPECT_NE(changed.error().message.find("was changed"), std::string::npos);
    test::put(Journal::pathFor(job).string(), "{\"event\":5}\n");
    EXPECT_FALSE(run(job));
}

TEST_F(BatchTest, TakesAwayWhatAKilledProcessLeft) {
    BatchJob document = jobOf(1);
    fs::create_directories(document.folder);
    // Processes are numbered up to 2^22 on Linux: this one is none.
    test::put((document.folder / ".frame0-4194999-0.tif").string(), "half");
    test::put((document.folder / ".other-4194999-0.tif").string(), "not ours");
    test::put((document.folder / (".frame0-" + std::to_string(::getppid()) + "-0.tif")).string(), "at work");
    ASSERT_TRUE(run(put(document)));
    EXPECT_FALSE(written().contains(".frame0-4194999-0.tif"));
    EXPECT_TRUE(written().contains(".other-4194999-0.tif"));
    EXPECT_EQ(written().size(), 3u);
}

TEST_F(BatchTest, AClipBecomesAFolderOfPictures) {
    putFrame(folder / "in.png", 96, 64);
    const std::string call = "ffmpeg -nostdin -loglevel error -y -loop 1 -t 1 -r 6 -i " +
                             (folder / "in.png") + " -c:v ffv1 -pix_fmt gbrp " + (folder / "clip.mkv");
    ASSERT_EQ(std::system(call.c_str()), 0);
    BatchJob document = jobOf(0);
    document.output.kind = "exr";
    document.output.space = OutputSpace::acescg;
    document.frames = {{folder / "clip.mkv", "day"}};
    const std::string job = put(document);
    const auto summary = run(job);
    ASSERT_TRUE(summary) << summary.error().message;
    ASSERT_EQ(reports.size(), 1u);
    EXPECT_EQ(reports[0].fate, FrameFate::done) << reports[0].message;
    EXPECT_EQ(reports[0].pictures, 6u);
    const auto files = written();
    ASSERT_EQ(files.size(), 6u);
    EXPECT_TRUE(files.contains("clip.000001.exr"));
    EXPECT_TRUE(files.contains("clip.000006.exr"));
    fs::remove(folder / "out/clip/clip.000004.exr");
    EXPECT_EQ(run(job)->done, 1u);
    EXPECT_EQ(written(), files);
    EXPECT_EQ(run(job)->kept, 1u);
}

TEST_F(BatchTest, DocumentComesBackAsItWent) {
    BatchJob job = jobOf(2);
    job.name = "{n} {frame}";
    job.collisions = Collision::number;
    job.output = {
        "jpg", OutputSpace::displayP3, 8, false, 88, 2048, false, Highlights::rebuilt, GamutUse::compressed,
        false};
    job.frames[1].because = "the lamp was the same";
    job.frames[1].encoding = Encoding::rec709;
    const auto again = readBatchJob(put(job));
    ASSERT_TRUE(again) << again.error().message;
    EXPECT_EQ(again->output, job.output);
    EXPECT_EQ(again->name, job.name);
    EXPECT_EQ(again->collisions, job.collisions);
    EXPECT_EQ(again->frames[1].because, job.frames[1].because);
    EXPECT_EQ(again->frames[1].encoding, job.frames[1].encoding);
    EXPECT_EQ(again->frames[0].path, job.frames[0].path);
    EXPECT_EQ(again->corrections.at("day").gains, job.corrections.at("day").gains);
}

TEST_F(BatchTest, RefusesDocumentsThatSayNothingThatCanBeDone) {
    const Json whole = Json::parse(batchJobText(jobOf(1)));
    const auto message = [&](const std::function<void(Json&)>& spoil) {
        Json j = whole;
        spoil(j);
        test::put(folder / "bad.json", j.dump());
        const auto job = readBatchJob(folder / "bad.json");
        return job ? std::string() : job.error().message;
    };
    EXPECT_EQ(message([](Json&) {}), "");
    EXPECT_NE(message([](Json& j) { j["frames"] = Json::array(); }).find("no frames"), std::string::npos);
    EXPECT_NE(message([](Json& j) { j["frames"][0]["correction"] = "night"; }).find("night"),
              std::string::npos);
    EXPECT_NE(message([](Json& j) { j["output"]["kind"] = "gif"; }).find("gif"), std::string::npos);
    EXPECT_NE(message([](Json& j) { j["output"]["space"] = "acescg"; }).find(".exr"), std::string::npos);
    EXPECT_NE(message([](Json& j) { j["output"]["bits"] = 1.5; }).find("bits"), std::string::npos);
    EXPECT_NE(message([](Json& j) { j["collisions"] = "perhaps"; }).find("collisions"), std::string::npos);
    EXPECT_NE(message([](Json& j) { j["name"] = "{what}"; }).find("what"), std::string::npos);
    EXPECT_NE(message([](Json& j) {
                  j["corrections"]["day"]["gains"] = {0, 0, 0};
              }).find("gains"),
              std::string::npos);
    EXPECT_NE(message([](Json& j) { j["corrections"]["day"] = "none.json"; }).find("none.json"),
              std::string::npos);
    EXPECT_NE(message([](Json& j) { j["format"] = "other"; }).find("format"), std::string::npos);
    test::put(folder / "bad.json", "[1, 2");
    EXPECT_FALSE(readBatchJob(folder / "bad.json"));
    EXPECT_FALSE(readBatchJob(folder / "none.json"));
}

}  // namespace
}  // namespace refero::io
