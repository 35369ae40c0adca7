// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/render/gamut.h"

#include <gtest/gtest.h>

#include <Eigen/LU>
#include <cmath>
#include <cstdio>

#include "core/colour/difference.h"
#include "core/colour/lab.h"

namespace refero {
namespace {

Lab labOf(const Vector3& linear, OutputSpace s) {
    return toLab(Xyz::from(rgbToXyzD50(*info(s).primaries) * linear), white::d50);
}

TEST(Gamut, LeavesAloneWhatTheSpaceHoldsWithEase) {
    const GamutMap map(OutputSpace::srgb);
    for (const Vector3& v : {Vector3(0.18, 0.18, 0.18), Vector3(0.5, 0.3, 0.2), Vector3(0.05, 0.1, 0.06),
                             Vector3(1, 1, 1), Vector3(0, 0, 0), Vector3(0.45, 0.24, 0.17)})
        EXPECT_EQ(map.compressed(v), v) << v.transpose();
}

TEST(Gamut, BringsEverythingInside) {
    const GamutMap map(OutputSpace::srgb);
    for (double r = -0.4; r <= 1.6; r += 0.1)
        for (double g = -0.4; g <= 1.6; g += 0.1)
            for (double b = -0.4; b <= 1.6; b += 0.1) {
                const Vector3 v = map.compressed({r, g, b});
                EXPECT_GE(v.minCoeff(), 0);
                EXPECT_LE(v.maxCoeff(), 1);
            }
}

// Oklab written down from linear sRGB (Ottosson 2020; its matrices from memory), to make colours of one hue.
struct Ok {
    double lightness, chroma, hue;  // radians
};
const Matrix3 kOkLms = (Matrix3() << 0.4122214708, 0.5363325363, 0.0514459929, 0.2119034982, 0.6806995451,
                        0.1073969566, 0.0883024619, 0.2817188376, 0.6299787005)
                           .finished();
const Matrix3 kOkAxes = (Matrix3() << 0.2104542553, 0.7936177850, -0.0040720468, 1.9779984951, -2.4285922050,
                         0.4505937099, 0.0259040371, 0.7827717662, -0.8086757660)
                            .finished();
Ok okOf(const Vector3& linear) {
    const Vector3 v = kOkAxes * (kOkLms * linear).unaryExpr([](double x) { return std::cbrt(x); });
    return {v.x(), std::hypot(v.y(), v.z()), std::atan2(v.z(), v.y())};
}
Vector3 linearOf(const Ok& c) {
    const Vector3 lms =
        kOkAxes.inverse() * Vector3(c.lightness, c.chroma * std::cos(c.hue), c.chroma * std::sin(c.hue));
    return kOkLms.inverse() * lms.unaryExpr([](double x) { return x * x * x; });
}

// Another space of straight hue lines as a second opinion: IPT (Ebner and Fairchild 1998; its matrices from
// memory), over linear sRGB.
const Matrix3 kHuntLms =
    (Matrix3() << 0.4002, 0.7075, -0.0807, -0.2280, 1.1500, 0.0612, 0, 0, 0.9184).finished() *
    rgbToXyz(primaries::bt709);
double iptHue(const Vector3& linear) {
    const Matrix3 axes =
        (Matrix3() << 0.4000, 0.4000, 0.2000, 4.4550, -4.8510, 0.3960, 0.8056, 0.3572, -1.1628).finished();
    const Vector3 v = axes * (kHuntLms * linear).unaryExpr([](double x) {
        return std::copysign(std::pow(std::abs(x), 0.43), x);
    });
    return std::atan2(v.z(), v.y());
}

TEST(Gamut, TurnsHuesFarLessThanCuttingDoes) {
    const GamutMap map(OutputSpace::srgb);
    double turned = 0, cut = 0;
    int n = 0;
    for (double h = 0; h < 6.28; h += 0.2)
        for (const double lightness : {0.4, 0.55, 0.7, 0.85}) {
            const Vector3 v = linearOf({lightness, 0.32, h});
            if (v.minCoeff() >= 0 && v.maxCoeff() <= 1) continue;
            if ((kHuntLms * v).minCoeff() <= 0.002) continue;  // where IPT itself breaks
            const double hue = iptHue(v);
            const auto apart = [&](const Vector3& to) {
                return std::abs(std::remainder(iptHue(to) - hue, 6.2831853));
            };
            turned += apart(map.compressed(v));
            cut += apart(v.cwiseMax(0).cwiseMin(1));
            ++n;
        }
    ASSERT_GT(n, 30);
    std::printf("hue turned by %.1f degrees on average; cut, by %.1f\n", turned / n * 57.3, cut / n * 57.3);
    EXPECT_LT(turned, 0.7 * cut);
    EXPECT_LT(turned / n * 57.3, 8);
}

TEST(Gamut, KeepsTheOrderOfColoursBeyondIt) {
    const GamutMap map(OutputSpace::srgb);
    for (double h = 0; h < 6.28; h += 0.4) {
        double before = -1;
        for (double chroma = 0.02; chroma < 0.5; chroma += 0.02) {
            const double now = okOf(map.compressed(linearOf({0.6, chroma, h}))).chroma;
            EXPECT_GE(now, before - 0.006) << "hue " << h << ", chroma " << chroma;
            before = now;
        }
    }
}

TEST(Gamut, CountsWhatItChangesAndSkinApart) {
    const GamutMap map(OutputSpace::srgb);
    EncodedImage picture(4, 1);
    const Vector3 pixels[4] = {{0.2, 0.2, 0.2}, {1.2, 0.1, -0.1}, {0.45, 0.24, 0.17}, {0.3, -0.05, 0.4}};
    for (int x = 0; x < 4; ++x)
        for (int c = 0; c < 3; ++c)
            picture.pixel(x, 0)[c] = static_cast<float>(encode(Encoding::srgb, pixels[x](c)));
    const GamutReport seen = map.look(picture), done = map.compress(picture);
    EXPECT_DOUBLE_EQ(seen.outside, 0.5);
    EXPECT_DOUBLE_EQ(done.changed, 0.5);
    EXPECT_DOUBLE_EQ(done.skin, 0);
    EXPECT_DOUBLE_EQ(map.look(picture).outside, 0);
    for (float v : picture.values()) EXPECT_TRUE(v >= 0 && v <= 1);
}

// The lightest and strongest yellow of sRGB, from its own definition: the table's edge must be the space's.
TEST(Gamut, EdgeIsThatOfTheSpace) {
    const GamutMap map(OutputSpace::srgb);
    for (const Vector3& corner :
         {Vector3(1, 1, 0), Vector3(1, 0, 0), Vector3(0, 0.6, 0.6), Vector3(0.3, 0, 0.3)}) {
        const Vector3 held = map.compressed(corner);
        EXPECT_LT(ciede2000(labOf(held, OutputSpace::srgb), labOf(corner, OutputSpace::srgb)), 3.5)
            << "what lies on the edge makes a little room: " << corner.transpose();
    }
}

TEST(Gamut, HasNamesForFiles) {
    for (const GamutUse use : kGamutUses) EXPECT_EQ(*gamutUseByName(name(use)), use);
    EXPECT_FALSE(gamutUseByName("squeezed"));
}

}  // namespace
}  // namespace refero
