// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/moves.h"

#include <gtest/gtest.h>

#include <Eigen/LU>
#include <cmath>
#include <random>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/fit/candidate.h"
#include "core/fit/grey_curves.h"

namespace refero {
namespace {

const RootPolynomial& base() {
    static const RootPolynomial p(rgbToXyzD50(primaries::bt2020));
    return p;
}

// Colours whose references are what `look` makes of them; every sixth is a grey.
Samples looked(std::size_t n, const std::function<Lab(const Lab&)>& look, unsigned seed = 2) {
    std::mt19937 engine(seed);
    const auto random = [&](double low, double high) { return low + (high - low) * engine() / 4294967296.0; };
    Samples s;
    for (std::size_t i = 0; i < n; ++i) {
        const double chroma = i % 6 ? random(8, 55) : 0;
        const Lab lab = toLab(Lch{random(25, 90), chroma, random(0, 360), white::d50});
        s.index.push_back(i);
        s.rgb.push_back(rgbToXyzD50(primaries::bt2020).inverse() * toXyz(lab).vector());
        s.error.push_back(Vector3::Constant(1e-4));
        s.noise.push_back(Vector3(4e-5, 2e-5, 6e-5).asDiagonal());
        s.reference.push_back(toXyz(look(lab)));
        s.weights.push_back(1);
    }
    return s;
}

double error(const Colours& colours, const Samples& s) {
    double sum = 0;
    for (std::size_t i = 0; i < s.size(); ++i)
        sum += ciede2000(toLab(s.reference[i], white::d50), toLab(Xyz::from(colours(s.rgb[i])), white::d50)) /
               static_cast<double>(s.size());
    return sum;
}

// Blues towards cyan and weaker, yellows darker: what no matrix does.
Lab twisted(const Lab& lab) {
    Lch v = toLch(lab);
    const double blue = std::exp(-std::pow(std::remainder(v.h - 280, 360.0) / 40, 2));
    const double yellow = std::exp(-std::pow(std::remainder(v.h - 95, 360.0) / 30, 2));
    v.h -= 14 * blue;
    v.C *= 1 - 0.2 * blue;
    v.L -= 0.15 * v.C * yellow;
    return toLab(v);
}

TEST(SmoothMove, LearnsALookAndCarriesItToUnseenColours) {
    const Samples seen = looked(120, &twisted), unseen = looked(300, &twisted, 77);
    const ColourMove move = smoothMove(base(), seen);
    ASSERT_TRUE(move);
    const auto kept = keptMove(move);
    ASSERT_TRUE(kept) << kept.error().message;
    const double without = error(base(), unseen), with = error({base(), *kept}, unseen);
    RecordProperty("without", std::to_string(without));
    RecordProperty("with", std::to_string(with));
    EXPECT_GT(without, 1.2);
    EXPECT_LT(with, 0.5 * without);
    EXPECT_FALSE(kept->reversesOrientation());
}

TEST(SmoothMove, FadesAwayFromTheMeasuredColours) {
    // Reds only: blues and greens far from them are the base's.
    Samples s = looked(400, &twisted);
    std::vector<std::size_t> reds;
    for (std::size_t i = 0; i < s.size(); ++i) {
        const Lch v = toLch(toLab(s.reference[i], white::d50));
        if (v.C > 15 && std::abs(std::remainder(v.h - 90, 360.0)) < 40) reds.push_back(i);
    }
    ASSERT_GT(reds.size(), 20u);
    const ColourMove move = smoothMove(base(), s.only(reds));
    ASSERT_TRUE(move);
    const auto size = [&](double hue) {
        const Vector3 u = toRoots(toXyz(toLab(Lch{55, 45, hue, white::d50})).vector());
        return move(u).norm();
    };
    EXPECT_GT(size(90), 5 * size(270));
}

TEST(SmoothMove, IsNoneWhereThereIsNothingToMove) {
    // Differences without any rule: each foretells nothing of the others.
    std::mt19937 engine(5);
    const Samples s = looked(40, [&](const Lab& lab) {
        const auto jitter = [&] { return 2.0 * engine() / 4294967296.0 - 1; };
        return Lab{lab.L + jitter(), lab.a + jitter(), lab.b + jitter(), white::d50};
    });
    const ColourMove move = smoothMove(base(), s);
    if (!move) return SUCCEED();
    // Should one foretell something by chance, it must be next to nothing.
    for (const Vector3& rgb : s.rgb) EXPECT_LT(move(toRoots(base()(rgb))).norm(), 0.01);
}

TEST(PolynomialMove, NeverMovesAGrey) {
    const ColourMove move = polynomialMove(base(), looked(60, &twisted));
    for (double level = 0; level <= 1.25; level += 0.05)
        EXPECT_NEAR(move(Vector3::Constant(level)).norm(), 0, 1e-12);
    const Samples unseen = looked(300, &twisted, 9);
    const auto kept = keptMove(move);
    ASSERT_TRUE(kept) << kept.error().message;
    EXPECT_LT(error({base(), *kept}, unseen), 0.85 * error(base(), unseen));
}

TEST(FittedSectors, FindTheSectorsThatMadeTheDifference) {
    HueSectors truth;
    truth.sectors[9] = {-12, 0.85, 0};  // 270 degrees
    truth.sectors[10] = {-10, 0.9, 0};  // 300
    truth.sectors[3] = {0, 1.0, -6};    // 90
    const Samples s = looked(240, [&](const Lab& lab) { return truth.moved(lab); });
    const HueSectors found = fittedSectors(base(), s);
    EXPECT_NEAR(found.sectors[9].turnDegrees, -12, 3);
    EXPECT_NEAR(found.sectors[9].chroma, 0.85, 0.05);
    EXPECT_NEAR(found.sectors[3].lightness, -6, 2);
    EXPECT_NEAR(found.sectors[6].turnDegrees, 0, 1.5);
    EXPECT_NEAR(found.sectors[6].chroma, 1, 0.03);
    const auto kept = keptMove(moveOf(found));
    ASSERT_TRUE(kept);
    EXPECT_LT(error({base(), *kept}, s), 0.35 * error(base(), s));
}

TEST(KeptMove, IsWeakenedUntilNothingFoldsAndRefusedWhereThatLeavesNothing) {
    const auto bump = [](double height) -> ColourMove {
        return [=](const Vector3& u) -> Vector3 {
            const double d = (u - Vector3(0.9, 0.5, 0.3)).squaredNorm();
            return {height * std::exp(-d / (2 * 0.1 * 0.1)), 0, 0};
        };
    };
    const auto weakened = keptMove(bump(0.3));
    ASSERT_TRUE(weakened);
    EXPECT_FALSE(weakened->reversesOrientation());
    EXPECT_LT(weakened->move({0.9, 0.5, 0.3}).x(), 0.25);
    EXPECT_FALSE(keptMove(bump(3)));
}

// The slope that noise is priced by, against steps.
TEST(Colours, TellTheirSlope) {
    const auto kept = keptMove(polynomialMove(base(), looked(60, &twisted)));
    ASSERT_TRUE(kept);
    const Colours colours(base(), *kept);
    const Vector3 at(0.3, 0.25, 0.5);
    const Matrix3 slope = colours.slope(at);
    for (int k = 0; k < 3; ++k) {
        const Vector3 step = 0.01 * Vector3::Unit(k);
        const Vector3 measured = (colours(at + step) - colours(at - step)) / 0.02;
        EXPECT_NEAR((slope.col(k) - measured).norm(), 0, 0.03 * slope.norm());
    }
}

TEST(GreyCurves, StraightenAGammaThatNobodyTold) {
    std::vector<Vector3> greys;
    std::vector<double> y{0.03, 0.06, 0.12, 0.2, 0.36, 0.59, 0.9};
    // Red and green bend by a little, blue by more.
    const auto bent = [](double light) {
        return Vector3(std::pow(light, 0.93), std::pow(light, 0.95), std::pow(light, 0.85));
    };
    for (const double light : y) greys.push_back(bent(light));
    const auto curves = greyCurves(greys, y, CurveUse::automatic);
    ASSERT_TRUE(curves);
    for (double light = 0.05; light < 0.9; light += 0.05) {
        const Vector3 after = straightened(bent(light), *curves), before = bent(light);
        for (int k = 0; k < 3; ++k) {
            EXPECT_LT(std::abs(std::sqrt(after(k)) - std::sqrt(light)), 0.006) << light;
            EXPECT_LT(std::abs(after(k) - light), 0.5 * std::abs(before(k) - light) + 0.002);
        }
    }
    EXPECT_FALSE(greyCurves(greys, y, CurveUse::never));
}

TEST(GreyCurves, LeaveStraightGreysAlone) {
    std::mt19937 engine(4);
    std::vector<Vector3> greys;
    const std::vector<double> y{0.03, 0.09, 0.2, 0.36, 0.59, 0.9};
    for (const double light : y)
        greys.push_back(Vector3::Constant(light) +
                        0.004 * light * Vector3(engine() / 2147483648.0 - 1, 0, engine() / 2147483648.0 - 1));
    EXPECT_FALSE(greyCurves(greys, y, CurveUse::automatic));
    EXPECT_FALSE(greyCurves(std::span(greys).first(3), y, CurveUse::always)) << "three tell no curve";
}

// Twelve hues at two chromas and two lightnesses, moved as said.
Samples wheel(const std::function<Lch(Lch)>& look) {
    Samples s;
    for (int i = 0; i < 48; ++i) {
        const Lch at{i % 2 ? 40.0 : 65.0, i % 4 < 2 ? 20.0 : 40.0, 30.0 * (i / 4), white::d50};
        s.index.push_back(static_cast<std::size_t>(i));
        s.rgb.push_back(rgbToXyzD50(primaries::bt2020).inverse() * toXyz(toLab(at)).vector());
        s.error.push_back(Vector3::Constant(1e-4));
        s.noise.push_back(Matrix3::Zero());
        s.reference.push_back(toXyz(toLab(look(at))));
        s.weights.push_back(1);
    }
    return s;
}

Lch movedTo(const ColourMove& move, const Lch& from) {
    const Vector3 roots = toRoots(toXyz(toLab(from)).vector());
    return toLch(toLab(Xyz::from(fromRoots(roots + move(roots))), white::d50));
}

TEST(LookMove, MakesColoursThatNoPatchHasStrongerByTheSameShare) {
    const auto stronger = [](Lch v) {
        v.C *= 1.15;
        return v;
    };
    const ColourMove look = lookMove(base(), wheel(stronger)).move,
                     smooth = smoothMove(base(), wheel(stronger));
    for (const double hue : {10.0, 100.0, 220.0, 305.0}) {
        const Lch within = movedTo(look, {55, 30, hue, white::d50});
        EXPECT_NEAR(within.C, 1.15 * 30, 0.5) << hue;
        EXPECT_NEAR(std::remainder(within.h - hue, 360), 0, 0.7) << hue;
        // Twice as strong as any patch: what a field of near colours knows nothing of.
        const Lch beyond = movedTo(look, {55, 80, hue, white::d50});
        EXPECT_NEAR(beyond.C, 1.15 * 80, 3.5) << hue;
        EXPECT_GT(std::abs(movedTo(smooth, {55, 80, hue, white::d50}).C - 1.15 * 80),
                  std::abs(beyond.C - 1.15 * 80))
            << hue;
    }
    for (const double lightness : {5.0, 50.0, 95.0})
        EXPECT_LT(movedTo(look, {lightness, 0, 0, white::d50}).C, 1e-6) << "a grey";
}

TEST(LookMove, TurnsAHueAndItsNeighboursAndNoOther) {
    const LookMove told = lookMove(base(), wheel([](Lch v) {
                                       v.h +=
                                           10 * std::exp(-std::pow(std::remainder(v.h - 240, 360.0) / 45, 2));
                                       return v;
                                   }));
    const ColourMove& look = told.move;
    EXPECT_LT(told.evidence, lookMove(base(), wheel([](Lch v) { return v; })).evidence)
        << "nothing to move is likelier";
    EXPECT_NEAR(movedTo(look, {50, 30, 240, white::d50}).h, 249.5, 1.5);
    EXPECT_NEAR(movedTo(look, {50, 60, 240, white::d50}).h, 249.5, 1.5);
    EXPECT_NEAR(movedTo(look, {50, 30, 60, white::d50}).h, 60, 1);
}

TEST(LookMove, LeavesAloneWhatIsRight) {
    const ColourMove look = lookMove(base(), wheel([](Lch v) { return v; })).move;
    for (const double chroma : {0.0, 15.0, 90.0})
        EXPECT_NEAR(movedTo(look, {60, chroma, 140, white::d50}).C, chroma, 1e-6);
}

// Greys from dark to light, and the same through a curve of each channel's own, read with an error.
std::optional<GreyCurves> curvesOf(const std::array<double, 3>& exponents, double error, CurveUse use,
                                   double plain = kPlainLight) {
    std::mt19937 engine(3);
    std::vector<Vector3> from, to;
    for (int i = 0; i < 12; ++i) {
        const double y = std::pow(0.03 + 0.07 * i, 2);
        to.push_back(Vector3::Constant(y));
        Vector3 read;
        for (int c = 0; c < 3; ++c)
            read(c) = 0.25 * std::pow(y / 0.25, 1 / exponents[static_cast<std::size_t>(c)]) *
                      (1 + error * (2.0 * engine() / 4294967295.0 - 1));
        from.push_back(read);
    }
    return greyCurves(from, to, use, plain);
}

TEST(GreyCurves, ErrorsOfOneChannelDoNotBendItAway) {
    const auto curves = curvesOf({1.25, 1.25, 1.25}, 0.01, CurveUse::automatic);
    ASSERT_TRUE(curves);
    EXPECT_EQ((*curves)[0], (*curves)[1]);
    EXPECT_EQ((*curves)[1], (*curves)[2]);
    EXPECT_NEAR((*curves)[0](0.25 * std::pow(0.4 / 0.25, 0.8)), 0.4, 0.008);
}

TEST(GreyCurves, AChannelThatBendsByItselfIsFollowed) {
    const auto curves = curvesOf({1.25, 1.25, 1.45}, 0.002, CurveUse::automatic);
    ASSERT_TRUE(curves);
    EXPECT_NEAR((*curves)[2](0.25 * std::pow(0.4 / 0.25, 1 / 1.45)), 0.4, 0.01);
    EXPECT_NEAR((*curves)[0](0.25 * std::pow(0.4 / 0.25, 0.8)), 0.4, 0.01);
    EXPECT_NEAR((*curves)[2](0.25 * std::pow(0.02 / 0.25, 1 / 1.45)), 0.02, 0.002);
}

TEST(GreyCurves, WhatASensorKeepsStraightAPictureDoesNot) {
    EXPECT_FALSE(curvesOf({1.03, 1.03, 1.03}, 0.0005, CurveUse::automatic, kPlainLight));
    EXPECT_TRUE(curvesOf({1.03, 1.03, 1.03}, 0.0005, CurveUse::automatic, kPlainPicture));
}

}  // namespace
}  // namespace refero
