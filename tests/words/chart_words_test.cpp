// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/chart_words.h"

#include <gtest/gtest.h>

namespace refero::words {
namespace {

TEST(ChartWords, AFieldIsToldByRowsAndColumns) {
    PatchField f{4, 6, {0, 0}, {10, 10}, {8, 8}};
    EXPECT_EQ(patchesOf({f}), "4 x 6 patches");
    EXPECT_EQ(patchesOf({f, {1, 7, {0, 60}, {9, 9}, {8, 8}}}), "4 x 6 and 1 x 7 patches");
}

}  // namespace
}  // namespace refero::words
