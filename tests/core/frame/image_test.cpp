// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/frame/image.h"

#include <gtest/gtest.h>

#include <cmath>
#include <limits>

namespace refero {
namespace {

EncodedImage filled(int w, int h, float v) {
    EncodedImage image(w, h);
    for (float& x : image.values()) x = v;
    return image;
}

TEST(ToLinear, UndoesEveryEncodingTo16BitAccuracy) {
    for (const Encoding e : kEncodings) {
        EncodedImage image(256, 1);
        for (int x = 0; x < 256; ++x)
            for (int c = 0; c < 3; ++c) image.pixel(x, 0)[c] = static_cast<float>(x) / 255;
        const LinearImage linear = toLinear(std::move(image), e);
        for (int x = 0; x < 256; ++x) {
            const double expected = decode(e, x / 255.0);
            EXPECT_NEAR(linear.pixel(x, 0)[1], expected, 1.0 / 65535 * std::max(1.0, expected)) << name(e);
        }
    }
}

TEST(ToLinear, MakesEveryValueFiniteAndCountsThem) {
    EncodedImage image = filled(4, 1, 0.5f);
    image.pixel(0, 0)[0] = std::numeric_limits<float>::quiet_NaN();
    image.pixel(1, 0)[1] = std::numeric_limits<float>::infinity();
    image.pixel(2, 0)[2] = -std::numeric_limits<float>::infinity();
    std::size_t replaced = 0;
    const LinearImage linear = toLinear(std::move(image), Encoding::linear, &replaced);
    EXPECT_EQ(replaced, 3u);
    for (const float v : linear.values()) EXPECT_TRUE(std::isfinite(v));
    EXPECT_EQ(linear.pixel(3, 0)[0], 0.5f);
}

TEST(Shrunk, LeavesALineOfALongAndNarrowPicture) {
    LinearImage image(600, 4);
    for (float& v : image.values()) v = 0.25f;
    const LinearImage small = shrunk(image, 100);
    EXPECT_EQ(small.height(), 1);
    EXPECT_EQ(small.width(), 150);
    EXPECT_FLOAT_EQ(small.values()[7], 0.25f);
    EXPECT_TRUE(shrunk(LinearImage(), 3).empty());
}

TEST(Shrunk, IsTheMeanOfEachBlock) {
    LinearImage image(5, 4);
    for (int y = 0; y < 4; ++y)
        for (int x = 0; x < 5; ++x)
            for (int c = 0; c < 3; ++c) image.pixel(x, y)[c] = static_cast<float>(x + 10 * y + 100 * c);
    const LinearImage small = shrunk(image, 2);
    ASSERT_EQ(small.width(), 2) << "the odd column is left out";
    ASSERT_EQ(small.height(), 2);
    EXPECT_FLOAT_EQ(small.pixel(0, 0)[0], (0 + 1 + 10 + 11) / 4.0f);
    EXPECT_FLOAT_EQ(small.pixel(1, 1)[2], (22 + 23 + 32 + 33) / 4.0f + 200);
}

}  // namespace
}  // namespace refero
