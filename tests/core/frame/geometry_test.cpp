// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/frame/geometry.h"

#include <gtest/gtest.h>

#include <cmath>
#include <vector>

#include "core/colour/xyz.h"

namespace refero {
namespace {

const Quad kSquare{Point(0, 0), Point(10, 0), Point(10, 10), Point(0, 10)};

TEST(Homography, TakesFourCornersWhereTheyBelong) {
    const Quad target{Point(812.4, 604.1), Point(1920.2, 611.0), Point(1915.0, 1360.7), Point(806.1, 1351.9)};
    const auto h = fitHomography(kSquare, target);
    ASSERT_TRUE(h);
    for (std::size_t i = 0; i < 4; ++i) EXPECT_NEAR(((*h)(kSquare[i]) - target[i]).norm(), 0, 1e-8);
    EXPECT_NEAR((h->inverse()((*h)(Point(3, 7))) - Point(3, 7)).norm(), 0, 1e-9);
}

// Hartley and Zisserman, "Multiple View Geometry", 2.4: the cross-ratio of four points on a line is kept.
TEST(Homography, KeepsTheCrossRatio) {
    const auto h = fitHomography(kSquare, Quad{Point(1, 2), Point(9, 4), Point(8, 11), Point(2, 8)});
    ASSERT_TRUE(h);
    const auto ratio = [](const std::vector<Point>& p) {
        const auto d = [&](int a, int b) {
            return (p[static_cast<std::size_t>(a)] - p[static_cast<std::size_t>(b)]).norm();
        };
        return d(0, 2) * d(1, 3) / (d(1, 2) * d(0, 3));
    };
    const std::vector<Point> line{Point(1, 1), Point(3, 2), Point(5, 3), Point(9, 5)};
    std::vector<Point> image;
    for (const Point& p : line) image.push_back((*h)(p));
    EXPECT_NEAR(ratio(image), ratio(line), 1e-9);
}

TEST(Homography, IsRefusedForPointsOnALine) {
    const std::vector<Point> line{Point(0, 0), Point(1, 1), Point(2, 2), Point(3, 3)};
    EXPECT_FALSE(fitHomography(line, kSquare));
    EXPECT_FALSE(fitAffine(line, kSquare));
    EXPECT_FALSE(fitHomography(std::vector<Point>(3), std::vector<Point>(3)));
}

TEST(Affine, FitsInTheLeastSquaresSense) {
    const std::vector<Point> from{Point(0, 0), Point(1, 0), Point(0, 1), Point(1, 1)};
    const std::vector<Point> to{Point(5.1, 5), Point(6.9, 5), Point(4.9, 8), Point(7.1, 8)};
    const auto a = fitAffine(from, to);
    ASSERT_TRUE(a);
    EXPECT_NEAR(((*a)(Point(0.5, 0.5)) - Point(6, 6.5)).norm(), 0, 1e-9) << "the mean goes to the mean";
}

TEST(Quads, AreProperOnlyClockwiseAndConvex) {
    EXPECT_TRUE(isProperQuad(kSquare));
    EXPECT_NEAR(signedArea(kSquare), 100, 1e-12);
    EXPECT_FALSE(isProperQuad({kSquare[0], kSquare[3], kSquare[2], kSquare[1]})) << "mirrored";
    EXPECT_FALSE(isProperQuad({kSquare[0], kSquare[2], kSquare[1], kSquare[3]})) << "crossing";
    EXPECT_FALSE(isProperQuad({kSquare[0], kSquare[1], Point(2, 2), kSquare[3]})) << "dented";
    EXPECT_FALSE(isProperQuad({kSquare[0], kSquare[0], kSquare[2], kSquare[3]})) << "degenerate";
    EXPECT_FALSE(isProperQuad({Point(std::nan(""), 0), kSquare[1], kSquare[2], kSquare[3]}));
}

TEST(Pose, TellsTiltAndTurn) {
    // A plane 1000 units away, tilted by 25 degrees about its x axis, seen with a focal length of 3000
    // pixels.
    const double f = 3000, t = radians(25), distance = 1000;
    Eigen::Matrix3d k, m;
    k << f, 0, 1500, 0, f, 1000, 0, 0, 1;
    m << 1, 0, 0, 0, std::cos(t), 0, 0, std::sin(t), distance;
    const Pose p = pose(Homography(k * m), f, Point(1500, 1000));
    EXPECT_NEAR(p.tiltDegrees, 25, 1e-9);
    EXPECT_NEAR(p.turnDegrees, 0, 1e-9);
}

TEST(Homography, KnowsItsAreaScale) {
    const auto h = fitHomography(kSquare, Quad{Point(0, 0), Point(30, 0), Point(30, 20), Point(0, 20)});
    ASSERT_TRUE(h);
    EXPECT_NEAR(h->areaScale(Point(4, 4)), 6, 1e-9);
}

}  // namespace
}  // namespace refero
