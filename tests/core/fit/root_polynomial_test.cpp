// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/root_polynomial.h"

#include <gtest/gtest.h>

#include <random>

#include "core/colour/lab.h"
#include "core/fit/matrix.h"

namespace refero {
namespace {

struct Colours {
    std::vector<Vector3> rgb;
    std::vector<Xyz> xyz;
    std::vector<double> weights;
};

// A made-up camera that no matrix corrects: channels bent a little by each other.
Colours colours(std::size_t n, unsigned seed) {
    std::mt19937 engine(seed);
    const auto random = [&] { return 0.02 + 0.9 * engine() / 4294967295.0; };
    const Vector3 white = whiteXyz(white::d50).vector();
    Matrix3 m;
    m << 0.62, 0.25, 0.13, 0.28, 0.70, 0.02, 0.02, 0.08, 0.90;
    Colours c;
    for (std::size_t i = 0; i < n; ++i) {
        const Vector3 rgb(random(), random(), random());
        const Vector3 shares = m * rgb + 0.08 * Vector3(std::sqrt(rgb.x() * rgb.y()) - rgb.x(), 0,
                                                        std::sqrt(rgb.y() * rgb.z()) - rgb.z());
        c.rgb.push_back(rgb);
        c.xyz.push_back(Xyz::from(shares.cwiseProduct(white)));
        c.weights.push_back(1);
    }
    return c;
}

double squareError(const RootPolynomial& p, const Colours& c) {
    double sum = 0;
    for (std::size_t i = 0; i < c.rgb.size(); ++i) sum += (p(c.rgb[i]) - c.xyz[i].vector()).squaredNorm();
    return sum;
}

TEST(RootPolynomial, HasTheTermsOfThePaper) {
    // The terms as Finlayson, Mackiewicz and Hurlbert (2015) list them (from memory), of (8, 1, 27).
    const auto t = RootPolynomial::terms({8, 1, 27}, 3);
    const double expected[] = {8, 1,  27, std::sqrt(8.0), std::sqrt(27.0), std::sqrt(216.0), 2, 9, 18, 4,
                               3, 12, 6};
    ASSERT_EQ(t.size(), 13);
    for (int k = 0; k < 13; ++k) EXPECT_NEAR(t(k), expected[k], 1e-12) << k;
    EXPECT_EQ(RootPolynomial::terms({8, 1, 27}, 2).size(), 6);
}

// The property that the paper is about: the exposure may be any.
TEST(RootPolynomial, ScalesWithTheExposure) {
    const Colours c = colours(60, 1);
    for (const int degree : {1, 2, 3}) {
        const auto p = fitRootPolynomial(degree, c.rgb, c.xyz, c.weights);
        ASSERT_TRUE(p) << p.error().message;
        for (const double k : {0.01, 0.3, 7.0})
            for (const Vector3& rgb : c.rgb)
                EXPECT_LT(((*p)(k * rgb) - k * (*p)(rgb)).norm(), 1e-5 * k * (*p)(rgb).norm());
    }
}

TEST(RootPolynomial, KeepsEveryGrey) {
    const Colours c = colours(40, 2);
    const Vector3 white = whiteXyz(white::d50).vector();
    for (const int degree : {1, 2, 3}) {
        const auto p = fitRootPolynomial(degree, c.rgb, c.xyz, c.weights);
        ASSERT_TRUE(p);
        for (const double level : {1e-4, 0.18, 1.0, 5.0})
            EXPECT_LT(((*p)(Vector3::Constant(level)) - level * white).norm(), 1e-12 * (1 + level));
    }
}

// Its published relation to the linear fit: better or equal on what it was fitted to; here it is exact.
TEST(RootPolynomial, OfAHigherDegreeFitsBetter) {
    const Colours c = colours(60, 3);
    const auto one = fitRootPolynomial(1, c.rgb, c.xyz, c.weights, 0),
               two = fitRootPolynomial(2, c.rgb, c.xyz, c.weights, 1e-12),
               three = fitRootPolynomial(3, c.rgb, c.xyz, c.weights, 1e-12);
    ASSERT_TRUE(one && two && three);
    EXPECT_GT(squareError(*one, c), 1e-3);
    EXPECT_LT(squareError(*two, c), 1e-6 * squareError(*one, c)) << "the camera was made of these terms";
    EXPECT_LE(squareError(*three, c), squareError(*two, c) + 1e-12);
}

// Degree 1 is the least-squares matrix, which is computed otherwise there.
TEST(RootPolynomial, OfDegreeOneIsTheMatrix) {
    const Colours c = colours(30, 4);
    std::vector<double> weights;
    for (const Xyz& xyz : c.xyz) weights.push_back(1 / ((xyz.y + 0.1) * (xyz.y + 0.1)));
    const auto p = fitRootPolynomial(1, c.rgb, c.xyz, weights);
    const auto m = leastSquaresMatrix(c.rgb, c.xyz, c.weights);
    ASSERT_TRUE(p && m);
    EXPECT_LT((p->coefficients() - *m).norm(), 1e-7);
}

TEST(RootPolynomial, RefusesWhatItCannotBeToldFrom) {
    const Colours c = colours(12, 5);
    EXPECT_FALSE(fitRootPolynomial(3, c.rgb, c.xyz, c.weights)) << "13 terms from 12 colours";
    EXPECT_FALSE(fitRootPolynomial(4, c.rgb, c.xyz, c.weights));
    Colours greys;
    for (int i = 0; i < 20; ++i) {
        greys.rgb.push_back(Vector3::Constant(0.05 * (i + 1)));
        greys.xyz.push_back(Xyz::from(whiteXyz(white::d50).vector() * 0.05 * (i + 1)));
        greys.weights.push_back(1);
    }
    const auto none = fitRootPolynomial(2, greys.rgb, greys.xyz, greys.weights);
    ASSERT_FALSE(none);
    EXPECT_NE(none.error().message.find("too much alike"), std::string::npos);
}

TEST(RootPolynomial, SlopeIsThatOfItsTerms) {
    const Colours c = colours(60, 8);
    for (const int degree : {1, 2, 3}) {
        const auto p = fitRootPolynomial(degree, c.rgb, c.xyz, c.weights);
        ASSERT_TRUE(p);
        for (const Vector3& at : {Vector3(0.5, 0.5, 0.5), Vector3(0.8, 0.1, 0.3), Vector3(0.02, 0.4, 0.03)}) {
            const Matrix3 slope = p->slope(at);
            for (int k = 0; k < 3; ++k) {
                Vector3 step = Vector3::Zero();
                step(k) = 1e-6;
                const Vector3 measured = ((*p)(at + step) - (*p)(at - step)) / 2e-6;
                EXPECT_NEAR((slope.col(k) - measured).norm(), 0, 1e-6);
            }
            // Of the first degree: along its own ray it is itself (Euler's theorem).
            EXPECT_NEAR((slope * at - (*p)(at)).norm(), 0, 1e-9);
        }
        EXPECT_TRUE(p->slope({0.5, 0, 0}).allFinite()) << "a root is steep at 0, not endless";
    }
}

// With every colour's metric the same multiple of the identity, it is plain weighted least squares.
TEST(RootPolynomial, ByMetricsIsByWeightsWhereTheyAreThat) {
    const Colours c = colours(40, 9);
    std::vector<double> weights;
    std::vector<Matrix3> metrics;
    for (std::size_t i = 0; i < c.rgb.size(); ++i) {
        weights.push_back(0.5 + static_cast<double>(i % 4));
        metrics.push_back(weights.back() * Matrix3::Identity());
    }
    for (const int degree : {1, 2, 3}) {
        const auto a = fitRootPolynomial(degree, c.rgb, c.xyz, weights);
        const auto b = fitRootPolynomial(degree, c.rgb, c.xyz, metrics);
        ASSERT_TRUE(a && b);
        EXPECT_NEAR((a->coefficients() - b->coefficients()).norm(), 0, 1e-6);
    }
}

}  // namespace
}  // namespace refero
