// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/intake.h"

#include <OpenImageIO/imageio.h>
#include <gtest/gtest.h>

#include <cstdlib>
#include <map>

#include "io/files/utf8.h"
#include "io/frame_file.h"
#include "io/media_path.h"
#include "io/qr_code.h"
#include "io/qr_read.h"
#include "shoots.h"
#include "sim/shoot.h"
#include "support/every_shot.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero::studio {
namespace {

namespace fs = std::filesystem;

// A grey picture with a slate in it, tilted by shearing, as a hand would hold it.
LinearImage pictureOfSlate(const std::string& text, int module) {
    const auto code = io::qrCode(text);
    EXPECT_TRUE(code);
    LinearImage image(900, 600);
    for (float& v : image.values()) v = 0.2f;
    const int side = (code->side + 8) * module;
    for (int y = 0; y < side; ++y)
        for (int x = 0; x < side; ++x) {
            const int mx = x / module - 4, my = y / module - 4;
            const bool dark = mx >= 0 && my >= 0 && mx < code->side && my < code->side && code->at(mx, my);
            for (int c = 0; c < 3; ++c)
                image.pixel(200 + x + y / 12, 150 + y - x / 12)[c] = dark ? 0.03f : 0.7f;
        }
    return image;
}

TEST(SlatesInPictures, AreReadFromLinearLight) {
    EXPECT_EQ(io::codesIn(pictureOfSlate("RF:K7Q2M:12", 6)), std::vector<std::string>{"RF:K7Q2M:12"});
    LinearImage dim = pictureOfSlate("RF:K7Q2M:12", 6);
    for (float& v : dim.values()) v *= 0.02f;
    EXPECT_EQ(io::codesIn(dim).size(), 1u) << "five stops under";
    EXPECT_TRUE(io::codesIn(LinearImage()).empty());
    LinearImage even(300, 200);
    for (float& v : even.values()) v = 0.3f;
    EXPECT_TRUE(io::codesIn(even).empty());
}

class FramesComeIn : public testing::Test {
  protected:
    void SetUp() override {
        studio = made(folder / "a.refero");
        Edit e = studio->edit("Plan");
        plan::Shoot day;
        day.code = "K7Q2M";
        day.label = "Day";
        day.date = "2026-05-14";
        shoot = e.add(day);
        const BodyId body = e.add(plan::Body{0, "Heron"});
        const LensId lens = e.add(plan::Lens{0, "60 mm", "", 60, 60}),
                     other = e.add(plan::Lens{0, "35 mm", "", 35, 35});
        for (const auto l : {lens, other}) {
            plan::Setup s;
            s.shoot = shoot;
            s.label = l == lens ? "Tiles" : "Kiln";
            s.conditions.body = body;
            s.conditions.lens = l;
            s.position = l == lens ? 0 : 1;
            (l == lens ? tiles : kiln) = e.add(s);
        }
        ASSERT_TRUE(studio->commit(e));
    }
    sim::Shot shot(const char* file, const char* lens, bool chart) {
        sim::Shot s = test::plainShot();
        s.file = file;
        s.width = 900;
        s.height = 600;
        s.lens = lens;
        s.taken = "2026:05:14 09:12:08";
        s.seed = static_cast<unsigned>(std::hash<std::string>()(file));
        if (!chart) s.chart.reset();
        return s;
    }
    std::vector<Brought> bring(const std::vector<fs::path>& paths) {
        std::vector<Arrival> arrivals;
        for (const io::MediaItem& item : io::mediaItems(filesBehind(paths)))
            arrivals.push_back(lookAt(item, look));
        Edit e = studio->edit("Bring in");
        auto out = bringIn(e, studio->contents(), day(), arrivals);
        EXPECT_TRUE(studio->commit(e));
        return out;
    }
    plan::Day day() const { return dayOf(studio->contents(), shoot, plan::ClearSky(), {}, test::everyShot); }

    LookOptions look{io::shippedCharts(), {}};
    test::TemporaryFolder folder;
    fs::path card = folder.path() / "card";
    std::unique_ptr<Studio> studio;
    ShootId shoot = 0;
    SetupId tiles = 0;
    SetupId kiln = 0;
};

TEST_F(FramesComeIn, ChartsAreSpottedAndFramesSorted) {
    ASSERT_TRUE(sim::shootToFile(shot("1.dng", "60 mm", true), card));
    ASSERT_TRUE(sim::shootToFile(shot("2.tif", "35 mm", false), card / "sub"));
    test::put(card / "notes.txt", "not a picture");
    test::put(card / ".hidden.tif", "hidden");
    std::error_code error;
    fs::create_directory_symlink(card, card / "sub" / "circle", error);
    const auto out = bring({card});
    ASSERT_EQ(out.size(), 3u) << "the hidden file and the circle are left out";
    EXPECT_EQ(out[0].setup, tiles);
    EXPECT_EQ(out[0].chart, "fen-24");
    EXPECT_EQ(out[0].reason, "The only setup with this body and lens.");
    EXPECT_EQ(out[1].frame, 0);
    EXPECT_NE(out[1].reason.find("notes.txt"), std::string::npos);
    EXPECT_EQ(out[2].setup, kiln);
    const Frame* chart = studio->contents().find<Frame>(out[0].frame);
    ASSERT_TRUE(chart);
    EXPECT_EQ(chart->role, FrameRole::chart);
    EXPECT_EQ(chart->sha256.size(), 64u);
    EXPECT_EQ(chart->taken, "2026-05-14T09:12:08Z");
    EXPECT_EQ(chart->body, "Heron");
    EXPECT_EQ(studio->contents().find<Frame>(out[2].frame)->role, FrameRole::subject);
}

TEST_F(FramesComeIn, TheSameContentIsNotBroughtInTwiceAndWhatMovedIsFoundAgain) {
    ASSERT_TRUE(sim::shootToFile(shot("1.tif", "60 mm", false), card));
    const FrameId frame = bring({card})[0].frame;
    fs::copy(card / "1.tif", card / "copy.tif");
    const auto again = bring({card});
    ASSERT_EQ(again.size(), 2u);
    EXPECT_NE(again[1].reason.find("there already, as 1.tif"), std::string::npos) << again[1].reason;
    EXPECT_EQ(studio->contents().all<Frame>().size(), 1u);
    fs::remove(card / "copy.tif");
    fs::rename(card / "1.tif", card / "renamed.tif");
    EXPECT_NE(bring({card})[0].reason.find("moved"), std::string::npos);
    EXPECT_EQ(studio->contents().find<Frame>(frame)->path, (card / "renamed.tif").string());
}

TEST_F(FramesComeIn, ASlateDecidesAndIsOverruledByHand) {
    io::WriteOptions o;
    o.metadata.body = "Heron";
    o.metadata.lens = "35 mm";
    o.metadata.taken = "2026:05:14 09:00:00";
    const LinearImage picture = pictureOfSlate("RF:K7Q2M:" + std::to_string(kiln.number()), 6);
    EncodedImage stored(picture.width(), picture.height());
    std::copy(picture.values().begin(), picture.values().end(), stored.values().begin());
    fs::create_directories(card);
    ASSERT_TRUE(io::writeFrame(card / "0.tif", stored, o));
    sim::Shot after = shot("1.tif", "35 mm", false);
    after.taken = "2026:05:14 09:01:00";
    ASSERT_TRUE(sim::shootToFile(after, card));
    const auto out = bring({card});
    ASSERT_EQ(out.size(), 2u);
    EXPECT_EQ(out[0].setup, kiln);
    EXPECT_EQ(out[0].reason, "It shows the slate of Kiln.");
    EXPECT_EQ(out[1].reason, "Taken 1 min after the slate of Kiln.");
    Edit e = studio->edit("Put");
    putByHand(e, studio->contents(), day(), out[1].frame, tiles);
    ASSERT_TRUE(studio->commit(e));
    const Frame* put = studio->contents().find<Frame>(out[1].frame);
    EXPECT_EQ(put->setup, tiles);
    EXPECT_EQ(put->placement, Placement::byHand);
    EXPECT_NE(put->doubt.find("35 mm, is not the setup's, 60 mm"), std::string::npos) << put->doubt;
    Edit again = studio->edit("Again");
    sortAgain(again, studio->contents(), day(), {out[0].frame, out[1].frame});
    EXPECT_TRUE(again.changes().empty()) << "what was put by hand stays";
}

// Whatever the words of its reason: a frame that a person has put somewhere is not taken away by a clock.
TEST_F(FramesComeIn, FramesPutByHandStayWhenACamerasClockIsSet) {
    Edit e = studio->edit("Put");
    std::vector<FrameId> frames;
    for (const char* because : {"Opened as its chart frame.", "Its setup was begun with it.", ""}) {
        Frame f;
        f.shoot = shoot;
        f.setup = kiln;
        f.body = "Heron";
        f.lens = "60 mm";  // by its file it belongs to the tiles
        f.taken = "2026-05-14T07:12:08Z";
        f.path = "a.tif";
        f.placement = Placement::byHand;
        f.because = because;
        frames.push_back(e.add(f));
    }
    Frame loose = e.latest<Frame>(frames[0]);
    loose.placement = Placement::sorted;
    const auto sorted = e.add(loose);
    ASSERT_TRUE(studio->commit(e));
    Edit clock = studio->edit("Clock");
    setClock(clock, studio->contents(), day(), frames[0], 3600);
    ASSERT_TRUE(studio->commit(clock));
    for (const auto id : frames) {
        const Frame* f = studio->contents().find<Frame>(id);
        EXPECT_EQ(f->setup, kiln) << f->because;
        EXPECT_EQ(f->taken, "2026-05-14T08:12:08Z");
    }
    EXPECT_EQ(studio->contents().find<Frame>(sorted)->setup, tiles) << "what was sorted is sorted anew";
    Edit out = studio->edit("Take out");
    putByHand(out, studio->contents(), day(), frames[0], 0);
    ASSERT_TRUE(studio->commit(out));
    Edit again = studio->edit("Again");
    sortAgain(again, studio->contents(), day(), {frames[0]});
    EXPECT_TRUE(again.changes().empty()) << "what was taken out by hand is not put back";
}

// A card as it comes from a hostile world: everything is named, nothing stops, the good frame comes in.
TEST_F(FramesComeIn, WhatCannotBeReadIsNamedAndSkipped) {
    ASSERT_TRUE(sim::shootToFile(shot("good.tif", "60 mm", false), card));
    const std::string whole = test::contentOf(card / "good.tif");
    test::put(card / "empty.tif", "");
    test::put(card / "cut.tif", whole.substr(0, whole.size() / 3));
    test::put(card / "renamed.jpg", whole.substr(0, 2000));
    test::put(card / "archive.tif", std::string("PK\x03\x04") + std::string(400, '\0'));
    test::put(card / "several\nlines.tif", whole);
    test::put(card / "latin-\xE9.tif", whole);
    test::put(card / "sound.mp4", std::string("\0\0\0\x18"
                                              "ftypM4A ",
                                              12) +
                                      std::string(64, '\0'));
    std::error_code error;
    fs::create_symlink(card / "nowhere.tif", card / "dangling.tif", error);
    fs::create_directory_symlink(card, card / "again", error);
    // 60,000 pixels wide: within the limit by its area, and beyond it.
    for (const int height : {4, 8000}) {
        auto out = OIIO::ImageOutput::create("wide.tif");
        const std::string file = card / ("wide-" + std::to_string(height) + ".tif");
        ASSERT_TRUE(out->open(file, OIIO::ImageSpec(60000, height, 3, OIIO::TypeDesc::UINT8)));
        const std::vector<unsigned char> row(3 * 60000, 90);
        for (int y = 0; y < 4; ++y) out->write_scanline(y, 0, OIIO::TypeDesc::UINT8, row.data());
        out->close();
    }
    int in = 0;
    std::map<std::string, std::string> said;
    for (const Brought& b : bring({card})) {
        in += b.frame != 0;
        said[b.path.filename().string()] = b.reason;
        EXPECT_FALSE(b.reason.empty()) << b.path;
        EXPECT_TRUE(b.frame != 0 || !io::isUtf8(b.path.string()) || b.reason.size() > 10) << b.path;
    }
    EXPECT_EQ(in, 2) << "the good one, and the flat one that is an odd picture but a picture";
    EXPECT_EQ(said.size(), 10u) << "the dangling link and the circle are no files";
    const auto says = [&](const char* file, const char* part) {
        EXPECT_NE(said[file].find(part), std::string::npos) << file << ": " << said[file];
    };
    says("empty.tif", "empty");
    says("several\nlines.tif", "several lines");
    says("latin-\xE9.tif", "UTF-8");
    says("wide-8000.tif", "megapixels");
    EXPECT_EQ(studio->contents().all<Frame>().size(), 2u);
}

TEST_F(FramesComeIn, AClockThatWasWrongIsSetForItsBodyAndForWhatComesLater) {
    for (const char* file : {"1.tif", "2.tif"})
        ASSERT_TRUE(sim::shootToFile(shot(file, "60 mm", false), card));
    const FrameId first = bring({card})[0].frame;
    Edit e = studio->edit("Clock");
    setClock(e, studio->contents(), day(), first, 3600);
    ASSERT_TRUE(studio->commit(e));
    for (const auto& [id, f] : studio->contents().all<Frame>()) EXPECT_EQ(f.taken, "2026-05-14T10:12:08Z");
    ASSERT_TRUE(sim::shootToFile(shot("3.tif", "60 mm", false), card));
    const auto later = bring({card});
    EXPECT_EQ(studio->contents().find<Frame>(later[2].frame)->taken, "2026-05-14T10:12:08Z")
        << "the camera is as wrong as it was";
    Edit back = studio->edit("Clock");
    setClock(back, studio->contents(), day(), first, 0);
    ASSERT_TRUE(studio->commit(back));
    for (const auto& [id, f] : studio->contents().all<Frame>()) EXPECT_EQ(f.taken, "2026-05-14T09:12:08Z");
}

TEST_F(FramesComeIn, ASequenceAndAClipStandAsOneAndAreLookedThroughForAChart) {
    for (int i = 1; i <= 5; ++i) {
        char name[32];
        std::snprintf(name, sizeof name, "take.%04d.exr", i);
        ASSERT_TRUE(sim::shootToFile(shot(name, "60 mm", i == 2), card));
    }
    const auto out = bring({card});
    ASSERT_EQ(out.size(), 1u);
    const Frame* f = studio->contents().find<Frame>(out[0].frame);
    ASSERT_TRUE(f);
    EXPECT_EQ(f->pictures, 5);
    EXPECT_EQ(f->role, FrameRole::chart);
    EXPECT_EQ(fs::path(f->path).filename(), "take.0002.exr") << "the one that shows the chart";
    EXPECT_GT(f->certainty, 0.8);
    EXPECT_GT(f->whiteGreen, 0.3);
    const auto clipFile = folder / "clip.mkv";
    const std::string call = "ffmpeg -nostdin -loglevel error -y -framerate 2 -i " +
                             (card / "still.%d.png").string() + " -c:v ffv1 -pix_fmt gbrp " + clipFile;
    for (int i = 1; i <= 6; ++i) {
        sim::Shot s = shot(("still." + std::to_string(i) + ".png").c_str(), "60 mm", i == 5);
        s.encoding = Encoding::srgb;
        ASSERT_TRUE(sim::shootToFile(s, card));
    }
    ASSERT_EQ(std::system(call.c_str()), 0);
    const auto clip = bring({clipFile});
    ASSERT_EQ(clip.size(), 1u);
    const Frame* c = studio->contents().find<Frame>(clip[0].frame);
    ASSERT_TRUE(c) << clip[0].reason;
    EXPECT_EQ(c->pictures, 6);
    EXPECT_EQ(c->role, FrameRole::chart);
    const auto at = io::mediaPath(c->path);
    ASSERT_TRUE(at.seconds) << c->path;
    EXPECT_GE(*at.seconds, 2.0);
    EXPECT_LT(*at.seconds, 2.5);
}

TEST_F(FramesComeIn, VerifiedCopiesBecomeTheFrames) {
    ASSERT_TRUE(sim::shootToFile(shot("1.tif", "60 mm", false), card));
    look.copyTo = folder.path() / "disk";
    const auto out = bring({card});
    const Frame* f = studio->contents().find<Frame>(out[0].frame);
    ASSERT_TRUE(f);
    EXPECT_EQ(f->path, (folder.path() / "disk/1.tif").string());
    EXPECT_EQ(test::contentOf(f->path), test::contentOf(card / "1.tif"));
}

}  // namespace
}  // namespace refero::studio
