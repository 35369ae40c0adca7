// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/find/finder.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <vector>

#include "support/shots.h"

namespace refero {
namespace {

using test::Random;
using test::take;
using test::Taken;

double worstCorner(const FoundChart& found, const sim::Truth& truth) {
    double worst = 0;
    for (std::size_t i = 0; i < 4; ++i) worst = std::max(worst, (found.corners[i] - truth.corners[i]).norm());
    return worst;
}

// Anything that the issue of finding asks for: 2 % to 60 % of the frame, any turn, up to 30 degrees of tilt,
// every set, light, body and sensitivity, uneven light, vignetting and glare.
sim::Shot anyShot(unsigned seed) {
    Random r(seed);
    const char* lights[] = {"d50", "d65", "a", "led-3000", "led-5600", "f11", "blackbody-2900"};
    sim::Shot s = test::plainShot();
    s.width = 1800;
    s.height = 1200;
    s.camera = seed % 2 ? "heron" : "bittern";
    s.light = lights[seed % 7];
    s.chart = seed % 3 ? "fen-24" : "fen-48";
    s.pose.coverage = std::exp(r.uniform(std::log(0.02), std::log(0.6)));
    s.pose.turnDegrees = r.uniform(0, 360);
    s.pose.tiltDegrees = r.uniform(0, 30);
    s.pose.tiltAxisDegrees = r.uniform(0, 360);
    s.set = static_cast<sim::Set>(seed % 5);
    s.exposure = r.uniform(0.3, 0.9);
    s.iso = 100 << r.below(4);
    s.falloffStops = r.uniform(0, 0.8);
    s.vignettingStops = r.uniform(0, 0.6);
    s.glare = r.uniform(0, 0.01);
    s.blurPixels = r.uniform(0.4, 1.3);
    s.seed = seed;
    // As far from the middle as the whole chart allows, so that none is cut off.
    for (double reach = 0.5; reach > 0; reach -= 0.05) {
        Random place(seed + 1000);
        s.pose.centre = {0.5 + place.uniform(-reach, reach), 0.5 + place.uniform(-reach, reach)};
        const Quad q = sim::chartToFrame(
            s, *io::chartByNameOrPath(*s.chart))(io::chartByNameOrPath(*s.chart)->outline());
        if (std::all_of(q.begin(), q.end(), [&](const Point& p) {
                return p.x() > 4 && p.y() > 4 && p.x() < s.width - 4 && p.y() < s.height - 4;
            }))
            return s;
    }
    s.pose.coverage = 0.3;
    s.pose.centre = {0.5, 0.5};
    return s;
}

TEST(Find, SetsTheCornersWithinATenthOfAPatchInEveryFrame) {
    std::vector<double> errors;
    for (unsigned seed = 1; seed <= 40; ++seed) {
        const sim::Shot shot = anyShot(seed);
        const Taken t = take(shot);
        if (!t.truth.whollyInFrame) continue;
        const auto found = findChart(t.image, t.chart);
        ASSERT_TRUE(found) << "seed " << seed << ": " << found.error().message;
        errors.push_back(worstCorner(*found, t.truth) / test::patchWidthPixels(t));
        EXPECT_LT(errors.back(), 0.1) << "seed " << seed;
        EXPECT_GT(found->agreement, 0.85) << "seed " << seed;
    }
    EXPECT_GE(errors.size(), 36u) << "nearly all of the frames hold the whole chart";
    std::sort(errors.begin(), errors.end());
    RecordProperty("median_corner_error_in_patches", std::to_string(errors[errors.size() / 2]));
    RecordProperty("largest_corner_error_in_patches", std::to_string(errors.back()));
    std::printf("corners: %zu frames, median %.4f, largest %.4f patch widths\n", errors.size(),
                errors[errors.size() / 2], errors.back());
}

TEST(Find, FindsNothingWhereThereIsNoChart) {
    for (unsigned seed = 1; seed <= 10; ++seed) {
        sim::Shot shot = test::plainShot();
        shot.set = static_cast<sim::Set>(seed % 5);
        shot.seed = seed;
        shot.chart.reset();
        const Taken t = take(shot);
        for (const Chart& chart : io::shippedCharts()) {
            const auto found = findChart(t.image, chart);
            ASSERT_FALSE(found) << chart.id << " in set " << seed % 5;
            EXPECT_NE(found.error().message.find("corners by hand"), std::string::npos)
                << "the message says what to do";
        }
    }
}

TEST(Find, DoesNotTakeOneChartForTheOther) {
    for (const char* shown : {"fen-24", "fen-48"}) {
        sim::Shot shot = test::plainShot();
        shot.chart = shown;
        shot.pose.coverage = 0.25;
        const Taken t = take(shot);
        for (const Chart& chart : io::shippedCharts())
            EXPECT_EQ(findChart(t.image, chart).has_value(), chart.id == shown)
                << chart.id << " in a frame of " << shown;
    }
}

TEST(Find, RefusesAMirroredFrame) {
    const Taken t = take(test::plainShot());
    LinearImage mirrored(t.image.width(), t.image.height());
    for (int y = 0; y < t.image.height(); ++y)
        for (int x = 0; x < t.image.width(); ++x)
            std::copy_n(t.image.pixel(t.image.width() - 1 - x, y), 3, mirrored.pixel(x, y));
    EXPECT_FALSE(findChart(mirrored, t.chart));
}

TEST(Find, SaysSoWhenPartOfTheChartIsOutside) {
    sim::Shot shot = test::plainShot();
    shot.pose.coverage = 0.3;
    shot.pose.centre = {0.86, 0.5};
    const Taken t = take(shot);
    const auto found = findChart(t.image, t.chart);
    ASSERT_FALSE(found);
    EXPECT_NE(found.error().message.find("art of the chart"), std::string::npos) << found.error().message;
    EXPECT_NE(found.error().message.find("A7"), std::string::npos) << found.error().message;
}

TEST(Find, SaysWhyAFrameCannotHoldAChart) {
    const Chart chart = io::shippedCharts().front();
    LinearImage tiny(1, 1);
    tiny.pixel(0, 0)[0] = tiny.pixel(0, 0)[1] = tiny.pixel(0, 0)[2] = 0.5f;
    EXPECT_NE(findChart(tiny, chart).error().message.find("1 x 1"), std::string::npos);
    LinearImage black(300, 200);
    for (float& v : black.values()) v = 0;
    EXPECT_NE(findChart(black, chart).error().message.find("black"), std::string::npos);
    LinearImage grey(300, 200);
    for (float& v : grey.values()) v = 0.4f;
    EXPECT_FALSE(findChart(grey, chart));
}

TEST(ChartAt, TakesCornersByHandAndRefusesNonsense) {
    const Taken t = take(test::plainShot());
    const auto placed = chartAt(t.image, t.chart, t.truth.corners);
    ASSERT_TRUE(placed);
    EXPECT_GT(placed->agreement, 0.95);
    Quad crossed = t.truth.corners;
    std::swap(crossed[0], crossed[1]);
    EXPECT_FALSE(chartAt(t.image, t.chart, crossed));
    Quad outside = t.truth.corners;
    for (Point& p : outside) p.x() += 1200;
    const auto refused = chartAt(t.image, t.chart, outside);
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().message.find("outside the frame"), std::string::npos);
    Quad wrongWay{t.truth.corners[2], t.truth.corners[3], t.truth.corners[0], t.truth.corners[1]};
    EXPECT_LT(chartAt(t.image, t.chart, wrongWay)->agreement, 0.7) << "upside down, the colours do not agree";
}

}  // namespace
}  // namespace refero
