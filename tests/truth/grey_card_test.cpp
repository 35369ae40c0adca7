// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/grey_card.h"

#include <gtest/gtest.h>

#include "core/colour/xyz.h"
#include "io/chart_file.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero {
namespace {

// A grey card is a chart of one patch that is as large as itself.
std::string cardFile(const test::TemporaryFolder& folder, const Lab& colour) {
    Chart c;
    c.id = "card";
    c.name = "Card";
    c.source = "a plain card";
    c.outlineMm = {200, 150};
    Patch p;
    p.id = "A";
    p.role = Role::neutral;
    p.centreMm = {100, 75};
    p.sizeMm = {199, 149};
    p.labD50 = colour;
    c.patches = {p};
    const std::string file = folder / "card.chart.json";
    EXPECT_TRUE(io::writeChart(c, file));
    return file;
}

TEST(GreyCard, IsFoundInFramesThatHoldOneAndMeasured) {
    const test::TemporaryFolder folder;
    const std::string card = cardFile(folder, {49.5, 0, 0, white::d50});
    test::Random random(11);
    int found = 0;
    constexpr int kShots = 24;
    for (int i = 0; i < kShots; ++i) {
        sim::Shot s = test::plainShot();
        s.chart = card;
        s.set = std::array{sim::Set::plain, sim::Set::tiles, sim::Set::shelf}[random.below(3)];
        s.light = std::array{"d50", "a", "d65"}[random.below(3)];
        s.pose.coverage = random.uniform(0.05, 0.4);
        s.pose.turnDegrees = random.uniform(-20, 20);
        s.pose.tiltDegrees = random.uniform(0, 20);
        s.seed = 100u + static_cast<unsigned>(i);
        const test::Taken t = test::take(s);
        const auto f = findGreyCard(t.image);
        if (!f) continue;
        const Point middle = centroid(f->corners), truth = centroid(t.truth.corners);
        const double width = (t.truth.corners[1] - t.truth.corners[0]).norm();
        if ((middle - truth).norm() > 0.05 * width) continue;
        ++found;
        for (int c = 0; c < 3; ++c)
            EXPECT_NEAR(f->rgb(c) / t.truth.patches[0].rgb(c), 1, 0.02) << "shot " << i;
        EXPECT_NEAR(f->areaShare, s.pose.coverage, 0.15 * s.pose.coverage) << "shot " << i;
    }
    // Balanced by the frame's mean, one card in some is not told from a coloured one.
    EXPECT_GE(found, kShots * 3 / 4);
}

TEST(GreyCard, IsNotSeenInFramesWithoutOne) {
    int seen = 0;
    constexpr int kShots = 20;
    for (int i = 0; i < kShots; ++i) {
        sim::Shot s = test::plainShot();
        s.chart.reset();
        s.set = std::array{sim::Set::tiles, sim::Set::shelf, sim::Set::kiln,
                           sim::Set::clutter}[std::size_t(i) % 4];
        s.seed = 300u + static_cast<unsigned>(i);
        seen += findGreyCard(test::take(s).image).has_value();
    }
    EXPECT_LE(seen, kShots / 10);
    LinearImage even(400, 300);
    for (float& v : even.values()) v = 0.2f;
    EXPECT_FALSE(findGreyCard(even)) << "a frame of one colour says nothing";
    EXPECT_FALSE(findGreyCard(LinearImage(4, 4)));
}

TEST(GreyCard, AColouredCardIsNone) {
    const test::TemporaryFolder folder;
    sim::Shot s = test::plainShot();
    s.set = sim::Set::tiles;
    s.chart = cardFile(folder, {50, 45, 20, white::d50});
    const test::Taken t = test::take(s);
    const auto f = findGreyCard(t.image);
    EXPECT_TRUE(!f || (centroid(f->corners) - centroid(t.truth.corners)).norm() > 100);
}

}  // namespace
}  // namespace refero
