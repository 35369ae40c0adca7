// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/difference.h"

#include <gtest/gtest.h>
#include <lcms2.h>

#include <random>

#include "core/colour/lab.h"
#include "support/csv.h"

namespace refero {
namespace {

Lab lab(double L, double a, double b) {
    return {L, a, b, white::d50};
}

// Sharma, Wu and Dalal (2005), "The CIEDE2000 color-difference formula: implementation notes, supplementary
// test data, and mathematical observations", table 1: all 34 pairs, printed to four decimals.
struct Pair {
    double L1, a1, b1, L2, a2, b2, difference;
};
constexpr Pair kSharma[] = {
    {50.0000, 2.6772, -79.7751, 50.0000, 0.0000, -82.7485, 2.0425},
    {50.0000, 3.1571, -77.2803, 50.0000, 0.0000, -82.7485, 2.8615},
    {50.0000, 2.8361, -74.0200, 50.0000, 0.0000, -82.7485, 3.4412},
    {50.0000, -1.3802, -84.2814, 50.0000, 0.0000, -82.7485, 1.0000},
    {50.0000, -1.1848, -84.8006, 50.0000, 0.0000, -82.7485, 1.0000},
    {50.0000, -0.9009, -85.5211, 50.0000, 0.0000, -82.7485, 1.0000},
    {50.0000, 0.0000, 0.0000, 50.0000, -1.0000, 2.0000, 2.3669},
    {50.0000, -1.0000, 2.0000, 50.0000, 0.0000, 0.0000, 2.3669},
    {50.0000, 2.4900, -0.0010, 50.0000, -2.4900, 0.0009, 7.1792},
    {50.0000, 2.4900, -0.0010, 50.0000, -2.4900, 0.0010, 7.1792},
    {50.0000, 2.4900, -0.0010, 50.0000, -2.4900, 0.0011, 7.2195},
    {50.0000, 2.4900, -0.0010, 50.0000, -2.4900, 0.0012, 7.2195},
    {50.0000, -0.0010, 2.4900, 50.0000, 0.0009, -2.4900, 4.8045},
    {50.0000, -0.0010, 2.4900, 50.0000, 0.0010, -2.4900, 4.8045},
    {50.0000, -0.0010, 2.4900, 50.0000, 0.0011, -2.4900, 4.7461},
    {50.0000, 2.5000, 0.0000, 50.0000, 0.0000, -2.5000, 4.3065},
    {50.0000, 2.5000, 0.0000, 73.0000, 25.0000, -18.0000, 27.1492},
    {50.0000, 2.5000, 0.0000, 61.0000, -5.0000, 29.0000, 22.8977},
    {50.0000, 2.5000, 0.0000, 56.0000, -27.0000, -3.0000, 31.9030},
    {50.0000, 2.5000, 0.0000, 58.0000, 24.0000, 15.0000, 19.4535},
    {50.0000, 2.5000, 0.0000, 50.0000, 3.1736, 0.5854, 1.0000},
    {50.0000, 2.5000, 0.0000, 50.0000, 3.2972, 0.0000, 1.0000},
    {50.0000, 2.5000, 0.0000, 50.0000, 1.8634, 0.5757, 1.0000},
    {50.0000, 2.5000, 0.0000, 50.0000, 3.2592, 0.3350, 1.0000},
    {60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644},
    {63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.2630},
    {61.2901, 3.7196, -5.3901, 61.4292, 2.2480, -4.9620, 1.8731},
    {35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645},
    {22.7233, 20.0904, -46.6940, 23.0331, 14.9730, -42.5619, 2.0373},
    {36.4612, 47.8580, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146},
    {90.8027, -2.0831, 1.4410, 91.1528, -1.6435, 0.0447, 1.4441},
    {90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381},
    {6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377},
    {2.0776, 0.0795, -1.1350, 0.9033, -0.0636, -0.5514, 0.9082},
};
constexpr double kPrintedDigits = 0.00005;

TEST(Ciede2000, MeetsThePublishedPairsToThePrintedDigits) {
    ASSERT_EQ(std::size(kSharma), 34u);
    for (const Pair& p : kSharma) {
        const Lab one = lab(p.L1, p.a1, p.b1), two = lab(p.L2, p.a2, p.b2);
        EXPECT_NEAR(ciede2000(one, two), p.difference, kPrintedDigits) << p.a1 << " " << p.b1;
        EXPECT_NEAR(ciede2000(two, one), p.difference, kPrintedDigits) << "the other way round";
    }
}

TEST(Ciede2000, PartsAddUpToTheTotal) {
    for (const Pair& p : kSharma) {
        const auto d = ciede2000Parts(lab(p.L1, p.a1, p.b1), lab(p.L2, p.a2, p.b2));
        EXPECT_NEAR(d.total * d.total,
                    d.lightness * d.lightness + d.chroma * d.chroma + d.hue * d.hue + d.rotation, 1e-9);
    }
    const auto lighter = ciede2000Parts(lab(50, 20, 20), lab(60, 20, 20));
    EXPECT_GT(lighter.lightness, 0);
    EXPECT_NEAR(lighter.chroma, 0, 1e-9);
    EXPECT_NEAR(lighter.hue, 0, 1e-9);
}

// culori's formulas on 2000 pairs, see tests/reference/make_colour_reference.mjs.
TEST(Differences, AgreeWithAnIndependentLibrary) {
    const auto rows = test::numbersOf("colour_reference.csv");
    ASSERT_EQ(rows.size(), 2000u);
    for (const auto& r : rows) {
        const Lab one = lab(r[3], r[4], r[5]), two = lab(r[18], r[19], r[20]);
        EXPECT_NEAR(cie76(one, two), r[21], 1e-7);
        EXPECT_NEAR(cie94(one, two), r[22], 1e-7);
        EXPECT_NEAR(cmc(one, two, 2, 1), r[23], 1e-7);
        EXPECT_NEAR(ciede2000(one, two), r[24], 1e-7);
    }
}

TEST(Differences, AgreeWithLittleCms) {
    std::mt19937 random(7);
    const auto uniform = [&](double low, double high) {
        return low + (high - low) * random() / 4294967295.0;
    };
    for (int i = 0; i < 3000; ++i) {
        const Lab one = lab(uniform(0, 100), uniform(-90, 90), uniform(-90, 90));
        const Lab two = lab(uniform(0, 100), uniform(-90, 90), uniform(-90, 90));
        const cmsCIELab c1{one.L, one.a, one.b}, c2{two.L, two.a, two.b};
        EXPECT_NEAR(ciede2000(one, two), cmsCIE2000DeltaE(&c1, &c2, 1, 1, 1), 1e-6);
        EXPECT_NEAR(cmc(one, two, 1, 1), cmsCMCdeltaE(&c1, &c2, 1, 1), 1e-6);
        EXPECT_NEAR(cie76(one, two), cmsDeltaE(&c1, &c2), 1e-9);
    }
}

TEST(Differences, OfAColourAndItselfIsNothing) {
    for (const Lab& c : {lab(0, 0, 0), lab(50, 0, 0), lab(100, 0, 0), lab(40, -60, 30)}) {
        EXPECT_EQ(ciede2000(c, c), 0);
        EXPECT_EQ(cie94(c, c), 0);
        EXPECT_EQ(cmc(c, c), 0);
    }
}

// The metric is what the formula does with small steps, at the first colours of Sharma, Wu and Dalal's pairs.
TEST(Ciede2000, MetricIsTheFormulaForSmallSteps) {
    std::mt19937 engine(4);
    const auto random = [&] { return 0.04 * (engine() / 4294967296.0 - 0.5); };
    for (const Pair& p : kSharma) {
        const Lab at = lab(p.L1, p.a1, p.b1);
        const Matrix3 g = ciede2000Metric(at);
        EXPECT_NEAR((g - g.transpose()).norm(), 0, 1e-12);
        for (int k = 0; k < 5; ++k) {
            const Vector3 d(random(), random(), random());
            const double exact = ciede2000(at, lab(at.L + d.x(), at.a + d.y(), at.b + d.z()));
            EXPECT_NEAR(std::sqrt(d.dot(g * d)) / exact, 1, 0.01) << at.L << " " << at.a << " " << at.b;
        }
    }
}

TEST(Lab, SlopeIsThatOfTheFormula) {
    for (const Xyz& at : {Xyz{0.3, 0.2, 0.1}, Xyz{0.9, 1, 0.8}, Xyz{0.004, 0.003, 0.002}}) {
        const Matrix3 slope = labSlope(at, white::d50);
        constexpr double kStep = 1e-6;
        for (int k = 0; k < 3; ++k) {
            Vector3 step = Vector3::Zero();
            step(k) = kStep;
            const Lab low = toLab(Xyz::from(at.vector() - step), white::d50),
                      high = toLab(Xyz::from(at.vector() + step), white::d50);
            const Vector3 measured = Vector3(high.L - low.L, high.a - low.a, high.b - low.b) / (2 * kStep);
            EXPECT_NEAR((slope.col(k) - measured).norm(), 0, 1e-4 * measured.norm());
        }
    }
}

}  // namespace
}  // namespace refero
