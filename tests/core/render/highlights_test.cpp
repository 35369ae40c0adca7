// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/render/highlights.h"

#include <gtest/gtest.h>

#include <cmath>

namespace refero {
namespace {

// A white wall that goes up from mid-grey to three times what the sensor holds, as a daylight sensor records
// it.
LinearImage wall(const Vector3& sensorWhite, int width = 300) {
    LinearImage out(width, 1);
    for (int x = 0; x < width; ++x)
        for (int c = 0; c < 3; ++c)
            out.pixel(x, 0)[c] = std::min(1.0f, static_cast<float>(sensorWhite(c) * (0.2 + 2.8 * x / width)));
    return out;
}

constexpr double kTinge = 0.02;

double tinge(const float* p, const Vector3& gains) {
    const double r = p[0] * gains.x(), g = p[1] * gains.y(), b = p[2] * gains.z();
    return std::max({r, g, b}) / std::max(1e-9, std::min({r, g, b})) - 1;
}

TEST(Highlights, StayWhereTheyAreWhite) {
    const Vector3 white(0.5, 1, 0.65), gains = white.cwiseInverse();
    LinearImage asRecorded = wall(white), cut = wall(white), rebuilt = wall(white);
    EXPECT_EQ(treatHighlights(asRecorded, gains, Highlights::asRecorded), 0);
    EXPECT_GT(treatHighlights(cut, gains, Highlights::cut), 0.5);
    treatHighlights(rebuilt, gains, Highlights::rebuilt);
    double magenta = 0, brightest = 0;
    for (int x = 0; x < cut.width(); ++x) {
        magenta = std::max(magenta, tinge(asRecorded.pixel(x, 0), gains));
        EXPECT_LT(tinge(cut.pixel(x, 0), gains), kTinge) << x;
        EXPECT_LT(tinge(rebuilt.pixel(x, 0), gains), 0.04) << x;
        EXPECT_LE(cut.pixel(x, 0)[0] * gains.x(), 1.0001);
        brightest = std::max(brightest, rebuilt.pixel(x, 0)[0] * gains.x());
    }
    EXPECT_GT(magenta, 0.9) << "twice as much red as green: what it is there for";
    EXPECT_GT(brightest, 1.8) << "rebuilt white goes on to where the last channel clips";
}

TEST(Highlights, BelowTheEndAreLeftBitForBit) {
    LinearImage image(3, 1);
    const float values[9] = {0.9f, 0.2f, 0.1f, 0.96f, 0.96f, 0.96f, 0.1f, 0.5f, 0.3f};
    std::copy_n(values, 9, image.values().begin());
    EXPECT_EQ(treatHighlights(image, {2, 1, 1.5}, Highlights::cut), 0);
    for (std::size_t i = 0; i < 9; ++i) EXPECT_EQ(image.values()[i], values[i]);
}

TEST(Highlights, HaveNamesForFiles) {
    for (const Highlights h : kHighlights) EXPECT_EQ(*highlightsByName(name(h)), h);
    EXPECT_FALSE(highlightsByName("burnt"));
}

}  // namespace
}  // namespace refero
