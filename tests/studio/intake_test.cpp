// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/intake.h"

#include <gtest/gtest.h>

#include "io/frame_file.h"
#include "io/qr_code.h"
#include "io/qr_read.h"
#include "shoots.h"
#include "sim/shoot.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero::studio {
namespace {

namespace fs = std::filesystem;

// A grey picture with a slip in it, tilted by shearing, as a hand would hold it.
LinearImage pictureOfSlip(const std::string& text, int module) {
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

TEST(SlipsInPictures, AreReadFromLinearLight) {
    EXPECT_EQ(io::codesIn(pictureOfSlip("RF:K7Q2M:12", 6)), std::vector<std::string>{"RF:K7Q2M:12"});
    LinearImage dim = pictureOfSlip("RF:K7Q2M:12", 6);
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
        const Id body = e.add(plan::Body{0, "Heron"});
        const Id lens = e.add(plan::Lens{0, "60 mm", "", 60, 60}),
                 other = e.add(plan::Lens{0, "35 mm", "", 35, 35});
        for (const Id l : {lens, other}) {
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
    plan::Day day() const { return dayOf(studio->contents(), shoot, plan::ClearSky()); }

    LookOptions look{io::shippedCharts(), {}};
    test::TemporaryFolder folder;
    fs::path card = folder.path() / "card";
    std::unique_ptr<Studio> studio;
    Id shoot = 0, tiles = 0, kiln = 0;
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
    const Id frame = bring({card})[0].frame;
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

TEST_F(FramesComeIn, ASlipDecidesAndIsOverruledByHand) {
    io::WriteOptions o;
    o.metadata.body = "Heron";
    o.metadata.lens = "35 mm";
    o.metadata.taken = "2026:05:14 09:00:00";
    const LinearImage picture = pictureOfSlip("RF:K7Q2M:" + std::to_string(kiln), 6);
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
    EXPECT_EQ(out[0].reason, "It shows the slip of Kiln.");
    EXPECT_EQ(out[1].reason, "Taken 1 min after the slip of Kiln.");
    Edit e = studio->edit("Put");
    putByHand(e, studio->contents(), day(), out[1].frame, tiles);
    ASSERT_TRUE(studio->commit(e));
    const Frame* put = studio->contents().find<Frame>(out[1].frame);
    EXPECT_EQ(put->setup, tiles);
    EXPECT_EQ(put->because, kByHand);
    EXPECT_NE(put->doubt.find("35 mm, is not the setup's, 60 mm"), std::string::npos) << put->doubt;
    Edit again = studio->edit("Again");
    sortAgain(again, studio->contents(), day(), {out[0].frame, out[1].frame});
    EXPECT_TRUE(again.changes().empty()) << "what was put by hand stays";
}

}  // namespace
}  // namespace refero::studio
