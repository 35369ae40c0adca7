// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include <Eigen/Geometry>
#include <algorithm>
#include <cmath>

#include "core/find/detail/edges.h"
#include "core/find/detail/matching.h"
#include "core/find/regions.h"

namespace refero {
namespace {

// A chart of 3 x 4 equal squares without any colour of note: geometry is all that is tested here.
Chart squares() {
    Chart c;
    c.id = "squares";
    c.outlineMm = {100, 76};
    for (int j = 0; j < 3; ++j)
        for (int i = 0; i < 4; ++i)
            c.patches.push_back({std::string(1, static_cast<char>('A' + j)) + std::to_string(i + 1),
                                 "",
                                 Role::other,
                                 Point(14 + 24 * i, 14 + 24 * j),
                                 Point(18, 18),
                                 {30.0 + 5 * i + 3 * j, 0, 0, white::d50},
                                 {}});
    return c;
}

// Draws the chart with exact area coverage at its edges (8 x 8 samples a pixel); patch k has the level 0.3 +
// 0.05 k.
LinearImage drawn(const Chart& chart, const Homography& map, int w, int h) {
    LinearImage image(w, h);
    const Homography back = map.inverse();
    for (int y = 0; y < h; ++y) {
        for (int x = 0; x < w; ++x) {
            double sum = 0;
            for (int k = 0; k < 64; ++k) {
                const Point mm = back(Point(x + (k % 8 + 0.5) / 8, y + (k / 8 + 0.5) / 8));
                double level = 0.6;  // the table
                if (mm.minCoeff() >= 0 && mm.x() <= chart.outlineMm.x() && mm.y() <= chart.outlineMm.y())
                    level = 0.05;
                for (std::size_t p = 0; p < chart.patches.size(); ++p)
                    if (((mm - chart.patches[p].centreMm).cwiseAbs() - chart.patches[p].sizeMm / 2)
                            .maxCoeff() <= 0)
                        level = 0.3 + 0.05 * static_cast<double>(p);
                sum += level / 64;
            }
            for (int c = 0; c < 3; ++c) image.pixel(x, y)[c] = static_cast<float>(sum);
        }
    }
    return image;
}

Homography placed(double scale, double degreesTurned, const Point& at, double slant = 0) {
    Eigen::Matrix3d m = Eigen::Matrix3d::Identity();
    m.topLeftCorner<2, 2>() = Eigen::Rotation2Dd(radians(degreesTurned)).toRotationMatrix() * scale;
    m.topRightCorner<2, 1>() = at;
    m(2, 0) = slant;
    return Homography(m);
}

TEST(EvenRegions, AreThePatchesAtAnyTurn) {
    const Chart chart = squares();
    for (const double turn : {0.0, 17.0, 45.0}) {
        const Homography map = placed(3, turn, Point(turn > 30 ? 280 : 120, 40));
        const auto regions = detail::evenRegions(drawn(chart, map, 560, 480));
        for (const Patch& p : chart.patches) {
            const Point centre = map(p.centreMm);
            const auto hit = std::find_if(regions.begin(), regions.end(), [&](const detail::Region& r) {
                return (r.centre - centre).norm() < 2 && std::abs(r.area / (54.0 * 54.0) - 1) < 0.2;
            });
            EXPECT_NE(hit, regions.end()) << p.id << " turned by " << turn;
        }
    }
}

TEST(EvenRegions, OfANoisyOrTinyPictureDoNoHarm) {
    LinearImage tiny(5, 5);
    for (float& v : tiny.values()) v = 0.5f;
    EXPECT_TRUE(detail::evenRegions(tiny).empty());
    LinearImage noise(300, 200);
    unsigned state = 1;
    for (float& v : noise.values())
        v = static_cast<float>((state = state * 1664525u + 1013904223u) >> 8) / 16777216.0f;
    EXPECT_LT(detail::evenRegions(noise).size(), 20u);
}

TEST(Placements, ExplainEveryPatchAndKnowNoMirror) {
    const Chart chart = squares();
    const Homography map = placed(3, 17, Point(120, 40), 0.0004);
    std::vector<detail::Region> regions;
    for (const Patch& p : chart.patches) {
        const Quad q = map(p.corners());
        regions.push_back({q, centroid(q), signedArea(q)});
    }
    const auto found = detail::placements(chart, regions, 6, 16, 40);
    ASSERT_FALSE(found.empty());
    EXPECT_EQ(found.front().seen, 12u);
    // The layout alone is the same upside down: both are offered, colour decides later.
    const auto right = std::find_if(found.begin(), found.end(), [&](const detail::Placement& p) {
        return (p.chartToImage(Point(0, 0)) - map(Point(0, 0))).norm() < 2;
    });
    EXPECT_NE(right, found.end());
    for (const detail::Placement& p : found) EXPECT_TRUE(isProperQuad(p.chartToImage(chart.outline())));
    EXPECT_TRUE(detail::placements(chart, {}, 6, 16, 40).empty());
}

TEST(Edges, AreMetToAFewHundredthsOfAPixel) {
    const Chart chart = squares();
    const Homography truth = placed(4, 11, Point(140, 30), 0.0003);
    const LinearImage image = drawn(chart, truth, 640, 520);
    Eigen::Matrix3d off = truth.matrix();
    off.topRightCorner<2, 1>() += Point(1.4, -1.1);
    off(0, 0) *= 1.004;
    const auto fit = detail::fitToEdges(image, chart, Homography(off));
    EXPECT_GT(fit.points, 100u);
    EXPECT_LT(fit.residualPixels, 0.05);
    for (const Point& corner : chart.outline())
        EXPECT_LT((fit.chartToFrame(corner) - truth(corner)).norm(), 0.08);
}

TEST(Edges, WithoutContrastTheStartIsKept) {
    LinearImage flat(300, 300);
    for (float& v : flat.values()) v = 0.4f;
    const Homography start = placed(2, 0, Point(40, 40));
    const auto fit = detail::fitToEdges(flat, squares(), start);
    EXPECT_EQ(fit.points, 0u);
    EXPECT_EQ(fit.chartToFrame.matrix(), start.matrix());
}

}  // namespace
}  // namespace refero
