// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/icc/display_transform.h"

#include <gtest/gtest.h>
#include <lcms2.h>

#include <Eigen/LU>
#include <cmath>

#include "core/colour/rgb_space.h"
#include "support/temporary.h"

namespace refero::io {
namespace {

// A display of wide primaries and a pure gamma, as its maker might measure it.
std::string wideDisplay(double gamma) {
    const cmsCIExyY white{0.3127, 0.3290, 1};
    const cmsCIExyYTRIPLE primaries{{0.68, 0.32, 1}, {0.265, 0.69, 1}, {0.15, 0.06, 1}};
    cmsToneCurve* c = cmsBuildGamma(nullptr, gamma);
    cmsToneCurve* curves[3] = {c, c, c};
    cmsHPROFILE p = cmsCreateRGBProfile(&white, &primaries, curves);
    cmsUInt32Number size = 0;
    cmsSaveProfileToMem(p, nullptr, &size);
    std::string bytes(size, '\0');
    cmsSaveProfileToMem(p, bytes.data(), &size);
    cmsCloseProfile(p);
    cmsFreeToneCurve(c);
    return bytes;
}

// Display P3's primaries and white (SMPTE EG 432-1 with D65), so the product's own matrices say what is due.
TEST(DisplayTransform, SendsWhatTheDisplayNeeds) {
    const auto d = DisplayTransform::fromProfile(wideDisplay(2.0));
    ASSERT_TRUE(d) << d.error().message;
    EXPECT_FALSE(d->isSrgb());
    std::vector<std::uint32_t> pixels{0xFF808080, 0xFFFF0000, 0xFF20C040, 0x80FFFFFF, 0xFF000000, 0xFFC0A090};
    const auto before = pixels;
    d->apply(pixels);
    const Matrix3 toP3 = xyzD50ToLinear(OutputSpace::displayP3) * xyzD50ToLinear(OutputSpace::srgb).inverse();
    for (std::size_t i = 0; i < pixels.size(); ++i) {
        Vector3 v;
        for (int c = 0; c < 3; ++c)
            v(c) = decode(Encoding::srgb, ((before[i] >> (16 - 8 * c)) & 255) / 255.0);
        v = toP3 * v;
        for (int c = 0; c < 3; ++c) {
            const double due = 255 * std::sqrt(std::clamp(v(c), 0.0, 1.0));
            EXPECT_NEAR((pixels[i] >> (16 - 8 * c)) & 255, due, 1.6) << "pixel " << i << " channel " << c;
        }
        EXPECT_EQ(pixels[i] >> 24, before[i] >> 24) << "alpha is left alone";
    }
}

// A display that is described by a table, as calibration programs write them: the same one, in a table of
// Lab to RGB whose curves and corners are Little CMS's own.
std::string tableDisplay() {
    const std::string plain = wideDisplay(2.2);
    cmsHPROFILE from = cmsOpenProfileFromMem(plain.data(), static_cast<cmsUInt32Number>(plain.size()));
    cmsHPROFILE lab = cmsCreateLab4Profile(nullptr);
    cmsHTRANSFORM t = cmsCreateTransform(lab, TYPE_Lab_DBL, from, TYPE_RGB_16, INTENT_RELATIVE_COLORIMETRIC,
                                         cmsFLAGS_NOOPTIMIZE);
    cmsHPROFILE out = cmsCreateProfilePlaceholder(nullptr);
    cmsSetProfileVersion(out, 4.3);
    cmsSetDeviceClass(out, cmsSigDisplayClass);
    cmsSetColorSpace(out, cmsSigRgbData);
    cmsSetPCS(out, cmsSigLabData);
    cmsPipeline* table = cmsPipelineAlloc(nullptr, 3, 3);
    cmsStage* grid = cmsStageAllocCLut16bit(nullptr, 33, 3, 3, nullptr);
    cmsStageSampleCLut16bit(
        grid,
        [](const cmsUInt16Number in[], cmsUInt16Number rgb[], void* through) -> cmsInt32Number {
            cmsCIELab at;
            cmsLabEncoded2Float(&at, in);
            cmsDoTransform(through, &at, rgb, 1);
            return 1;
        },
        t, 0);
    const auto add = [](cmsPipeline* to, cmsStage* clut) {
        cmsPipelineInsertStage(to, cmsAT_END, cmsStageAllocToneCurves(nullptr, 3, nullptr));
        cmsPipelineInsertStage(to, cmsAT_END, clut);
        cmsPipelineInsertStage(to, cmsAT_END, cmsStageAllocToneCurves(nullptr, 3, nullptr));
    };
    add(table, grid);
    cmsWriteTag(out, cmsSigBToA1Tag, table);
    cmsWriteTag(out, cmsSigBToA0Tag, table);
    cmsPipelineFree(table);
    // The way back, which the format asks for: nobody goes it here.
    cmsPipeline* back = cmsPipelineAlloc(nullptr, 3, 3);
    add(back, cmsStageAllocCLut16bit(nullptr, 2, 3, 3, nullptr));
    cmsWriteTag(out, cmsSigAToB0Tag, back);
    cmsPipelineFree(back);
    cmsUInt32Number size = 0;
    cmsSaveProfileToMem(out, nullptr, &size);
    std::string bytes(size, '\0');
    cmsSaveProfileToMem(out, bytes.data(), &size);
    cmsCloseProfile(out);
    cmsDeleteTransform(t);
    cmsCloseProfile(from);
    cmsCloseProfile(lab);
    return bytes;
}

int channel(std::uint32_t pixel, int c) {
    return static_cast<int>((pixel >> (16 - 8 * c)) & 255);
}

// Greys down to the darkest and colours that sRGB does not hold.
std::vector<float> colours() {
    std::vector<float> xyz;
    const Matrix3 fromP3 = xyzD50ToLinear(OutputSpace::displayP3).inverse();
    for (int i = 0; i <= 40; ++i)
        for (const Vector3& hue : {Vector3(1, 1, 1), Vector3(1, 0.02, 0.02), Vector3(0.05, 0.9, 0.1),
                                   Vector3(0.1, 0.1, 0.8), Vector3(0.8, 0.6, 0.3)}) {
            const double light = std::pow(i / 40.0, 3);
            const Vector3 v = fromP3 * (hue * light);
            for (int c = 0; c < 3; ++c) xyz.push_back(static_cast<float>(v(c)));
        }
    return xyz;
}

TEST(DisplayTransform, ShowsWhatLittleCmsShowsBeyondSrgbToo) {
    const auto xyz = colours();
    std::vector<std::uint32_t> pixels(xyz.size() / 3);
    const std::string profile = wideDisplay(2.2);
    const auto d = DisplayTransform::fromProfile(profile);
    ASSERT_TRUE(d);
    d->show(xyz, pixels);
    cmsHPROFILE from = cmsCreateXYZProfile();
    cmsHPROFILE to = cmsOpenProfileFromMem(profile.data(), static_cast<cmsUInt32Number>(profile.size()));
    cmsHTRANSFORM t = cmsCreateTransform(from, TYPE_XYZ_DBL, to, TYPE_RGB_DBL, INTENT_RELATIVE_COLORIMETRIC,
                                         cmsFLAGS_NOOPTIMIZE);
    ASSERT_TRUE(t);
    int beyond = 0;
    for (std::size_t i = 0; i < pixels.size(); ++i) {
        const double in[3] = {xyz[3 * i], xyz[3 * i + 1], xyz[3 * i + 2]};
        double out[3];
        cmsDoTransform(t, in, out, 1);
        const Vector3 srgb = xyzD50ToLinear(OutputSpace::srgb) * Vector3(in[0], in[1], in[2]);
        beyond += srgb.minCoeff() < -0.01;
        for (int c = 0; c < 3; ++c)
            EXPECT_NEAR(channel(pixels[i], c), 255 * std::clamp(out[c], 0.0, 1.0), 0.55) << i << " " << c;
        EXPECT_EQ(pixels[i] >> 24, 255U);
    }
    EXPECT_GT(beyond, 25) << "sRGB would have cut them";
    cmsDeleteTransform(t);
    cmsCloseProfile(from);
    cmsCloseProfile(to);
}

TEST(DisplayTransform, GoesThroughTablesToo) {
    const auto xyz = colours();
    std::vector<std::uint32_t> plain(xyz.size() / 3), table(plain.size());
    DisplayTransform::fromProfile(wideDisplay(2.2))->show(xyz, plain);
    const auto d = DisplayTransform::fromProfile(tableDisplay());
    ASSERT_TRUE(d) << d.error().message;
    d->show(xyz, table);
    double sum = 0;
    for (std::size_t i = 0; i < plain.size(); ++i)
        for (int c = 0; c < 3; ++c) {
            EXPECT_NEAR(channel(table[i], c), channel(plain[i], c), 12) << i << " " << c;
            sum += std::abs(channel(table[i], c) - channel(plain[i], c));
        }
    EXPECT_LT(sum / static_cast<double>(3 * plain.size()), 1.5) << "a table of 33 is as good as that";
}

TEST(DisplayTransform, WithoutAProfileShowsSrgbToTheNearestCode) {
    const auto xyz = colours();
    std::vector<std::uint32_t> pixels(xyz.size() / 3);
    DisplayTransform().show(xyz, pixels);
    for (std::size_t i = 0; i < pixels.size(); ++i) {
        const Vector3 linear =
            xyzD50ToLinear(OutputSpace::srgb) * Vector3(xyz[3 * i], xyz[3 * i + 1], xyz[3 * i + 2]);
        for (int c = 0; c < 3; ++c)
            EXPECT_NEAR(channel(pixels[i], c), 255 * encode(Encoding::srgb, std::clamp(linear(c), 0.0, 1.0)),
                        0.51);
    }
    const float none[3] = {std::nanf(""), std::nanf(""), std::nanf("")};
    std::uint32_t pixel = 1;
    DisplayTransform().show(none, {&pixel, 1});
    EXPECT_EQ(pixel, 0xFF000000U) << "what is no number is black";
}

TEST(DisplayTransform, WithoutAProfileIsSrgbAndRefusesWhatIsNone) {
    std::vector<std::uint32_t> pixels{0xFF123456};
    DisplayTransform().apply(pixels);
    EXPECT_EQ(pixels[0], 0xFF123456u);
    EXPECT_TRUE(DisplayTransform().isSrgb());
    EXPECT_FALSE(DisplayTransform::fromProfile(""));
    EXPECT_FALSE(
        DisplayTransform::fromProfile("not a profile, only text that is long enough to look like one"));
    const test::TemporaryFolder folder;
    EXPECT_FALSE(DisplayTransform::fromFile(folder / "none.icc"));
    test::put(folder / "a.icc", wideDisplay(2.2));
    EXPECT_TRUE(DisplayTransform::fromFile(folder / "a.icc"));
    cmsHPROFILE lab = cmsCreateLab4Profile(nullptr);
    cmsUInt32Number size = 0;
    cmsSaveProfileToMem(lab, nullptr, &size);
    std::string bytes(size, '\0');
    cmsSaveProfileToMem(lab, bytes.data(), &size);
    cmsCloseProfile(lab);
    EXPECT_FALSE(DisplayTransform::fromProfile(bytes));
}

}  // namespace
}  // namespace refero::io
