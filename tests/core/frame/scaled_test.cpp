// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/frame/scaled.h"

#include <gtest/gtest.h>

#include <opencv2/imgproc.hpp>
#include <random>

namespace refero {
namespace {

LinearImage noise(int w, int h) {
    std::mt19937 random(5);
    std::uniform_real_distribution<float> any(-0.1f, 4);
    LinearImage image(w, h);
    for (float& v : image.values()) v = any(random);
    return image;
}

// Against OpenCV's INTER_AREA, at factors that are whole and that are not.
TEST(ScaledByArea, IsAsAReferenceLibraryHasIt) {
    for (const auto& [w, h, tw, th] : {std::array{60, 40, 20, 10},
                                       {61, 47, 26, 20},
                                       {333, 121, 332, 120},
                                       {40, 40, 1, 1},
                                       {5, 300, 5, 7},
                                       {17, 9, 17, 9}}) {
        const LinearImage image = noise(w, h);
        const cv::Mat from(h, w, CV_32FC3, const_cast<float*>(image.values().data()));
        cv::Mat expected;
        cv::resize(from, expected, {tw, th}, 0, 0, cv::INTER_AREA);
        const LinearImage small = scaledByArea(image, tw, th);
        ASSERT_EQ(small.width(), tw);
        ASSERT_EQ(small.height(), th);
        for (int y = 0; y < th; ++y)
            for (int k = 0; k < 3 * tw; ++k)
                ASSERT_NEAR(small.row(y)[k], expected.ptr<float>(y)[k], 2e-5f)
                    << w << " x " << h << " to " << tw << " x " << th << ", row " << y << ", value " << k;
    }
}

TEST(ScaledByArea, LightIsNeitherMadeNorLost) {
    const LinearImage image = noise(997, 613);
    const LinearImage small = scaledByArea(image, 256, 157);
    const auto mean = [](const LinearImage& i) {
        double sum = 0;
        for (const float v : i.values()) sum += v;
        return sum / static_cast<double>(i.values().size());
    };
    EXPECT_NEAR(mean(small), mean(image), 1e-5);
}

TEST(ScaledByArea, NeverGrows) {
    const LinearImage image = noise(6, 4);
    const LinearImage same = scaledByArea(image, 60, 40);
    EXPECT_EQ(same.width(), 6);
    EXPECT_EQ(same.height(), 4);
    EXPECT_TRUE(scaledByArea(LinearImage(), 3, 3).empty());
}

}  // namespace
}  // namespace refero
