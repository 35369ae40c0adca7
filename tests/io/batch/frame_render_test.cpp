// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/batch/frame_render.h"

#include <OpenImageIO/imageio.h>
#include <gtest/gtest.h>
#include <lcms2.h>

#include <Eigen/LU>
#include <array>
#include <cmath>

#include "core/render/render.h"
#include "io/batch/frames.h"
#include "io/batch/output_profile.h"
#include "support/temporary.h"

namespace refero::io {
namespace {

using test::plainCorrection;
using test::putFrame;
using test::TemporaryFolder;

EncodedImage stored(const std::string& path) {
    auto in = OIIO::ImageInput::open(path);
    EXPECT_TRUE(in) << path << OIIO::geterror();
    EncodedImage out(in->spec().width, in->spec().height);
    EXPECT_TRUE(in->read_image(0, 0, 0, 3, OIIO::TypeDesc::FLOAT, out.values().data()));
    return out;
}

// What the library's own whole-frame path gives.
EncodedImage expected(const Correction& c, const std::string& path, OutputSpace space) {
    return render(readFrameAssuming(c.inputEncoding, path)->image, compile(c, space));
}

double furthest(const EncodedImage& a, const EncodedImage& b, bool clipped) {
    EXPECT_EQ(a.width(), b.width());
    EXPECT_EQ(a.height(), b.height());
    double most = 0;
    for (std::size_t i = 0; i < std::min(a.values().size(), b.values().size()); ++i) {
        const double want = clipped ? std::clamp(b.values()[i], 0.0f, 1.0f) : b.values()[i];
        most = std::max(most, std::abs(a.values()[i] - want));
    }
    return most;
}

TEST(FrameRender, InBandsIsWhatItIsAtOnce) {
    const TemporaryFolder folder;
    // Several bands: more than a megapixel, and a last one that is not whole.
    putFrame(folder / "in.tif", 3000, 1111);
    const Correction c = plainCorrection();
    struct Kind {
        const char* kind;
        OutputSpace space;
        double tolerance;
        bool clipped;
    };
    for (const Kind& k : {Kind{"tif", OutputSpace::srgb, 0.51 / 65535, true},
                          Kind{"png", OutputSpace::displayP3, 0.51 / 65535, true},
                          Kind{"exr", OutputSpace::acescg, 1e-6, false},
                          Kind{"dpx", OutputSpace::rec709, 0.52 / 1023, true}}) {
        FrameOutput o;
        o.kind = k.kind;
        o.space = k.space;
        o.half = false;
        o.bits = o.kind == "dpx" ? 10 : 16;
        const std::string out = folder / ("out." + o.kind);
        const auto done = renderFrame(c, folder / "in.tif", {}, o, out);
        ASSERT_TRUE(done) << done.error().message;
        EXPECT_LE(furthest(stored(out), expected(c, folder / "in.tif", k.space), k.clipped),
                  k.tolerance + 1e-6)
            << k.kind;
    }
    EXPECT_EQ(folder.files(), 5u);
}

TEST(FrameRender, TilesAndTurnedFramesComeOutUpright) {
    const TemporaryFolder folder;
    const EncodedImage picture = test::pattern(700, 300);
    auto out = OIIO::ImageOutput::create(folder / "tiled.tif");
    OIIO::ImageSpec spec(700, 300, 3, OIIO::TypeDesc::UINT16);
    spec.tile_width = spec.tile_height = 128;
    ASSERT_TRUE(out->open(folder / "tiled.tif", spec));
    ASSERT_TRUE(out->write_image(OIIO::TypeDesc::FLOAT, picture.values().data()));
    ASSERT_TRUE(out->close());
    WriteOptions turned;
    turned.encoding = Encoding::srgb;
    turned.orientation = 6;
    ASSERT_TRUE(writeFrame(folder / "turned.tif", picture, turned));
    const Correction c = plainCorrection();
    for (const char* name : {"tiled.tif", "turned.tif"}) {
        ASSERT_TRUE(renderFrame(c, folder / name, {}, {}, folder / "out.tif"));
        const EncodedImage want = expected(c, folder / name, OutputSpace::srgb);
        EXPECT_LE(furthest(stored(folder / "out.tif"), want, true), 1e-5) << name;
        EXPECT_EQ(OIIO::ImageInput::open(folder / "out.tif")->spec().get_int_attribute("Orientation", 1), 1);
    }
    EXPECT_EQ(stored(folder / "out.tif").width(), 300) << "stands upright";
}

TEST(FrameRender, IsMadeSmallerInLinearLightAndNeverLarger) {
    const TemporaryFolder folder;
    // Black and white lines a pixel wide: half the light, not half the number.
    EncodedImage lines(400, 200);
    for (std::size_t i = 0; i < lines.values().size(); ++i) lines.values()[i] = i / 3 % 2 ? 1.0f : 0.0f;
    WriteOptions w;
    w.encoding = Encoding::srgb;
    ASSERT_TRUE(writeFrame(folder / "lines.tif", lines, w));
    Correction c = plainCorrection();
    c.gains = {1, 1, 1};
    c.level = 1;
    FrameOutput o;
    o.longEdge = 100;
    ASSERT_TRUE(renderFrame(c, folder / "lines.tif", {}, o, folder / "small.tif"));
    const EncodedImage small = stored(folder / "small.tif");
    EXPECT_EQ(small.width(), 100);
    EXPECT_EQ(small.height(), 50);
    EXPECT_NEAR(small.pixel(50, 25)[1], encode(Encoding::srgb, 0.5), 0.01);
    float most = 0;
    for (const float v : small.values()) most = std::max(most, v);
    EXPECT_LT(most, 0.9f) << "no overshoot";
    o.longEdge = 4000;
    ASSERT_TRUE(renderFrame(c, folder / "lines.tif", {}, o, folder / "same.tif"));
    EXPECT_EQ(stored(folder / "same.tif").width(), 400);
}

TEST(FrameRender, SaysOfItselfWhatItIs) {
    const TemporaryFolder folder;
    FrameMetadata m;
    m.body = "Heron 5";
    m.lens = "Reed 50";
    m.artist = "A. Sedge";
    m.copyright = "A. Sedge, all rights";
    m.taken = "2026:03:04 10:11:12";
    m.exposureSeconds = 0.008;
    m.iso = 200;
    putFrame(folder / "in.tif", 64, 48, 1, m);
    const Correction c = plainCorrection();
    for (const char* kind : {"tif", "jpg", "png", "exr"}) {
        FrameOutput o;
        o.kind = kind;
        o.space = o.kind == "exr" ? OutputSpace::acescg : OutputSpace::displayP3;
        const std::string out = folder / (std::string("out.") + kind);
        ASSERT_TRUE(renderFrame(c, folder / "in.tif", {}, o, out));
        const FrameMetadata again = readFrame(out)->metadata;
        EXPECT_EQ(again.body, m.body) << kind;
        const auto in = OIIO::ImageInput::open(out);
        const OIIO::ImageSpec& spec = in->spec();
        EXPECT_EQ(spec.get_string_attribute("Artist"), m.artist) << kind;
        EXPECT_EQ(spec.get_string_attribute("Copyright"), m.copyright) << kind;
        if (o.kind != "png") {
            EXPECT_EQ(again.lens, m.lens) << kind;
            EXPECT_NEAR(again.exposureSeconds, m.exposureSeconds, 1e-6) << kind;
        }
        const auto* profile = spec.find_attribute("ICCProfile");
        if (o.kind == "exr") {
            EXPECT_EQ(spec.format, OIIO::TypeDesc::HALF);
            const auto* chroma = spec.find_attribute("chromaticities");
            ASSERT_TRUE(chroma);
            EXPECT_NEAR(static_cast<const float*>(chroma->data())[0], primaries::ap1.red.x, 1e-6);
        } else {
            ASSERT_TRUE(profile) << kind;
            EXPECT_EQ(profile->type().size(), outputProfile(OutputSpace::displayP3)->size()) << kind;
        }
        o.metadata = false;
        ASSERT_TRUE(renderFrame(c, folder / "in.tif", {}, o, out));
        EXPECT_TRUE(readFrame(out)->metadata.body.empty()) << "left out where that is wanted";
    }
}

// Little CMS reads the embedded profile: the space's own white and primaries, its curve.
TEST(OutputProfile, IsTheSpaceAsLittleCmsSeesIt) {
    for (const OutputSpace s : kOutputSpaces) {
        const auto bytes = outputProfile(s);
        // A profile ends just above white, and its curves hold no logarithm.
        EXPECT_EQ(bytes.has_value(),
                  s != OutputSpace::xyzD50 && s != OutputSpace::acescct && info(s).white == 1)
            << info(s).name;
        if (!bytes) continue;
        cmsHPROFILE p = cmsOpenProfileFromMem(bytes->data(), static_cast<cmsUInt32Number>(bytes->size()));
        cmsHPROFILE xyz = cmsCreateXYZProfile();
        ASSERT_TRUE(p);
        cmsHTRANSFORM t = cmsCreateTransform(p, TYPE_RGB_DBL, xyz, TYPE_XYZ_DBL, INTENT_RELATIVE_COLORIMETRIC,
                                             cmsFLAGS_NOOPTIMIZE);
        for (const Vector3& v : {Vector3(1, 1, 1), Vector3(0.5, 0.2, 0.8), Vector3(0.02, 0.9, 0.1)}) {
            double out[3];
            cmsDoTransform(t, v.data(), out, 1);
            const Vector3 linear = v.unaryExpr([&](double x) { return decode(info(s).encoding, x); });
            EXPECT_LT((Vector3(out[0], out[1], out[2]) - xyzD50ToLinear(s).inverse() * linear).norm(), 2e-4)
                << info(s).name;
        }
        cmsDeleteTransform(t);
        cmsCloseProfile(p);
        cmsCloseProfile(xyz);
        EXPECT_EQ(*outputProfile(s), *bytes);
    }
}

TEST(FrameRender, HalfFloatsStayFinite) {
    const TemporaryFolder folder;
    EncodedImage bright(4, 4);
    for (float& v : bright.values()) v = 60000;
    WriteOptions w;
    ASSERT_TRUE(writeFrame(folder / "in.exr", bright, w));
    FrameOutput o;
    o.kind = "exr";
    o.space = OutputSpace::linearSrgb;
    ASSERT_TRUE(renderFrame(plainCorrection(Encoding::linear), folder / "in.exr", {}, o, folder / "out.exr"));
    const EncodedImage written = stored(folder / "out.exr");
    for (const float v : written.values()) EXPECT_TRUE(std::isfinite(v));
}

TEST(FrameRender, StopsAndFailsWithoutATrace) {
    const TemporaryFolder folder;
    putFrame(folder / "in.tif", 3000, 1111);
    const Correction c = plainCorrection();
    int asked = 0;
    FrameWork work;
    work.stopped = [&] { return ++asked > 2; };
    EXPECT_FALSE(renderFrame(c, folder / "in.tif", {}, {}, folder / "out.tif", work));
    EXPECT_FALSE(renderFrame(c, folder / "none.tif", {}, {}, folder / "out.tif"));
    std::string cut = test::contentOf(folder / "in.tif");
    cut.resize(cut.size() / 2);
    test::put(folder / "cut.tif", cut);
    const auto damaged = renderFrame(c, folder / "cut.tif", {}, {}, folder / "out.tif");
    ASSERT_FALSE(damaged);
    EXPECT_NE(damaged.error().message.find("cut.tif"), std::string::npos) << damaged.error().message;
    EXPECT_FALSE(renderFrame(c, folder / "in.tif", {}, {}, folder / "no/such/out.tif"));
    EXPECT_FALSE(renderFrame(c, folder / "in.tif", {}, {}, folder / "out.gif"));
    FrameOutput bad;
    bad.quality = 0;
    EXPECT_FALSE(renderFrame(c, folder / "in.tif", {}, bad, folder / "out.tif"));
    EXPECT_EQ(folder.files(), 2u) << "nothing half-written is left";
}

}  // namespace
}  // namespace refero::io
