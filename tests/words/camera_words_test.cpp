// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/camera_words.h"

#include <gtest/gtest.h>

namespace refero::words {
namespace {

TEST(CameraWords, SayThirdsAsDialsDo) {
    EXPECT_EQ(stopsInThirds(2), "2/3 stop");
    EXPECT_EQ(stopsInThirds(-3), "1 stop");
    EXPECT_EQ(stopsInThirds(4), "1 1/3 stops");
    EXPECT_EQ(stopsInThirds(6), "2 stops");
    EXPECT_EQ(stopsInThirds(0), "nothing");
}

TEST(CameraWords, SayWhatToDialAndNothingWhereAllIsWell) {
    EXPECT_TRUE(sentences({}).empty());
    CameraAdvice a;
    a.openStops = -0.7;
    a.light = DialledBalance{4312, 0.0123};
    a.set = DialledBalance{5600, 0};
    a.miredOff = 53.4;
    a.scale.samples = 3;
    const auto said = sentences(a);
    ASSERT_EQ(said.size(), 2U);
    EXPECT_EQ(said[0], "Close down by 2/3 stop.");
    EXPECT_EQ(
        said[1],
        "Dial 4310 K and a tint towards magenta (Duv +0.012); it had 5600 K, meant for a light 53 mired "
        "cooler, on this body's scale (3 frames).");
    a.miredOff = 2;
    EXPECT_EQ(sentences(a)[1].substr(0, 20), "The balance is right");
}

}  // namespace
}  // namespace refero::words
