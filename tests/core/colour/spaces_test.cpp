// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>
#include <lcms2.h>

#include <Eigen/LU>
#include <cmath>

#include "core/colour/adaptation.h"
#include "core/colour/encoding.h"
#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "support/csv.h"

namespace refero {
namespace {

void expectMatrix(const Matrix3& m, const double (&expected)[3][3], double tolerance) {
    for (int i = 0; i < 3; ++i)
        for (int j = 0; j < 3; ++j) EXPECT_NEAR(m(i, j), expected[i][j], tolerance) << i << ", " << j;
}

// IEC 61966-2-1, equation 7: four printed decimals.
TEST(RgbSpaces, SrgbMatrixIsTheStandards) {
    expectMatrix(rgbToXyz(primaries::bt709),
                 {{0.4124, 0.3576, 0.1805}, {0.2126, 0.7152, 0.0722}, {0.0193, 0.1192, 0.9505}}, 6e-5);
}

// ITU-R BT.709-6 item 3.2 and BT.2020-2 table 4: the luma coefficients are the Y row.
TEST(RgbSpaces, LumaCoefficientsAreTheRecommendations) {
    const Matrix3 hd = rgbToXyz(primaries::bt709), uhd = rgbToXyz(primaries::bt2020);
    EXPECT_NEAR(hd(1, 0), 0.2126, 5e-5);
    EXPECT_NEAR(hd(1, 1), 0.7152, 5e-5);
    EXPECT_NEAR(hd(1, 2), 0.0722, 5e-5);
    EXPECT_NEAR(uhd(1, 0), 0.2627, 5e-5);
    EXPECT_NEAR(uhd(1, 1), 0.6780, 5e-5);
    EXPECT_NEAR(uhd(1, 2), 0.0593, 5e-5);
}

// SMPTE ST 2065-1:2012, 4.? "ACES to CIE XYZ"; Academy S-2014-004 for AP1. Ten printed decimals.
TEST(RgbSpaces, AcesMatricesAreTheAcademys) {
    expectMatrix(rgbToXyz(primaries::ap0),
                 {{0.9525523959, 0.0, 0.0000936786},
                  {0.3439664498, 0.7281660966, -0.0721325464},
                  {0.0, 0.0, 1.0088251844}},
                 1e-9);
    expectMatrix(rgbToXyz(primaries::ap1),
                 {{0.6624541811, 0.1340042065, 0.1561876870},
                  {0.2722287168, 0.6740817658, 0.0536895174},
                  {-0.0055746495, 0.0040607335, 1.0103391003}},
                 1e-9);
}

TEST(RgbSpaces, WhiteGoesToTheSpacesWhite) {
    for (const Primaries& p :
         {primaries::bt709, primaries::bt2020, primaries::p3d65, primaries::ap0, primaries::ap1}) {
        const Xyz w = Xyz::from(rgbToXyz(p) * Vector3::Ones());
        EXPECT_NEAR(chromaticity(w).x, p.white.x, 1e-12);
        EXPECT_NEAR(chromaticity(w).y, p.white.y, 1e-12);
        EXPECT_NEAR((rgbToXyzD50(p) * Vector3::Ones() - whiteXyz(white::d50).vector()).norm(), 0, 1e-12);
    }
}

// colorjs.io on 2000 colours, compared in linear light. It adapts with Bradford, too, but from the D50 of x
// 0.3457, y 0.3585, whose Z is 0.8251 where ISO 15076-1 has 0.8249: that is the tolerance.
TEST(RgbSpaces, AgreeWithAnIndependentLibrary) {
    constexpr double kOtherD50 = 4e-4;
    for (const auto& r : test::numbersOf("colour_reference.csv")) {
        const Vector3 xyz(r[0], r[1], r[2]);
        const auto expect = [&](OutputSpace s, std::size_t at, Encoding encoding) {
            const Vector3 v = xyzD50ToLinear(s) * xyz;
            for (int c = 0; c < 3; ++c)
                EXPECT_NEAR(v(c), decode(encoding, r[at + static_cast<std::size_t>(c)]), kOtherD50)
                    << info(s).name;
        };
        expect(OutputSpace::srgb, 6, Encoding::srgb);
        expect(OutputSpace::displayP3, 9, Encoding::srgb);
        expect(OutputSpace::rec2020, 12, Encoding::linear);
        expect(OutputSpace::acescg, 15, Encoding::linear);
    }
}

TEST(RgbSpaces, AreFoundByName) {
    for (const OutputSpace s : kOutputSpaces) EXPECT_EQ(*outputSpaceByName(info(s).name), s);
    const auto none = outputSpaceByName("srbg");
    ASSERT_FALSE(none);
    EXPECT_NE(none.error().message.find("display-p3"), std::string::npos)
        << "the message names what there is";
}

// The adapted sRGB matrix as commonly printed (ICC, "How to interpret the sRGB color space"), four decimals;
// its last row sums to a Z of 0.8251 where ISO 15076-1 has 0.8249, hence the tolerance. From memory.
TEST(Adaptation, GivesTheConnectionSpacesSrgb) {
    expectMatrix(rgbToXyzD50(primaries::bt709),
                 {{0.4361, 0.3851, 0.1431}, {0.2225, 0.7169, 0.0606}, {0.0139, 0.0971, 0.7141}}, 2.5e-4);
}

TEST(Adaptation, AgreesWithLittleCms) {
    const Xyz from = whiteXyz(white::a), to = whiteXyz(white::d50);
    const cmsCIEXYZ source{from.x, from.y, from.z}, target{to.x, to.y, to.z};
    const Matrix3 m = adaptation(Adaptation::bradford, from, to);
    for (double x : {0.1, 0.5, 0.9}) {
        const cmsCIEXYZ in{x, 0.4, 0.7 - x / 2};
        cmsCIEXYZ out;
        ASSERT_TRUE(cmsAdaptToIlluminant(&out, &source, &target, &in));
        const Vector3 ours = m * Vector3(in.X, in.Y, in.Z);
        EXPECT_NEAR(ours.x(), out.X, 1e-6);
        EXPECT_NEAR(ours.y(), out.Y, 1e-6);
        EXPECT_NEAR(ours.z(), out.Z, 1e-6);
    }
}

TEST(Adaptation, TakesWhiteToWhiteAndBack) {
    for (const Adaptation method : {Adaptation::bradford, Adaptation::cat16}) {
        const Matrix3 there = adaptation(method, white::a, white::d65),
                      back = adaptation(method, white::d65, white::a);
        EXPECT_NEAR((there * whiteXyz(white::a).vector() - whiteXyz(white::d65).vector()).norm(), 0, 1e-12);
        EXPECT_NEAR((back * there - Matrix3::Identity()).norm(), 0, 1e-12);
    }
}

TEST(Lab, AgreesWithLittleCmsAndTheIndependentLibrary) {
    for (const auto& r : test::numbersOf("colour_reference.csv")) {
        const Lab ours = toLab(Xyz{r[0], r[1], r[2]}, white::d50);
        const cmsCIEXYZ xyz{r[0], r[1], r[2]};
        cmsCIELab theirs;
        cmsXYZ2Lab(nullptr, &theirs, &xyz);
        constexpr double kWhiteDigits = 0.03;  // both round D50 to four decimals, differently
        EXPECT_NEAR(ours.L, theirs.L, 1e-6);
        EXPECT_NEAR(ours.a, theirs.a, kWhiteDigits);
        EXPECT_NEAR(ours.b, theirs.b, kWhiteDigits);
        EXPECT_NEAR(ours.L, r[3], 1e-6);
        EXPECT_NEAR(ours.a, r[4], kWhiteDigits);
        EXPECT_NEAR(ours.b, r[5], kWhiteDigits);
    }
}

TEST(Lab, GoesThereAndBackAlsoInTheLinearPartAndBelowZero) {
    for (double y : {-0.01, 0.0, 0.001, 0.008, 0.0089, 0.2, 1.0, 1.4}) {
        const Xyz in{y * 0.9, y, y * 0.5};
        const Xyz out = toXyz(toLab(in, white::d65));
        EXPECT_NEAR(out.x, in.x, 1e-12);
        EXPECT_NEAR(out.y, in.y, 1e-12);
        EXPECT_NEAR(out.z, in.z, 1e-12);
        const Lab lab = toLab(in, white::d65);
        const Lab again = toLab(toLch(lab));
        EXPECT_NEAR(again.a, lab.a, 1e-10);
        EXPECT_NEAR(again.b, lab.b, 1e-10);
    }
}

// CIE 015: u', v' of D65 are 0.1978, 0.4683 (2 degree observer).
TEST(UvPrime, OfD65IsTheTables) {
    const UvPrime d65 = uvPrime(whiteXyz(white::d65));
    EXPECT_NEAR(d65.u, 0.1978, 1e-4);
    EXPECT_NEAR(d65.v, 0.4683, 1e-4);
}

TEST(Encodings, MeetTheStandardsFixedPoints) {
    // IEC 61966-2-1 5.2: the knee, and a stored 0.5.
    EXPECT_NEAR(encode(Encoding::srgb, 0.0031308), 0.04045, 1e-5);
    EXPECT_NEAR(decode(Encoding::srgb, 0.5), 0.214041, 1e-6);
    // ITU-R BT.709-6 item 1.2: 0.018 is stored as 0.081 by the linear part.
    EXPECT_NEAR(encode(Encoding::rec709, 0.018), 0.081, 3e-4);
    EXPECT_NEAR(encode(Encoding::rec709, 1.0), 1.0, 1e-12);
    // ITU-R BT.2020-2 table 4: alpha and beta make value and slope meet at the knee.
    const double beta = 0.018053968510807, h = 1e-9;
    EXPECT_NEAR(encode(Encoding::rec2020, beta - h), encode(Encoding::rec2020, beta + h), 1e-7);
    EXPECT_NEAR((encode(Encoding::rec2020, beta + 2e-6) - encode(Encoding::rec2020, beta + 1e-6)) / 1e-6, 4.5,
                1e-3);
    // Academy S-2016-001, table of ACEScct values: 0.18 is 0.4135884, 1.0 is 0.5547945, 222.86 is 1.0.
    EXPECT_NEAR(encode(Encoding::acescct, 0.18), 0.4135884, 1e-6);
    EXPECT_NEAR(encode(Encoding::acescct, 1.0), 0.5547945, 1e-6);
    EXPECT_NEAR(decode(Encoding::acescct, 1.0), 222.8609, 1e-3);
    EXPECT_NEAR(encode(Encoding::acescct, 0.0), 0.0729055, 1e-6);
}

TEST(Encodings, OfHighDynamicRangeAndFilmAreAsPublished) {
    // ITU-R BT.2100-2, table 5: the two parts meet at 1/12 and 1/2. ITU-R BT.2408-5, section 2: HLG's
    // reference white is 75 % of the signal, scene light 0.265.
    EXPECT_NEAR(encode(Encoding::hlg, 1.0 / 12), 0.5, 1e-12);
    EXPECT_NEAR(encode(Encoding::hlg, 1), 1, 1e-8);
    EXPECT_NEAR(decode(Encoding::hlg, 0.75), 0.265, 5e-4);
    // ITU-R BT.2408-5, table 1: 203 cd/m2 is 58 % PQ; 100, 1000 and 4000 cd/m2 are 51, 75 and 90 %.
    EXPECT_NEAR(encode(Encoding::pq, 0.0203), 0.58, 5e-3);
    EXPECT_NEAR(encode(Encoding::pq, 0.01), 0.508, 5e-4);
    EXPECT_NEAR(encode(Encoding::pq, 0.1), 0.752, 5e-4);
    EXPECT_NEAR(encode(Encoding::pq, 0.4), 0.903, 5e-4);
    EXPECT_NEAR(encode(Encoding::pq, 1), 1, 1e-12);
    // ITU-R BT.1886 with black at 0.
    EXPECT_NEAR(decode(Encoding::bt1886, 0.5), 0.18946, 1e-5);
    // Common practice of film scanning: code 95 is black, 685 white, 90 codes a stop at the top.
    EXPECT_NEAR(decode(Encoding::cineon, 95.0 / 1023), 0, 1e-12);
    EXPECT_NEAR(decode(Encoding::cineon, 685.0 / 1023), 1, 1e-12);
    EXPECT_NEAR(decode(Encoding::cineon, (685 + 90.309) / 1023), 2.011, 1e-3);
}

TEST(Encodings, GoThereAndBack) {
    for (const Encoding e : kEncodings)
        for (double v = -0.5; v <= 2.0; v += 0.0137)
            EXPECT_NEAR(decode(e, encode(e, v)), v, 1e-9) << name(e) << " at " << v;
}

TEST(Encodings, RiseEverywhere) {
    for (const Encoding e : kEncodings)
        for (double v = -0.2; v < 1.5; v += 0.001)
            EXPECT_LT(encode(e, v), encode(e, v + 0.001)) << name(e) << " at " << v;
}

TEST(Encodings, AreFoundByName) {
    for (const Encoding e : kEncodings) EXPECT_EQ(*encodingByName(name(e)), e);
    EXPECT_FALSE(encodingByName("film"));
}

}  // namespace
}  // namespace refero
