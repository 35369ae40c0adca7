// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What chart shots pay for sharing a correction, on simulated cameras, over surfaces that no chart has; and
// how far a correction may be exposed otherwise.
#include "core/fit/pool.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <cstdio>

#include "core/assess/tolerance.h"
#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "io/chart_file.h"
#include "io/correction_file.h"
#include "truth/trial.h"
#include "words/terms_words.h"

namespace refero {
namespace {

using test::Trial;

const Trial& trialOf(std::string_view body, std::string_view light) {
    static const auto all = test::trials();
    return *std::find_if(all.begin(), all.end(),
                         [&](const Trial& t) { return t.body.id == body && t.light == light; });
}

Reading shot(std::string_view body, std::string_view light, double stops, unsigned seed) {
    static const Chart chart = *io::chartByNameOrPath("fen-24");
    const Trial& t = trialOf(body, light);
    Reading r = test::trialReading(chart, t.body, t.lamp, 0.002, seed);
    for (PatchReading& p : r.patches) {
        p.rgb *= std::exp2(stops);
        p.deviation *= std::exp2(stops);
    }
    r.framePath = std::string(light) + std::to_string(stops);
    return r;
}

// Exposure alone costs a camera that is linear nothing, and is told.
TEST(Pool, StepsOfExposureShareWithoutAPrice) {
    std::vector<PoolMember> members;
    for (const double stops : {-2.0, -1.0, 0.0})
        members.push_back(
            {shot("heron", "d65", stops, 5 + static_cast<unsigned>(-stops)), 1, std::to_string(stops)});
    const auto c = pooled(members);
    ASSERT_TRUE(c) << c.error().message;
    ASSERT_EQ(c->pool.size(), 3U);
    for (std::size_t i = 0; i < 3; ++i) {
        const PooledShot& p = c->pool[i];
        EXPECT_NEAR(p.stops, static_cast<double>(i) - 1, 0.01) << "from their mean";
        EXPECT_NEAR(*p.mired, 0, 1);
        EXPECT_LT(p.balanced, p.own + 0.15);
        EXPECT_GT(p.asIs, i == 1 ? 0 : 3) << "a LUT takes no level back";
    }
    EXPECT_LT(trialOf("heron", "d65").error([&](const Vector3& rgb) {
        // The trial's exposure is that of the last.
        return Xyz::from(c->toXyzD50(rgb).vector() / 2);
    }),
              1.15 * trialOf("heron", "d65").error([&](const Vector3& rgb) {
                  static const Reading alone = shot("heron", "d65", 0, 5);
                  static const auto own = fit(std::span(&alone, 1));
                  return own->toXyzD50(rgb);
              }) + 0.05);
}

// Over lights a camera pays, the more the farther its sensor is from the eye; weights say who pays.
TEST(Pool, LightsShareAtAPriceThatIsTold) {
    for (const char* body : {"heron", "coot"}) {
        const std::vector<PoolMember> even{{shot(body, "d65", 0, 1), 1, "day"},
                                           {shot(body, "a", 0, 2), 1, "lamp"}};
        std::vector<PoolMember> day = even;
        day[0].weight = 8;
        const auto shared = pooled(even), daily = pooled(day);
        ASSERT_TRUE(shared) << shared.error().message;
        ASSERT_TRUE(daily);
        for (const PooledShot& p : shared->pool) {
            std::printf("%s, %s: own %.2f, shared %.2f, as is %.2f, %+.0f mired\n", body, p.name.c_str(),
                        p.own, p.balanced, p.asIs, *p.mired);
            EXPECT_GE(p.balanced, p.own - 0.02);
            EXPECT_GT(p.asIs, p.balanced);
        }
        EXPECT_LE(daily->pool[0].balanced, shared->pool[0].balanced + 0.01);
        EXPECT_GE(daily->pool[1].balanced, shared->pool[1].balanced - 0.01);
        EXPECT_LT(std::abs(daily->pool[0].stops), std::abs(shared->pool[0].stops) + 0.2);
        // Incandescent is some 200 mired warmer than D65 (CIE 15: 350 and 154 mired); filters that leak tell
        // less.
        const double warmer = *shared->pool[1].mired - *shared->pool[0].mired;
        EXPECT_GT(warmer, 80);
        EXPECT_LT(warmer, 230);
        // On colours that the chart does not have, the truth is like what is told.
        for (std::size_t i = 0; i < 2; ++i) {
            const Trial& t = trialOf(body, i == 0 ? "d65" : "a");
            const auto own = fit(std::span(&even[i].reading, 1));
            ASSERT_TRUE(own);
            const double alone = t.error([&](const Vector3& rgb) { return own->toXyzD50(rgb); });
            const Vector3 scale = (own->gains * own->level).cwiseQuotient(shared->gains * shared->level);
            const double together =
                t.error([&](const Vector3& rgb) { return shared->toXyzD50(rgb.cwiseProduct(scale)); });
            std::printf("   unseen: alone %.2f, together %.2f\n", alone, together);
            EXPECT_NEAR(together - alone, shared->pool[i].balanced - shared->pool[i].own, 0.7);
        }
        // It outlives its document.
        const auto back = io::parseCorrection(io::toJson(*shared).dump(), "pool");
        ASSERT_TRUE(back);
        ASSERT_EQ(back->pool.size(), 2U);
        EXPECT_EQ(back->pool[1].name, "lamp");
        EXPECT_DOUBLE_EQ(back->pool[1].balanced, shared->pool[1].balanced);
        EXPECT_NE(words::poolSentence(*back).find("Shared by 2"), std::string::npos);
    }
}

TEST(Pool, RefusesWhatCannotShare) {
    const PoolMember day{shot("heron", "d65", 0, 1), 1, "day"};
    EXPECT_FALSE(pooled(std::span(&day, 1)));
    const auto with = [&](auto change) {
        std::vector<PoolMember> members{day, day};
        change(members[1]);
        const auto c = pooled(members);
        return c ? std::string() : c.error().message;
    };
    EXPECT_NE(with([](PoolMember& m) { m.reading.encoding = Encoding::srgb; }).find("cannot be fed both"),
              std::string::npos);
    EXPECT_NE(with([](PoolMember& m) { m.reading.chart.id = "other"; }).find("two charts"),
              std::string::npos);
    EXPECT_NE(with([](PoolMember& m) { m.weight = 0; }).find("above 0"), std::string::npos);
    EXPECT_NE(with([](PoolMember& m) { m.reading.found = false; }).find("no chart"), std::string::npos);
    EXPECT_NE(with([](PoolMember& m) {
                  for (PatchReading& p : m.reading.patches) p.clipped = 1;
              }).find("No grey"),
              std::string::npos);
    std::vector<PoolMember> bodies{day, day};
    bodies[0].reading.body = "Heron";
    bodies[1].reading.body = "Coot";
    EXPECT_FALSE(pooled(bodies));
}

// A matrix does the same at any exposure (its definition); what ends is the recording.
TEST(Tolerance, OfAMatrixEndsWhereTheRecordingEnds) {
    const Reading r = shot("heron", "d65", 0, 3);
    FitOptions o;
    o.model = Model::matrix;
    o.greyCurves = CurveUse::never;
    const auto c = fit(std::span(&r, 1), o);
    ASSERT_TRUE(c);
    double top = 0;
    std::string brightest;
    for (const PatchResult& p : c->patches)
        if (p.used && p.rgb.maxCoeff() > top) {
            top = p.rgb.maxCoeff();
            brightest = p.id;
        }
    const double room = -std::log2(top);
    const ExposureTolerance t = exposureTolerance(*c);
    EXPECT_NEAR(t.under.worst, 0, 1e-9);
    EXPECT_NEAR(t.from, -kMostStops, 1e-9);
    EXPECT_LE(t.to, std::min(room, kMostStops));
    EXPECT_GT(t.to, std::min(room, kMostStops) - 0.1);
    if (room < 0.5) {
        EXPECT_EQ(t.over.clipped.front(), brightest);
        EXPECT_NE(words::sentence(t).find("clipped"), std::string::npos);
    } else {
        EXPECT_TRUE(t.over.clipped.empty());
    }
}

// Curves from the greys are right at one exposure: at others colours move, and how far is told.
TEST(Tolerance, OfCurvesIsHowFarColoursMove) {
    Reading r = shot("heron", "d65", -1, 3);
    // A recording whose contrast is not linear, by a power about mid-grey.
    for (PatchReading& p : r.patches)
        for (int k = 0; k < 3; ++k) p.rgb[k] = 0.09 * std::pow(std::max(p.rgb[k], 1e-5) / 0.09, 1.25);
    FitOptions o;
    o.greyCurves = CurveUse::always;
    const auto c = fit(std::span(&r, 1), o);
    ASSERT_TRUE(c) << c.error().message;
    const ExposureTolerance t = exposureTolerance(*c);
    EXPECT_GT(t.under.mean, 0.1);
    EXPECT_GE(t.under.worst, t.under.mean);
    EXPECT_GT(t.from, -kMostStops);
    EXPECT_LT(t.to, kMostStops);
    EXPECT_LE(t.from, 0);
    EXPECT_NE(words::sentence(t).find("It holds from"), std::string::npos) << words::sentence(t);
}

}  // namespace
}  // namespace refero
