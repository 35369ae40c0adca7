// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Output spaces against the numbers that their standards print.
#include <gtest/gtest.h>

#include <cmath>

#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/colour/transfer.h"

namespace refero {
namespace {

Vector3 stored(OutputSpace space, double level) {
    return encoded(space, xyzD50ToLinear(space) * whiteXyz(white::d50).vector() * level);
}

// ITU-R BT.2408-7, table 1: reference white (203 cd/m2) is 58 % of the signal in PQ and 75 % in HLG; an 18 %
// grey card (26 cd/m2) is 38 % in both.
TEST(OutputSpaces, OfHighDynamicRangeHaveTheLevelsOfBt2408) {
    EXPECT_NEAR(stored(OutputSpace::rec2100pq, 1).y(), 0.58, 0.005);
    EXPECT_NEAR(stored(OutputSpace::rec2100hlg, 1).y(), 0.75, 0.005);
    EXPECT_NEAR(stored(OutputSpace::rec2100pq, 0.18 * 26 / 36.54).y(), 0.38, 0.005) << "26 cd/m2";
    EXPECT_NEAR(stored(OutputSpace::rec2100hlg, 26.0 / 203).y(), 0.38, 0.005);
}

// BT.1886 annex 1 with black at 0: L = V to the power of 2.4.
TEST(OutputSpaces, ForADisplayAreShownAsTheyAreMeant) {
    EXPECT_NEAR(std::pow(stored(OutputSpace::bt1886, 0.18).y(), 2.4), 0.18, 1e-9);
    EXPECT_NEAR(std::pow(stored(OutputSpace::rec709, 0.18).y(), 2.4), 0.117, 0.001)
        << "through the camera's curve it would be a third too dark";
    EXPECT_NEAR(std::pow(stored(OutputSpace::p3d65, 0.18).y(), 2.6), 0.18, 1e-9);
    EXPECT_TRUE(info(OutputSpace::bt1886).display);
    EXPECT_FALSE(info(OutputSpace::rec709).display);
}

// IEC 61966-2-5: gamma 563/256; ISO 22028-2: 1/512 of light is 16/512 of the signal, and Et' = E^(1/1.8)
// above.
TEST(OutputSpaces, ForEditingHaveTheCurvesOfTheirStandards) {
    EXPECT_NEAR(encode(Encoding::oprgb, 0.5), std::pow(0.5, 256.0 / 563), 1e-12);
    EXPECT_NEAR(encode(Encoding::romm, 1.0 / 512), 1.0 / 32, 1e-9);
    EXPECT_NEAR(encode(Encoding::romm, 0.18), 0.3857, 0.0001) << "0.18 to the power of 1 / 1.8";
    EXPECT_NEAR(stored(OutputSpace::romm, 1).x(), 1, 1e-3);
    EXPECT_NEAR(stored(OutputSpace::romm, 1).z(), 1, 1e-3) << "its white is D50";
}

TEST(OutputSpaces, AllGiveWhiteItsLevelAndReadBack) {
    for (const OutputSpace s : kOutputSpaces) {
        const Vector3 xyz = toXyz(Lab{62, 18, -24, white::d50}).vector();
        const Vector3 linear = xyzD50ToLinear(s) * xyz;
        EXPECT_LT((decoded(s, encoded(s, linear)) - linear).norm(), 1e-9) << info(s).name;
        EXPECT_FALSE(info(s).viewing.empty()) << info(s).name;
        EXPECT_EQ(*outputSpaceByName(info(s).name), s);
        if (!info(s).primaries) continue;
        EXPECT_LT(
            (xyzD50ToLinear(s) * whiteXyz(white::d50).vector() - Vector3::Constant(info(s).white)).norm(),
            1e-6)
            << info(s).name;
    }
}

// SMPTE RP 431-2: the projector's white has the chromaticities 0.314, 0.351.
TEST(OutputSpaces, OfAProjectorHaveItsWhite) {
    const Vector3 xyz = rgbToXyz(primaries::p3dci) * Vector3::Ones();
    EXPECT_NEAR(xyz.x() / xyz.sum(), 0.314, 1e-6);
    EXPECT_NEAR(xyz.y() / xyz.sum(), 0.351, 1e-6);
}

TEST(NominalWhite, IsWhereTheCurvesPutIt) {
    EXPECT_NEAR(*nominalWhite(Encoding::hlg), decode(Encoding::hlg, 0.75), 1e-12);
    EXPECT_NEAR(encode(Encoding::pq, *nominalWhite(Encoding::pq)), 0.58, 0.005);
    EXPECT_NEAR(encode(Encoding::acescct, 0.18 * *nominalWhite(Encoding::acescct)), 0.4136, 0.0001)
        << "Academy S-2016-001: mid-grey is 0.4135884";
    EXPECT_FALSE(nominalWhite(Encoding::srgb));
    EXPECT_FALSE(nominalWhite(Encoding::linear));
    const auto log = Transfer::fromLog(LogCurve{});
    ASSERT_TRUE(log);
    EXPECT_NEAR(log->encode(0.18 * *nominalWhite(*log)), rangeOf(LogCurve{}).midGrey, 1e-9);
}

}  // namespace
}  // namespace refero
