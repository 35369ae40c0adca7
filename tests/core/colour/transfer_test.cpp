// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/transfer.h"

#include <gtest/gtest.h>

#include <cmath>
#include <limits>

namespace refero {
namespace {

Curve sampled(Encoding e, int points, double scale = 1) {
    Curve c{"mine", {}, {}};
    for (int i = 0; i < points; ++i) {
        c.stored.push_back(static_cast<double>(i) / (points - 1));
        c.linear.push_back(scale * decode(e, c.stored.back()));
    }
    return c;
}

std::string whyNot(const Curve& c) {
    const auto t = Transfer::fromCurve(c);
    return t ? "" : t.error().message;
}

TEST(TransferCurve, FollowsTheEncodingThatItWasSampledFrom) {
    const auto t = Transfer::fromCurve(sampled(Encoding::rec709, 1025, 37.0));
    ASSERT_TRUE(t) << t.error().message;
    for (const double x : {0.0, 0.013, 0.2, 0.5, 0.77, 1.0}) {
        EXPECT_NEAR(t->decode(x), decode(Encoding::rec709, x), 2e-6)
            << "scaled to the clipping level at " << x;
        EXPECT_NEAR(t->encode(t->decode(x)), x, 1e-12);
    }
    EXPECT_GT(t->decode(1.1), 1.0) << "continued beyond its end";
    EXPECT_LT(t->decode(-0.1), 0.0);
    EXPECT_FALSE(t->named());
    EXPECT_EQ(t->name(), "mine");
}

TEST(TransferCurve, NamedOnesAreTheirEncodings) {
    for (const Encoding e : kEncodings) {
        const Transfer t = e;
        EXPECT_EQ(t.named(), e);
        EXPECT_EQ(t.name(), name(e));
        EXPECT_DOUBLE_EQ(t.decode(0.4), decode(e, 0.4));
        EXPECT_DOUBLE_EQ(t.encode(0.4), encode(e, 0.4));
    }
    EXPECT_EQ(Transfer(Encoding::srgb), Transfer(Encoding::srgb));
    EXPECT_NE(Transfer(Encoding::srgb), Transfer(Encoding::linear));
    EXPECT_EQ(*Transfer::fromCurve(sampled(Encoding::srgb, 9)),
              *Transfer::fromCurve(sampled(Encoding::srgb, 9)));
    EXPECT_NE(*Transfer::fromCurve(sampled(Encoding::srgb, 9)), Transfer(Encoding::srgb));
}

TEST(TransferCurve, RefusesWhatIsNoCurveInWords) {
    const auto says = [](const Curve& c, const char* part) {
        const std::string why = whyNot(c);
        EXPECT_NE(why.find(part), std::string::npos) << why;
    };
    says({"x", {0.5}, {0.2}}, "at least two points");
    says({"x", {0, 1}, {0}}, "at least two points");
    says({"x", {0, 0.5, 0.5, 1}, {0, 0.1, 0.2, 1}}, "does not rise from point 2");
    says({"x", {0, 0.5, 1}, {0, 0.3, 0.3}}, "does not rise from point 2");
    says({"x", {0, 1}, {0, std::numeric_limits<double>::infinity()}}, "not a finite number");
    says({"x", {0, 255}, {0, 1}}, "0.1 to 0.9");
    says({"x", {0.3, 1}, {0, 1}}, "0.1 to 0.9");
    says({"x", {0, 1}, {-3, -1}}, "no light");
    Curve wrongWay = sampled(Encoding::srgb, 33);
    std::swap(wrongWay.stored, wrongWay.linear);
    says(wrongWay, "other direction");
}

}  // namespace
}  // namespace refero
