// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include <Eigen/LU>
#include <limits>
#include <random>

#include "core/colour/rgb_space.h"
#include "core/grade/cdl.h"
#include "core/grade/hue_sat_map.h"
#include "core/grade/nearest_matrix.h"

namespace refero {
namespace {

std::vector<Vector3> colours(std::size_t count, unsigned seed) {
    std::mt19937 random(seed);
    std::uniform_real_distribution<double> v(0.03, 0.95);
    std::vector<Vector3> out;
    for (std::size_t i = 0; i < count; ++i) out.push_back({v(random), v(random), v(random)});
    return out;
}

// ASC CDL 1.2: slope and offset, clamp, power, then saturation about BT.709's luma.
TEST(Cdl, IsCarriedOutAsItsDefinitionSays) {
    const Cdl c{{1.2, 1, 0.8}, {0.05, 0, -0.1}, {1, 2, 0.5}, 0.5};
    const double r = 0.5 * 1.2 + 0.05, g = 0.25, b = std::sqrt(0.5 * 0.8 - 0.1);
    const double luma = 0.2126 * r + 0.7152 * g + 0.0722 * b;
    const Vector3 want = Vector3::Constant(luma) + 0.5 * (Vector3(r, g, b) - Vector3::Constant(luma));
    EXPECT_LT((graded({0.5, 0.5, 0.5}, c) - want).norm(), 1e-12);
    EXPECT_EQ(graded({-1, -1, -1}, c), graded({-2, -2, -2}, c)) << "clamped below";
    EXPECT_LE(graded({9, 9, 9}, c).maxCoeff(), 1);
}

TEST(Cdl, IsFoundAgainFromWhatItDoes) {
    const Cdl truth{{1.0, 0.9, 0.95}, {0.02, 0.01, 0.03}, {0.9, 1.1, 1.2}, 0.8};
    const auto from = colours(300, 1);
    std::vector<Vector3> to;
    for (const Vector3& v : from) to.push_back(graded(v, truth));
    const auto found = nearestCdl(from, to);
    ASSERT_TRUE(found) << found.error().message;
    double furthest = 0;
    for (std::size_t i = 0; i < from.size(); ++i)
        furthest = std::max(furthest, (graded(from[i], *found) - to[i]).cwiseAbs().maxCoeff());
    EXPECT_LT(furthest, 0.02);
    EXPECT_NEAR(found->saturation, 0.8, 0.03);
}

TEST(Cdl, RefusesTooFewColoursAndNoNumbers) {
    const auto few = colours(9, 2);
    EXPECT_FALSE(nearestCdl(few, few));
    auto bad = colours(20, 3);
    bad[4].x() = std::numeric_limits<double>::quiet_NaN();
    EXPECT_FALSE(nearestCdl(bad, bad));
}

// ISO 22028-2: white is D50's, and the published matrix to XYZ begins 0.7977.
TEST(HueSatMap, WorksInRommRgb) {
    const Matrix3 toXyz = xyzD50ToRomm().inverse();
    EXPECT_LT((toXyz * Vector3::Ones() - whiteXyz(white::d50).vector()).norm(), 1e-9);
    EXPECT_NEAR(toXyz(0, 0), 0.7977, 2e-3);
    EXPECT_NEAR(toXyz(1, 1), 0.7119, 2e-3);
}

TEST(HueSatMap, HexconeGoesThereAndBack) {
    for (const Vector3& v : colours(200, 4)) EXPECT_LT((fromHsv(toHsv(v)) - v).norm(), 1e-12);
    EXPECT_DOUBLE_EQ(toHsv({1, 0, 0}).hue, 0);
    EXPECT_DOUBLE_EQ(toHsv({0, 1, 0}).hue, 2);
    EXPECT_DOUBLE_EQ(toHsv({0.5, 0, 1}).hue, 4.5);
    EXPECT_EQ(toHsv({0, 0, 0}).saturation, 0);
}

TEST(HueSatMap, DoesWhatASmoothMoveDoes) {
    // Exposure does not matter to it, greys stay: what a root polynomial adds to a matrix.
    const auto moved = [](const Vector3& v) {
        const Vector3 roots(std::sqrt(v.x() * v.y()), std::sqrt(v.y() * v.z()), std::sqrt(v.z() * v.x()));
        return Vector3(v +
                       0.1 * Vector3(roots.x() - roots.y(), roots.y() - roots.z(), roots.z() - roots.x()));
    };
    const HueSatMap map = HueSatMap::of(moved);
    double mean = 0;
    for (const Vector3& v : colours(400, 5)) mean += (map(v) - moved(v)).norm() / v.norm() / 400;
    EXPECT_LT(mean, 0.005);
    EXPECT_LT((map({0.4, 0.4, 0.4}) - Vector3(0.4, 0.4, 0.4)).norm(), 1e-12);
    for (const auto& e : {map.entries()[0], map.entries()[HueSatMap::kSaturations]})
        EXPECT_EQ(e.valueScale, 1) << "as the specification asks where there is no saturation";
}

TEST(NearestMatrix, OfAMatrixIsItselfAndOfBendingKeepsWhite) {
    Correction c;
    c.gains = {1.8, 1, 1.4};
    c.level = 1.1;
    c.colours = Colours(RootPolynomial(rgbToXyzD50(primaries::bt709)));
    const auto some = colours(100, 6);
    EXPECT_LT((*nearestMatrix(c, some) - rgbToXyzD50(primaries::bt709)).norm(), 1e-12);

    RootPolynomial::Coefficients m(3, 6);
    m.setZero();
    m.leftCols<3>() = rgbToXyzD50(primaries::bt709);
    m.col(3).setConstant(0.05);
    m.col(4).setConstant(-0.05);
    c.colours = Colours(RootPolynomial(2, m));
    const auto near = nearestMatrix(c, some);
    ASSERT_TRUE(near);
    EXPECT_LT((*near * Vector3::Ones() - whiteXyz(white::d50).vector()).norm(), 1e-6);
    const Correction flat = withMatrix(c, *near);
    double own = 0, plain = 0;
    for (const Vector3& v : some) {
        const Vector3 want = c.toXyzD50(v).vector();
        own += (flat.toXyzD50(v).vector() - want).norm();
        plain += (rgbToXyzD50(primaries::bt709) * v.cwiseProduct(c.gains * c.level) - want).norm();
    }
    EXPECT_LT(own, plain);
    EXPECT_FALSE(nearestMatrix(c, std::span(some).first(2)));
}

}  // namespace
}  // namespace refero
