// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Pairs of simulated cameras over held-out surfaces: what a match leaves between two renderings, against fits
// that a person with a spreadsheet could make (a 3x3, a root polynomial after Finlayson, Mackiewicz and
// Hurlbert 2015; a curve from the greys with a 3x3). Cameras, lights and surfaces are the trial's; the looks
// of the pictures are made up.
#include <gtest/gtest.h>

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <cstdio>
#include <functional>
#include <numeric>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/fit/candidate.h"
#include "core/fit/fit.h"
#include "core/fit/samples.h"
#include "core/pair/match.h"
#include "core/spectra/generated_reflectances.h"
#include "io/chart_file.h"
#include "truth/camera_picture.h"
#include "truth/trial.h"

namespace refero {
namespace {

using test::Trial;
using Transform = std::function<Lab(const Vector3&)>;

const Trial* trialOf(const std::vector<Trial>& all, std::string_view body, const std::string& light) {
    const auto at = std::find_if(all.begin(), all.end(),
                                 [&](const Trial& t) { return t.body.id == body && t.light == light; });
    return at == all.end() ? nullptr : &*at;
}

// Mean CIEDE2000 between the leader's rendering of each surface and the follower's.
double between(const Trial& a, const Trial& b, const Transform& leader, const Transform& follower,
               const std::vector<Spectrum>& surfaces = test::heldOutSurfaces()) {
    double sum = 0;
    for (const Spectrum& s : surfaces) sum += ciede2000(leader(a.records(s)), follower(b.records(s)));
    return sum / static_cast<double>(surfaces.size());
}

// Terms of a matrix, or of a root polynomial of degree 2.
Eigen::VectorXd terms(const Vector3& v, int degree) {
    Eigen::VectorXd out(degree == 1 ? 3 : 6);
    out.head<3>() = v;
    if (degree == 2)
        for (int c = 0; c < 3; ++c) out(3 + c) = std::sqrt(std::max(0.0, v(c) * v((c + 1) % 3)));
    return out;
}

// The best of plain fits on the chart, told afterwards: matrices and root polynomials by squares, by weights
// of light and of light squared.
double bestInHindsight(const Trial& a, const Trial& b, const Transform& leader, const Reading& readingA,
                       const Reading& readingB, const Correction& through) {
    const auto n = static_cast<Eigen::Index>(readingB.patches.size());
    const Vector3 whitest = readingB.patches[readingB.neutrals().front()].rgb;
    double best = 1e9;
    for (const int degree : {1, 2})
        for (const double power : {0.0, 0.5, 1.0}) {
            Eigen::MatrixXd from(n, degree == 1 ? 3 : 6), to(n, 3);
            for (Eigen::Index i = 0; i < n; ++i) {
                const auto k = static_cast<std::size_t>(i);
                const Xyz wanted = through.toXyzD50(readingA.patches[k].rgb);
                const double weight = std::pow(wanted.y + 0.01, -power);
                from.row(i) =
                    weight * terms(readingB.patches[k].rgb.cwiseQuotient(whitest), degree).transpose();
                to.row(i) = weight * wanted.vector().transpose();
            }
            const Eigen::MatrixXd fitted = from.colPivHouseholderQr().solve(to).transpose();
            best = std::min(best, between(a, b, leader, [&](const Vector3& v) {
                                return toLab(Xyz::from(fitted * terms(v.cwiseQuotient(whitest), degree)),
                                             white::d50);
                            }));
        }
    return best;
}

TEST(Pairing, LinearCamerasMeetAsWellAsTheBestPlainFitInHindsight) {
    const Chart chart = *io::chartByNameOrPath("fen-24");
    const auto trials = test::trials();
    const std::vector<std::string_view> bodies{"heron", "bittern", "loon", "coot", "crake"};
    double sum = 0, sumBest = 0, worst = 0, slowest = 0;
    int count = 0;
    for (const std::string& light : test::trialLights())
        for (std::size_t k = 0; k < bodies.size(); ++k) {
            const Trial *a = trialOf(trials, bodies[k], light),
                        *b = trialOf(trials, bodies[(k + 1) % bodies.size()], light);
            ASSERT_TRUE(a && b);
            Reading readingA = test::trialReading(chart, a->body, a->lamp, 0.002, 5),
                    readingB = test::trialReading(chart, b->body, b->lamp, 0.002, 6);
            readingA.framePath = "a.dng";
            readingB.framePath = "b.dng";
            const auto through = fit(std::span(&readingA, 1));
            ASSERT_TRUE(through);
            const auto match = matched({readingA, *through}, std::span(&readingB, 1));
            ASSERT_TRUE(match) << match.error().message;
            const Transform leader = [&](const Vector3& v) { return through->toLab(v); };
            const double mine =
                between(*a, *b, leader, [&](const Vector3& v) { return match->correction.toLab(v); });
            const double best = bestInHindsight(*a, *b, leader, readingA, readingB, *through);
            std::printf("%s to %s, %s: %.3f, best plain fit %.3f (%.2f), %s, %.0f ms\n",
                        std::string(b->body.name).c_str(), std::string(a->body.name).c_str(), light.c_str(),
                        mine, best, mine / best, std::string(name(match->correction.model)).c_str(),
                        match->milliseconds);
            sum += mine;
            sumBest += best;
            worst = std::max(worst, mine / best);
            slowest = std::max(slowest, match->milliseconds);
            ++count;
        }
    ASSERT_EQ(count, 25);
    std::printf("mean %.3f against %.3f, worst %.2f, slowest %.0f ms\n", sum / count, sumBest / count, worst,
                slowest);
    EXPECT_LE(sum, sumBest);
    EXPECT_LE(worst, 1.12);  // 1.05 was wanted; where 0.3 CIEDE2000 is left, noise decides
}

// What an evening's work comes to: a curve a channel through the greys, then a 3x3, from picture to picture.
Transform byHand(const Reading& a, const Reading& b) {
    const auto greys = b.neutrals();
    std::vector<std::pair<double, double>> points[3];
    for (const std::size_t i : greys)
        for (int c = 0; c < 3; ++c) points[c].emplace_back(b.patches[i].rgb(c), a.patches[i].rgb(c));
    for (auto& p : points) {
        std::sort(p.begin(), p.end());
        p.insert(p.begin(), {0, 0});
    }
    const auto curve = [points =
                            std::vector(std::begin(points), std::end(points))](const Vector3& v) -> Vector3 {
        Vector3 out;
        for (int c = 0; c < 3; ++c) {
            const auto& p = points[static_cast<std::size_t>(c)];
            std::size_t k = 1;
            while (k + 1 < p.size() && v(c) > p[k].first) ++k;
            const double t = (v(c) - p[k - 1].first) / std::max(p[k].first - p[k - 1].first, 1e-9);
            out(c) = p[k - 1].second + t * (p[k].second - p[k - 1].second);
        }
        return out;
    };
    const auto n = static_cast<Eigen::Index>(b.patches.size());
    Eigen::MatrixX3d from(n, 3), to(n, 3);
    for (Eigen::Index i = 0; i < n; ++i) {
        from.row(i) = curve(b.patches[static_cast<std::size_t>(i)].rgb).transpose();
        to.row(i) = a.patches[static_cast<std::size_t>(i)].rgb.transpose();
    }
    const Matrix3 matrix = from.colPivHouseholderQr().solve(to).transpose();
    return [=](const Vector3& v) {
        return toLab(Xyz::from(xyzD50ToLinear(OutputSpace::linearSrgb).inverse() * (matrix * curve(v))),
                     white::d50);
    };
}

// Every other of the held-out surfaces, beginning with this one.
std::vector<Spectrum> everyOther(std::size_t first) {
    std::vector<Spectrum> out;
    for (std::size_t i = first; i < test::heldOutSurfaces().size(); i += 2)
        out.push_back(test::heldOutSurfaces()[i]);
    return out;
}

std::vector<Spectrum> someOf(const std::vector<Spectrum>& all, std::size_t count) {
    std::vector<Spectrum> out;
    for (std::size_t i = 0; i < count; ++i) out.push_back(all[i * all.size() / count]);
    return out;
}

// The same models, fitted to surfaces of the kind that they are measured on.
Transform knowing(const std::vector<Spectrum>& surfaces, const test::CameraPicture& one,
                  const test::CameraPicture& other) {
    Reading a = one.readingOf(surfaces), b = other.readingOf(surfaces);
    a.framePath = "a";
    b.framePath = "b";
    auto aim = aimOf({a}, b.chart);
    EXPECT_TRUE(aim) << aim.error().message;
    if (!aim) return {};
    PreparationOptions options;
    options.greyCurves = CurveUse::always;
    options.aim = std::make_shared<const Aim>(*std::move(aim));
    const auto chart = prepared(std::span(&b, 1), options);
    EXPECT_TRUE(chart) << chart.error().message;
    if (!chart) return {};
    auto colours = fitted({Model::lattice, Objective::leastSquares, false, true}, chart->samples, {});
    // What a strong look has cut may contradict itself too much for it.
    if (!colours) colours = fitted({Model::lattice}, chart->samples, {});
    if (!colours) colours = fitted({Model::rootPolynomial}, chart->samples, {});
    EXPECT_TRUE(colours) << colours.error().message;
    if (!colours) return {};
    Correction c;
    c.gains = chart->gains;
    c.level = chart->level;
    c.greyCurves = chart->curves;
    c.colours = *colours;
    c.look = options.aim->look;
    return [c](const Vector3& v) { return c.toLab(v); };
}

// Mean CIEDE2000 between the leader's picture and the follower's.
struct Left {
    double mine = 0, byHand = 0, toReference = 0;
    double knowing = 0;     ///< the same models, told half of the surfaces
    double knowingFew = 0;  ///< and 24 of those
};

Left leftOfPictures(const char* chartId) {
    const Chart chart = *io::chartByNameOrPath(chartId);
    const auto trials = test::trials();
    const struct {
        const char *a, *b, *light;
        std::size_t lookA, lookB;
    } pairs[] = {{"heron", "bittern", "d65", 0, 1}, {"bittern", "heron", "d50", 1, 2},
                 {"loon", "coot", "d65", 2, 0},     {"coot", "loon", "led-5600", 3, 0},
                 {"crake", "heron", "d65", 0, 3},   {"heron", "crake", "a", 2, 1},
                 {"bittern", "loon", "d50", 3, 2},  {"loon", "bittern", "f11", 0, 2},
                 {"coot", "heron", "d65", 1, 3},    {"heron", "loon", "led-5600", 2, 3}};
    Left sum;
    for (const auto& p : pairs) {
        const Trial *a = trialOf(trials, p.a, p.light), *b = trialOf(trials, p.b, p.light);
        EXPECT_TRUE(a && b);
        if (!a || !b) return {};
        const test::CameraPicture one(chart, *a, test::kCameraLooks[p.lookA], 11),
            other(chart, *b, test::kCameraLooks[p.lookB], 12);
        Reading readingA = one.reading(), readingB = other.reading();
        readingA.framePath = "a.jpg";
        readingB.framePath = "b.jpg";
        const auto match = matched({readingA}, std::span(&readingB, 1));
        const auto own = fit(std::span(&readingB, 1));
        EXPECT_TRUE(match && own);
        if (!match || !own) return {};
        const Matrix3 toXyz = xyzD50ToLinear(OutputSpace::linearSrgb).inverse();
        const Transform leader = [&](const Vector3& camera) {
            return toLab(Xyz::from(toXyz * one.linear(camera)), white::d50);
        };
        const auto left = [&](const Transform& transform) {
            return between(*a, *b, leader,
                           [&](const Vector3& camera) { return transform(other.linear(camera)); });
        };
        const double mine = left([&](const Vector3& v) { return match->correction.toLab(v); });
        const double hand = left(byHand(readingA, readingB));
        const double reference = left([&](const Vector3& v) { return own->toLab(v); });
        // A model that bends as it likes is not asked about what it was told: half of the surfaces is
        // measured by what the other half tells, and the other way.
        double knew = 0, knewFew = 0;
        for (const std::size_t half : {std::size_t{0}, std::size_t{1}}) {
            const auto told = everyOther(1 - half);
            const auto after = [&](const std::vector<Spectrum>& surfaces) {
                const Transform informed = knowing(surfaces, one, other);
                return informed
                           ? between(
                                 *a, *b, leader, [&](const Vector3& v) { return informed(other.linear(v)); },
                                 everyOther(half)) /
                                 2
                           : 1e9;
            };
            knew += after(told);
            knewFew += after(someOf(told, 24));
        }
        std::printf(
            "%s to %s, %s: %.2f; by hand %.2f, to the reference %.2f, knowing %.2f; promised %.2f; %s%s %.0f "
            "ms\n",
            p.b, p.a, p.light, mine, hand, reference, knew, match->correction.summary.expectedError,
            std::string(name(match->correction.model)).c_str(), match->correction.forLook ? " for looks" : "",
            match->milliseconds);
        constexpr double kShare = 1.0 / std::size(pairs);
        sum.mine += kShare * mine;
        sum.byHand += kShare * hand;
        sum.toReference += kShare * reference;
        sum.knowing += kShare * knew;
        sum.knowingFew += kShare * knewFew;
    }
    std::printf(
        "%s: mean %.3f; by hand %.3f; to the reference %.3f; knowing the surfaces %.3f, 24 of them %.3f\n",
        chartId, sum.mine, sum.byHand, sum.toReference, sum.knowing, sum.knowingFew);
    return sum;
}

// 24 patches do not tell turned hues as 200 surfaces do, whosever they are: 24 of those very surfaces
// leave 1.2 times as much.
TEST(Pairing, PicturesWithLooksOfTheirOwnMeet) {
    const Left left = leftOfPictures("fen-24");
    ASSERT_GT(left.mine, 0);
    EXPECT_LE(left.mine, 0.8 * left.byHand);
    EXPECT_LE(left.mine, 1.1 * left.knowingFew);
    EXPECT_LE(left.mine, 1.35 * left.knowing);
    EXPECT_LE(left.mine, 0.5 * left.toReference);
}

TEST(Pairing, WithTwiceThePatchesTheyMeetAsIfTheSurfacesWereKnown) {
    const Left left = leftOfPictures("fen-48");
    ASSERT_GT(left.mine, 0);
    EXPECT_LE(left.mine, 0.8 * left.byHand);
    EXPECT_LE(left.mine, 1.15 * left.knowing);
}

// What cannot meet, by the sensitivities themselves instead of those that a chart tells: of the held-out
// surfaces that the follower records most like a patch, what a plane through the leader's colours leaves.
double trulyLeft(const Trial& a, const Trial& b, const Transform& leader, const Spectrum& patch) {
    static const auto many = generatedReflectances(16000, 77);
    struct One {
        Vector3 seen;
        double distance;
        Lab shown;
    };
    const auto roots = [](const Vector3& v) -> Vector3 { return v.cwiseMax(0).cwiseSqrt(); };
    const Vector3 here = roots(b.records(patch));
    std::vector<One> all;
    for (const Spectrum& s : many) {
        const Vector3 seen = roots(b.records(s));
        all.push_back({seen - here, (seen - here).norm(), {}});
    }
    std::vector<std::size_t> order(all.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    std::sort(order.begin(), order.end(),
              [&](std::size_t x, std::size_t y) { return all[x].distance < all[y].distance; });
    constexpr int kNear = 90;
    Eigen::MatrixXd places(kNear, 4), colours(kNear, 3);
    for (int k = 0; k < kNear; ++k) {
        const auto i = order[static_cast<std::size_t>(k)];
        const Lab lab = leader(a.records(many[i]));
        places.row(k) << 1, all[i].seen.transpose();
        colours.row(k) << lab.L, lab.a, lab.b;
    }
    const Eigen::MatrixXd plane = places.colPivHouseholderQr().solve(colours), said = places * plane;
    double sum = 0;
    for (int k = 0; k < kNear; ++k)
        sum += ciede2000({colours(k, 0), colours(k, 1), colours(k, 2), white::d50},
                         {said(k, 0), said(k, 1), said(k, 2), white::d50});
    return sum / kNear;
}

// Correlation of what is said of each patch with what is so, and the ratio of the means.
std::pair<double, double> agreement(const Unreachable& said, const Chart& chart, const Trial& a,
                                    const Trial& b, const Transform& leader) {
    std::vector<double> x, y;
    for (const Patch& p : chart.patches)
        if (const auto at = said.find(p.id); at != said.end()) {
            x.push_back(at->second);
            y.push_back(trulyLeft(a, b, leader, p.reflectance->spectrum()));
        }
    const auto n = static_cast<Eigen::Index>(x.size());
    if (n < 3) return {0, 0};
    const Eigen::Map<Eigen::ArrayXd> one(x.data(), n), other(y.data(), n);
    const Eigen::ArrayXd dx = one - one.mean(), dy = other - other.mean();
    return {(dx * dy).sum() / std::sqrt(dx.square().sum() * dy.square().sum()), one.mean() / other.mean()};
}

TEST(Pairing, WhatCannotMeetIsToldAsItIs) {
    const Chart chart = *io::chartByNameOrPath("fen-48");
    const auto trials = test::trials();
    const struct {
        const char *a, *b, *light;
    } pairs[] = {{"heron", "coot", "d65"}, {"crake", "loon", "d50"}, {"bittern", "heron", "led-5600"}};
    int told = 0;
    for (const auto& p : pairs) {
        const Trial *a = trialOf(trials, p.a, p.light), *b = trialOf(trials, p.b, p.light);
        ASSERT_TRUE(a && b);
        {
            Reading readingA = test::trialReading(chart, a->body, a->lamp, 0.002, 5),
                    readingB = test::trialReading(chart, b->body, b->lamp, 0.002, 6);
            readingA.framePath = "a.dng";
            readingB.framePath = "b.dng";
            const auto match = matched({readingA}, std::span(&readingB, 1));
            ASSERT_TRUE(match) << match.error().message;
            const auto [alike, ratio] = agreement(match->unreachable, chart, *a, *b, [&](const Vector3& v) {
                return match->leaderView->toLab(v);
            });
            std::printf("%s to %s, %s: linear, correlation %.2f, ratio %.2f\n", p.b, p.a, p.light, alike,
                        ratio);
            EXPECT_GT(alike, 0.45) << p.a << ", " << p.b;
            EXPECT_GT(ratio, 0.6) << p.a << ", " << p.b;
            EXPECT_LT(ratio, 1.7) << p.a << ", " << p.b;
        }
        // Of pictures it is told where their looks do not hide what the sensors saw; a strong look does.
        for (const std::size_t look : {std::size_t{2}, std::size_t{1}}) {
            const test::CameraPicture one(chart, *a, test::kCameraLooks[look], 11),
                other(chart, *b, test::kCameraLooks[2], 12);
            Reading readingA = one.reading(), readingB = other.reading();
            readingA.framePath = "a.jpg";
            readingB.framePath = "b.jpg";
            const auto match = matched({readingA}, std::span(&readingB, 1));
            ASSERT_TRUE(match) << match.error().message;
            const Matrix3 toXyz = xyzD50ToLinear(OutputSpace::linearSrgb).inverse();
            const auto [alike, ratio] = agreement(match->unreachable, chart, *a, *b, [&](const Vector3& v) {
                return toLab(Xyz::from(toXyz * one.linear(v)), white::d50);
            });
            std::printf("%s to %s, %s: %s, of %zu patches, correlation %.2f, ratio %.2f\n", p.b, p.a, p.light,
                        test::kCameraLooks[look].name, match->unreachable.size(), alike, ratio);
            if (look == 1) {
                EXPECT_TRUE(match->unreachable.empty()) << "vivid";
            }
            if (match->unreachable.empty()) continue;
            ++told;
            EXPECT_GT(alike, 0.35) << p.a << ", " << p.b;
            EXPECT_GT(ratio, 0.6) << p.a << ", " << p.b;
            EXPECT_LT(ratio, 1.7) << p.a << ", " << p.b;
        }
    }
    EXPECT_GE(told, 2) << "of pictures";
}

}  // namespace
}  // namespace refero
