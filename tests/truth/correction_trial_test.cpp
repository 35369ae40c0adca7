// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What corrections are worth for colours that are not on the chart, over five bodies and five lights.
#include <gtest/gtest.h>

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <cstdio>
#include <random>

#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/fit/candidate.h"
#include "core/fit/fit.h"
#include "core/fit/training.h"
#include "core/spectra/illuminant.h"
#include "io/chart_file.h"
#include "support/shots.h"
#include "truth/trial.h"

namespace refero {
namespace {

using test::Trial;

constexpr double kNoise = 0.003;  // of a patch's level
constexpr unsigned kSeeds = 2;

double errorOf(const Trial& t, const Correction& c) {
    return t.error([&](const Vector3& camera) { return c.toXyzD50(camera); });
}

struct Outcome {
    double automatic = 0, balance = 0, matrix = 0;  // means, in multiples of the limit
    // Of automatic to the better of matrix and the chart's own root polynomial, for each body and light.
    std::vector<std::pair<double, std::string>> againstPlain;
    std::vector<double> promise;  // expected over true

    double worst() const { return againstPlain.back().first; }
    std::size_t above(double ratio) const {
        return static_cast<std::size_t>(std::count_if(againstPlain.begin(), againstPlain.end(),
                                                      [&](const auto& a) { return a.first > ratio; }));
    }
};

// `spectra` false: the chart's colours are known, its reflectances are not.
Outcome tried(const char* chartId, bool spectra) {
    Chart chart = *io::chartByNameOrPath(chartId);
    if (!spectra)
        for (Patch& p : chart.patches) p.reflectance.reset();
    const Chart whole = *io::chartByNameOrPath(chartId);
    Outcome out;
    const auto all = test::trials();
    const double share = 1 / (kSeeds * static_cast<double>(all.size()));
    for (const Trial& t : all) {
        double automatic = 0, matrix = 0, polynomial = 0;
        for (unsigned seed = 0; seed < kSeeds; ++seed) {
            Reading r = test::trialReading(whole, t.body, t.lamp, kNoise, 4000 + 17 * seed);
            r.chart = chart;
            const auto c = fit(std::span(&r, 1), {});
            const auto prep = prepared(std::span(&r, 1), {});
            EXPECT_TRUE(c && prep);
            if (!c || !prep) return out;
            const auto plain = [&](const Candidate& way) {
                const auto colours = fitted(way, prep->samples, {});
                EXPECT_TRUE(colours);
                return t.error([&](const Vector3& camera) {
                    return Xyz::from((*colours)(camera.cwiseProduct(prep->gains) * prep->level));
                });
            };
            const double error = errorOf(t, *c), byMatrix = plain({Model::matrix, Objective::ciede2000});
            automatic += error;
            matrix += byMatrix;
            polynomial += plain({Model::rootPolynomial});
            out.automatic += share * error / t.limit;
            out.matrix += share * byMatrix / t.limit;
            out.balance += share * plain({Model::balance}) / t.limit;
            out.promise.push_back(c->summary.expectedError / error);
        }
        out.againstPlain.emplace_back(automatic / std::min(matrix, polynomial),
                                      std::string(t.body.id) + " under " + t.light);
    }
    std::sort(out.promise.begin(), out.promise.end());
    std::sort(out.againstPlain.begin(), out.againstPlain.end());
    std::printf(
        "%s%s, in multiples of the limit: automatic %.3f, matrix %.3f, balance alone %.2f; at most %.3f "
        "times the better of matrix and polynomial (%s), more than 1.03 for %zu of %zu; promised over "
        "true: median %.2f, 10 %% %.2f, 90 %% %.2f\n",
        chartId, spectra ? "" : " without spectra", out.automatic, out.matrix, out.balance, out.worst(),
        out.againstPlain.back().second.c_str(), out.above(1.03), out.againstPlain.size(),
        out.promise[out.promise.size() / 2], out.promise[out.promise.size() / 10],
        out.promise[out.promise.size() * 9 / 10]);
    return out;
}

// Wanted, from an independent bench of this kind: 1.20 and 1.15, where balance alone gave 7.0, a matrix 1.36
// and a root polynomial on the chart 1.26; and nowhere more than 1.03 times the better of those two. Under
// narrow bands, which no chart of 24 patches can tell, that last is not kept everywhere (docs/measured.md).
TEST(CorrectionTrial, AutomaticIsNearTheLimitFromTwentyFourPatches) {
    const Outcome o = tried("fen-24", true);
    ASSERT_EQ(o.againstPlain.size(), 25u);
    EXPECT_LE(o.automatic, 1.20);
    EXPECT_LE(o.above(1.03), 3u);
    EXPECT_LE(o.worst(), 1.08);
    EXPECT_NEAR(o.promise[o.promise.size() / 2], 1, 0.2);
    EXPECT_GT(o.balance, 4);
}

TEST(CorrectionTrial, AutomaticIsNearTheLimitFromFortyEightPatches) {
    const Outcome o = tried("fen-48", true);
    ASSERT_EQ(o.againstPlain.size(), 25u);
    EXPECT_LE(o.automatic, 1.15);
    EXPECT_LE(o.above(1.03), 3u);
    EXPECT_LE(o.worst(), 1.08);
    EXPECT_NEAR(o.promise[o.promise.size() / 2], 1, 0.2);
}

TEST(CorrectionTrial, WithoutSpectraItIsStillNoWorseThanAMatrix) {
    const Outcome o = tried("fen-24", false);
    ASSERT_EQ(o.againstPlain.size(), 25u);
    EXPECT_LE(o.automatic, 1.03 * o.matrix);
}

// The copy in front of the camera is not quite the one that was measured: its definition is off by 0.3
// CIEDE2000 root mean square. The truth is what the same fit gives from readings without noise and the copy's
// own colours.
TEST(Certainty, ItsIntervalsHoldTheTruth) {
    std::mt19937 engine(11);
    const auto gauss = [&] {
        const double u = (engine() + 0.5) / 4294967296.0, v = (engine() + 0.5) / 4294967296.0;
        return std::sqrt(-2 * std::log(u)) * std::cos(6.283185307179586 * v);
    };
    const Chart copy = *io::chartByNameOrPath("fen-24");
    std::size_t held = 0, all = 0;
    unsigned seed = 0;
    for (const sim::Body& body : test::trialBodies())
        for (const std::string& light : test::trialLights())
            for (const double noise : {0.003, 0.0005}) {
                const Spectrum lamp = *illuminantByName(light);
                Chart definition = copy;
                for (Patch& p : definition.patches) {
                    const Xyz truth = referenceXyzD50(p);
                    const Eigen::LLT<Matrix3> root(xyzMetric(truth));
                    const Vector3 step = Vector3(gauss(), gauss(), gauss()) * (0.3 / std::sqrt(3.0));
                    p.labD50 = toLab(Xyz::from(truth.vector() + root.matrixU().solve(step)), white::d50);
                }
                Reading r = test::trialReading(copy, body, lamp, noise, 600 + seed++);
                r.chart = definition;
                FitOptions o;
                o.resamples = 100;
                const auto c = fit(std::span(&r, 1), o);
                ASSERT_TRUE(c && c->certainty);
                const Reading clean = test::trialReading(copy, body, lamp, 0, 1);
                FitOptions same;
                same.model = c->model;
                same.objective = c->objective;
                const auto truth = fit(std::span(&clean, 1), same);
                ASSERT_TRUE(truth);
                if (truth->training != c->training) continue;
                const auto count = [&](const SpreadInterval& i, const Spread& s) {
                    for (const auto& [interval, value] :
                         {std::pair{i.mean, s.mean}, std::pair{i.median, s.median},
                          std::pair{i.percentile95, s.percentile95}, std::pair{i.max, s.max}}) {
                        ++all;
                        held += value >= interval.low && value <= interval.high;
                    }
                };
                count(c->certainty->before, truth->summary.before);
                count(c->certainty->after, truth->summary.after);
                count(c->certainty->crossValidated, truth->summary.crossValidated);
            }
    const double share = static_cast<double>(held) / static_cast<double>(all);
    std::printf("the 95 %% intervals hold the truth in %.1f %% of %zu\n", 100 * share, all);
    ASSERT_GT(all, 400u);
    EXPECT_GE(share, 0.90);
    EXPECT_LE(share, 0.98);
}

// The gain is told from the slope; here it is measured on the pixels of a noisy frame.
TEST(NoiseAmplification, IsWhatIsMeasuredOnANoisyFrame) {
    sim::Shot shot = test::plainShot();
    shot.iso = 800;
    shot.pose.coverage = 0.4;
    const test::Taken taken = test::take(shot);
    const auto r = readChart(taken.image, taken.chart, test::about(shot));
    ASSERT_TRUE(r);
    const auto c = fit(std::span(&*r, 1), {});
    ASSERT_TRUE(c);
    EXPECT_NE(c->model, Model::balance);
    const Matrix3 toLinear = xyzD50ToLinear(OutputSpace::linearSrgb);
    const Matrix3 balanceOnly = toLinear * rgbToXyzD50(primaries::bt709) * (c->gains * c->level).asDiagonal();
    Vector3 after = Vector3::Zero(), before = Vector3::Zero();
    for (const PatchReading& p : r->patches) {
        Vector3 sum = Vector3::Zero(), squares = sum, sumBefore = sum, squaresBefore = sum;
        int n = 0;
        for (int y = -9; y <= 9; ++y)
            for (int x = -9; x <= 9; ++x, ++n) {
                const float* at = taken.image.row(static_cast<int>(p.centre.y()) + y) +
                                  3 * (static_cast<int>(p.centre.x()) + x);
                const Vector3 camera(at[0], at[1], at[2]);
                const Vector3 now = toLinear * c->toXyzD50(camera).vector(), plain = balanceOnly * camera;
                sum += now;
                squares += now.cwiseAbs2();
                sumBefore += plain;
                squaresBefore += plain.cwiseAbs2();
            }
        after += squares / n - (sum / n).cwiseAbs2();
        before += squaresBefore / n - (sumBefore / n).cwiseAbs2();
    }
    const Vector3 measured = after.cwiseQuotient(before).cwiseSqrt();
    std::printf("noise gain told %.3f %.3f %.3f, measured %.3f %.3f %.3f\n", c->noise.gain.x(),
                c->noise.gain.y(), c->noise.gain.z(), measured.x(), measured.y(), measured.z());
    for (int k = 0; k < 3; ++k) EXPECT_NEAR(c->noise.gain(k) / measured(k), 1, 0.1);
}

}  // namespace
}  // namespace refero
