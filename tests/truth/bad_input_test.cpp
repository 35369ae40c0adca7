// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Frames and corners that hold no reading: a sentence, and none is kept.
#include <gtest/gtest.h>

#include <limits>

#include "support/shots.h"

namespace refero {
namespace {

Result<Reading> read(const LinearImage& image) {
    return readChart(image, *io::chartByNameOrPath("fen-24"), {});
}

LinearImage filled(float v) {
    LinearImage image(600, 400);
    for (float& x : image.values()) x = v;
    return image;
}

TEST(BadInput, FramesOfOneColourHoldNoChart) {
    for (const float v : {0.0f, -1.0f, 0.5f, 1.0f, std::numeric_limits<float>::infinity(),
                          std::numeric_limits<float>::quiet_NaN()}) {
        const auto r = read(filled(v));
        ASSERT_FALSE(r) << v;
        EXPECT_FALSE(r.error().message.empty());
    }
}

TEST(BadInput, StrewnInfiniteAndNegativeValuesDoNotMatter) {
    test::Taken t = test::take(test::plainShot());
    const auto clean = readChart(t.image, t.chart, {});
    ASSERT_TRUE(clean);
    test::Random random(5);
    for (int k = 0; k < 3000; ++k) {
        float* p = t.image.pixel(static_cast<int>(random.below(1500)), static_cast<int>(random.below(1000)));
        p[random.below(3)] = k % 3 == 0   ? std::numeric_limits<float>::infinity()
                             : k % 3 == 1 ? -5.0f
                                          : std::numeric_limits<float>::quiet_NaN();
    }
    const auto r = readChart(t.image, t.chart, {});
    if (!r) {
        EXPECT_FALSE(r.error().message.empty());
        return;
    }
    for (std::size_t i = 0; i < r->patches.size(); ++i)
        EXPECT_LT((r->patches[i].rgb - clean->patches[i].rgb).norm(), 0.02) << r->patches[i].id;
}

// The lower row and half of the middle one are covered by a sheet of paper.
TEST(BadInput, AChartOfWhichTooMuchIsMissingIsNotRead) {
    test::Taken t = test::take(test::plainShot());
    const Point from = t.truth.chartToFrame(Point(-5, 80)), to = t.truth.chartToFrame(Point(285, 195));
    for (int y = static_cast<int>(from.y()); y < static_cast<int>(to.y()); ++y)
        for (int x = static_cast<int>(from.x()); x < static_cast<int>(to.x()); ++x)
            for (int c = 0; c < 3; ++c) t.image.pixel(x, y)[c] = 0.5f;
    const auto r = readChart(t.image, t.chart, {});
    if (r) {
        EXPECT_EQ(r->verdict, Verdict::reshoot);
        EXPECT_LT(r->confidence, 0.9);
    }
}

TEST(BadInput, CornersThatCrossOrAreNoNumbersAreRefused) {
    const test::Taken t = test::take(test::plainShot());
    const Quad q = t.truth.corners;
    for (const Quad& bad : {Quad{q[0], q[2], q[1], q[3]}, Quad{q[0], q[0], q[2], q[3]},
                            Quad{Point(0, 0), Point(1e9, 0), Point(1e9, 1e9), Point(0, 1e9)},
                            Quad{Point(std::numeric_limits<double>::quiet_NaN(), 0), q[1], q[2], q[3]}}) {
        ReadOptions options;
        options.corners = bad;
        const auto r = readChart(t.image, t.chart, {}, options);
        ASSERT_FALSE(r);
        EXPECT_GT(r.error().message.size(), 20u);
    }
}

}  // namespace
}  // namespace refero
