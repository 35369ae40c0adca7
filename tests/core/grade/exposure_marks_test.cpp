// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/grade/exposure_marks.h"

#include <gtest/gtest.h>

namespace refero {
namespace {

Correction balanced() {
    Correction c;
    c.gains = {2, 1, 1.5};
    c.level = 1.25;
    PatchResult skin;
    skin.id = "A5";
    skin.role = Role::skin;
    skin.rgb = {0.2, 0.25, 0.12};
    c.patches = {skin};
    return c;
}

TEST(ExposureMarks, SayWhereGreyWhiteAndSkinLieInWhatIsFed) {
    const auto marks = exposureMarks(balanced(), Encoding::linear);
    ASSERT_EQ(marks.size(), 3u);
    EXPECT_NEAR(marks[0].percent, 18 / 1.25, 1e-9);
    EXPECT_NEAR(marks[0].stored.x(), 0.18 / 2.5, 1e-12);
    EXPECT_NEAR(marks[1].percent, 80, 1e-9);
    EXPECT_EQ(marks[2].patch, "A5");
    EXPECT_NEAR(marks[2].code, 0.25 * 1023, 1e-9);
}

// ITU-R BT.709-6: 0.18 of light is 40.9 % of the signal, code 422 of 1023 in narrow range.
TEST(ExposureMarks, AgreeWithBt709InVideoRange) {
    Correction c;
    const auto marks = exposureMarks(c, Encoding::rec709, 0, true);
    ASSERT_EQ(marks.size(), 2u);
    EXPECT_NEAR(marks[0].percent, 40.9, 0.05);
    EXPECT_NEAR(marks[0].code, 64 + 876 * 0.409, 0.5);
    EXPECT_NEAR(marks[1].code, 940, 1e-6);
}

TEST(ExposureMarks, AnOffsetMovesThemAndWhatEndsBeyondIsNotThere) {
    const auto up = exposureMarks(balanced(), Encoding::linear, 1);
    ASSERT_EQ(up.size(), 2u) << "white would clip";
    EXPECT_NEAR(up[0].percent, 36 / 1.25, 1e-9);
    EXPECT_EQ(up[1].what, ExposureMark::What::skin);
}

}  // namespace
}  // namespace refero
