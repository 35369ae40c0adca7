// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/log_curve.h"

#include <gtest/gtest.h>

#include <cmath>

#include "core/colour/transfer.h"

namespace refero {
namespace {

// Academy S-2016-001, section 4.4: ACEScct is such a curve.
LogCurve acescct() {
    LogCurve c;
    c.name = "by constants";
    c.base = 2;
    c.logSlope = 1 / 17.52;
    c.logOffset = 9.72 / 17.52;
    c.linearSlope = 1;
    c.linearOffset = 0;
    c.linearBreak = 0.0078125;
    c.straightSlope = 10.5402377416545;
    return c;
}

TEST(LogCurve, WithThePublishedConstantsIsAcescct) {
    const LogCurve c = acescct();
    ASSERT_TRUE(validate(c));
    for (double x = -0.3; x < 30; x += 0.037) {
        EXPECT_NEAR(c.encode(x), encode(Encoding::acescct, x), 1e-7) << x;
        EXPECT_NEAR(c.decode(c.encode(x)), x, 1e-9 * std::max(1.0, x)) << x;
    }
    EXPECT_NEAR(rangeOf(c).midGrey, 0.4135884, 1e-6) << "S-2016-001, table 1";
    EXPECT_NEAR(rangeOf(c).stopsAbove, std::log2(222.8609 / 0.18), 1e-3);
}

TEST(LogCurve, GoesOnSmoothlyWhereNoSlopeIsStated) {
    LogCurve c = acescct();
    c.straightSlope.reset();
    const double at = *c.linearBreak, d = 1e-6;
    EXPECT_NEAR((c.encode(at + d) - c.encode(at)) / d, (c.encode(at) - c.encode(at - d)) / d, 1e-2);
    c.linearBreak.reset();
    c.linearOffset = 0.02;
    for (double x = -0.5; x < 2; x += 0.01) EXPECT_LT(c.encode(x), c.encode(x + 0.01)) << x;
    EXPECT_NEAR(c.decode(c.encode(-0.2)), -0.2, 1e-9);
}

TEST(LogCurve, NamesTheConstantThatIsWrong) {
    const auto why = [](const LogCurve& c) {
        const Status s = validate(c);
        return s ? std::string() : s.error().message;
    };
    LogCurve c = acescct();
    c.base = 0.5;
    EXPECT_NE(why(c).find("base is 0.5"), std::string::npos) << why(c);
    c = acescct();
    c.logSlope = std::nan("");
    EXPECT_NE(why(c).find("log slope"), std::string::npos) << why(c);
    c = acescct();
    c.logSlope = 0.002;
    EXPECT_NE(why(c).find("log slope right"), std::string::npos) << why(c);
    c = acescct();
    c.logOffset = -0.3;
    EXPECT_FALSE(why(c).empty());
    c = acescct();
    c.linearBreak = -0.5;
    EXPECT_NE(why(c).find("no logarithm"), std::string::npos) << why(c);
}

TEST(LogCurve, RangeCountsStopsThatStillHaveCodes) {
    // A pure logarithm with 0.06 a stop loses nothing until its straight part begins.
    LogCurve c = acescct();
    const LogRange r = rangeOf(c);
    EXPECT_GT(r.stopsBelow, 6);
    EXPECT_LT(r.stopsBelow, 9);
    c.straightSlope.reset();
    c.linearOffset = 0.05;  // lifts the darkest light into fewer codes
    EXPECT_LT(rangeOf(c).stopsBelow, r.stopsBelow);
}

TEST(LogTransfer, IsScaledToTheClippingLevelAndKnownByItsConstants) {
    const auto t = Transfer::fromLog(acescct());
    ASSERT_TRUE(t) << t.error().message;
    EXPECT_DOUBLE_EQ(t->decode(1), 1);
    EXPECT_NEAR(t->decode(0.4135884) * 222.8609, 0.18, 1e-6);
    for (const double x : {0.0, 0.1, 0.3, 0.9}) EXPECT_NEAR(t->encode(t->decode(x)), x, 1e-12);
    EXPECT_EQ(t->name(), "by constants");
    EXPECT_FALSE(t->named());
    EXPECT_FALSE(t->curve());
    ASSERT_TRUE(t->logCurve());
    EXPECT_EQ(*t, *Transfer::fromLog(acescct()));
    EXPECT_NE(*t, Transfer(Encoding::acescct));
    LogCurve bad = acescct();
    bad.base = -1;
    EXPECT_NE(Transfer::fromLog(bad).error().message.find("by constants"), std::string::npos);
}

}  // namespace
}  // namespace refero
