// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <OpenColorIO/OpenColorIO.h>
#include <gtest/gtest.h>

#include <cmath>

#include "io/curve_file.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero::io {
namespace {

namespace ocio = OCIO_NAMESPACE;

TEST(LogCurveFile, AgreesWithOpenColorIOsLogCameraTransform) {
    test::Random random(9);
    for (int n = 0; n < 40; ++n) {
        LogCurve c;
        c.name = "x";
        c.base = std::array{2.0, 10.0, 2.718281828}[random.below(3)];
        const double stopsAt1 = random.uniform(5, 8);  // above 1.0
        c.logOffset = random.uniform(0.5, 0.7);
        c.logSlope = (1 - c.logOffset) / (stopsAt1 / std::log2(c.base));
        c.linearSlope = random.uniform(0.8, 1.2);
        c.linearOffset = random.uniform(0, 0.02);
        c.linearBreak = random.uniform(0.004, 0.02);
        if (random.below(2)) c.straightSlope = random.uniform(3, 9);
        ASSERT_TRUE(validate(c)) << validate(c).error().message;
        const double knee[3] = {*c.linearBreak, *c.linearBreak, *c.linearBreak},
                     slope[3] = {c.logSlope, c.logSlope, c.logSlope},
                     offset[3] = {c.logOffset, c.logOffset, c.logOffset},
                     linear[3] = {c.linearSlope, c.linearSlope, c.linearSlope},
                     lift[3] = {c.linearOffset, c.linearOffset, c.linearOffset};
        const auto t = ocio::LogCameraTransform::Create(knee);
        t->setBase(c.base);
        t->setLogSideSlopeValue(slope);
        t->setLogSideOffsetValue(offset);
        t->setLinSideSlopeValue(linear);
        t->setLinSideOffsetValue(lift);
        if (c.straightSlope) {
            const double straight[3] = {*c.straightSlope, *c.straightSlope, *c.straightSlope};
            t->setLinearSlopeValue(straight);
        }
        const auto cpu = ocio::Config::CreateRaw()->getProcessor(t)->getDefaultCPUProcessor();
        for (double x = -0.05; x < 20; x += 0.003 + 0.3 * std::abs(x)) {
            float v[3] = {float(x), float(x), float(x)};
            cpu->applyRGB(v);
            EXPECT_NEAR(v[0], c.encode(x), 2e-5) << "curve " << n << " at " << x;
        }
    }
}

TEST(LogCurveFile, IsReadByItsConstantsAndKeptInDocuments) {
    const test::TemporaryFolder folder;
    const std::string file = folder / "mine.log.json";
    test::put(
        file,
        R"({"name": "Mine", "base": 10, "logarithm_slope": 0.25, "logarithm_offset": 0.4, "linear_slope": 5,
                        "linear_offset": 0.05, "linear_break": 0.01})");
    const auto t = readCurve(file);
    ASSERT_TRUE(t) << t.error().message;
    EXPECT_EQ(t->name(), "Mine");
    ASSERT_TRUE(t->logCurve());
    EXPECT_EQ(t->logCurve()->linearBreak, 0.01);
    Json j = Json::object();
    putTransfer(j, "encoding", *t);
    EXPECT_EQ(transferFrom(Node(j, ""), "encoding"), *t);
    test::put(file, R"({"name": "Mine", "base": 10})");
    EXPECT_NE(readCurve(file).error().message.find("logarithm_slope"), std::string::npos);
    test::put(
        file,
        R"({"name": "Mine", "base": 0, "logarithm_slope": 0.25, "logarithm_offset": 0.4, "linear_slope": 5,
                        "linear_offset": 0.05})");
    EXPECT_NE(readCurve(file).error().message.find("base is 0"), std::string::npos);
}

}  // namespace
}  // namespace refero::io
