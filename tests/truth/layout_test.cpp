// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Charts that nobody has described, learned from one photograph, against how they were made.
#include <gtest/gtest.h>

#include <cstdio>

#include "core/find/finder.h"
#include "core/find/layout.h"
#include "io/chart_file.h"
#include "sim/layout_survey.h"

namespace refero {
namespace {

Result<sim::WideFrame> photographed(const sim::UnknownChart& u) {
    return sim::taken({u.shot, u.stand, *u.stand.chart, u.storing});
}

Result<Chart> learnedFrom(const sim::UnknownChart& u, const LinearImage& frame) {
    const auto layouts = learnedLayouts(frame, {u.lensKnown ? u.shot.focalLength35mm : 0, {}});
    if (!layouts) return tl::unexpected(layouts.error());
    return chartFrom(*layouts, frame, u.listed);
}

// 38 of 40 are wanted without a hand, within 2 % of a patch.
TEST(UnknownCharts, AreLearnedFromOnePhotograph) {
    constexpr unsigned kCharts = 40;
    unsigned learned = 0;
    double worst = 0;
    for (unsigned seed = 1; seed <= kCharts; ++seed) {
        const auto unknown = sim::unknownChart(seed);
        const auto frame = photographed(unknown);
        ASSERT_TRUE(frame) << frame.error().message;
        const auto chart = learnedFrom(unknown, frame->image);
        const double error = chart ? sim::layoutError(*chart, *unknown.stand.chart) : 1;
        if (error < 0.02) {
            ++learned;
            worst = std::max(worst, error);
        } else {
            std::printf("seed %u, %zu patches: %s\n", seed, unknown.stand.chart->patches.size(),
                        chart ? std::to_string(error).c_str() : chart.error().message.c_str());
        }
    }
    std::printf("%u of %u learned, the worst within %.2f %% of a patch\n", learned, kCharts, 100 * worst);
    EXPECT_GE(learned, 38u);
}

// What was learned serves as a shipped chart does: another picture of it, from elsewhere.
TEST(UnknownCharts, AreFoundInLaterFrames) {
    unsigned asked = 0, found = 0;
    for (unsigned seed = 101; seed <= 108; ++seed) {
        auto unknown = sim::unknownChart(seed);
        const auto frame = photographed(unknown);
        ASSERT_TRUE(frame) << frame.error().message;
        const auto chart = learnedFrom(unknown, frame->image);
        if (!chart) continue;
        unknown.shot.pose.turnDegrees += 4;
        unknown.shot.pose.tiltDegrees = 9;
        unknown.shot.pose.tiltAxisDegrees += 70;
        unknown.shot.pose.coverage *= 0.7;
        unknown.shot.pose.centre = {0.5, 0.5};
        unknown.shot.seed += 1000;
        const auto later = photographed(unknown);
        ASSERT_TRUE(later) << later.error().message;
        ++asked;
        const auto place = findChart(later->image, *chart);
        if (!place) {
            std::printf("seed %u: %s\n", seed, place.error().message.c_str());
            continue;
        }
        double worst = 0;
        for (const Patch& p : unknown.stand.chart->patches) {
            const Point truth = later->truth.chartToFrame(p.centreMm);
            const Point seen = place->chartToFrame(chart->patch(p.id)->centreMm);
            const double side =
                std::sqrt(later->truth.chartToFrame.areaScale(p.centreMm)) * p.sizeMm.minCoeff();
            worst = std::max(worst, (truth - seen).norm() / side);
        }
        if (worst < 0.1)
            ++found;
        else
            std::printf("seed %u: off by %.2f of a patch\n", seed, worst);
    }
    EXPECT_GE(asked, 7u);
    EXPECT_EQ(found, asked);
}

// Shelves and bricks are no charts, and are not offered. A wall of glazed tiles looks like one until the data
// are given: those of a chart agree with no wall.
TEST(UnknownCharts, AreNotSeenWhereThereAreNone) {
    ChartColours fen;
    for (const Patch& p : io::shippedCharts().front().patches)
        fen.colours.push_back({p.id, p.name, p.labD50, {}});
    for (unsigned seed = 1; seed <= 12; ++seed) {
        const auto set = static_cast<sim::Set>(1 + seed % 3);
        sim::Shot s;
        s.file = "empty.png";
        s.width = 1800;
        s.height = 1200;
        s.set = set;
        s.seed = seed;
        auto e = sim::shoot(s);
        ASSERT_TRUE(e) << e.error().message;
        const LinearImage frame = toLinear(std::move(e->stored), s.encoding);
        const auto layouts = learnedLayouts(frame);
        if (!layouts) {
            EXPECT_EQ(layouts.error().kind, ErrorKind::notFound);
            continue;
        }
        EXPECT_EQ(set, sim::Set::tiles) << "seed " << seed;
        for (const LearnedLayout& l : *layouts) EXPECT_FALSE(chartFrom(l, frame, fen)) << "seed " << seed;
    }
}

}  // namespace
}  // namespace refero
