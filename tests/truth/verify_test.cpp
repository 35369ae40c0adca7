// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/verify.h"

#include <gtest/gtest.h>

#include "core/fit/fit.h"
#include "core/fit/fit_checks.h"
#include "support/shots.h"

namespace refero {
namespace {

Reading shotOf(const char* chart, const char* light, double exposure, const char* file, unsigned seed) {
    sim::Shot s = test::plainShot();
    s.chart = chart;
    s.light = light;
    s.exposure = exposure;
    s.pose.coverage = 0.25;
    s.file = file;
    s.seed = seed;
    const auto r = test::readingOf(s);
    EXPECT_TRUE(r) << r.error().message;
    return *r;
}

TEST(Verify, AnotherShotOfTheSameLightKeepsThePromise) {
    const Reading built = shotOf("fen-24", "led-5600", 0.75, "a.tif", 1);
    const auto c = fit(std::span(&built, 1), {});
    ASSERT_TRUE(c);
    // A stop darker, another chart: colours that the fit has not seen.
    const auto same = verified(*c, shotOf("fen-24", "led-5600", 0.75, "b.tif", 2));
    const auto other = verified(*c, shotOf("fen-48", "led-5600", 0.375, "c.tif", 3));
    ASSERT_TRUE(same && other);
    EXPECT_NEAR(same->differences.mean, c->summary.after.mean, 0.1);
    EXPECT_EQ(same->patches.size(), 24u);
    EXPECT_NEAR(same->levelStops, 0, 0.02);
    EXPECT_NEAR(other->levelStops, -1, 0.05);
    EXPECT_EQ(other->chartName, "Fen 48");
    EXPECT_EQ(other->patches.size(), 48u);
    EXPECT_LT(other->differences.mean, 1.6 * c->summary.repeatedFolds);
    EXPECT_GT(other->differences.mean, 0.2 * c->summary.repeatedFolds);
}

TEST(Verify, AnotherLightShows) {
    const Reading built = shotOf("fen-24", "led-5600", 0.75, "a.tif", 1);
    const auto c = fit(std::span(&built, 1), {});
    ASSERT_TRUE(c);
    const auto v = verified(*c, shotOf("fen-24", "a", 0.75, "b.tif", 2));
    ASSERT_TRUE(v);
    EXPECT_GT(v->differences.mean, 8) << "its balance is of the light that it was built under";
    Correction kept = *c;
    kept.verifications.push_back(*v);
    const auto checks = judged(kept);
    ASSERT_EQ(checks.back().id, "proof");
    EXPECT_EQ(checks.back().verdict, Verdict::reshoot);
    EXPECT_NE(checks.back().reason.find("b.tif"), std::string::npos);
}

TEST(Verify, RefusesWhatProvesNothing) {
    const Reading built = shotOf("fen-24", "d50", 0.75, "a.tif", 1);
    const auto c = fit(std::span(&built, 1), {});
    ASSERT_TRUE(c);
    const auto own = verified(*c, built);
    ASSERT_FALSE(own);
    EXPECT_NE(own.error().message.find("built from"), std::string::npos);
    Reading encoded = shotOf("fen-24", "d50", 0.75, "b.tif", 2);
    encoded.encoding = Encoding::srgb;
    EXPECT_NE(verified(*c, encoded).error().message.find("srgb"), std::string::npos);
    Reading lost = shotOf("fen-24", "d50", 0.75, "b.tif", 2);
    lost.found = false;
    EXPECT_NE(verified(*c, lost).error().message.find("no chart"), std::string::npos);
}

}  // namespace
}  // namespace refero
