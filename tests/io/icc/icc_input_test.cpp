// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures with an embedded profile, held against Little CMS going through the same profile by itself.
#include "io/icc/icc_input.h"

#include <OpenImageIO/imageio.h>
#include <gtest/gtest.h>
#include <lcms2.h>

#include <Eigen/LU>
#include <cmath>

#include "io/frame_file.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero::io {
namespace {

std::string bytesOf(cmsHPROFILE profile) {
    cmsUInt32Number size = 0;
    cmsSaveProfileToMem(profile, nullptr, &size);
    std::string bytes(size, '\0');
    cmsSaveProfileToMem(profile, bytes.data(), &size);
    cmsCloseProfile(profile);
    return bytes;
}

std::string matrixProfile(double gamma, bool differentCurves = false) {
    const cmsCIExyY white{0.3127, 0.3290, 1};
    const cmsCIExyYTRIPLE primaries{{0.68, 0.32, 1}, {0.21, 0.71, 1}, {0.15, 0.06, 1}};
    cmsToneCurve* one = cmsBuildGamma(nullptr, gamma);
    cmsToneCurve* other = cmsBuildGamma(nullptr, differentCurves ? gamma + 0.3 : gamma);
    cmsToneCurve* curves[3] = {one, one, other};
    const std::string bytes = bytesOf(cmsCreateRGBProfile(&white, &primaries, curves));
    cmsFreeToneCurve(one);
    cmsFreeToneCurve(other);
    return bytes;
}

// Of tables, as scanners and printers have them: a bend and a mixing that no curve and matrix can say.
std::string tableProfile() {
    cmsHPROFILE p = cmsCreateProfilePlaceholder(nullptr);
    cmsSetProfileVersion(p, 2.4);
    cmsSetDeviceClass(p, cmsSigInputClass);
    cmsSetColorSpace(p, cmsSigRgbData);
    cmsSetPCS(p, cmsSigLabData);
    cmsPipeline* pipe = cmsPipelineAlloc(nullptr, 3, 3);
    cmsStage* table = cmsStageAllocCLut16bit(nullptr, 17, 3, 3, nullptr);
    cmsStageSampleCLut16bit(
        table,
        [](const cmsUInt16Number in[], cmsUInt16Number out[], void*) -> cmsInt32Number {
            const double r = in[0] / 65535.0, g = in[1] / 65535.0, b = in[2] / 65535.0;
            const double y = 0.25 * r + 0.65 * g + 0.10 * b;
            out[0] = static_cast<cmsUInt16Number>(65535 * std::pow(y, 0.8));
            out[1] = static_cast<cmsUInt16Number>(32896 + 20000 * (r - g));
            out[2] = static_cast<cmsUInt16Number>(32896 + 20000 * (g - b));
            return TRUE;
        },
        nullptr, 0);
    cmsPipelineInsertStage(pipe, cmsAT_END, table);
    cmsWriteTag(p, cmsSigAToB0Tag, pipe);
    cmsPipelineFree(pipe);
    cmsWriteTag(p, cmsSigMediaWhitePointTag, cmsD50_XYZ());
    return bytesOf(p);
}

EncodedImage someColours() {
    EncodedImage image(64, 40);
    test::Random random(5);
    for (float& v : image.values()) v = std::round(float(random.uniform(0, 1)) * 65535) / 65535;
    return image;
}

void writeTagged(const std::string& path, const EncodedImage& image, const std::string& profile) {
    auto out = OIIO::ImageOutput::create(path);
    OIIO::ImageSpec spec(image.width(), image.height(), 3, OIIO::TypeDesc::UINT16);
    spec.attribute("ICCProfile", OIIO::TypeDesc(OIIO::TypeDesc::UINT8, static_cast<int>(profile.size())),
                   profile.data());
    spec.attribute("oiio:dither", 0);
    ASSERT_TRUE(out->open(path, spec));
    ASSERT_TRUE(out->write_image(OIIO::TypeDesc::FLOAT, image.values().data()));
    out->close();
}

// By Little CMS alone, to XYZ of the connection space.
std::vector<float> xyzOf(const EncodedImage& image, const std::string& profile) {
    cmsHPROFILE from = cmsOpenProfileFromMem(profile.data(), static_cast<cmsUInt32Number>(profile.size()));
    cmsHPROFILE to = cmsCreateXYZProfile();
    cmsHTRANSFORM t = cmsCreateTransform(from, TYPE_RGB_FLT, to, TYPE_XYZ_FLT, INTENT_RELATIVE_COLORIMETRIC,
                                         cmsFLAGS_NOCACHE);
    std::vector<float> out(image.values().size());
    cmsDoTransform(t, image.values().data(), out.data(), static_cast<cmsUInt32Number>(image.pixels()));
    cmsDeleteTransform(t);
    cmsCloseProfile(from);
    cmsCloseProfile(to);
    return out;
}

// One matrix must explain all of XYZ from the frame's linear light.
double furthestFromLinear(const LinearImage& linear, const std::vector<float>& xyz) {
    Eigen::Matrix<double, Eigen::Dynamic, 3> a(linear.pixels(), 3), b(linear.pixels(), 3);
    for (Eigen::Index i = 0; i < a.rows(); ++i)
        for (Eigen::Index c = 0; c < 3; ++c) {
            a(i, c) = linear.values()[std::size_t(3 * i + c)];
            b(i, c) = xyz[std::size_t(3 * i + c)];
        }
    const Eigen::Matrix3d m = (a.transpose() * a).inverse() * (a.transpose() * b);
    return (a * m - b).cwiseAbs().maxCoeff();
}

TEST(TaggedStills, OfCurvesAndMatrixAreLinearLightOfTheProfile) {
    const test::TemporaryFolder folder;
    for (const double gamma : {1.0, 1.8, 2.2, 2.4}) {
        const std::string profile = matrixProfile(gamma), file = folder / "a.tif";
        const EncodedImage image = someColours();
        writeTagged(file, image, profile);
        const auto frame = readFrame(file);
        ASSERT_TRUE(frame) << frame.error().message;
        EXPECT_EQ(frame->encodingSource, EncodingSource::file);
        EXPECT_FALSE(frame->notes.empty());
        EXPECT_LT(furthestFromLinear(frame->image, xyzOf(image, profile)), 2e-4) << "gamma " << gamma;
        if (gamma == 2.2) {
            EXPECT_EQ(frame->encoding, Transfer(Encoding::gamma22)) << "known by its shape";
        }
        const auto stated = readFrame(file, Transfer(Encoding::srgb));
        EXPECT_EQ(stated->encodingSource, EncodingSource::stated) << "a person's word counts more";
    }
}

TEST(TaggedStills, OfTablesOrThreeCurvesAreGoneThroughWhole) {
    const test::TemporaryFolder folder;
    for (const std::string& profile : {tableProfile(), matrixProfile(1.8, true)}) {
        const EncodedImage image = someColours();
        writeTagged(folder / "a.tif", image, profile);
        const auto frame = readFrame(folder / "a.tif");
        ASSERT_TRUE(frame) << frame.error().message;
        EXPECT_EQ(frame->encoding, Transfer(Encoding::linear));
        EXPECT_LT(furthestFromLinear(frame->image, xyzOf(image, profile)), 1e-3);
    }
}

TEST(TaggedStills, ADamagedProfileIsSaidAndThePictureStillRead) {
    const test::TemporaryFolder folder;
    writeTagged(folder / "a.tif", someColours(), std::string(200, 'x'));
    const auto frame = readFrame(folder / "a.tif");
    ASSERT_TRUE(frame);
    // Some writers leave a broken profile out; where it is there it is named.
    if (!frame->notes.empty()) {
        EXPECT_NE(frame->notes[0].find("damaged"), std::string::npos);
    }
    EXPECT_FALSE(IccInput::fromBytes({}));
    cmsHPROFILE lab = cmsCreateLab4Profile(nullptr);
    const std::string bytes = bytesOf(lab);
    const auto in = IccInput::fromBytes({reinterpret_cast<const unsigned char*>(bytes.data()), bytes.size()});
    ASSERT_FALSE(in);
    EXPECT_NE(in.error().message.find("RGB"), std::string::npos);
}

}  // namespace
}  // namespace refero::io
