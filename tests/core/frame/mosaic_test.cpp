// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/frame/mosaic.h"

#include <gtest/gtest.h>

#include <random>

#include "core/frame/orientation.h"
#include "core/read/measure.h"

namespace refero {
namespace {

LinearImage evenPicture(int w, int h) {
    LinearImage image(w, h);
    for (std::size_t i = 0; i < image.pixels(); ++i) {
        image.values()[3 * i] = 0.2f;
        image.values()[3 * i + 1] = 0.5f;
        image.values()[3 * i + 2] = 0.7f;
    }
    return image;
}

TEST(Mosaic, AnEvenPictureComesBackFromEveryPattern) {
    const LinearImage even = evenPicture(7, 5);
    for (const auto& pattern : {Mosaic::rggb, Mosaic::bggr, Mosaic::grbg, Mosaic::gbrg}) {
        const LinearImage again = filledIn(sampledThrough(even, pattern));
        for (std::size_t i = 0; i < even.values().size(); ++i)
            EXPECT_NEAR(again.values()[i], even.values()[i], 1e-6f) << i;
    }
}

TEST(Mosaic, ASiteKeepsItsOwnValue) {
    LinearImage image = evenPicture(6, 6);
    image.pixel(2, 2)[0] = 0.9f;
    const Mosaic m = sampledThrough(image, Mosaic::rggb);
    EXPECT_EQ(m.channel(2, 2), 0);
    EXPECT_EQ(filledIn(m).pixel(2, 2)[0], 0.9f);
}

// Bilinear demosaicing as the handbooks have it: the mean of the sites of a channel among the eight around.
float meanAround(const Mosaic& m, int x, int y, int channel) {
    double sum = 0;
    int count = 0;
    for (int v = y - 1; v <= y + 1; ++v)
        for (int u = x - 1; u <= x + 1; ++u) {
            if (u < 0 || v < 0 || u >= m.width() || v >= m.height() || m.channel(u, v) != channel) continue;
            sum += m.at(u, v);
            ++count;
        }
    return count ? static_cast<float>(sum / count) : 0;
}

TEST(Mosaic, OtherChannelsAreTheMeanOfThoseAround) {
    std::mt19937 random(11);
    std::uniform_real_distribution<float> any(0, 1);
    // The last one is no Bayer pattern.
    for (const auto& pattern :
         {Mosaic::rggb, Mosaic::bggr, Mosaic::grbg, Mosaic::gbrg, Mosaic::Pattern{1, 0, 1, 2}})
        for (const auto& [w, h] : {std::pair{8, 6}, {9, 7}, {3, 3}, {2, 5}, {1, 4}, {5, 1}}) {
            Mosaic m(w, h, pattern);
            for (int y = 0; y < h; ++y)
                for (int x = 0; x < w; ++x) m.at(x, y) = any(random);
            const LinearImage filled = filledIn(m);
            for (int y = 0; y < h; ++y)
                for (int x = 0; x < w; ++x)
                    for (int c = 0; c < 3; ++c)
                        EXPECT_NEAR(filled.pixel(x, y)[c],
                                    c == m.channel(x, y) ? m.at(x, y) : meanAround(m, x, y, c), 1e-6f)
                            << w << " x " << h << ", channel " << c << " at " << x << ", " << y;
        }
}

// EXIF 2.3, orientation: where the shown picture's first row and column lie.
TEST(Mosaic, TurnsWithItsPatternAsPicturesDo) {
    const auto numbered = [] {
        Mosaic out(5, 4, Mosaic::grbg);
        for (int y = 0; y < 4; ++y)
            for (int x = 0; x < 5; ++x) out.at(x, y) = float(10 * y + x);
        return out;
    };
    const Mosaic m = numbered();
    for (int exif = 1; exif <= 8; ++exif) {
        const Mosaic turned = oriented(numbered(), exif);
        const Orientation o(exif, 5, 4);
        ASSERT_EQ(turned.width(), exif >= 5 ? 4 : 5) << exif;
        for (int y = 0; y < turned.height(); ++y)
            for (int x = 0; x < turned.width(); ++x) {
                const auto [sx, sy] = o.stored(x, y);
                EXPECT_EQ(turned.at(x, y), m.at(sx, sy)) << exif;
                EXPECT_EQ(turned.channel(x, y), m.channel(sx, sy)) << exif << " at " << x << ", " << y;
            }
    }
    // Turned a quarter to the right, the stored left lower corner is the shown left upper one.
    EXPECT_EQ(oriented(numbered(), 6).at(0, 0), m.at(0, 3));
    EXPECT_EQ(oriented(numbered(), 8).at(0, 0), m.at(4, 0));
    EXPECT_EQ(oriented(numbered(), 3).at(0, 0), m.at(4, 3));
    EXPECT_EQ(oriented(numbered(), 99).at(3, 2), m.at(3, 2)) << "what EXIF does not know is left as it is";
}

Chart onePatch() {
    Chart chart;
    chart.outlineMm = {10, 10};
    Patch p;
    p.id = "A1";
    p.centreMm = {5, 5};
    p.sizeMm = {8, 8};
    p.labD50 = {50, 0, 0, white::d50};
    chart.patches = {p};
    return chart;
}

TEST(Mosaic, APatchIsMeasuredFromEachChannelsOwnSites) {
    Mosaic m = sampledThrough(evenPicture(40, 40), Mosaic::rggb);
    m.at(20, 20) = 50;  // a glint on a red site
    const Homography map(Eigen::Vector3d(4, 4, 1).asDiagonal());
    const auto read = measure(m, onePatch(), map);
    ASSERT_EQ(read.size(), 1u);
    EXPECT_NEAR(read[0].rgb.x(), 0.2, 1e-6) << "the glint is left out";
    EXPECT_NEAR(read[0].rgb.y(), 0.5, 1e-6);
    EXPECT_NEAR(read[0].rgb.z(), 0.7, 1e-6);
    // 8 mm x 0.6 x 4 pixels a side, a quarter of it blue and one red site less.
    EXPECT_NEAR(static_cast<double>(read[0].pixels), 19.2 * 19.2 / 4, 12);
    EXPECT_GT(read[0].clippedChannels.x(), 0) << "but it is counted as clipped";
    EXPECT_EQ(read[0].clippedChannels.y(), 0);
}

TEST(Mosaic, APatchOfLessThanASiteTakesTheFourAroundIt) {
    const Mosaic m = sampledThrough(evenPicture(40, 40), Mosaic::bggr);
    const Homography map(Eigen::Vector3d(0.1, 0.1, 1).asDiagonal());
    const auto read = measure(m, onePatch(), map);
    EXPECT_NEAR(read[0].rgb.x(), 0.2, 1e-6);
    EXPECT_NEAR(read[0].rgb.z(), 0.7, 1e-6);
}

}  // namespace
}  // namespace refero
