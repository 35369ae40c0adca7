// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// A plate for a renderer, seen through the view that goes with it: OpenColorIO and OpenImageIO look at it,
// our own rendering says what it should be.
#include "io/handover/plate_check.h"

#include <OpenColorIO/OpenColorIO.h>
#include <OpenImageIO/imageio.h>
#include <gtest/gtest.h>

#include <Eigen/LU>
#include <algorithm>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/render/render.h"
#include "io/frame_file.h"
#include "io/handover/built.h"
#include "io/handover/ocio_config.h"
#include "support/temporary.h"

namespace refero::io {
namespace {

namespace ocio = OCIO_NAMESPACE;
using test::bending;
using test::correction;
using test::TemporaryFolder;

constexpr int kWidth = 96, kHeight = 64;

// A frame of linear camera RGB: every colour of the proof's kind, and in one corner light above clipping.
void putCameraFrame(const std::string& path) {
    EncodedImage image(kWidth, kHeight);
    unsigned state = 11;
    const auto random = [&] {
        state = state * 1664525u + 1013904223u;
        return static_cast<float>(state >> 8) / 16777216.0f;
    };
    for (int i = 0; i < kWidth * kHeight; ++i) {
        const float grey = 0.02f + 0.5f * random();
        const bool high = i < 200;
        for (int k = 0; k < 3; ++k)
            image.values()[static_cast<std::size_t>(3 * i + k)] =
                high ? 2.5f : grey * (0.8f + 0.4f * random());
    }
    WriteOptions w;
    w.encoding = Encoding::linear;
    ASSERT_TRUE(writeFrame(path, image, w));
}

std::vector<float> pixelsOf(const std::string& path) {
    const auto input = OIIO::ImageInput::open(path);
    if (!input) return {};
    std::vector<float> out(static_cast<std::size_t>(input->spec().width) *
                           static_cast<std::size_t>(input->spec().height) * 3);
    EXPECT_TRUE(input->read_image(0, 0, 0, 3, OIIO::TypeDesc::FLOAT, out.data()));
    return out;
}

FrameOutput plateIn(OutputSpace space) {
    FrameOutput o;
    o.kind = "exr";
    o.space = space;
    o.finish = false;
    return o;
}

Correction finishedOne() {
    Correction c = bending();
    c.finish.contrast = 0.3;
    c.finish.warmthSteps = 1.0;
    return c;
}

Lab shown(const float* stored) {
    Vector3 v;
    for (int k = 0; k < 3; ++k) v(k) = decode(Encoding::srgb, std::clamp(double(stored[k]), 0.0, 1.0));
    return toLab(Xyz::from(xyzD50ToLinear(OutputSpace::srgb).inverse() * v), white::d50);
}

class Plate : public testing::Test {
  protected:
    void SetUp() override { putCameraFrame(folder / "subject.exr"); }
    Result<PlateCheck> checked(const Correction& c, OutputSpace space) {
        ExportOptions o;
        o.format = Format::ocio;
        const auto config = exportCorrection(c, folder / "show.ocio", o);
        EXPECT_TRUE(config) << config.error().message;
        return checkPlate(c, folder / "subject.exr", {}, plateIn(space), folder / "show.ocio",
                          folder / "plate.exr", folder / "check.png");
    }
    TemporaryFolder folder;
};

TEST_F(Plate, ThroughItsViewIsTheGradedPicture) {
    for (const Correction& c : {correction(), finishedOne()})
        for (const OutputSpace space : {OutputSpace::acescg, OutputSpace::linearSrgb}) {
            const auto done = checked(c, space);
            ASSERT_TRUE(done) << done.error().message;
            EXPECT_EQ(done->proof.colours, std::size_t{kWidth * kHeight});
            EXPECT_LT(done->proof.mean, 0.2);
            EXPECT_LT(done->proof.largest, 1.0);
            // The picture that was written, by another reader, against our rendering of the same frame.
            const auto picture = pixelsOf(folder / "check.png");
            const auto frame = readFrame(folder / "subject.exr");
            ASSERT_TRUE(frame);
            const EncodedImage ours = render(frame->image, compile(c, OutputSpace::srgb, c.finish));
            ASSERT_EQ(picture.size(), ours.values().size());
            double sum = 0;
            for (std::size_t i = 0; i < picture.size(); i += 3)
                sum += ciede2000(shown(&picture[i]), shown(ours.values().data() + i));
            EXPECT_LT(sum / (kWidth * kHeight), 0.2);
        }
}

// Halves have 11 bits: within one part in 2,000 the plate is the light itself, above white as well.
TEST_F(Plate, IsLightItselfWithNothingCutOffAndNoFinish) {
    const Correction c = finishedOne();
    const auto done = checked(c, OutputSpace::acescg);
    ASSERT_TRUE(done) << done.error().message;
    const auto plate = pixelsOf(folder / "plate.exr");
    const auto frame = pixelsOf(folder / "subject.exr");
    ASSERT_EQ(plate.size(), frame.size());
    const Matrix3 toAp1 = xyzD50ToLinear(OutputSpace::acescg);
    double lightest = 0;
    for (std::size_t i = 0; i < plate.size(); i += 3) {
        const Vector3 light = toAp1 * c.toXyzD50(Vector3(frame[i], frame[i + 1], frame[i + 2])).vector();
        for (std::size_t k = 0; k < 3; ++k) {
            const double want = light(static_cast<Eigen::Index>(k));
            EXPECT_NEAR(plate[i + k], want, std::abs(want) / 1000 + 2e-4) << "pixel " << i / 3;
            lightest = std::max(lightest, double(plate[i + k]));
        }
    }
    EXPECT_GT(lightest, 1.2) << "what is lighter than white is in it";
    EXPECT_FLOAT_EQ(static_cast<float>(done->lightest), static_cast<float>(lightest));
}

TEST_F(Plate, AViewThatDoesSomethingElseFailsAndIsKeptAside) {
    ExportOptions o;
    o.format = Format::ocio;
    ASSERT_TRUE(exportCorrection(finishedOne(), folder / "show.ocio", o));
    Correction other = finishedOne();
    other.finish.contrast = -0.5;
    const auto done = checkPlate(other, folder / "subject.exr", {}, plateIn(OutputSpace::acescg),
                                 folder / "show.ocio", folder / "plate.exr", folder / "check.png");
    ASSERT_FALSE(done);
    EXPECT_NE(done.error().message.find("graded picture"), std::string::npos);
    EXPECT_FALSE(std::filesystem::exists(folder / "check.png"));
    EXPECT_TRUE(std::filesystem::exists(folder / "check.failed.png"));
}

TEST_F(Plate, RefusesWhatIsNoPlateOrHasNoView) {
    const auto with = [&](const FrameOutput& o) {
        return checkPlate(correction(), folder / "subject.exr", {}, o, folder / "none.ocio",
                          folder / "plate.exr", folder / "check.png");
    };
    FrameOutput clipped = plateIn(OutputSpace::acescg);
    clipped.kind = "tif";
    EXPECT_FALSE(with(clipped));
    FrameOutput graded = plateIn(OutputSpace::acescg);
    graded.finish = true;
    EXPECT_FALSE(with(graded));
    EXPECT_FALSE(with(plateIn(OutputSpace::rec709)));
    EXPECT_EQ(folder.files(), 1u) << "nothing but the frame itself";
    const auto blind = with(plateIn(OutputSpace::acescg));
    ASSERT_FALSE(blind);
    EXPECT_NE(blind.error().message.find("OpenColorIO"), std::string::npos);
    EXPECT_FALSE(std::filesystem::exists(folder / "check.png"));
}

}  // namespace
}  // namespace refero::io
