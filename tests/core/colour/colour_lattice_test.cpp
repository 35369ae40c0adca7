// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/colour_lattice.h"

#include <gtest/gtest.h>

#include <cmath>
#include <limits>
#include <random>

#include "core/colour/root_curve.h"

namespace refero {
namespace {

Vector3 random(std::mt19937& engine, double low, double high) {
    Vector3 v;
    for (int k = 0; k < 3; ++k) v(k) = low + (high - low) * engine() / 4294967296.0;
    return v;
}

// A turn of colours about the grey axis.
Vector3 turned(const Vector3& u) {
    return 0.15 * Vector3(u.y() - u.z(), u.z() - u.x(), u.x() - u.y());
}

TEST(ColourLattice, IsExactWhereTheMoveIsLinear) {
    const ColourLattice lattice = ColourLattice::sampled(&turned);
    std::mt19937 engine(1);
    for (int i = 0; i < 2000; ++i) {
        const Vector3 u = random(engine, 0, ColourLattice::kRange);
        EXPECT_NEAR((lattice.move(u) - turned(u)).norm(), 0, 3e-6);
    }
    EXPECT_FALSE(lattice.reversesOrientation());
}

TEST(ColourLattice, KeepsGreysGreyAtEveryLevelWhateverTheMove) {
    // At its nodes it moves greys off; only what keeps them is taken.
    const ColourLattice lattice =
        ColourLattice::sampled([](const Vector3& u) { return Vector3(0.03 * u.x(), -0.01, 0.02 * u.z()); });
    for (double level = 0; level < 2; level += 0.0137) {
        const Vector3 v = lattice.move(Vector3::Constant(level));
        EXPECT_NEAR(v.maxCoeff() - v.minCoeff(), 0, 1e-12) << level;
    }
}

TEST(ColourLattice, GoesOnAsOnItsSurfaceOutsideTheCube) {
    const ColourLattice lattice = ColourLattice::sampled(&turned);
    const double most = ColourLattice::kRange;
    EXPECT_EQ(lattice.move({5, 0.3, -2}), lattice.move({most, 0.3, 0}));
}

TEST(ColourLattice, KnowsWhereColoursFold) {
    // A bump whose slope is steeper than 1 turns the order over on one side of it.
    const auto bump = [](double height) {
        return ColourLattice::sampled([=](const Vector3& u) -> Vector3 {
            const double d = (u - Vector3(0.9, 0.5, 0.3)).squaredNorm();
            return {height * std::exp(-d / (2 * 0.1 * 0.1)), 0, 0};
        });
    };
    // The steepest slope of a Gaussian is exp(-1/2) of its height over its width.
    const double limit = 0.1 / std::exp(-0.5);
    EXPECT_FALSE(bump(0.9 * limit).reversesOrientation());
    EXPECT_TRUE(bump(1.15 * limit).reversesOrientation());
    EXPECT_FALSE(bump(1.15 * limit).scaled(0.7).reversesOrientation());
    // Smoothed there, and as it was elsewhere.
    const auto smoothed = bump(1.3 * limit).unfolded();
    ASSERT_TRUE(smoothed);
    EXPECT_FALSE(smoothed->reversesOrientation());
    EXPECT_EQ(smoothed->move({0.7, 0.5, 0.3}), bump(1.3 * limit).move({0.7, 0.5, 0.3}));
    EXPECT_NEAR(smoothed->move({0.9, 0.5, 0.3}).x(), 1.3 * limit, 0.25 * limit);
    EXPECT_EQ(bump(0.9 * limit).unfolded(), bump(0.9 * limit));
    EXPECT_FALSE(bump(20 * limit).unfolded());
}

TEST(ColourLattice, RefusesWhatIsNoLattice) {
    EXPECT_FALSE(ColourLattice::of(2, std::vector<float>(31, 0.0f)));
    EXPECT_FALSE(ColourLattice::of(1, std::vector<float>(4, 0.0f)));
    EXPECT_FALSE(ColourLattice::of(200, {}));
    std::vector<float> nodes(32, 0.0f);
    EXPECT_TRUE(ColourLattice::of(2, nodes));
    nodes[4] = std::numeric_limits<float>::quiet_NaN();
    EXPECT_FALSE(ColourLattice::of(2, nodes));
    nodes[4] = 0;
    nodes[28] = 0.01f;  // white's own node
    EXPECT_FALSE(ColourLattice::of(2, nodes)) << "white would not be white";
}

TEST(Roots, GoThereAndBackOnBothSidesOfZero) {
    const Vector3 white = whiteXyz(white::d50).vector();
    EXPECT_NEAR((toRoots(white) - Vector3::Ones()).norm(), 0, 1e-12);
    const Vector3 v(-0.02, 0.3, 1.7);
    EXPECT_NEAR((fromRoots(toRoots(v)) - v).norm(), 0, 1e-12);
}

TEST(RootCurve, IsWhatItWasSampledFromAndRises) {
    const auto function = [](double t) { return t + 0.1 * t * (1 - t); };
    const RootCurve curve = RootCurve::sampled(function);
    for (double light = 0; light < 1.5; light += 0.013) {
        const double root = function(std::sqrt(light));
        EXPECT_NEAR(curve(light), root * root, 1e-4) << light;
        EXPECT_NEAR(curve(-light), -curve(light), 1e-12);
    }
    const double h = 1e-4, at = 0.31;
    EXPECT_NEAR(curve.slope(at), (curve(at + h) - curve(at - h)) / (2 * h), 1e-3);
    const RootCurve falling = RootCurve::sampled([](double t) { return t * (1 - t); });
    EXPECT_GE(falling(0.9), falling(0.3)) << "what would fall stays level";
    EXPECT_GT(RootCurve()(4.0), 3.99) << "the last step goes on above the range";
}

TEST(RootCurve, RefusesWhatFallsOrIsNoNumber) {
    auto roots = RootCurve().roots();
    EXPECT_TRUE(RootCurve::of(roots));
    roots[10] = roots[20];
    EXPECT_FALSE(RootCurve::of(roots));
    roots = RootCurve().roots();
    roots[80] = std::numeric_limits<float>::infinity();
    EXPECT_FALSE(RootCurve::of(roots));
    roots = RootCurve().roots();
    roots[0] = 0.01f;
    EXPECT_FALSE(RootCurve::of(roots));
}

}  // namespace
}  // namespace refero
