// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Every kind of file, read here by an engine of others, without our own reading of it.
#include <OpenColorIO/OpenColorIO.h>
#include <gtest/gtest.h>
#include <lcms2.h>

#include <Eigen/LU>
#include <cmath>
#include <cstdlib>
#include <functional>
#include <memory>

#include "core/colour/adaptation.h"
#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/render/render.h"
#include "io/correction_file.h"
#include "io/handover/built.h"
#include "io/handover/carried.h"
#include "io/handover/handover.h"
#include "io/handover/ocio_config.h"
#include "io/handover/proof.h"
#include "support/temporary.h"

namespace refero {
namespace {

namespace ocio = OCIO_NAMESPACE;
using test::bending;
using test::contentOf;
using test::correction;
using test::TemporaryFolder;

using Engine = std::function<Vector3(const Vector3&)>;

Engine readByOpenColorIO(const std::string& path) {
    ocio::ClearAllCaches();
    const auto transform = ocio::FileTransform::Create();
    transform->setSrc(path.c_str());
    transform->setInterpolation(ocio::INTERP_TETRAHEDRAL);
    transform->setCCCId("0");
    transform->setCDLStyle(ocio::CDL_ASC);
    const auto cpu = ocio::Config::CreateRaw()->getProcessor(transform)->getDefaultCPUProcessor();
    return [cpu](const Vector3& v) {
        float pixel[3] = {float(v.x()), float(v.y()), float(v.z())};
        cpu->applyRGB(pixel);
        return Vector3(pixel[0], pixel[1], pixel[2]);
    };
}

Lab shownIn(OutputSpace space, Vector3 v) {
    for (int k = 0; k < 3; ++k) v(k) = decode(info(space).encoding, v(k));
    return toLab(Xyz::from(xyzD50ToLinear(space).inverse() * v), white::d50);
}

struct Difference {
    double mean = 0, largest = 0;
};

// Over the proof's colours: an engine of others against our own rendering.
Difference against(const Engine& engine, const Correction& c, const Transfer& inputEncoding,
                   OutputSpace space) {
    Difference d;
    const Rendering r = compile(c, space);
    const auto colours = io::proofColours(c, space);
    for (const Vector3& camera : colours) {
        const double e = ciede2000(
            shownIn(space, engine(camera.unaryExpr([&](double v) { return inputEncoding.encode(v); }))),
            shownIn(space, rendered(camera, r)));
        d.mean += e / double(colours.size());
        d.largest = std::max(d.largest, e);
    }
    return d;
}

io::ExportOptions as(io::Format format) {
    io::ExportOptions o;
    o.format = format;
    return o;
}

Correction withFinish(Correction c) {
    c.finish = *finishByName("rounded");
    c.finish.warmthSteps = 2;
    return c;
}

TEST(Formats, AreKnownByTheirNames) {
    for (const io::Format f : io::kFormats) {
        EXPECT_EQ(*io::formatByName(name(f)), f);
        EXPECT_FALSE(info(f).carries.empty());
        EXPECT_EQ(info(f).ending.front(), '.');
    }
}

// SMPTE ST 2136-1: wanted 0.2 on average and 1.0 at most.
TEST(Formats, ClfIsOurRenderingWhateverItIsFedAndGives) {
    const TemporaryFolder folder;
    for (const Correction& c : {correction(), bending(), withFinish(correction()), withFinish(bending())})
        for (const auto& [inputEncoding, space] :
             {std::pair{Encoding::linear, OutputSpace::acescg}, std::pair{Encoding::srgb, OutputSpace::srgb},
              std::pair{Encoding::acescct, OutputSpace::acescct},
              std::pair{Encoding::rec709, OutputSpace::rec2020},
              std::pair{Encoding::hlg, OutputSpace::displayP3}}) {
            io::ExportOptions o = as(io::Format::clf);
            o.encoding = inputEncoding;
            o.space = space;
            const auto done = io::exportCorrection(c, folder / "a.clf", o);
            ASSERT_TRUE(done) << name(inputEncoding) << ": " << done.error().message;
            const Difference d = against(readByOpenColorIO(folder / "a.clf"), c, inputEncoding, space);
            EXPECT_LT(d.mean, 0.2) << name(inputEncoding);
            EXPECT_LT(d.largest, 1.0) << name(inputEncoding);
            EXPECT_NEAR(d.largest, done->proof.largest, 1e-6) << "what is said is what is so";
            EXPECT_LE(done->size, 65);
        }
    const std::string text = contentOf(folder / "a.clf");
    EXPECT_NE(text.find("ProcessList"), std::string::npos);
    EXPECT_NE(text.find("encoded as hlg"), std::string::npos) << "what it must be fed";
}

TEST(Formats, ClfOfAMatrixHasNoGrid) {
    const TemporaryFolder folder;
    ASSERT_TRUE(io::exportCorrection(correction(), folder / "a.clf", as(io::Format::clf)));
    EXPECT_EQ(contentOf(folder / "a.clf").find("LUT3D"), std::string::npos);
    ASSERT_TRUE(io::exportCorrection(bending(), folder / "b.clf", as(io::Format::clf)));
    EXPECT_NE(contentOf(folder / "b.clf").find("LUT3D"), std::string::npos);
}

// By 33 points a side, as everyone's program takes them: wanted 0.2 on average and 1.0 at most.
TEST(Formats, CubeIsNearEnough) {
    const TemporaryFolder folder;
    for (const Correction& c : {correction(), bending()}) {
        const auto done = io::exportCorrection(c, folder / "a.cube", as(io::Format::cube));
        ASSERT_TRUE(done) << done.error().message;
        EXPECT_EQ(done->size, 33);
        const Difference d =
            against(readByOpenColorIO(folder / "a.cube"), c, Encoding::srgb, OutputSpace::srgb);
        EXPECT_LT(d.mean, 0.2);
        EXPECT_LT(d.largest, 1.0);
    }
}

// A second engine reads the same file: the LUT filter of the ffmpeg program, on planes of floats.
TEST(Formats, FfmpegSeesTheSameInACube) {
    const TemporaryFolder folder;
    const Correction& c = bending();
    ASSERT_TRUE(io::exportCorrection(c, folder / "a.cube", as(io::Format::cube)));
    const auto colours = io::proofColours(c, OutputSpace::srgb);
    const std::size_t n = colours.size();
    std::string planes(3 * n * sizeof(float), '\0');  // green, blue, red
    auto* in = reinterpret_cast<float*>(planes.data());
    for (std::size_t i = 0; i < n; ++i) {
        const Vector3 fed = colours[i].unaryExpr([](double v) { return encode(Encoding::srgb, v); });
        in[i] = float(fed.y()), in[n + i] = float(fed.z()), in[2 * n + i] = float(fed.x());
    }
    test::put(folder / "in.raw", planes);
    const std::string raw = "-f rawvideo -pix_fmt gbrpf32le -s " + std::to_string(n) + "x1 ";
    const std::string call = "ffmpeg -nostdin -loglevel error -y " + raw + "-i " + (folder / "in.raw") +
                             " -vf lut3d=file=" + (folder / "a.cube") + ":interp=tetrahedral " + raw +
                             (folder / "out.raw");
    ASSERT_EQ(std::system(call.c_str()), 0) << call;
    const std::string result = contentOf(folder / "out.raw");
    ASSERT_EQ(result.size(), planes.size());
    const auto* out = reinterpret_cast<const float*>(result.data());
    const Rendering r = compile(c, OutputSpace::srgb);
    double mean = 0, largest = 0;
    for (std::size_t i = 0; i < n; ++i) {
        const double d = ciede2000(shownIn(OutputSpace::srgb, {out[2 * n + i], out[i], out[n + i]}),
                                   shownIn(OutputSpace::srgb, rendered(colours[i], r)));
        mean += d / double(n);
        largest = std::max(largest, d);
    }
    EXPECT_LT(mean, 0.2);
    EXPECT_LT(largest, 1.0);
}

TEST(Formats, CubeWithAShaperTakesLinearLightAboveClipping) {
    const TemporaryFolder folder;
    io::ExportOptions o = as(io::Format::cube);
    o.shaper = true;
    const auto done = io::exportCorrection(correction(), folder / "a.cube", o);
    ASSERT_TRUE(done) << done.error().message;
    EXPECT_EQ(done->encoding, Encoding::linear);
    const auto engine = readByOpenColorIO(folder / "a.cube");
    const Rendering r = compile(correction(), OutputSpace::srgb);
    const Vector3 bright(1.5, 1.8, 1.2);
    EXPECT_LT((engine(bright) - rendered(bright, r)).norm(), 0.01);
    o.encoding = Encoding::srgb;
    EXPECT_FALSE(io::exportCorrection(correction(), folder / "b.cube", o)) << "a shaper is for linear light";
}

TEST(Formats, CurvesCarryBalanceAndLevelAndSayWhatTheyDoNot) {
    const TemporaryFolder folder;
    const auto done = io::exportCorrection(correction(), folder / "a.cube", as(io::Format::cube1d));
    ASSERT_TRUE(done) << done.error().message;
    EXPECT_FALSE(done->foreseen.lost.empty());
    EXPECT_GT(done->foreseen.mean, 1) << "colours stay the camera's";
    const auto engine = readByOpenColorIO(folder / "a.cube");
    for (const PatchResult& p : correction().patches) {
        if (p.role != Role::neutral || !p.used) continue;
        const Vector3 fed = p.rgb.unaryExpr([](double v) { return encode(Encoding::srgb, v); });
        const Vector3 out = engine(fed);
        for (int k = 0; k < 3; ++k) {
            const double light = p.rgb(k) * correction().gains(k) * correction().level;
            EXPECT_NEAR(out(k), encode(Encoding::srgb, light), 1e-3) << p.id;
        }
    }
}

// ASC CDL 1.2. Ten numbers cannot do what a correction does: what they leave is stated, and is so.
TEST(Formats, DecisionListLeavesWhatItSays) {
    const TemporaryFolder folder;
    const auto o = as(io::Format::cdl);
    const auto foreseen = io::foresee(bending(), o);
    ASSERT_TRUE(foreseen);
    const auto done = io::exportCorrection(bending(), folder / "a.cdl", o);
    ASSERT_TRUE(done) << done.error().message;
    EXPECT_EQ(done->foreseen.mean, foreseen->mean);
    const Difference d =
        against(readByOpenColorIO(folder / "a.cdl"), bending(), Encoding::srgb, OutputSpace::srgb);
    EXPECT_NEAR(d.mean, foreseen->mean, 0.02);
    EXPECT_NEAR(d.largest, foreseen->largest, 0.1);
    EXPECT_GT(d.mean, 0.5);
    // Far better than the camera's picture as it is.
    const Difference untouched =
        against([](const Vector3& v) { return v; }, bending(), Encoding::srgb, OutputSpace::srgb);
    EXPECT_LT(d.mean, 0.5 * untouched.mean);
    EXPECT_NE(contentOf(folder / "a.cdl").find("<Slope>"), std::string::npos);
}

struct ClosesProfile {
    void operator()(void* p) const { cmsCloseProfile(p); }
};

Difference readByLittleCms(const std::string& path, const Correction& c, const Transfer& inputEncoding) {
    const std::unique_ptr<void, ClosesProfile> profile(cmsOpenProfileFromFile(path.c_str(), "r")),
        lab(cmsCreateLab4Profile(nullptr));
    cmsHTRANSFORM t = cmsCreateTransform(profile.get(), TYPE_RGB_DBL, lab.get(), TYPE_Lab_DBL,
                                         INTENT_RELATIVE_COLORIMETRIC, cmsFLAGS_NOOPTIMIZE);
    Difference d;
    const auto colours = io::proofColours(c, OutputSpace::srgb);
    for (const Vector3& camera : colours) {
        double in[3], out[3];
        for (int k = 0; k < 3; ++k) in[k] = inputEncoding.encode(camera(k));
        cmsDoTransform(t, in, out, 1);
        const double e = ciede2000(Lab{out[0], out[1], out[2], white::d50}, c.toLab(camera));
        d.mean += e / double(colours.size());
        d.largest = std::max(d.largest, e);
    }
    cmsDeleteTransform(t);
    return d;
}

// Wanted: a matrix within 0.1, a table within 0.5.
TEST(Formats, ProfilesOfBothVersionsAsMatrixAndAsTable) {
    const TemporaryFolder folder;
    for (const io::Format format : {io::Format::icc, io::Format::icc2})
        for (const bool table : {false, true}) {
            io::ExportOptions o = as(format);
            o.encoding = Encoding::srgb;
            o.input = io::ProfileInput::asRecorded;  // balanced input: tests/io/handover/terms_test.cpp
            if (table) o.shape = io::ProfileShape::table;
            ASSERT_TRUE(io::exportCorrection(correction(), folder / "a.icc", o));
            // Version 2 has no formula for a curve: 16 bits of light are coarse near black.
            EXPECT_LT(readByLittleCms(folder / "a.icc", correction(), Encoding::srgb).largest,
                      table                        ? 0.5
                      : format == io::Format::icc2 ? 0.15
                                                   : 0.1)
                << name(format) << table;
            const std::string bytes = contentOf(folder / "a.icc");
            EXPECT_EQ(bytes[8], format == io::Format::icc ? 4 : 2) << "the version in the header";
            EXPECT_EQ(bytes.find("rTRC") == std::string::npos, table);
            ASSERT_TRUE(io::exportCorrection(bending(), folder / "b.icc", o));
            EXPECT_LT(readByLittleCms(folder / "b.icc", bending(), Encoding::srgb).largest, 0.5);
            ASSERT_TRUE(io::exportCorrection(correction(), folder / "again.icc", o));
            EXPECT_EQ(contentOf(folder / "again.icc"), bytes) << "the same correction, the same bytes";
        }
}

TEST(Formats, TheNearestMatrixSaysWhatItCannot) {
    const TemporaryFolder folder;
    io::ExportOptions o = as(io::Format::icc);
    o.shape = io::ProfileShape::matrix;
    o.input = io::ProfileInput::asRecorded;
    const auto done = io::exportCorrection(bending(), folder / "a.icc", o);
    ASSERT_TRUE(done) << done.error().message;
    ASSERT_FALSE(done->foreseen.lost.empty());
    EXPECT_NE(done->foreseen.lost.front().find("cannot bend a hue"), std::string::npos);
    EXPECT_GT(done->foreseen.largest, 0.2);
    const Difference d = readByLittleCms(folder / "a.icc", bending(), Encoding::linear);
    EXPECT_NEAR(d.mean, done->foreseen.mean, 0.02);
}

// OpenColorIO alone: the camera's space to the display by the configuration's own view.
TEST(Formats, ConfigurationShowsTheCameraAsWeDo) {
    const TemporaryFolder folder;
    for (const Correction& c : {correction(), withFinish(bending())}) {
        const auto done = io::exportCorrection(c, folder / "show.ocio", as(io::Format::ocio));
        ASSERT_TRUE(done) << done.error().message;
        EXPECT_EQ(done->beside.size(), c.finish.isNone() ? 1u : 2u);
        const auto config = ocio::Config::CreateFromFile((folder / "show.ocio").c_str());
        EXPECT_NO_THROW(config->validate());
        const auto cpu = config
                             ->getProcessor(io::kCameraSpace, io::kDisplay,
                                            c.finish.isNone() ? io::kViewNeutral : io::kViewFinished,
                                            ocio::TRANSFORM_DIR_FORWARD)
                             ->getDefaultCPUProcessor();
        const Difference d = against(
            [&](const Vector3& v) {
                float pixel[3] = {float(v.x()), float(v.y()), float(v.z())};
                cpu->applyRGB(pixel);
                return Vector3(pixel[0], pixel[1], pixel[2]);
            },
            c, Encoding::linear, OutputSpace::srgb);
        EXPECT_LT(d.mean, 0.2);
        EXPECT_LT(d.largest, 1.0);
    }
}

TEST(Formats, AnExposureOffsetIsTakenBackAndTold) {
    const TemporaryFolder folder;
    io::ExportOptions o = as(io::Format::clf);
    o.encoding = Encoding::linear;
    o.space = OutputSpace::acescg;
    o.exposureOffsetStops = 1;
    ASSERT_TRUE(io::exportCorrection(correction(), folder / "up.clf", o));
    const auto engine = readByOpenColorIO(folder / "up.clf");
    const Vector3 camera(0.1, 0.2, 0.15);
    EXPECT_LT((engine(2 * camera) - rendered(camera, compile(correction(), OutputSpace::acescg))).norm(),
              1e-5);
    EXPECT_NE(contentOf(folder / "up.clf").find("+1.00 stops"), std::string::npos);
    EXPECT_NE(io::suggestedName(correction(), o).find("linear +1.0 stops to acescg.clf"), std::string::npos);
}

TEST(Formats, TableHasALineAPatch) {
    const TemporaryFolder folder;
    Correction c = correction();
    c.name = "=cmd, \"quoted\"";
    ASSERT_TRUE(io::exportCorrection(c, folder / "a.csv", as(io::Format::csv)));
    const std::string text = contentOf(folder / "a.csv");
    EXPECT_EQ(static_cast<std::size_t>(std::count(text.begin(), text.end(), '\n')), c.patches.size() + 1);
    EXPECT_NE(text.find("\"'=cmd, \"\"quoted\"\"\""), std::string::npos)
        << "no formula, and quoted as RFC 4180 says";
}

TEST(Formats, AFailedFileIsKeptAsideAndTheTargetLeftAlone) {
    const TemporaryFolder folder;
    test::put(folder / "a.cube", "what was there");
    io::ExportOptions o = as(io::Format::cube);
    o.encoding = Encoding::linear;
    o.size = 17;
    const auto done = io::exportCorrection(correction(), folder / "a.cube", o);
    ASSERT_FALSE(done);
    EXPECT_NE(done.error().message.find("a.cube.failed"), std::string::npos) << done.error().message;
    EXPECT_EQ(contentOf(folder / "a.cube"), "what was there");
    EXPECT_NE(contentOf(folder / "a.cube.failed").find("LUT_3D_SIZE 17"), std::string::npos);
}

TEST(Formats, RefuseWhatDoesNotFitTogether) {
    const TemporaryFolder folder;
    const auto refused = [&](const io::ExportOptions& o) {
        return !io::exportCorrection(correction(), folder / "x", o);
    };
    io::ExportOptions o = as(io::Format::icc);
    o.second = bending();
    EXPECT_TRUE(refused(o)) << "only a camera profile is for two lights";
    o = as(io::Format::cube);
    o.size = 1000;
    EXPECT_TRUE(refused(o));
    o = as(io::Format::clf);
    o.exposureOffsetStops = std::nan("");
    EXPECT_TRUE(refused(o));
    o = as(io::Format::dcp);
    o.illuminants = {99};
    EXPECT_TRUE(refused(o));
    Correction encoded = correction();
    encoded.inputEncoding = Encoding::srgb;
    EXPECT_FALSE(io::exportCorrection(encoded, folder / "x.dcp", as(io::Format::dcp)))
        << "a camera profile is for raw files";
    EXPECT_EQ(folder.files(), 0u);
}

}  // namespace
}  // namespace refero
