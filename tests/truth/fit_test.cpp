// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/fit.h"

#include <gtest/gtest.h>

#include <Eigen/Cholesky>
#include <Eigen/LU>
#include <algorithm>
#include <cmath>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/fit/fit_checks.h"
#include "core/fit/matrix.h"
#include "support/shots.h"

namespace refero {
namespace {

using test::plainShot;
using test::Random;

Reading reading(const char* camera, const char* light, const char* chart = "fen-24") {
    sim::Shot shot = plainShot();
    shot.camera = camera;
    shot.light = light;
    shot.chart = chart;
    shot.pose.coverage = 0.25;
    auto r = test::readingOf(shot);
    EXPECT_TRUE(r) << r.error().message;
    return *r;
}

// Mean CIEDE2000 of a matrix given by its red and green columns, blue following from white.
class MeanDifference {
  public:
    explicit MeanDifference(const Correction& c) {
        for (const PatchResult& p : c.patches) {
            rgb_.push_back(p.rgb.cwiseProduct(c.gains) * c.level);
            reference_.push_back(p.reference);
        }
    }
    double operator()(const Eigen::Matrix<double, 6, 1>& six) const {
        Matrix3 m;
        m << six(0), six(3), 0, six(1), six(4), 0, six(2), six(5), 0;
        m.col(2) = whiteXyz(white::d50).vector() - m.col(0) - m.col(1);
        double sum = 0;
        for (std::size_t i = 0; i < rgb_.size(); ++i)
            sum += ciede2000(reference_[i], toLab(Xyz::from(m * rgb_[i]), white::d50));
        return sum / static_cast<double>(rgb_.size());
    }

  private:
    std::vector<Vector3> rgb_;
    std::vector<Lab> reference_;
};

// Brute force: a random search that narrows, from many starts all over. It knows nothing of least squares or
// gradients.
double bruteForce(const MeanDifference& objective) {
    using Six = Eigen::Matrix<double, 6, 1>;
    Random random(99);
    double best = 1e9;
    for (int start = 0; start < 24; ++start) {
        Six at;
        for (int k = 0; k < 6; ++k) at(k) = random.uniform(-0.2, 1.2);
        double here = objective(at), size = 0.3;
        for (int step = 0; step < 2500; ++step) {
            Six trial = at;
            for (int k = 0; k < 6; ++k)
                if (step % 2 || static_cast<int>(random.below(6)) == k)
                    trial(k) += random.uniform(-size, size);
            const double there = objective(trial);
            if (there < here) {
                here = there;
                at = trial;
                size = std::min(0.3, size * 1.6);
            } else {
                size = std::max(1e-5, size * 0.97);
            }
        }
        best = std::min(best, here);
    }
    return best;
}

TEST(Matrix, IsWithinFivePerCentOfTheBestThatBruteForceFinds) {
    for (const auto& [camera, light] :
         {std::pair{"heron", "d50"}, std::pair{"bittern", "a"}, std::pair{"heron", "f11"}}) {
        const Reading r = reading(camera, light);
        FitOptions options;
        options.model = Model::matrix;
        options.objective = Objective::ciede2000;
        const auto c = fit(std::span(&r, 1), options);
        ASSERT_TRUE(c) << c.error().message;
        const double best = bruteForce(MeanDifference(*c));
        std::printf("%s under %s: fitted %.4f, brute force %.4f, balance alone %.4f\n", camera, light,
                    c->summary.after.mean, best, c->summary.before.mean);
        EXPECT_LE(c->summary.after.mean, 1.05 * best) << camera << " under " << light;
    }
}

TEST(Fit, KeepsWhite) {
    const Reading r = reading("bittern", "led-3000");
    const auto c = fit(std::span(&r, 1), {});
    ASSERT_TRUE(c);
    EXPECT_NEAR((c->colours(Vector3::Ones()) - whiteXyz(white::d50).vector()).norm(), 0, 1e-12);
    const Lab white = c->toLab((c->gains * c->level).cwiseInverse());
    EXPECT_NEAR(white.L, 100, 1e-9);
    EXPECT_NEAR(white.a, 0, 1e-9);
    EXPECT_NEAR(white.b, 0, 1e-9);
}

// A camera whose channels are a 3x3 of XYZ (Luther's condition) must be corrected exactly: the matrix is
// known beforehand.
TEST(Matrix, IsExactForAColorimetricCamera) {
    const Chart chart = io::shippedCharts().front();
    Matrix3 camera;
    camera << 1.2, -0.3, 0.05, -0.2, 1.1, 0.05, 0.05, -0.1, 0.9;
    std::vector<Vector3> rgb;
    std::vector<Xyz> xyz;
    std::vector<double> weights;
    const Vector3 white = camera * whiteXyz(white::d50).vector();
    for (const Patch& p : chart.patches) {
        xyz.push_back(referenceXyzD50(p));
        rgb.push_back((camera * xyz.back().vector()).cwiseQuotient(white));
        weights.push_back(1);
    }
    const auto fitted = fitMatrix(rgb, xyz, weights);
    ASSERT_TRUE(fitted);
    EXPECT_LT(fitted->mean, 1e-4);
    EXPECT_NEAR((fitted->matrix - camera.inverse() * white.asDiagonal()).norm(), 0, 1e-4);
}

// With plain weights the start is an ordinary constrained least-squares problem; its normal equations,
// written out independently with Lagrange multipliers, give the same matrix.
TEST(LeastSquares, SolvesTheConstrainedNormalEquations) {
    const Reading r = reading("heron", "d65");
    const auto c = fit(std::span(&r, 1), {});
    ASSERT_TRUE(c);
    std::vector<Vector3> rgb;
    std::vector<Xyz> xyz;
    const std::vector<double> weights(c->patches.size(), 1);
    Matrix3 aa = Matrix3::Zero(), ab = Matrix3::Zero();
    for (const PatchResult& p : c->patches) {
        rgb.push_back(p.rgb.cwiseProduct(c->gains) * c->level);
        xyz.push_back(toXyz(p.reference));
        const double w = 1 / ((xyz.back().y + 0.1) * (xyz.back().y + 0.1));
        aa += w * rgb.back() * rgb.back().transpose();
        ab += w * rgb.back() * xyz.back().vector().transpose();
    }
    const Matrix3 inverse = aa.inverse();
    const Vector3 one = Vector3::Ones(), white = whiteXyz(white::d50).vector();
    const Matrix3 free = (inverse * ab).transpose();  // rows: X, Y, Z
    Matrix3 constrained;
    for (int i = 0; i < 3; ++i) {
        const double lambda = (white(i) - free.row(i).dot(one)) / one.dot(inverse * one);
        constrained.row(i) = free.row(i) + lambda * (inverse * one).transpose();
    }
    const auto ours = leastSquaresMatrix(rgb, xyz, weights);
    ASSERT_TRUE(ours);
    EXPECT_NEAR((*ours - constrained).norm(), 0, 1e-9);
}

TEST(Fit, NeverPromisesUnseenColoursBetterThanSeenOnes) {
    for (const Model m : {Model::matrix, Model::rootPolynomial}) {
        const Reading r = reading("heron", "a");
        FitOptions options;
        options.model = m;
        const auto c = fit(std::span(&r, 1), options);
        ASSERT_TRUE(c) << c.error().message;
        EXPECT_EQ(c->model, m);
        EXPECT_GT(c->summary.crossValidated.mean, c->summary.after.mean);
        EXPECT_GT(c->summary.repeatedFolds, c->summary.after.mean);
    }
}

TEST(Fit, ChoosesByItselfAndObeysWhereTold) {
    const Reading r = reading("heron", "led-5600");
    const auto by = fit(std::span(&r, 1), {});
    EXPECT_NE(by->model, Model::balance);
    EXPECT_EQ(by->considered.front().model, by->model);
    EXPECT_GE(by->considered.size(), 5u) << "what else was tried is told";
    EXPECT_NE(by->summary.message.find("balance alone"), std::string::npos) << by->summary.message;
    EXPECT_TRUE(by->summary.irreducibleError);
    FitOptions balance;
    balance.model = Model::balance;
    const auto plain = fit(std::span(&r, 1), balance);
    EXPECT_EQ(plain->model, Model::balance);
    EXPECT_NEAR(plain->summary.before.mean, plain->summary.after.mean, 1e-9);
}

TEST(Fit, FavoursWhatItIsToldTo) {
    const Reading r = reading("bittern", "f11");
    const auto skinOf = [&](Intent intent) {
        FitOptions o;
        o.model = Model::matrix;
        o.intent = intent;
        const auto c = fit(std::span(&r, 1), o);
        double sum = 0;
        for (std::size_t i = 0; i < c->patches.size(); ++i)
            if (r.chart.patches[i].role == Role::skin) sum += c->patches[i].differenceAfter;
        return sum;
    };
    EXPECT_LT(skinOf(Intent::skin), skinOf(Intent::colorimetric));
}

TEST(Fit, CountsThisJobsColoursMoreAndSaysSo) {
    const Reading r = reading("bittern", "f11");
    FitOptions plain, job;
    const auto before = fit(std::span(&r, 1), plain);
    ASSERT_TRUE(before);
    const auto worst =
        std::max_element(before->patches.begin(), before->patches.end(),
                         [](const auto& a, const auto& b) { return a.differenceAfter < b.differenceAfter; });
    const auto at = static_cast<std::size_t>(worst - before->patches.begin());
    job.weights[worst->id] = 16;
    job.model = before->model;
    const auto after = fit(std::span(&r, 1), job);
    ASSERT_TRUE(after);
    EXPECT_LT(after->patches[at].differenceAfter, 0.8 * before->patches[at].differenceAfter);
    EXPECT_EQ(after->patches[at].weight, 16);
    EXPECT_EQ(after->patches[at ? 0 : 1].weight, 1);
    job.weights = {{"Z9", 2}};
    EXPECT_NE(fit(std::span(&r, 1), job).error().message.find("no patch Z9"), std::string::npos);
    job.weights = {{worst->id, -1}};
    EXPECT_FALSE(fit(std::span(&r, 1), job));
    job.weights = {{worst->id, std::nan("")}};
    EXPECT_FALSE(fit(std::span(&r, 1), job));
}

TEST(Fit, TakesTheReferencesUnderAnotherLight) {
    const Reading r = reading("heron", "d65");
    FitOptions o;
    o.referenceLight = "a";
    const auto c = fit(std::span(&r, 1), o);
    ASSERT_TRUE(c);
    const auto d50 = fit(std::span(&r, 1), {});
    EXPECT_GT(ciede2000(c->patches[3].reference, d50->patches[3].reference), 0.5)
        << "a red is not the same under a lamp";
    Reading labOnly = r;
    labOnly.chart.patches[0].reflectance.reset();
    EXPECT_FALSE(fit(std::span(&labOnly, 1), o));
    o.referenceLight = "moonlight";
    EXPECT_FALSE(fit(std::span(&r, 1), o));
}

TEST(Fit, AveragesSeveralReadingsOfOneSetup) {
    sim::Shot shot = plainShot();
    shot.iso = 6400;
    std::vector<Reading> readings;
    for (unsigned seed = 1; seed <= 4; ++seed) {
        shot.seed = seed;
        shot.exposure = 0.4 + 0.08 * seed;
        readings.push_back(*test::readingOf(shot));
    }
    const auto one = fit(std::span(readings).first(1), {}), four = fit(readings, {});
    ASSERT_TRUE(four) << four.error().message;
    EXPECT_EQ(four->readings.size(), 4u);
    EXPECT_LT(four->summary.after.mean, one->summary.after.mean + 0.1);
}

TEST(Fit, LeavesClippedPatchesOut) {
    sim::Shot shot = plainShot();
    shot.exposure = 1.2;
    const auto r = test::readingOf(shot);
    ASSERT_TRUE(r);
    const auto c = fit(std::span(&*r, 1), {});
    ASSERT_TRUE(c) << c.error().message;
    EXPECT_LT(c->summary.used, r->patches.size());
    for (std::size_t i = 0; i < c->patches.size(); ++i)
        EXPECT_EQ(c->patches[i].used, r->patches[i].clipped <= 0.01);
}

TEST(Fit, SaysWhatIsMissing) {
    const Reading good = reading("heron", "d50");
    const auto message = [](std::vector<Reading> readings, FitOptions o = {}) {
        const auto c = fit(readings, o);
        EXPECT_FALSE(c);
        return c ? std::string() : c.error().message;
    };
    EXPECT_NE(message({}).find("at least one"), std::string::npos);
    Reading dark = good;
    for (PatchReading& p : dark.patches) p.rgb.setZero();
    EXPECT_NE(message({dark}).find("grey"), std::string::npos);
    EXPECT_NE(message({good, reading("heron", "d50", "fen-48")}).find("two charts"), std::string::npos);
    Reading other = good;
    other.encoding = Encoding::srgb;
    EXPECT_NE(message({good, other}).find("two encodings"), std::string::npos);
    const std::string lights = message({good, reading("heron", "a")});
    EXPECT_NE(lights.find("another light"), std::string::npos) << lights;
    Reading body = good;
    body.body = "Heron";
    Reading otherBody = good;
    otherBody.body = "Bittern";
    EXPECT_NE(message({body, otherBody}).find("two cameras"), std::string::npos);
    Reading few = good;
    FitOptions matrix;
    matrix.model = Model::matrix;
    for (std::size_t i = 0; i < few.patches.size(); ++i)
        if (i > 12 || i < 8) few.patches[i].clipped = 1;
    EXPECT_NE(message({few}, matrix).find("balance model"), std::string::npos);
    EXPECT_TRUE(fit(std::span(&few, 1), {})) << "by itself it falls back on balance";
    Reading greys = good;
    for (PatchReading& p : greys.patches) p.rgb = Vector3::Constant(p.rgb.y());
    EXPECT_NE(message({greys}, matrix).find("one hue"), std::string::npos);
}

TEST(FitChecks, JudgeByTheirLimits) {
    const Reading r = reading("heron", "d50");
    const auto c = fit(std::span(&r, 1), {});
    ASSERT_TRUE(c);
    const auto checks = judged(*c);
    ASSERT_EQ(checks.size(), 3u);
    EXPECT_EQ(checks[0].verdict, Verdict::pass) << checks[0].value;
    EXPECT_NEAR(checks[1].value, c->summary.after.max, 1e-12);
    FitLimits strict;
    strict.mean = {0, 0.01, 0, 0.02};
    EXPECT_EQ(judged(*c, strict)[0].verdict, Verdict::reshoot);
}

TEST(Spread, InterpolatesItsPercentile) {
    const Spread s = spread({1, 2, 3, 4, 5});
    EXPECT_DOUBLE_EQ(s.mean, 3);
    EXPECT_DOUBLE_EQ(s.median, 3);
    EXPECT_DOUBLE_EQ(s.percentile95, 4.8);
    EXPECT_DOUBLE_EQ(s.max, 5);
    EXPECT_EQ(spread({}).mean, 0);
}

}  // namespace
}  // namespace refero
