// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What goes wrong on real disks: what is finished is whole, what is not does not exist, and the job knows
// where it was.
#include <gtest/gtest.h>
#include <sys/resource.h>

#include <fstream>

#include "io/batch/frames.h"
#include "io/batch/run.h"
#include "support/sparse_tiff.h"
#include "support/temporary.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;
using test::plainCorrection;
using test::putFrame;
using test::TemporaryFolder;

// What the process has ever held, in megabytes.
double peakMegabytes() {
    rusage use{};
    getrusage(RUSAGE_SELF, &use);
    return static_cast<double>(use.ru_maxrss) / 1024;
}

// Linux's own mark can be set back, so that a peak is of what comes after.
void forgetPeak() {
    std::ofstream("/proc/self/clear_refs") << "5";
}

BatchJob jobOf(const TemporaryFolder& folder, int frames) {
    BatchJob job;
    job.folder = folder / "out";
    job.corrections["day"] = plainCorrection();
    for (int i = 0; i < frames; ++i) {
        const std::string path = folder / ("frame" + std::to_string(i) + ".tif");
        putFrame(path, 60, 40, static_cast<unsigned>(i + 1));
        job.frames.push_back({path, "day"});
    }
    return job;
}

// A disk that is pulled out in the middle: every frame says so, and with the disk back all of it is done.
TEST(Adversity, AFolderThatVanishesIsToldAndMadeAgain) {
    const TemporaryFolder folder;
    test::put(folder / "job.json", batchJobText(jobOf(folder, 4)));
    BatchOptions o;
    o.jobs = 1;
    std::vector<FrameReport> reports;
    o.report = [&](const FrameReport& r) {
        reports.push_back(r);
        if (reports.size() == 1) fs::remove_all(folder / "out");
    };
    const auto torn = runBatch(folder / "job.json", o);
    ASSERT_TRUE(torn) << torn.error().message;
    EXPECT_EQ(torn->done, 1u);
    EXPECT_EQ(torn->failed, 3u);
    for (const FrameReport& r : reports)
        if (r.fate == FrameFate::failed) {
            EXPECT_NE(r.message.find((folder / "out")), std::string::npos) << r.message;
        }
    EXPECT_FALSE(fs::exists(folder / "out"));
    o.report = [](const FrameReport&) {};
    const auto mended = runBatch(folder / "job.json", o);
    ASSERT_TRUE(mended) << mended.error().message;
    EXPECT_EQ(mended->done, 4u) << "the first is gone with its folder, and is done again";
    EXPECT_TRUE(mended->complete());
}

TEST(Adversity, NamesThatNoDiskTakesAreMadeSuchAsItDoes) {
    const TemporaryFolder folder;
    BatchJob job = jobOf(folder, 3);
    job.name = "{setup}";
    const std::string longest(300, 'x');
    const char* const wishes[] = {"../../etc/../night", "con: a*b?\"<>|\t", longest.c_str()};
    for (std::size_t i = 0; i < 3; ++i) job.frames[i].fields["setup"] = wishes[i];
    test::put(folder / "job.json", batchJobText(job));
    const auto done = runBatch(folder / "job.json", {});
    ASSERT_TRUE(done) << done.error().message;
    EXPECT_EQ(done->done, 3u);
    std::size_t there = 0;
    for (const auto& e : fs::directory_iterator(folder / "out")) {
        ++there;
        EXPECT_LE(e.path().filename().string().size(), 255u);
    }
    EXPECT_EQ(there, 3u) << "all of them in the folder that was said";
    job.frames[0].fields["setup"] = "...";
    test::put(folder / "nothing.json", batchJobText(job));
    EXPECT_FALSE(runBatch(folder / "nothing.json", {})) << "a name of nothing is refused at once";
}

// 2.2 GB, 365 megapixels, as TIFF 6.0 has it. Only as much of it is in memory as a band of rows.
TEST(Adversity, ATiffOfTwoGigabytesGoesThroughInBands) {
    const TemporaryFolder folder;
    test::putSparseTiff(folder / "large.tif", 20'000, 18'250);
    ASSERT_GT(fs::file_size(folder / "large.tif"), std::uintmax_t{2} << 30);
    forgetPeak();
    const double before = peakMegabytes();
    int bands = 0;
    FrameWork work;
    work.stopped = [&] { return ++bands > 12; };
    const Status stopped =
        renderFrame(plainCorrection(), folder / "large.tif", {}, FrameOutput{}, folder / "out.tif", work);
    ASSERT_FALSE(stopped);
    EXPECT_GT(bands, 12) << stopped.error().message;
    EXPECT_FALSE(fs::exists(folder / "out.tif"));
    EXPECT_EQ(folder.files(), 1u) << "nothing is left of what was begun";
    EXPECT_LT(peakMegabytes() - before, 300);
    // To be made smaller it would have to be held whole: that is said, not tried.
    FrameOutput small;
    small.longEdge = 2000;
    const Status whole = renderFrame(plainCorrection(), folder / "large.tif", {}, small, folder / "out.tif");
    ASSERT_FALSE(whole);
    EXPECT_NE(whole.error().message.find("megapixels"), std::string::npos) << whole.error().message;
}

TEST(Adversity, OneThatEndsBeforeItsPixelsIsRefused) {
    const TemporaryFolder folder;
    test::putSparseTiff(folder / "cut.tif", 4000, 3000);
    fs::resize_file(folder / "cut.tif", 40'000'000);
    const Status cut =
        renderFrame(plainCorrection(), folder / "cut.tif", {}, FrameOutput{}, folder / "out.tif");
    ASSERT_FALSE(cut);
    EXPECT_NE(cut.error().message.find("incomplete"), std::string::npos) << cut.error().message;
    EXPECT_EQ(folder.files(), 1u);
}

}  // namespace
}  // namespace refero::io
