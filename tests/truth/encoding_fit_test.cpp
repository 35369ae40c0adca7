// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/encoding_fit.h"

#include <gtest/gtest.h>

#include "support/shots.h"

namespace refero {
namespace {

std::vector<Transfer> candidates() {
    return {kEncodings.begin(), kEncodings.end()};
}

TEST(EncodingFit, TheRightOneIsProposedForWhateverWasAssumed) {
    for (const Encoding truth : {Encoding::srgb, Encoding::rec709, Encoding::gamma22, Encoding::acescct}) {
        sim::Shot shot = test::plainShot();
        shot.encoding = truth;
        const test::Taken t = test::take(shot);
        const auto right = readChart(t.image, t.chart, test::about(shot));
        ASSERT_TRUE(right) << name(truth);
        // The same stored numbers, taken for something else.
        for (const Encoding assumed : {Encoding::linear, Encoding::srgb, Encoding::hlg}) {
            Reading wrong = *right;
            wrong.encoding = assumed;
            for (PatchReading& p : wrong.patches)
                for (int c = 0; c < 3; ++c) p.rgb(c) = decode(assumed, encode(truth, p.rgb(c)));
            const auto fits = encodingFits(wrong, candidates());
            ASSERT_FALSE(fits.empty());
            EXPECT_EQ(fits.front().encoding, Transfer(truth))
                << name(truth) << " taken for " << name(assumed) << ", got " << fits.front().encoding.name();
            EXPECT_LT(fits.front().errorStops, 0.05);
            const auto better = betterEncodings(wrong, candidates());
            if (assumed != truth && !better.empty()) {
                EXPECT_EQ(better.front().encoding, Transfer(truth));
            }
        }
        EXPECT_TRUE(betterEncodings(*right, candidates()).empty()) << name(truth) << " needs no other";
    }
}

TEST(EncodingFit, SaysNothingWithTooFewGreys) {
    sim::Shot shot = test::plainShot();
    const auto r = test::readingOf(shot);
    ASSERT_TRUE(r);
    Reading few = *r;
    for (PatchReading& p : few.patches) p.clipped = 1;
    EXPECT_TRUE(encodingFits(few, candidates()).empty());
    EXPECT_TRUE(betterEncodings(few, candidates()).empty());
}

}  // namespace
}  // namespace refero
