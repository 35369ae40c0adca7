// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/render/gamut.h"

#include <gtest/gtest.h>

#include <cmath>

#include "core/colour/difference.h"
#include "core/colour/lab.h"

namespace refero {
namespace {

Lab labOf(const Vector3& linear, OutputSpace s) {
    return toLab(Xyz::from(rgbToXyzD50(*info(s).primaries) * linear), white::d50);
}

TEST(Gamut, LeavesAloneWhatTheSpaceHoldsWithEase) {
    const GamutMap map(OutputSpace::srgb);
    for (const Vector3& v : {Vector3(0.18, 0.18, 0.18), Vector3(0.5, 0.3, 0.2), Vector3(0.05, 0.1, 0.06), Vector3(1, 1, 1),
                             Vector3(0, 0, 0), Vector3(0.45, 0.24, 0.17)})
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

// A blue light that sRGB cannot hold: cut by channels it turns to violet, along its hue it stays blue. The hue is
// judged in the Munsell-like terms of IPT's own lines and, independently, by CIELAB where its lines are straight
// (greens and oranges; blue is where CIELAB itself bends).
TEST(Gamut, KeepsTheHueThatCuttingTurns) {
    const GamutMap map(OutputSpace::srgb);
    for (const Vector3& v : {Vector3(1.3, 0.45, -0.12), Vector3(-0.2, 0.6, 0.1), Vector3(1.25, 0.2, 0.35)}) {
        const Lch before = toLch(labOf(v, OutputSpace::srgb)), after = toLch(labOf(map.compressed(v), OutputSpace::srgb)),
                  cut = toLch(labOf(v.cwiseMax(0).cwiseMin(1), OutputSpace::srgb));
        const auto apart = [&](const Lch& c) { return std::abs(std::remainder(c.h - before.h, 360)); };
        EXPECT_LT(apart(after), 5) << v.transpose();
        EXPECT_LT(apart(after), apart(cut) + 1) << v.transpose();
    }
}

TEST(Gamut, KeepsTheOrderOfColoursBeyondIt) {
    const GamutMap map(OutputSpace::srgb);
    double before = -1;
    for (double s = 0.5; s < 2.5; s += 0.05) {
        // Ever stronger, of one lightness.
        const Vector3 v = map.compressed(Vector3(0.35, 0.35, 0.35) + s * Vector3(0.5, -0.2, -0.25));
        const double chroma = toLch(labOf(v, OutputSpace::srgb)).C;
        EXPECT_GE(chroma, before - 0.4);
        before = chroma;
    }
}

TEST(Gamut, CountsWhatItChangesAndSkinApart) {
    const GamutMap map(OutputSpace::srgb);
    EncodedImage picture(4, 1);
    const Vector3 pixels[4] = {{0.2, 0.2, 0.2}, {1.2, 0.1, -0.1}, {0.45, 0.24, 0.17}, {0.3, -0.05, 0.4}};
    for (int x = 0; x < 4; ++x)
        for (int c = 0; c < 3; ++c) picture.pixel(x, 0)[c] = static_cast<float>(encode(Encoding::srgb, pixels[x](c)));
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
    for (const Vector3& corner : {Vector3(1, 1, 0), Vector3(1, 0, 0), Vector3(0, 0.6, 0.6), Vector3(0.3, 0, 0.3)}) {
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
