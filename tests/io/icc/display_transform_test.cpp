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
