// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/clip.h"

#include <gtest/gtest.h>

#include <cmath>
#include <cstdlib>

#include "io/frame_file.h"
#include "io/media_path.h"
#include "support/temporary.h"

namespace refero::io {
namespace {

// Colours that the matrices tell apart, as 8-bit R'G'B' of the picture that goes into the clip.
constexpr int kPatches = 12;
constexpr std::array<std::array<int, 3>, kPatches> kColours{{{235, 235, 235},
                                                             {128, 128, 128},
                                                             {20, 20, 20},
                                                             {200, 40, 40},
                                                             {40, 180, 60},
                                                             {40, 60, 200},
                                                             {220, 200, 40},
                                                             {180, 60, 170},
                                                             {40, 190, 200},
                                                             {190, 150, 130},
                                                             {110, 80, 70},
                                                             {250, 130, 20}}};
constexpr int kSide = 96;

EncodedImage patches() {
    EncodedImage image(kPatches / 3 * kSide, 3 * kSide);
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            for (std::size_t c = 0; c < 3; ++c)
                image.pixel(x, y)[c] =
                    float(kColours[std::size_t(y / kSide * (kPatches / 3) + x / kSide)][c]) / 255;
    return image;
}

class ClipTest : public testing::Test {
  protected:
    void SetUp() override {
        ASSERT_TRUE(writeFrame(folder / "in.png", patches(), {8, Encoding::srgb, {}, {}}));
    }
    /// The ffmpeg program makes the clip: an encoder that is not ours.
    void encode(const std::string& options, const std::string& file, const std::string& input = "") {
        const std::string in = input.empty() ? "-loop 1 -t 1 -r 10 -i " + (folder / "in.png") : input;
        const std::string call =
            "ffmpeg -nostdin -loglevel error -y " + in + " " + options + " " + (folder / file);
        ASSERT_EQ(std::system(call.c_str()), 0) << call;
    }
    /// Largest difference of a patch's middle from what went in, in 8-bit steps.
    double furthest(const EncodedImage& image) {
        double most = 0;
        for (int p = 0; p < kPatches; ++p) {
            const int cx = p % (kPatches / 3) * kSide + kSide / 2,
                      cy = p / (kPatches / 3) * kSide + kSide / 2;
            for (std::size_t c = 0; c < 3; ++c) {
                double mean = 0;
                for (int y = -16; y < 16; ++y)
                    for (int x = -16; x < 16; ++x) mean += image.pixel(cx + x, cy + y)[c] / 1024.0;
                most = std::max(most, std::abs(mean * 255 - kColours[std::size_t(p)][c]));
            }
        }
        return most;
    }
    test::TemporaryFolder folder;
};

// Rounding of the codes alone, where the codec itself loses nothing: half a step of limited range in Y, and
// what half a step of Cb and Cr makes of blue (1.8556 of BT.709, 1.8814 of BT.2020), is up to 1.7 steps.
constexpr double kLossless8 = 1.8, kLossless10 = 0.5;
// The ffmpeg program's scaler writes full range of 10 bits up to 1020, not 1023: 0.3 % of 250.
constexpr double kFull10 = kLossless10 + 0.75;

TEST_F(ClipTest, ComesBackInBothRangesAndThreeMatrices) {
    struct Case {
        const char *matrix, *range, *tag;
    };
    for (const Case& c : {Case{"bt709", "limited", "BT.709"}, Case{"bt709", "full", "BT.709"},
                          Case{"bt601", "limited", "BT.601"}, Case{"bt601", "full", "BT.601"},
                          Case{"bt2020nc", "limited", "BT.2020"}, Case{"bt2020nc", "full", "BT.2020"}}) {
        const std::string matrix = c.matrix, range = c.range;
        const std::string space = matrix == "bt601" ? "smpte170m" : matrix;
        const std::string scale = "-vf scale=out_color_matrix=" + (matrix == "bt2020nc" ? "bt2020" : matrix) +
                                  ":out_range=" + range + ":flags=accurate_rnd+full_chroma_int";
        const std::string tags = " -colorspace " + space + " -color_range " + (range == "full" ? "pc" : "tv");
        for (const bool ten : {false, true}) {
            encode(scale + ",format=" + (ten ? "yuv444p10le" : "yuv444p") + tags + " -c:v ffv1", "a.mkv");
            auto clip = Clip::open(folder / "a.mkv");
            ASSERT_TRUE(clip) << clip.error().message;
            EXPECT_EQ(clip->info().matrix, c.tag);
            EXPECT_EQ(clip->info().fullRange, range == "full");
            EXPECT_TRUE(clip->info().assumed.empty());
            const auto picture = clip->at(0.5);
            ASSERT_TRUE(picture) << picture.error().message;
            EXPECT_LT(furthest(picture->image), !ten              ? kLossless8
                                                : range == "full" ? kFull10
                                                                  : kLossless10)
                << c.matrix << " " << c.range << (ten ? " 10 bit" : " 8 bit");
        }
    }
}

TEST_F(ClipTest, ALossyCodecComesBackWithinItsError) {
    for (const char* range : {"tv", "pc"}) {
        encode(std::string("-vf scale=out_color_matrix=bt709:out_range=") + range +
                   ",format=yuv420p -colorspace bt709 -color_trc bt709 -color_range " + range +
                   " -c:v libx264 -crf 4",
               "a.mp4");
        auto clip = Clip::open(folder / "a.mp4");
        ASSERT_TRUE(clip) << clip.error().message;
        EXPECT_EQ(clip->info().encoding, Encoding::rec709);
        EXPECT_TRUE(clip->info().encodingStated);
        EXPECT_EQ(clip->info().codec, "h264");
        EXPECT_LT(furthest(clip->at(0)->image), 4) << range << ", common practice of high quality";
    }
}

TEST_F(ClipTest, WhatIsNotSaidIsAssumedAloud) {
    encode("-vf scale=out_color_matrix=bt601,format=yuv420p -c:v ffv1", "a.avi");
    const auto frame = readFrame(folder / "a.avi");
    ASSERT_TRUE(frame) << frame.error().message;
    EXPECT_EQ(frame->encodingSource, EncodingSource::assumed);
    ASSERT_EQ(frame->notes.size(), 2u);
    EXPECT_NE(frame->notes[1].find("BT.601 is assumed"), std::string::npos) << frame->notes[1];
    EXPECT_EQ(frame->encoding, Transfer(Encoding::rec709));
}

TEST_F(ClipTest, HighDynamicRangeAndRgbClipsSayWhatTheyAre) {
    encode("-vf format=gbrp -c:v ffv1 -color_trc smpte2084", "pq.mkv");
    auto clip = Clip::open(folder / "pq.mkv");
    ASSERT_TRUE(clip) << clip.error().message;
    EXPECT_EQ(clip->info().encoding, Encoding::pq);
    EXPECT_EQ(clip->info().matrix, "RGB");
    EXPECT_LT(furthest(clip->at(0)->image), 0.01) << "nothing is lost";
    encode("-vf format=bgr24 -c:v rawvideo", "packed.avi");
    auto packed = Clip::open(folder / "packed.avi");
    ASSERT_TRUE(packed) << packed.error().message;
    EXPECT_LT(furthest(packed->at(0)->image), 0.01);
    encode("-vf scale=out_color_matrix=bt709,format=nv12 -c:v rawvideo -colorspace bt709 -color_range tv",
           "nv.mkv");
    auto nv = Clip::open(folder / "nv.mkv");
    ASSERT_TRUE(nv) << nv.error().message;
    EXPECT_LT(furthest(nv->at(0)->image), 2.5);
}

// The picture's number is written into its brightness.
TEST_F(ClipTest, PicturesArePickedByTimeAtConstantAndVariableRate) {
    const std::string source = "-f lavfi -i \"color=black:s=64x64:r=10:d=4,geq=lum='16+5*N':cb=128:cr=128\"";
    const auto numberAt = [](Clip& clip, double seconds) {
        const auto picture = clip.at(seconds);
        EXPECT_TRUE(picture) << picture.error().message;
        return picture ? static_cast<int>(std::lround(picture->image.pixel(30, 30)[0] * 219 / 5)) : -1;
    };
    encode("-pix_fmt yuv420p -c:v libx264 -qp 0 -g 12 -bf 2", "constant.mp4", source);
    auto clip = Clip::open(folder / "constant.mp4");
    ASSERT_TRUE(clip) << clip.error().message;
    EXPECT_EQ(clip->info().pictures, 40u);
    EXPECT_NEAR(clip->info().seconds, 4, 0.01);
    EXPECT_NEAR(clip->info().picturesPerSecond, 10, 0.05);
    EXPECT_FALSE(clip->info().variableRate);
    for (const double t : {0.0, 3.95, 0.05, 1.25, 2.0, 0.95, 0.949})
        EXPECT_EQ(numberAt(*clip, t), static_cast<int>(std::floor(t * 10 + 1e-9))) << t;
    EXPECT_EQ(numberAt(*clip, 99), 39) << "beyond the end the last";
    EXPECT_EQ(numberAt(*clip, -3), 0);
    EXPECT_EQ(numberAt(*clip, std::nan("")), 0);
    // Picture n is shown from n^2 / 100 s.
    encode(
        "-vf \"settb=1/1000,setpts=N*N*10\" -fps_mode passthrough -enc_time_base 1:1000 -pix_fmt yuv420p "
        "-c:v ffv1",
        "variable.mkv", source);
    auto variable = Clip::open(folder / "variable.mkv");
    ASSERT_TRUE(variable) << variable.error().message;
    EXPECT_TRUE(variable->info().variableRate);
    for (const double t : {0.0, 0.035, 0.5, 1.0, 7.0, 14.0})
        EXPECT_EQ(numberAt(*variable, t), static_cast<int>(std::floor(std::sqrt(t * 100) + 1e-6))) << t;
}

// Beyond the beginning that is gone through, the container's own word counts.
TEST_F(ClipTest, ALongClipIsNotReadThroughToBeOpened) {
    const std::string source = "-f lavfi -i color=gray:s=32x32:r=50:d=20";
    for (const char* file : {"long.mp4", "long.mkv"}) {
        encode("-pix_fmt yuv420p -c:v libx264", file, source);
        auto clip = Clip::open(folder / file);
        ASSERT_TRUE(clip) << clip.error().message;
        EXPECT_NEAR(double(clip->info().pictures), 1000, 1) << file;
        EXPECT_NEAR(clip->info().seconds, 20, 0.05) << file;
        EXPECT_NEAR(clip->info().picturesPerSecond, 50, 0.2) << file;
        EXPECT_FALSE(clip->info().variableRate) << file;
        const auto late = clip->at(19.5);
        ASSERT_TRUE(late) << late.error().message;
        EXPECT_NEAR(late->seconds, 19.5, 0.021) << file;
    }
}

TEST_F(ClipTest, AFrameIsReadAtTheMomentThatItsPathNames) {
    const std::string source = "-f lavfi -i \"color=black:s=64x64:r=10:d=2,geq=lum='16+10*N':cb=128:cr=128\"";
    encode("-pix_fmt yuv420p -c:v ffv1 -metadata creation_time=2026-05-14T09:30:00Z", "a.mkv", source);
    const auto levelOf = [&](const std::string& path) {
        const auto f = readFrame(path, Transfer(Encoding::linear));
        EXPECT_TRUE(f) << f.error().message;
        return f ? std::lround(f->image.pixel(30, 30)[0] * 219 / 10) : -1;
    };
    EXPECT_EQ(levelOf((folder / "a.mkv") + "#t=0.35"), 3);
    EXPECT_EQ(levelOf(atMoment(folder / "a.mkv", 1.7)), 17);
    EXPECT_EQ(levelOf(folder / "a.mkv"), 10) << "its middle";
    const auto frame = readFrame(folder / "a.mkv");
    EXPECT_EQ(frame->metadata.taken, "2026:05:14 09:30:00");
    EXPECT_EQ(frame->metadata.offset, "+00:00");
}

TEST_F(ClipTest, WhatIsNoClipIsNamed) {
    const auto why = [&](const char* file) {
        const auto clip = Clip::open(folder / file);
        return clip ? std::string() : clip.error().message;
    };
    encode("-c:a flac", "sound.mkv", "-f lavfi -i sine=d=1");
    EXPECT_NE(why("sound.mkv").find("no pictures"), std::string::npos) << why("sound.mkv");
    test::put(folder / "text.mp4", "not a clip at all, only text");
    EXPECT_NE(why("text.mp4").find("text.mp4"), std::string::npos);
    test::put(folder / "empty.mov", "");
    EXPECT_NE(readFrame(folder / "empty.mov").error().message.find("empty"), std::string::npos);
    encode("-pix_fmt yuv420p -c:v libx264 -g 5", "cut.mp4");
    const std::string whole = test::contentOf(folder / "cut.mp4");
    for (const double share : {0.1, 0.5, 0.9}) {
        test::put(folder / "half.mp4", whole.substr(0, std::size_t(double(whole.size()) * share)));
        auto clip = Clip::open(folder / "half.mp4");
        if (clip) (void)clip->at(0.9);  // whatever it gives, it comes back
    }
    // A list that points elsewhere is no clip here.
    test::put(folder / "list.mp4", "ffconcat version 1.0\nfile in.png\n");
    EXPECT_FALSE(Clip::open(folder / "list.mp4"));
}

TEST(MediaPath, TellsAMomentFromAName) {
    const test::TemporaryFolder folder;
    EXPECT_FALSE(mediaPath("a.mov").seconds);
    EXPECT_EQ(mediaPath("a.mov#t=12.5").file, "a.mov");
    EXPECT_EQ(*mediaPath("a.mov#t=12.5").seconds, 12.5);
    for (const char* odd :
         {"a.mov#t=", "a.mov#t=x", "a.mov#t=-1", "a.mov#t=1e99", "a.mov#t=1s", "a.mov#t=nan"})
        EXPECT_EQ(mediaPath(odd).file, odd);
    test::put(folder / "odd#t=3", "a file of that very name");
    EXPECT_FALSE(mediaPath(folder / "odd#t=3").seconds);
    EXPECT_EQ(atMoment("a.mov", 1.0 / 3), "a.mov#t=0.333");
}

}  // namespace
}  // namespace refero::io
