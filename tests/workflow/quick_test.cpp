// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Raw files with the camera's own pictures beside them: one frame with two files, the quick one first.
#include <algorithm>
#include <set>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/render/highlights.h"
#include "io/batch/run.h"
#include "io/correction_file.h"
#include "io/frame_file.h"
#include "io/twins.h"
#include "workflow/intake.h"
#include "workflow/one_shoot.h"
#include "workflow/proposals.h"
#include "workflow/receivers.h"
#include "workflow/whole_shoot.h"

namespace refero::workflow {
namespace {

class Twins : public OneShoot {
  protected:
    // The same moment as a raw file and as the camera draws it.
    void both(const std::string& stem, const char* taken, bool chart) {
        sim::Shot s = test::plainShot();
        s.taken = taken;
        s.light = "d55";
        if (!chart) s.set = sim::Set::kiln;
        shot(s, (stem + ".dng").c_str());
        s.encoding = Encoding::srgb;
        shot(s, (stem + ".JPG").c_str());
    }
    void bring() {
        const auto in = bringIn(*studio, {folder.path()}, {{*io::chartByNameOrPath("fen-24")}, {}});
        ASSERT_TRUE(in) << in.error().message;
        ASSERT_TRUE(accept(*studio, shoot, proposals(studio->contents(), shoot)));
    }
};

double meanDifference(const std::filesystem::path& a, const std::filesystem::path& b) {
    const auto one = io::readFrame(a), other = io::readFrame(b);
    EXPECT_TRUE(one && other);
    const Matrix3 m = rgbToXyzD50(primaries::bt709);
    double sum = 0;
    std::size_t n = 0;
    const auto x = one->image.values(), y = other->image.values();
    EXPECT_EQ(x.size(), y.size());
    for (std::size_t i = 0; i + 2 < std::min(x.size(), y.size()); i += 3 * 97, ++n) {
        const auto lab = [&](const auto& v) {
            const Vector3 xyz = m * Vector3(v[i], v[i + 1], v[i + 2]);
            return toLab(Xyz{xyz.x(), xyz.y(), xyz.z()}, white::d50);
        };
        sum += ciede2000(lab(x), lab(y));
    }
    return sum / static_cast<double>(n);
}

TEST_F(Twins, AreOneFrameAndTheQuickOneGoesOutFirstUnderTheSameName) {
    both("p1", "2026:05:14 10:00:00", true);
    both("p2", "2026:05:14 10:02:00", true);
    sim::Shot alone = test::plainShot();
    alone.taken = "2026:05:14 10:03:00";
    alone.light = "d55";
    shot(alone, "p3.dng");
    bring();
    const auto& frames = studio->contents().all<studio::Frame>();
    ASSERT_EQ(frames.size(), 3U) << "five files";
    std::size_t twins = 0;
    for (const auto& [id, f] : frames) {
        EXPECT_TRUE(f.path.ends_with(".dng"));
        twins += f.twin.ends_with(".JPG");
    }
    EXPECT_EQ(twins, 2U);
    // The second and the third are subjects, though they show the chart, so that both can be held against it.
    act([&](studio::Edit& e) {
        for (const auto& [id, f] : studio->contents().all<studio::Frame>())
            if (!f.path.ends_with("p1.dng")) {
                studio::Frame subject = f;
                subject.role = studio::FrameRole::subject;
                e.put(subject);
            }
    });
    ASSERT_TRUE(readAll(*studio));
    ASSERT_TRUE(correctAll(*studio, {}, true));
    const std::string out = folder / "out";
    std::filesystem::create_directories(out);
    const auto given = handOverAll(*studio, Receiver::client, out, io::Collision::replace, {});
    ASSERT_TRUE(given) << given.error().message;
    std::string path;
    for (const SetupOutcome& o : *given)
        if (!o.job.empty()) path = o.job;
    ASSERT_FALSE(path.empty());
    const auto job = io::readBatchJob(path);
    ASSERT_TRUE(job);
    std::size_t quick = 0;
    for (const io::BatchFrame& f : job->frames) quick += f.quick.has_value();
    ASSERT_EQ(quick, 1U) << "one subject has a twin";

    std::vector<io::FrameFate> order;
    std::filesystem::path kept = folder / "kept.jpg", target;
    io::BatchOptions o;
    o.report = [&](const io::FrameReport& r) {
        order.push_back(r.fate);
        if (r.fate != io::FrameFate::quick) return;
        target = r.target;
        std::filesystem::copy_file(r.target, kept);
    };
    const auto done = io::runBatch(path, o);
    ASSERT_TRUE(done);
    EXPECT_EQ(order, (std::vector{io::FrameFate::quick, io::FrameFate::done, io::FrameFate::done}));
    EXPECT_EQ(done->quick, 1U);
    EXPECT_EQ(done->done, 2U);
    EXPECT_TRUE(done->complete());
    EXPECT_EQ(io::readMetadata(kept).description.substr(0, 5), "Quick");
    EXPECT_NE(io::readMetadata(target).description.substr(0, 5), "Quick") << "the thorough one has its place";
    EXPECT_LT(meanDifference(kept, target), 4) << "near enough to be looked at this evening";
    // Run again, nothing is made anew.
    order.clear();
    ASSERT_TRUE(io::runBatch(path, o));
    EXPECT_EQ(std::count(order.begin(), order.end(), io::FrameFate::kept), 2);
    EXPECT_EQ(order.size(), 2U);
}

TEST_F(Twins, OnlyOneRawFileAndOnePictureOfANameGoTogether) {
    both("a", "2026:05:14 10:00:00", false);
    std::filesystem::create_directories(folder.path() / "elsewhere");
    std::filesystem::copy_file(folder.path() / "a.JPG", folder.path() / "elsewhere" / "a.JPG");
    std::filesystem::copy_file(folder.path() / "a.JPG", folder.path() / "b.JPG");
    test::put(folder.path() / "b.xmp", "not a picture");
    both("c", "2026:05:14 10:01:00", false);
    std::filesystem::copy_file(folder.path() / "c.JPG", folder.path() / "c.jpeg");
    const auto items =
        Intake::itemsBehind({folder / "a.dng", folder / "a.JPG", folder / "b.JPG", folder / "b.xmp",
                             folder / "c.dng", folder / "c.JPG", folder / "c.jpeg", folder / "elsewhere"});
    std::size_t twins = 0;
    for (const io::MediaItem& item : items) {
        twins += !item.twin.empty();
        if (!item.twin.empty()) {
            EXPECT_EQ(item.files.front().filename(), "a.dng");
        }
    }
    EXPECT_EQ(twins, 1U);
    EXPECT_EQ(items.size(), 7U);
}

// A colour is cut where one channel is at an end and another is not: white and black are none.
TEST(CutColours, AreThoseThatLostAChannel) {
    LinearImage image(4, 1);
    const float pixels[4][3]{{1, 1, 1}, {0, 0, 0}, {1, 0.5f, 0.5f}, {0.4f, 0, 0.2f}};
    for (int x = 0; x < 4; ++x) std::copy_n(pixels[x], 3, image.pixel(x, 0));
    EXPECT_DOUBLE_EQ(cutColours(image, Encoding::srgb), 0.5);
}

}  // namespace
}  // namespace refero::workflow
