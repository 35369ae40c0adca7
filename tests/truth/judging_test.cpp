// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// The light on the chart and the checks, held against what the virtual camera was told to do.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "core/read/checks.h"
#include "core/read/ground.h"
#include "core/read/light_field.h"
#include "sim/survey_run.h"
#include "support/shots.h"

namespace refero {
namespace {

using test::plainShot;
using test::readingOf;
using test::take;
using test::verdictOf;

const Check& checkOf(const Reading& r, const std::string& id) {
    const auto it =
        std::find_if(r.checks.begin(), r.checks.end(), [&](const Check& c) { return c.id == id; });
    EXPECT_NE(it, r.checks.end()) << id;
    return *it;
}

// The light that the stage let through, at a patch, against its mean over the chart's.
TEST(ChartLight, IsTheUnevennessThatWasSet) {
    for (const double stops : {0.5, 2.0, 4.0}) {
        sim::Shot shot = plainShot();
        shot.falloffStops = stops;
        shot.falloffDegrees = 70;
        shot.vignettingStops = 0.5;
        const test::Taken t = take(shot);
        const auto reading = readChart(t.image, t.chart, test::about(shot));
        ASSERT_TRUE(reading) << reading.error().message;
        ASSERT_TRUE(reading->light);
        std::vector<double> truth, measured;
        for (std::size_t i = 0; i < t.truth.patches.size(); ++i) {
            truth.push_back(std::log2(t.truth.patches[i].rgb.y() / t.truth.patches[i].even.y()));
            measured.push_back(reading->light->at(t.chart.patches[i].centreMm));
        }
        double shift = 0;
        for (std::size_t i = 0; i < truth.size(); ++i)
            shift += (truth[i] - measured[i]) / double(truth.size());
        double worst = 0;
        for (std::size_t i = 0; i < truth.size(); ++i)
            worst = std::max(worst, std::abs(truth[i] - measured[i] - shift));
        std::printf("%.1f stops across the frame: light told within %.3f stops\n", stops, worst);
        EXPECT_LT(worst, 0.03);
    }
}

TEST(ChartLight, CanBeTakenOut) {
    sim::Shot shot = plainShot();
    shot.falloffStops = 3;
    const test::Taken t = take(shot);
    ReadOptions options;
    options.takeOutLight = true;
    const auto even = readChart(t.image, t.chart, test::about(shot), options);
    ASSERT_TRUE(even);
    EXPECT_EQ(even->lightTakenOut, (TakenOut{false, true}));
    // The same grey in the four corners reads the same.
    const auto greys = {"A1", "A7", "C1", "C7"};
    std::vector<double> level;
    for (const char* id : greys)
        for (std::size_t i = 0; i < t.truth.patches.size(); ++i)
            if (t.truth.patches[i].id == id)
                level.push_back(even->patches[i].rgb.y() / t.truth.patches[i].even.y());
    const auto [low, high] = std::minmax_element(level.begin(), level.end());
    EXPECT_LT(*high / *low, 1.02);
    const auto plain = readChart(t.image, t.chart, test::about(shot));
    EXPECT_GT(std::log2(plain->patch("A1")->rgb.y() / plain->patch("C7")->rgb.y()), 0.3) << "it was uneven";
}

// Flare against the simulator's truth: the veil is a share of the frame's mean light.
TEST(ChartLight, TellsTheVeilThatWasAdded) {
    for (const double glare : {0.0, 0.02, 0.06}) {
        sim::Shot shot = plainShot();
        shot.glare = glare;
        const test::Taken t = take(shot);
        const auto reading = readChart(t.image, t.chart, test::about(shot));
        ASSERT_TRUE(reading);
        ASSERT_TRUE(reading->light);
        // What the truth has more than even light, at the darkest patch, as a share of white.
        const std::size_t dark = t.chart.neutrals().back(), light = t.chart.neutrals().front();
        const double white = t.truth.patches[light].even.y() / referenceXyzD50(t.chart.patches[light]).y;
        const double flare = (t.truth.patches[dark].rgb.y() - t.truth.patches[dark].even.y()) / white;
        std::printf("veil %.4f of white, told as %.4f\n", flare, reading->light->flareShare);
        EXPECT_NEAR(reading->light->flareShare, flare, 0.0012 + 0.08 * flare);
    }
}

TEST(ChartLight, FindsAShadowsEdge) {
    sim::Shot shot = plainShot();
    shot.mishaps.shadow = sim::Shadow{{100, 95}, 180, 0.8, 3};  // everything left of 100 mm
    const auto reading = readingOf(shot);
    ASSERT_TRUE(reading);
    ASSERT_TRUE(reading->light && reading->light->shadow);
    EXPECT_NEAR(reading->light->shadow->stops, 0.8, 0.06);
    EXPECT_LT(reading->light->shadow->darkerWay.x(), -0.95);
    const Check& c = checkOf(*reading, "shadow");
    EXPECT_EQ(c.verdict, Verdict::reshoot);
    for (std::size_t i = 0; i < reading->patches.size(); ++i) {
        const double x = reading->chart.patches[i].centreMm.x();
        if (std::abs(x - 100) < 12) continue;
        const bool named = std::count(c.evidence.patches.begin(), c.evidence.patches.end(), i) > 0;
        EXPECT_EQ(named, x < 100) << reading->patches[i].id;
    }
    ASSERT_EQ(c.evidence.lines.size(), 1u);
    EXPECT_EQ(c.evidence.lines[0].size(), 2u);
}

TEST(ChartLight, NeedsGreys) {
    Reading r;
    EXPECT_FALSE(lightOn(r, {}));
    r = *readingOf(plainShot());
    for (Patch& p : r.chart.patches) p.role = Role::other;
    EXPECT_FALSE(lightOn(r, {}));
}

TEST(Ground, IsMeasuredBesideThePatchesAndNotInThem) {
    const test::Taken t = take(plainShot());
    const auto ground = measureBackground(t.image, t.chart, t.truth.chartToFrame, 2);
    ASSERT_GT(ground.size(), 30u);
    double low = 1, high = 0;
    for (const BackgroundSample& g : ground) {
        low = std::min(low, g.rgb.y());
        high = std::max(high, g.rgb.y());
    }
    EXPECT_LT(high / low, 1.15) << "one colour all over";
    EXPECT_TRUE(measureBackground(t.image, t.chart, t.truth.chartToFrame, 40).empty())
        << "too blurred to tell";
}

// A Gaussian's 10 to 90 % rise is 2.563 standard deviations; the pixels' own width adds a little.
TEST(Sharpness, IsTheBlurThatWasSet) {
    for (const double sigma : {1.0, 2.0, 4.0}) {
        sim::Shot shot = plainShot();
        shot.blurPixels = sigma;
        const auto reading = readingOf(shot);
        ASSERT_TRUE(reading);
        EXPECT_NEAR(reading->sharpness.widthPixels, 2.563 * std::hypot(sigma, 0.4), 0.12 * 2.563 * sigma);
        EXPECT_FALSE(looksMoved(reading->sharpness));
    }
}

TEST(Sharpness, TellsMovementFromFocusAndItsDirection) {
    for (const double degrees : {0.0, 90.0}) {
        sim::Shot shot = plainShot();
        shot.blurPixels = 0.6;
        shot.motionPixels = 12;
        shot.motionDegrees = degrees;
        const auto reading = readingOf(shot);
        ASSERT_TRUE(reading) << reading.error().message;
        EXPECT_TRUE(looksMoved(reading->sharpness));
        const double off = std::abs(std::remainder(reading->sharpness.movementDegrees - degrees, 180));
        EXPECT_LT(off, 5);
        EXPECT_NE(checkOf(*reading, "focus").reason.find("moved"), std::string::npos);
    }
}

TEST(Checks, TellWhenCornersGoRoundTheWrongWay) {
    const test::Taken t = take(plainShot());
    const Quad q = t.truth.corners;
    ReadOptions options;
    const auto with = [&](const Quad& corners) {
        options.corners = corners;
        auto r = readChart(t.image, t.chart, test::about(plainShot()), options);
        EXPECT_TRUE(r) << r.error().message;
        return *std::move(r);
    };
    EXPECT_EQ(verdictOf(with(q), "orientation"), Verdict::pass);
    const Reading turned = with({q[2], q[3], q[0], q[1]});
    EXPECT_EQ(verdictOf(turned, "orientation"), Verdict::reshoot);
    EXPECT_EQ(turned.wrongQuarterTurns, 2);
    options.corners = Quad{q[1], q[0], q[3], q[2]};
    const auto mirrored = readChart(t.image, t.chart, {}, options);
    ASSERT_FALSE(mirrored);
    EXPECT_NE(mirrored.error().message.find("left and right"), std::string::npos);
}

TEST(Checks, FollowTheLimitsTheyAreGiven) {
    sim::Shot shot = plainShot();
    shot.pose.tiltDegrees = 10;
    const Reading reading = *readingOf(shot);
    const auto under = [&](const char* set) {
        Reading r = reading;
        r.checks = judged(r, *limitsByName(set));
        return verdictOf(r, "tilt");
    };
    EXPECT_EQ(under("Product"), Verdict::pass);
    EXPECT_EQ(under("Copy work"), Verdict::reshoot);
    EXPECT_EQ(under("Event"), Verdict::pass);
}

// A few frames of the survey; scripts/survey runs all of it and writes docs/survey.md.
TEST(Survey, ChartsAreFoundWhereTheyAre) {
    for (unsigned seed = 1; seed <= 10; ++seed) {
        const auto o = sim::surveyFinding(seed);
        EXPECT_TRUE(o.right) << "seed " << seed << ": " << o.told;
        EXPECT_GT(o.confidence, 0.8) << seed;
    }
}

TEST(Survey, NothingIsFoundWhereThereIsNoChart) {
    for (unsigned seed = 1; seed <= 4; ++seed) EXPECT_EQ(sim::surveyChartless(seed).falseFind, "") << seed;
}

class SurveyFault : public testing::TestWithParam<int> {};

TEST_P(SurveyFault, IsCaught) {
    const auto fault = static_cast<sim::Fault>(GetParam());
    const auto o = sim::surveyFault(fault, 3);
    EXPECT_TRUE(o.caught) << sim::name(fault) << ": " << o.detail;
}

INSTANTIATE_TEST_SUITE_P(All, SurveyFault, testing::Range(0, static_cast<int>(sim::Fault::count)));

TEST(Survey, CarefulShotsAreNotAccused) {
    int accused = 0;
    for (unsigned seed = 1; seed <= 5; ++seed) {
        const auto o = sim::surveyFaultless(seed);
        accused += !o.caught;
        if (!o.caught) std::printf("seed %u: %s\n", seed, o.detail.c_str());
    }
    EXPECT_EQ(accused, 0);
}

}  // namespace
}  // namespace refero
