// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/read.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "core/read/balance.h"
#include "core/read/ladder.h"
#include "core/read/swatch.h"
#include "support/shots.h"

namespace refero {
namespace {

using test::plainShot;
using test::readingOf;
using test::take;
using test::Taken;
using test::verdictOf;

TEST(Read, PatchValuesAreTheTruth) {
    std::vector<double> errors;
    for (unsigned seed = 1; seed <= 8; ++seed) {
        sim::Shot shot = plainShot();
        shot.seed = seed;
        shot.camera = seed % 2 ? "heron" : "bittern";
        shot.chart = seed % 3 ? "fen-24" : "fen-48";
        shot.pose.turnDegrees = 47.0 * seed;
        shot.pose.tiltDegrees = 3.0 * seed;
        shot.falloffStops = 0.4;
        shot.vignettingStops = 0.4;
        shot.glare = 0.005;
        shot.blurPixels = 0.7;
        const Taken t = take(shot);
        const auto reading = readChart(t.image, t.chart, test::about(shot));
        ASSERT_TRUE(reading) << reading.error().message;
        for (std::size_t i = 0; i < t.truth.patches.size(); ++i)
            for (int c = 0; c < 3; ++c)
                errors.push_back(std::abs(reading->patches[i].rgb(c) / t.truth.patches[i].rgb(c) - 1));
    }
    std::sort(errors.begin(), errors.end());
    std::printf("patches: median %.3f %%, 95th percentile %.3f %%, largest %.3f %% off the truth\n",
                100 * errors[errors.size() / 2], 100 * errors[errors.size() * 95 / 100], 100 * errors.back());
    EXPECT_LT(errors[errors.size() / 2], 0.01);
    EXPECT_LT(errors[errors.size() * 95 / 100], 0.02);
}

// Poisson: the variance of n collected electrons is n (ISO 15739 builds its noise on the same standard
// deviation).
TEST(Read, SpreadIsTheCamerasNoise) {
    sim::Shot shot = plainShot();
    shot.iso = 400;
    shot.set = sim::Set::plain;
    const auto reading = readingOf(shot);
    ASSERT_TRUE(reading);
    const auto body = *sim::bodyById(shot.camera);
    const double well = body.fullWellElectrons / 4;
    for (const char* id : {"B3", "B6", "A1"}) {
        const PatchReading& p = *reading->patch(id);
        for (int c = 0; c < 3; ++c) {
            const double expected =
                std::sqrt(p.rgb(c) * well + body.readNoiseElectrons * body.readNoiseElectrons) / well;
            EXPECT_NEAR(p.deviation(c), expected, 0.06 * expected) << id;
        }
        EXPECT_NEAR(p.standardError().y(), p.deviation.y() / std::sqrt(double(p.pixels)), 1e-12);
    }
}

TEST(Read, LeavesSpecksAndGlintsOut) {
    Taken t = take(plainShot());
    const auto clean = readChart(t.image, t.chart, {});
    ASSERT_TRUE(clean);
    const Point at = clean->patch("B5")->centre;
    for (int k = 0; k < 40; ++k) {
        float* p = t.image.pixel(static_cast<int>(at.x()) - 4 + k % 8, static_cast<int>(at.y()) - 3 + k / 8);
        for (int c = 0; c < 3; ++c) p[c] = k % 2 ? 0.98f : 0.0f;
    }
    const auto specked = readChart(t.image, t.chart, {});
    ASSERT_TRUE(specked);
    for (int c = 0; c < 3; ++c)
        EXPECT_NEAR(specked->patch("B5")->rgb(c), clean->patch("B5")->rgb(c),
                    0.004 * clean->patch("B5")->rgb(c));
    EXPECT_LT(specked->patch("B5")->pixels, clean->patch("B5")->pixels);
}

TEST(Checks, FindNothingWrongWithAGoodShot) {
    sim::Shot shot = plainShot();
    shot.blurPixels = 0.6;
    const auto reading = readingOf(shot);
    ASSERT_TRUE(reading);
    for (const Check& c : reading->checks) EXPECT_EQ(c.verdict, Verdict::pass) << c.id << ": " << c.reason;
    EXPECT_EQ(reading->verdict, Verdict::pass);
}

struct Fault {
    const char* check;
    Verdict atLeast;
    void (*plant)(sim::Shot&);
};
const Fault kFaults[] = {
    {"exposure", Verdict::reshoot, [](sim::Shot& s) { s.exposure = 0.05; }},
    {"exposure", Verdict::review, [](sim::Shot& s) { s.exposure = 0.35; }},
    {"exposure", Verdict::reshoot, [](sim::Shot& s) { s.exposure = 1.4; }},
    {"clipping", Verdict::reshoot, [](sim::Shot& s) { s.exposure = 1.4; }},
    {"buried", Verdict::reshoot,
     [](sim::Shot& s) {
         s.exposure = 0.12;
         s.iso = 6400;
     }},
    {"neutrality", Verdict::review, [](sim::Shot& s) { s.glare = 0.05; }},
    {"size", Verdict::review,
     [](sim::Shot& s) {
         s.pose.coverage = 0.013;
         s.width = 3000;
         s.height = 2000;
     }},
    {"size", Verdict::review, [](sim::Shot& s) { s.pose.coverage = 0.66; }},
    {"pixels", Verdict::review,
     [](sim::Shot& s) {
         s.pose.coverage = 0.03;
         s.width = 900;
         s.height = 600;
     }},
    {"tilt", Verdict::review,
     [](sim::Shot& s) {
         s.pose.tiltDegrees = 24;
         s.pose.tiltAxisDegrees = 20;
     }},
    {"tilt", Verdict::reshoot,
     [](sim::Shot& s) {
         s.pose.tiltDegrees = 38;
         s.pose.tiltAxisDegrees = 70;
     }},
};

TEST(Checks, CatchEachPlantedFaultAndSayWhatToDo) {
    for (const Fault& f : kFaults) {
        sim::Shot shot = plainShot();
        f.plant(shot);
        const auto reading = readingOf(shot);
        ASSERT_TRUE(reading) << f.check << ": " << reading.error().message;
        EXPECT_GE(verdictOf(*reading, f.check), f.atLeast) << f.check;
        EXPECT_GE(reading->verdict, f.atLeast);
        for (const Check& c : reading->checks) {
            EXPECT_FALSE(c.reason.empty()) << c.id;
            EXPECT_FALSE(c.limit.empty()) << c.id;
            EXPECT_FALSE(c.unit.empty()) << c.id;
            EXPECT_EQ(c.remedy.empty(), c.verdict == Verdict::pass) << c.id;
        }
    }
}

TEST(Checks, MeasureTheTiltThatWasSet) {
    for (double tilt : {5.0, 12.0, 27.0}) {
        sim::Shot shot = plainShot();
        shot.pose.tiltDegrees = tilt;
        shot.pose.tiltAxisDegrees = 35;
        const auto reading = readingOf(shot);
        ASSERT_TRUE(reading);
        const auto check = std::find_if(reading->checks.begin(), reading->checks.end(),
                                        [](const Check& c) { return c.id == "tilt"; });
        ASSERT_NE(check, reading->checks.end());
        EXPECT_NEAR(check->value, tilt, 0.5);
    }
}

TEST(Checks, AskToLookAtAnAssumedEncoding) {
    const sim::Shot shot = plainShot();
    const Taken t = take(shot);
    Reading about = test::about(shot);
    about.encodingSource = EncodingSource::assumed;
    const auto reading = readChart(t.image, t.chart, about);
    ASSERT_TRUE(reading);
    EXPECT_EQ(verdictOf(*reading, "encoding"), Verdict::review);
}

// Common practice: after balancing, R, G and B of the neutral patches lie within 1 % of each other.
TEST(Balance, MakesTheGreysOfEveryLightGrey) {
    for (const char* light : {"d50", "a", "led-5600", "f11"}) {
        sim::Shot shot = plainShot();
        shot.light = light;
        const auto reading = readingOf(shot);
        ASSERT_TRUE(reading) << light;
        const auto gains = neutralGains(*reading);
        ASSERT_TRUE(gains);
        EXPECT_DOUBLE_EQ(gains->y(), 1);
        for (const std::size_t i : usableNeutrals(*reading))
            EXPECT_LT(castOf(*reading, i, *gains), 0.01) << light << " " << reading->patches[i].id;
    }
}

TEST(Balance, DoesWithoutClippedGreysAndEndsWithNone) {
    sim::Shot shot = plainShot();
    shot.exposure = 1.25;
    const auto hot = readingOf(shot);
    ASSERT_TRUE(hot);
    const auto usable = usableNeutrals(*hot);
    EXPECT_LT(usable.size(), hot->chart.neutrals().size());
    EXPECT_TRUE(neutralGains(*hot));
    Reading none = *hot;
    for (PatchReading& p : none.patches) p.clipped = 1;
    EXPECT_FALSE(neutralGains(none));
    EXPECT_TRUE(neutralLadder(none).empty());
}

TEST(Ladder, IsFlatInEvenLightAndRisesWithGlare) {
    sim::Shot shot = plainShot();
    const auto flat = neutralLadder(*readingOf(shot));
    ASSERT_GE(flat.size(), 8u);
    for (const LadderStep& s : flat)
        for (const double d : s.deviationPercent) EXPECT_LT(std::abs(d), 2.5) << s.id;
    EXPECT_GT(flat.front().lightness, flat.back().lightness);
    shot.glare = 0.02;
    const auto veiled = neutralLadder(*readingOf(shot));
    EXPECT_GT(veiled.back().deviationPercent[1], flat.back().deviationPercent[1] + 15)
        << "a veil lifts the blacks";
}

TEST(Swatches, ShowBalancedGreysAsGrey) {
    sim::Shot shot = plainShot();
    shot.light = "a";
    const auto reading = readingOf(shot);
    ASSERT_TRUE(reading);
    const auto lab = balancedLab(*reading);
    for (const std::size_t i : usableNeutrals(*reading)) {
        EXPECT_LT(std::hypot(lab[i].a - reading->chart.patches[i].labD50.a,
                             lab[i].b - reading->chart.patches[i].labD50.b),
                  2);
        EXPECT_NEAR(lab[i].L, reading->chart.patches[i].labD50.L, 2);
    }
}

TEST(Read, RefusesAChartThatContradictsItself) {
    const Taken t = take(plainShot());
    Chart broken = t.chart;
    broken.patches[3].id = broken.patches[2].id;
    EXPECT_FALSE(readChart(t.image, broken, {}));
}

}  // namespace
}  // namespace refero
