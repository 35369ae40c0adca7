// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/candidate.h"

#include <gtest/gtest.h>

#include <Eigen/LU>
#include <cmath>
#include <numeric>
#include <random>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/fit/choice.h"
#include "core/fit/cross_validation.h"
#include "core/fit/noise_gain.h"
#include "core/spectra/generated_reflectances.h"
#include "core/spectra/illuminant.h"
#include "core/spectra/observer.h"

namespace refero {
namespace {

// Patches of a made-up camera: XYZ through a 3x3 that is not the observer's, `bend` of it by a root.
Samples samples(std::size_t n, double bend, double noise = 0, unsigned seed = 3) {
    std::mt19937 engine(seed);
    const auto random = [&] { return engine() / 4294967296.0; };
    const Vector3 white = whiteXyz(white::d50).vector();
    Matrix3 m;
    m << 0.62, 0.25, 0.13, 0.28, 0.70, 0.02, 0.02, 0.08, 0.90;
    Samples s;
    for (std::size_t i = 0; i < n; ++i) {
        // Every fifth a grey; no colour without some light in each channel.
        Vector3 rgb = Vector3::Constant(0.05 + 0.85 * random());
        if (i % 5) rgb = {0.05 + 0.85 * random(), 0.05 + 0.85 * random(), 0.05 + 0.85 * random()};
        const Vector3 shares = m * rgb + bend * Vector3(std::sqrt(rgb.x() * rgb.y()) - rgb.x(), 0,
                                                        std::sqrt(rgb.y() * rgb.z()) - rgb.z());
        s.index.push_back(i);
        s.reference.push_back(Xyz::from(shares.cwiseProduct(white)));
        for (int c = 0; c < 3; ++c) rgb(c) *= 1 + noise * (random() + random() + random() - 1.5) * 2;
        s.rgb.push_back(rgb);
        s.error.push_back(Vector3::Constant(noise + 1e-4));
        s.noise.push_back(Vector3(4e-5, 2e-5, 6e-5).asDiagonal());
        s.weights.push_back(1);
    }
    return s;
}

TEST(Candidates, AChartCarriesOnlyWhatItHasPatchesFor) {
    const auto has = [](const std::vector<Candidate>& all, Model m) {
        return std::any_of(all.begin(), all.end(), [&](const Candidate& c) { return c.model == m; });
    };
    const auto few = candidatesFor({}, {}, 7, false);
    EXPECT_TRUE(has(few, Model::balance));
    EXPECT_FALSE(has(few, Model::matrix));
    const auto small = candidatesFor({}, {}, 12, false);
    EXPECT_TRUE(has(small, Model::matrix));
    EXPECT_FALSE(has(small, Model::rootPolynomial));
    EXPECT_FALSE(has(candidatesFor({}, {}, 24, false), Model::rootPolynomial3))
        << "thirteen terms from 24 patches alone fit the chart and nothing else";
    EXPECT_TRUE(has(candidatesFor({}, {}, 48, false), Model::rootPolynomial3));
    const auto forLooks = [](const std::vector<Candidate>& all) {
        return std::any_of(all.begin(), all.end(), [](const Candidate& c) { return c.forLook; });
    };
    EXPECT_TRUE(forLooks(candidatesFor({}, {}, 16, false, true)));
    EXPECT_FALSE(forLooks(candidatesFor({}, {}, 15, false, true)));
    EXPECT_FALSE(forLooks(candidatesFor({}, {}, 48, false))) << "light of a sensor has no look";
    for (const Candidate& c : candidatesFor({}, {}, 48, false)) EXPECT_FALSE(c.training);
    for (const Candidate& c : candidatesFor(Model::matrix, Objective::ciede2000, 24, true)) {
        EXPECT_EQ(c.model, Model::matrix);
        EXPECT_EQ(c.objective, Objective::ciede2000);
    }
}

TEST(Candidates, EveryOneKeepsEveryGrey) {
    const Samples s = samples(45, 0.1, 0.01);
    for (const Candidate& c : candidatesFor({}, {}, s.size(), false)) {
        const auto p = fitted(c, s, {});
        ASSERT_TRUE(p) << p.error().message;
        for (const double level : {0.01, 0.18, 1.0}) {
            const Lab grey = toLab(Xyz::from((*p)(Vector3::Constant(level))), white::d50);
            EXPECT_LT(std::hypot(grey.a, grey.b), c.model == Model::balance ? 0.02 : 1e-6);
        }
    }
}

TEST(Candidates, TheMeanObjectiveLeavesASmallerMean) {
    const Samples s = samples(40, 0.12, 0.03);
    const auto meanOf = [&](const Colours& p) {
        double sum = 0;
        for (std::size_t i = 0; i < s.size(); ++i)
            sum += ciede2000(toLab(s.reference[i], white::d50), toLab(Xyz::from(p(s.rgb[i])), white::d50));
        return sum / static_cast<double>(s.size());
    };
    for (const Model m : {Model::matrix, Model::rootPolynomial}) {
        const auto squares = fitted({m}, s, {}), mean = fitted({m, Objective::ciede2000}, s, {});
        const auto trial = fitted({m, Objective::ciede2000}, s, {}, Effort::trial);
        ASSERT_TRUE(squares && mean && trial);
        EXPECT_LT(meanOf(*mean), meanOf(*squares)) << name(m);
        EXPECT_LT(meanOf(*trial), 1.05 * meanOf(*mean)) << "a trial is nearly the full fit";
    }
}

TEST(Candidates, WhatFoldsIsRefused) {
    EXPECT_FALSE(reversesOrientation(RootPolynomial(Matrix3::Identity()), {}));
    Matrix3 mirrored = Matrix3::Identity();
    mirrored(0, 0) = -1;
    EXPECT_TRUE(reversesOrientation(RootPolynomial(mirrored), {}));
    // As a sum, white stays; but red is drawn back by the root of red and green as it grows.
    RootPolynomial::Coefficients c(3, 6);
    c << 0.2, 0, 0, -1.0, 0, 1.8, 0, 1, 0, 0, 0, 0, 0, 0, 1, 0, 0, 0;
    const std::vector<Vector3> colours{{0.02, 0.9, 0.02}, {0.5, 0.5, 0.5}};
    EXPECT_TRUE(reversesOrientation(RootPolynomial(2, c), colours));
    Samples upsideDown = samples(30, 0);
    for (Vector3& v : upsideDown.rgb) std::swap(v.x(), v.z());
    const auto swapped = fitted({Model::matrix}, upsideDown, {});
    ASSERT_FALSE(swapped) << "channels that are exchanged are a mirror";
    EXPECT_NE(swapped.error().message.find("fold"), std::string::npos);
}

TEST(CrossValidation, LeaveOneOutIsAsByHand) {
    const Samples s = samples(20, 0.1, 0.02);
    const Candidate c{Model::matrix};
    const auto left = crossValidated(std::span(&c, 1), s, {}, FoldPlan::leaveOneOut(s.size()));
    ASSERT_EQ(left.size(), 1u);
    for (const std::size_t out : {0u, 7u, 19u}) {
        std::vector<std::size_t> kept;
        for (std::size_t i = 0; i < s.size(); ++i)
            if (i != out) kept.push_back(i);
        const auto p = fitted(c, s.only(kept), {});
        EXPECT_NEAR(
            left[0][out],
            ciede2000(toLab(s.reference[out], white::d50), toLab(Xyz::from((*p)(s.rgb[out])), white::d50)),
            1e-9);
    }
}

TEST(CrossValidation, EveryPatchIsLeftOutOnceARepeatAndTheOrderIsFixed) {
    const Samples s = samples(23, 0.1, 0.02);
    const std::vector<Candidate> c{{Model::balance}, {Model::matrix}};
    const auto once = crossValidated(c, s, {}, {6, 3, 1}), again = crossValidated(c, s, {}, {6, 3, 1});
    EXPECT_EQ(once, again);
    // Balance alone fits nothing, so that each fold says the same as the whole.
    const Colours balance = *fitted(c[0], s, {});
    for (std::size_t i = 0; i < s.size(); ++i)
        EXPECT_NEAR(
            once[0][i],
            ciede2000(toLab(s.reference[i], white::d50), toLab(Xyz::from(balance(s.rgb[i])), white::d50)),
            1e-9);
}

TEST(CrossValidation, TheErrorOfADifferenceIsThatOfPairs) {
    // Worked by hand: differences 1, 2, 3 have the deviation 1, their mean's error is 1 / sqrt(3).
    EXPECT_NEAR(standardErrorOfDifference(std::vector{2.0, 4.0, 6.0}, std::vector{1.0, 2.0, 3.0}),
                1 / std::sqrt(3.0), 1e-12);
    EXPECT_EQ(standardErrorOfDifference(std::vector{2.0}, std::vector{1.0}), 0);
}

TEST(Choice, TakesAMatrixWhereAMatrixIsEnough) {
    const Samples straight = samples(40, 0, 0.004), bent = samples(40, 0.25, 0.0005);
    const auto all = candidatesFor({}, {}, 40, false);
    const auto plain = chosen(all, straight, {}), bending = chosen(all, bent, {});
    ASSERT_TRUE(plain && bending);
    EXPECT_EQ(plain->chosen.model, Model::matrix) << plain->reason;
    EXPECT_GE(bending->chosen.model, Model::rootPolynomial) << bending->reason;
    EXPECT_EQ(plain->contenders.size(), all.size());
    EXPECT_EQ(plain->contenders.front().model, Model::matrix);
    EXPECT_NE(plain->reason.find("root polynomial"), std::string::npos) << "the runners-up are named";
    const auto none = chosen(candidatesFor(Model::balance, Objective::ciede2000, 40, false), straight, {});
    ASSERT_FALSE(none);
    EXPECT_NE(none.error().message.find("objective"), std::string::npos);
}

// By the slope: linear sRGB of a pixel is a sum of the camera's channels, whose variances add.
TEST(NoiseAmplification, OfAMatrixIsTheSumOfVariances) {
    Samples s = samples(5, 0);
    for (Matrix3& n : s.noise) n = Vector3(1e-4, 4e-4, 9e-4).asDiagonal();
    const Matrix3 toLinear = xyzD50ToLinear(OutputSpace::linearSrgb);
    Matrix3 wanted;
    wanted << 2, -0.6, -0.4, -0.2, 1.4, -0.2, 0.1, -0.5, 1.4;
    const AmplifiedNoise p = noiseAmplificationOf(RootPolynomial(toLinear.inverse() * wanted), s);
    EXPECT_NEAR(p.patches[0].linear.x(), std::sqrt(4 * 1e-4 + 0.36 * 4e-4 + 0.16 * 9e-4), 1e-9);
    EXPECT_NEAR(p.patches[0].linearBalanced.x(), 1e-2, 1e-6);
    EXPECT_NEAR(p.price.gain.z(), std::sqrt(0.01 * 1e-4 + 0.25 * 4e-4 + 1.96 * 9e-4) / 3e-2, 1e-6);
    Samples twice = s;
    for (Matrix3& n : twice.noise) n *= 4;
    EXPECT_NEAR(
        *noiseAmplificationOf(RootPolynomial(toLinear.inverse() * wanted), twice).price.stopsToBlotches,
        *p.price.stopsToBlotches - 2, 1e-9)
        << "twice the noise is two stops of sensitivity nearer to blotches";
    for (Matrix3& n : s.noise) n.setZero();
    EXPECT_FALSE(noiseAmplificationOf(RootPolynomial(wanted), s).price.stopsToBlotches);
}

TEST(GeneratedReflectances, AreSurfacesAndTheSameEveryTime) {
    const auto a = generatedReflectances(60, 5), b = generatedReflectances(60, 5),
               other = generatedReflectances(60, 6);
    ASSERT_EQ(a.size(), 60u);
    double chroma = 0;
    for (std::size_t i = 0; i < a.size(); ++i) {
        EXPECT_EQ(a[i].values, b[i].values);
        EXPECT_NE(a[i].values, other[i].values);
        for (const double v : a[i].values) {
            EXPECT_GT(v, 0);
            EXPECT_LT(v, 1);
        }
        chroma += toLch(toLab(reflectedXyz(a[i], *illuminantByName("d50")), white::d50)).C / 60;
    }
    EXPECT_GT(chroma, 15) << "colours, not greys";
}

TEST(TrainingSet, IsSeenAsThePatchesAre) {
    // A camera of narrow bands, told exactly.
    EffectiveSensitivity eye;
    for (std::size_t c = 0; c < 3; ++c)
        for (std::size_t i = 0; i < Spectrum::size; ++i) {
            const double t = (Spectrum::wavelength(i) - (610 - 75.0 * static_cast<double>(c))) / 30;
            eye.channels[c][i] = std::exp(-0.5 * t * t);
        }
    const Spectrum d50 = *illuminantByName("d50");
    const TrainingSet set(d50);
    const auto seen = set.seenBy(eye);
    ASSERT_EQ(seen.size(), set.size());
    const auto surfaces = generatedReflectances(set.size(), 1931);
    for (const std::size_t i : {0u, 1u, 700u}) {
        EXPECT_LT((seen[i] - eye.response(surfaces[i])).norm(), 1e-12);
        EXPECT_NEAR(set.reference()[i].y, reflectedXyz(surfaces[i], d50).y, 1e-3);
    }
}

// A copy of a colour must not foretell it.
TEST(CrossValidation, TakesCopiesOfOneColourAwayTogether) {
    Samples s = samples(30, 0.2);
    const Samples once = s;
    // Each colour four times: leaving one of them out would leave three that say what it is.
    for (int copy = 0; copy < 3; ++copy)
        for (std::size_t i = 0; i < once.size(); ++i) {
            s.index.push_back(once.size() * (copy + 1) + i);
            s.rgb.push_back(once.rgb[i]);
            s.error.push_back(once.error[i]);
            s.noise.push_back(once.noise[i]);
            s.reference.push_back(once.reference[i]);
            s.weights.push_back(1);
        }
    const Candidate bending{Model::rootPolynomial3};
    const auto mean = [&](const Samples& of) {
        const auto out =
            crossValidated(std::span(&bending, 1), of, {}, FoldPlan::leaveOneOut(of.size())).front();
        return std::accumulate(out.begin(), out.end(), 0.0) / static_cast<double>(out.size());
    };
    EXPECT_NEAR(mean(s), mean(once), 0.25 * mean(once));
}

}  // namespace
}  // namespace refero
