// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Whole clips as clips: made and probed by the ffmpeg programs, which are not ours.
#include "io/batch/frame_render.h"

#include <gtest/gtest.h>

#include <array>
#include <cmath>
#include <cstdio>
#include <cstdlib>

#include "core/colour/rgb_space.h"
#include "core/render/render.h"
#include "io/batch/job.h"
#include "io/batch/run.h"
#include "io/clip.h"
#include "io/correction_file.h"
#include "io/files/safe_write.h"
#include "io/json.h"
#include "support/temporary.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;

// Half a stop brighter and nothing else.
Correction brighter() {
    Correction c;
    c.model = Model::balance;
    c.inputEncoding = Encoding::rec709;
    c.colours = Colours(RootPolynomial(rgbToXyzD50(primaries::bt709)));
    c.level = std::sqrt(2.0);
    return c;
}

std::string outputOf(const std::string& call) {
    std::string out;
    if (FILE* pipe = ::popen(call.c_str(), "r")) {
        std::array<char, 4096> part;
        while (const std::size_t n = std::fread(part.data(), 1, part.size(), pipe))
            out.append(part.data(), n);
        ::pclose(pipe);
    }
    return out;
}

class ClipRender : public testing::Test {
  protected:
    /// Bars with sound and a timecode, at a rate that is no whole number.
    std::string bars(const std::string& file, const std::string& more = "") {
        const std::string call =
            "ffmpeg -nostdin -loglevel error -y -f lavfi -i "
            "smptehdbars=s=320x180:r=24000/1001:d=1 -f lavfi -i sine=f=440:d=1 -timecode "
            "01:02:03:04 -c:v libx264 -qp 0 -pix_fmt yuv422p10le -colorspace bt709 "
            "-color_primaries bt709 -color_trc bt709 -c:a pcm_s16le " +
            more + " " + (folder / file);
        EXPECT_EQ(std::system(call.c_str()), 0) << call;
        return folder / file;
    }
    Json probe(const std::string& file) {
        const std::string text =
            outputOf("ffprobe -v error -count_frames -print_format json -show_streams -show_format " + file);
        const auto json = parseJson(text, "ffprobe");
        EXPECT_TRUE(json) << text;
        return json ? *json : Json::object();
    }
    static const Json& stream(const Json& probed, const char* kind) {
        for (const Json& s : probed["streams"])
            if (s["codec_type"] == kind) return s;
        static const Json none = Json::object();
        return none;
    }
    static FrameOutput as(ClipKind kind, OutputSpace space = OutputSpace::rec709) {
        FrameOutput o;
        o.clips = kind;
        o.space = space;
        return o;
    }
    test::TemporaryFolder folder;
};

TEST_F(ClipRender, KeepsRateSoundTimecodeAndTagsInTenBits) {
    const std::string in = bars("in.mov");
    struct Case {
        ClipKind kind;
        OutputSpace space;
        const char *codec, *layout, *primaries, *curve, *matrix;
    };
    for (const Case& c :
         {Case{ClipKind::intermediate, OutputSpace::rec709, "ffv1", "yuv422p10le", "bt709", "bt709", "bt709"},
          Case{ClipKind::delivery, OutputSpace::rec709, "av1", "yuv420p10le", "bt709", "bt709", "bt709"},
          Case{ClipKind::delivery, OutputSpace::rec2100pq, "av1", "yuv420p10le", "bt2020", "smpte2084",
               "bt2020nc"}}) {
        const std::string out = folder / (std::string(c.codec) + c.curve + ".mkv");
        const auto pictures = renderClip(brighter(), in, {}, as(c.kind, c.space), out);
        ASSERT_TRUE(pictures) << pictures.error().message;
        EXPECT_EQ(*pictures, 24U);
        const Json probed = probe(out);
        const Json& video = stream(probed, "video");
        EXPECT_EQ(video["codec_name"], c.codec);
        EXPECT_EQ(video["pix_fmt"], c.layout);
        EXPECT_EQ(video["color_range"], "tv");
        EXPECT_EQ(video["color_space"], c.matrix);
        EXPECT_EQ(video["color_primaries"], c.primaries);
        EXPECT_EQ(video["color_transfer"], c.curve);
        EXPECT_EQ(video["nb_read_frames"], "24");
        EXPECT_EQ(video["width"], 320);
        EXPECT_EQ(video["avg_frame_rate"], "24000/1001") << video.dump(1);
        EXPECT_EQ(stream(probed, "audio")["codec_name"], "pcm_s16le") << "copied";
        const std::string all = probed.dump();
        EXPECT_NE(all.find("01:02:03:04"), std::string::npos) << all;
        EXPECT_NEAR(std::atof(probed["format"]["duration"].get<std::string>().c_str()), 1.001, 0.05);
    }
}

// What a player shows of it is what the same correction makes of the same picture.
TEST_F(ClipRender, LosesNothingButRoundingAsAnIntermediate) {
    const std::string in = bars("in.mov"), out = folder / "out.mkv";
    const Correction c = brighter();
    ASSERT_TRUE(renderClip(c, in, {}, as(ClipKind::intermediate), out));
    auto before = Clip::open(in), after = Clip::open(out);
    ASSERT_TRUE(before && after);
    EXPECT_FALSE(after->info().variableRate);
    EXPECT_EQ(after->info().encoding, Encoding::rec709);
    auto one = before->at(0.5);
    const auto other = after->at(0.5);
    ASSERT_TRUE(one && other);
    const EncodedImage wanted =
        render(toLinear(std::move(one->image), Encoding::rec709), compile(c, OutputSpace::rec709, {}));
    // Away from the bars' edges, where chroma is shared by two pixels: 10 bits round to a code and a half.
    double most = 0;
    for (const int x : {20, 60, 100, 150, 200, 250, 300})
        for (const int y : {20, 60, 90})
            for (std::size_t k = 0; k < 3; ++k)
                most = std::max(most, double(std::abs(std::clamp(wanted.pixel(x, y)[k], 0.0f, 1.0f) -
                                                      other->image.pixel(x, y)[k])));
    EXPECT_LT(most, 2.0 / 876);
}

TEST_F(ClipRender, GoesThroughTheBatchAsOneFileAndIsGoneOnWith) {
    const std::string in = bars("in.mov");
    BatchJob job;
    job.folder = folder / "out";
    job.output = as(ClipKind::delivery, OutputSpace::srgb);
    job.output.longEdge = 160;
    job.corrections["c"] = brighter();
    job.frames.push_back({in, "c"});
    ASSERT_TRUE(writeFile(fs::path(folder / "a.refero-job.json"), batchJobText(job)));
    std::vector<FrameFate> fates;
    BatchOptions o;
    o.report = [&](const FrameReport& r) {
        fates.push_back(r.fate);
        EXPECT_EQ(r.target.filename(), "in.mkv");
        EXPECT_FALSE(r.sha256.empty());
    };
    ASSERT_TRUE(runBatch(folder / "a.refero-job.json", o));
    const std::string out = (folder.path() / "out" / "in.mkv").string();
    EXPECT_EQ(stream(probe(out), "video")["width"], 160);
    ASSERT_TRUE(runBatch(folder / "a.refero-job.json", o));
    EXPECT_EQ(fates, (std::vector{FrameFate::done, FrameFate::kept}));
}

TEST_F(ClipRender, SaysWhatCannotBe) {
    const std::string in = bars("in.mov");
    const auto cannot =
        renderClip(brighter(), in, {}, as(ClipKind::delivery, OutputSpace::acescg), folder / "x.mkv");
    ASSERT_FALSE(cannot);
    EXPECT_NE(cannot.error().message.find("Clips go out in"), std::string::npos);
    EXPECT_FALSE(fs::exists(folder / "x.mkv")) << "nothing half-written";
    EXPECT_FALSE(renderClip(brighter(), folder / "none.mov", {}, as(ClipKind::delivery), folder / "x.mkv"));
    FrameWork stopped;
    stopped.stopped = [] { return true; };
    const auto left = renderClip(brighter(), in, {}, as(ClipKind::intermediate), folder / "x.mkv", stopped);
    ASSERT_FALSE(left);
    EXPECT_EQ(left.error().kind, ErrorKind::stopped);
    EXPECT_FALSE(fs::exists(folder / "x.mkv"));
    EXPECT_FALSE(clipKindByName("h264"));
}

// The correction of a picture in sRGB on a clip in BT.709: both are judged as their displays show them (IEC
// 61966-2-1; ITU-R BT.1886). One of a raw frame means other colours, and says so.
TEST_F(ClipRender, AStillsCorrectionReachesAClipThatWasDrawnAlike) {
    const std::string in = bars("in.mov");
    Correction still = brighter();
    still.inputEncoding = Encoding::srgb;
    const std::string out = folder / "out.mkv";
    const auto done = renderClip(still, in, {}, as(ClipKind::intermediate), out);
    ASSERT_TRUE(done) << done.error().message;
    auto before = Clip::open(in), after = Clip::open(out);
    ASSERT_TRUE(before && after);
    const auto first = before->at(0.5), second = after->at(0.5);
    ASSERT_TRUE(first && second);
    int greys = 0;
    for (int x = 8; x < 320; x += 16) {
        const float *a = first->image.pixel(x, 60), *b = second->image.pixel(x, 60);
        if (std::abs(a[0] - a[1]) > 0.01 || std::abs(a[1] - a[2]) > 0.01 || a[1] < 0.2 || a[1] > 0.8)
            continue;
        const double light = std::sqrt(2.0) * std::pow(a[1], 2.4);
        EXPECT_NEAR(b[1], encode(Encoding::rec709, light), 0.01) << x;
        ++greys;
    }
    EXPECT_GT(greys, 1);
    Correction raw = brighter();
    raw.inputEncoding = Encoding::linear;
    const auto refused = renderClip(raw, in, {}, as(ClipKind::intermediate), folder / "x.mkv");
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().message.find("Shoot the chart once in this recording"), std::string::npos);
    EXPECT_FALSE(fs::exists(folder / "x.mkv"));
}

}  // namespace
}  // namespace refero::io
