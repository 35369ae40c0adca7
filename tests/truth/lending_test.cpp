// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Colours lent to a light without a chart shot, held against the simulated camera's own truth there.
#include "core/fit/lending.h"

#include <gtest/gtest.h>

#include "core/chart/chart.h"
#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/fit/fit.h"
#include "support/shots.h"

namespace refero {
namespace {

// What was read of a chart in a light, without a frame file: the camera's own truth.
Reading readUnder(const std::string& light, const std::string& taken, const char* camera = "heron") {
    sim::Shot shot = test::plainShot();
    shot.light = light;
    shot.camera = camera;
    const test::Taken t = test::take(shot);
    Reading about = test::about(shot);
    about.body = camera;
    about.serial = "1001";
    about.lens = "50 mm";
    about.taken = taken;
    auto r = readChart(t.image, t.chart, about);
    EXPECT_TRUE(r) << r.error().message;
    return *std::move(r);
}

Correction builtFrom(const Reading& r, const std::string& name, std::optional<Model> model = {}) {
    FitOptions o;
    o.model = model;
    auto c = fit(std::span(&r, 1), o);
    EXPECT_TRUE(c) << c.error().message;
    c->name = name;
    return *std::move(c);
}

double left(const Correction& c, const Reading& r) {
    double sum = 0;
    for (const PatchReading& p : r.patches)
        sum += ciede2000(toLab(referenceXyzD50(*r.chart.patch(p.id)), white::d50), c.toLab(p.rgb));
    return sum / static_cast<double>(r.patches.size());
}

Vector3 greyIn(const Reading& r) {
    return r.patches[r.neutrals()[r.neutrals().size() / 2]].rgb;
}

class Lending : public testing::Test {
  protected:
    static void SetUpTestSuite() {
        day_ = new Reading(readUnder("d65", "2026:05:14 10:00:00"));
        lamp_ = new Reading(readUnder("a", "2026:05:14 11:00:00"));
    }
    static void TearDownTestSuite() {
        delete day_;
        delete lamp_;
    }
    static const Reading& day() { return *day_; }
    static const Reading& lamp() { return *lamp_; }
    static Borrower about(const Reading& r) {
        Borrower b;
        b.body = r.body;
        b.serial = r.serial;
        b.lens = r.lens;
        b.encoding = r.encoding;
        return b;
    }

  private:
    static inline Reading *day_ = nullptr, *lamp_ = nullptr;
};

TEST_F(Lending, TheSameKindOfLightLendsItsColoursBalancedOnTheGrey) {
    const Correction daylight = builtFrom(day(), "day"), tungsten = builtFrom(lamp(), "lamp");
    const std::vector<Lender> all{{&daylight, "daylight"}, {&tungsten, "tungsten"}};
    const Reading later = readUnder("daylight-6000", "2026:05:14 15:00:00");
    Borrower b = about(later);
    b.grey = greyIn(later);
    const auto c = lent(all, b);
    ASSERT_TRUE(c) << c.error().message;
    EXPECT_EQ(c->loan->source, LoanSource::shelf);
    EXPECT_EQ(c->loan->balance, BalancedOn::grey);
    EXPECT_EQ(c->loan->from, std::vector<std::string>{"day"});
    EXPECT_TRUE(c->patches.empty()) << "nothing proves it";
    // As good as one of its own chart, to a third of a CIEDE2000.
    Correction levelled = *c;
    levelled.level = builtFrom(later, "own").level;
    EXPECT_LT(left(levelled, later), left(builtFrom(later, "own"), later) + 0.35);
}

// Common practice: profiles of two lights are mixed by mired for a light between them.
TEST_F(Lending, ALightBetweenTwoGetsAMixThatBeatsEither) {
    for (const auto model : {std::optional(Model::matrix), std::optional<Model>()}) {
        const Correction daylight = builtFrom(day(), "day", model),
                         tungsten = builtFrom(lamp(), "lamp", model);
        const std::vector<Lender> all{{&daylight, {}}, {&tungsten, {}}};
        const Reading dusk = readUnder("daylight-4000", "2026:05:14 20:00:00");
        Borrower b = about(dusk);
        b.grey = greyIn(dusk);
        const auto c = lent(all, b);
        ASSERT_TRUE(c) << c.error().message;
        ASSERT_EQ(c->loan->source, LoanSource::mix);
        EXPECT_GT(c->loan->share, 0);
        EXPECT_LT(c->loan->share, 0.5) << "the nearest comes first";
        const double level = builtFrom(dusk, "own", model).level;
        const auto leaves = [&](Correction with) {
            with.gains = c->gains;
            with.level = level;
            return left(with, dusk);
        };
        EXPECT_LT(leaves(*c), leaves(tungsten));
        EXPECT_LT(leaves(*c), leaves(daylight) + 0.05);
        // A grey stays one.
        const Lab grey = c->toLab(greyIn(dusk));
        EXPECT_LT(std::hypot(grey.a, grey.b), 0.05);
    }
}

TEST_F(Lending, AnotherLightOfTheBodyIsTheLastToLendAndAnotherBodyNever) {
    const Correction daylight = builtFrom(day(), "day");
    const std::vector<Lender> all{{&daylight, "daylight"}};
    Borrower b = about(lamp());
    b.grey = greyIn(lamp());
    const auto c = lent(all, b);
    ASSERT_TRUE(c);
    EXPECT_EQ(c->loan->source, LoanSource::body);
    EXPECT_GT(*c->loan->mired, 100) << "D65 to illuminant A: 353 - 154 mired (CIE 15)";
    EXPECT_LT(*c->loan->mired, 300);
    // Two of a model are two bodies; one whose number is not known may be the same.
    b.serial = "2002";
    EXPECT_FALSE(lent(all, b));
    b.serial.clear();
    EXPECT_TRUE(lent(all, b));
    b.body = "bittern";
    EXPECT_FALSE(lent(all, b));
    b.body.clear();
    EXPECT_FALSE(lent(all, b));
}

TEST_F(Lending, WithoutAGreyTheLampsKindCountsThenTheCamerasBalance) {
    const Correction daylight = builtFrom(day(), "day"), tungsten = builtFrom(lamp(), "lamp");
    const std::vector<Lender> all{{&daylight, "daylight"}, {&tungsten, "tungsten"}};
    Borrower b = about(day());
    EXPECT_FALSE(lent(all, b)) << "nothing tells the light";
    b.lightKind = "tungsten";
    auto c = lent(all, b);
    ASSERT_TRUE(c);
    EXPECT_EQ(c->loan->from.front(), "lamp");
    EXPECT_EQ(c->loan->balance, BalancedOn::lender);
    EXPECT_EQ(c->gains, tungsten.gains);
    b.lightKind = "flash";
    b.cameraWhite = daylight.gains.cwiseInverse();
    c = lent(all, b);
    ASSERT_TRUE(c);
    EXPECT_EQ(c->loan->from.front(), "day");
    EXPECT_EQ(c->loan->balance, BalancedOn::camera);
}

TEST_F(Lending, WhatIsLentIsNotLentOnAndTheNewestOfALightComesFirst) {
    Correction old = builtFrom(day(), "old"), fresh = old;
    fresh.name = "fresh";
    fresh.taken = "2026:06:01 10:00:00";
    const std::vector<Lender> both{{&old, {}}, {&fresh, {}}};
    Borrower b = about(day());
    b.grey = greyIn(day());
    auto c = lent(both, b);
    ASSERT_TRUE(c);
    EXPECT_EQ(c->loan->from.front(), "fresh");
    const std::vector<Lender> again{{&*c, {}}};
    EXPECT_FALSE(lent(again, b));
    EXPECT_NEAR(*differenceBetween(old, fresh), 0, 1e-9);
    const Correction other = builtFrom(lamp(), "lamp");
    EXPECT_GT(*differenceBetween(old, other), 0.5);
}

}  // namespace
}  // namespace refero
