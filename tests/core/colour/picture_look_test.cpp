// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/picture_look.h"

#include <gtest/gtest.h>

#include <Eigen/LU>
#include <cmath>

#include "core/colour/rgb_space.h"
#include "core/colour/shown_picture.h"

namespace refero {
namespace {

PictureLook look() {
    PictureLook out{rgbToXyzD50(primaries::bt709).inverse(), {}};
    for (std::size_t c = 0; c < 3; ++c)
        out.curves[c] = RootCurve::sampled(
            [&](double root) { return (0.9 + 0.05 * static_cast<double>(c)) * std::pow(root, 1.3); });
    return out;
}

TEST(PictureLook, IsUndoneExactly) {
    const PictureLook l = look();
    ASSERT_TRUE(l.validate());
    for (const Vector3& rgb : {Vector3(0.2, 0.5, 0.7), Vector3(0.01, 0.9, 0.3), Vector3(1.4, -0.02, 0.5)}) {
        const Xyz xyz = Xyz::from(l.xyzD50ToRgb.inverse() * rgb);
        EXPECT_LT((l.undone(l.shown(xyz)).vector() - xyz.vector()).norm(), 1e-9);
    }
}

TEST(PictureLook, ItsSlopeIsTheDifferenceQuotient) {
    const PictureLook l = look();
    // In the middle of a step of the curve, where it is straight over roots.
    const Xyz at = Xyz::from(l.xyzD50ToRgb.inverse() * Vector3(0.2, 0.35, 0.5));
    const Matrix3 slope = l.slope(at);
    for (int c = 0; c < 3; ++c) {
        const Vector3 step = 1e-6 * Vector3::Unit(c);
        const Vector3 quotient = (l.shown(Xyz::from(at.vector() + step)).vector() -
                                  l.shown(Xyz::from(at.vector() - step)).vector()) /
                                 2e-6;
        EXPECT_LT((quotient - slope.col(c)).norm(), 1e-4);
    }
}

TEST(PictureLook, WhatCannotBeUndoneIsRefused) {
    PictureLook level = look();
    level.curves[1] = RootCurve::sampled([](double root) { return std::min(root, 0.5); });
    EXPECT_FALSE(level.validate());
    PictureLook singular = look();
    singular.xyzD50ToRgb.setOnes();
    EXPECT_FALSE(singular.validate());
}

// ITU-R BT.1886: a display shows the signal to the power of 2.4 where black is 0; the
// camera's curve of BT.709 is not undone.
TEST(ShownPicture, VideoIsSeenThroughTheDisplaysOwnCurve) {
    const auto shown = shownPicture(Encoding::rec709);
    ASSERT_TRUE(shown);
    const double signal = 0.5;
    const double scene = std::pow((signal + 0.099) / 1.099, 1 / 0.45);  // BT.709-6, item 1.2, undone
    EXPECT_NEAR(shown->light(Vector3::Constant(scene)).x(), std::pow(signal, 2.4), 1e-6);
    EXPECT_NEAR(shown->xyzD50(Vector3::Ones()).y, 1, 1e-6);
}

// ITU-R BT.2408, table 1: diffuse white is 203 cd/m2, 75 % of HLG and 58 % of PQ.
TEST(ShownPicture, OfHighDynamicRangeDiffuseWhiteIsWhite) {
    for (const auto& [encoding, signal] : {std::pair(Encoding::hlg, 0.75), std::pair(Encoding::pq, 0.58)}) {
        const auto shown = shownPicture(encoding);
        ASSERT_TRUE(shown);
        EXPECT_NEAR(shown->xyzD50(Vector3::Constant(decode(encoding, signal))).y, 1, 0.02);
    }
}

TEST(ShownPicture, SceneLightIsNoPicture) {
    for (const Encoding e : {Encoding::linear, Encoding::acescct, Encoding::cineon})
        EXPECT_FALSE(shownPicture(e));
}

}  // namespace
}  // namespace refero
