// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/sun.h"

#include <gtest/gtest.h>

#include <cmath>

#include "core/plan/drift.h"
#include "core/spectra/observer.h"
#include "core/spectra/temperature.h"
#include "support/csv.h"

namespace refero::plan {
namespace {

double degreesApart(double a, double b) {
    const double d = std::abs(std::fmod(a - b, 360));
    return std::min(d, 360 - d);
}

// Reda and Andreas, Solar Position Algorithm (NREL/TP-560-34302), appendix A.5: zenith 50.11162, azimuth
// 194.34024 degrees (from memory; their station lies at 1830 m, which changes refraction by 0.003).
TEST(Sun, PublishedExampleOfGolden) {
    const SunPosition p = sunPosition(*momentFrom("2003-10-17T19:30:30Z"), 39.742476, -105.1786);
    EXPECT_NEAR(p.heightDegrees, 90 - 50.11162, 0.01);
    EXPECT_NEAR(p.azimuthDegrees, 194.34024, 0.01);
}

// Meeus, Astronomical Algorithms, example 28.b: the equation of time on 13 October 1992, 0h TD, is
// +13 m 42.6 s (from memory), so that the sun at Greenwich culminates 13 m 42.6 s early, and 7 s more by
// noon.
TEST(Sun, PublishedExampleOfTheEquationOfTime) {
    const SunTimes t = sunTimes(*dateFrom("1992-10-13"), 51.4779, 0);
    EXPECT_NEAR(static_cast<double>((t.noon - *momentFrom("1992-10-13T12:00Z")).count()),
                -(13 * 60 + 42.6 + 7), 5);
}

// 200 places and times against astronomy-engine; see tests/reference/make_sun_reference.mjs.
TEST(Sun, AgreesWithAnIndependentEphemeris) {
    const auto rows = test::textsOf("sun_reference.csv");
    ASSERT_EQ(rows.size(), 200u);
    int crossings = 0;
    for (const auto& r : rows) {
        const double latitude = std::stod(r[1]), longitude = std::stod(r[2]);
        const SunPosition p = sunPosition(*momentFrom(r[0]), latitude, longitude);
        EXPECT_NEAR(p.trueHeightDegrees, std::stod(r[3]), 0.015) << r[0];
        // An arc on the sky: near the zenith the azimuth alone says little.
        const double arc = degreesApart(p.azimuthDegrees, std::stod(r[4])) *
                           std::cos(p.trueHeightDegrees * 3.14159265358979 / 180);
        EXPECT_LT(arc, 0.015) << r[0];
        const SunTimes t = sunTimes(*dateFrom(r[0].substr(0, 10)), latitude, longitude);
        const auto near = [&](const std::optional<Moment>& ours, std::size_t column) {
            if (r.size() <= column || r[column].empty() || !ours) return;
            ++crossings;
            EXPECT_NEAR(static_cast<double>((*ours - *momentFrom(r[column])).count()), 0, 90) << r[0];
        };
        near(t.rise, 5);
        near(t.set, 6);
    }
    EXPECT_GT(crossings, 390);
}

TEST(Sun, NeverRisesInThePolarNightAndNeverSetsInItsDay) {
    const SunTimes night = sunTimes(*dateFrom("2026-12-21"), 78, 15);
    EXPECT_FALSE(night.rise || night.set);
    EXPECT_LT(sunPosition(night.noon, 78, 15).heightDegrees, 0);
    const SunTimes day = sunTimes(*dateFrom("2026-06-21"), 78, 15);
    EXPECT_FALSE(day.rise || day.set);
}

// Kasten and Young, Applied Optics 28 (1989) 4735: 1.0 at the zenith, about 2 at 30 and 38 at the horizon.
TEST(Daylight, AirMassIsThePublishedOne) {
    EXPECT_NEAR(airMass(90), 1.0, 0.001);
    EXPECT_NEAR(airMass(30), 1.995, 0.005);
    EXPECT_NEAR(airMass(10), 5.59, 0.02);
    EXPECT_NEAR(airMass(0), 37.9, 0.2);
}

double kelvinOf(const Spectrum& s) {
    const auto t = colourTemperature(chromaticity(lightXyz(s)));
    return t ? t->kelvin : 0;
}

// Common practice: about 5500 K for sun and sky in the middle of the day, well below 4000 K by a low sun,
// blue light in open shade (6500 to 7000 K with haze and surroundings, far higher from the clear sky alone).
TEST(Daylight, ColoursAreThoseOfTheTrade) {
    const ClearSky clear;
    EXPECT_GT(kelvinOf(clear.sunAndSky(50)), 5000);
    EXPECT_LT(kelvinOf(clear.sunAndSky(50)), 6000);
    EXPECT_LT(kelvinOf(clear.sunAndSky(6)), 4000);
    EXPECT_GT(kelvinOf(clear.sky(40)), 6500);
    double last = 0;
    for (double h = 5; h <= 90; h += 5) {
        const double k = kelvinOf(clear.sunAndSky(h));
        EXPECT_GT(k, last) << "redder the lower, at " << h;
        last = k;
    }
}

// Made once: it takes a while.
const ClearSky& plainSky() {
    static const ClearSky clear;
    return clear;
}

Place fenland() {
    Place p{1, 1, "Yard", 52.6, 0.2, 60};
    return p;
}

TEST(Daylight, TrustIsLongAtNoonAndShortAtTheEndOfTheDay) {
    const Shoot shoot;
    const auto minutes = [&](const char* clock, LightKind kind = LightKind::daylight) {
        const Moment shot = *momentFrom(std::string("2026-06-21T") + clock + ":00Z");
        const auto t = trust(shot, fenland(), kind, shoot, plainSky());
        EXPECT_TRUE(t) << clock;
        if (!t) return 0.0;
        EXPECT_LE(t->from, shot);
        EXPECT_GE(t->until, shot);
        EXPECT_NE(t->reason.find("assumes a clear sky"), std::string::npos);
        return static_cast<double>((t->until - shot).count()) / 60;
    };
    EXPECT_GT(minutes("12:00"), 100);
    EXPECT_LT(minutes("19:00"), 20);
    EXPECT_GT(minutes("09:00"), minutes("06:00"));
}

TEST(Daylight, ScaleByHeightIsTheSpectrumsOwn) {
    const ClearSky hazy(0.2);
    const double kTolerance = 0.5;  // a twentieth of the usual limit
    for (const double h : {0.6, 3.3, 11.0, 27.0, 58.0, 88.0}) {
        const Daylight d = hazy.at(h, LightKind::daylight);
        EXPECT_NEAR(d.mired, 1e6 / kelvinOf(hazy.sunAndSky(h)), kTolerance) << h;
        EXPECT_NEAR(hazy.at(h, LightKind::shade).mired, 1e6 / kelvinOf(hazy.sky(h)), kTolerance) << h;
    }
}

TEST(Daylight, TrustFollowsTheLimitsOfTheShootAndKnowsWhatItCannotKnow) {
    const Moment shot = *momentFrom("2026-06-21T15:00:00Z");
    Shoot tight, loose;
    tight.moveLimitMired = 2;
    loose.moveLimitMired = 40;
    loose.moveLimitStops = 2;
    const auto a = trust(shot, fenland(), LightKind::daylight, tight, plainSky()),
               b = trust(shot, fenland(), LightKind::daylight, loose, plainSky());
    ASSERT_TRUE(a && b);
    EXPECT_LT(a->until, b->until);
    // At the end of its trust the colour is still inside the limit, a minute later it is not.
    const auto miredAt = [&](Moment m) {
        return daylightAt(m, fenland(), LightKind::daylight, plainSky())->mired;
    };
    EXPECT_LE(std::abs(miredAt(a->until) - miredAt(shot)), 2);
    EXPECT_GT(std::abs(miredAt(a->until + std::chrono::minutes(1)) - miredAt(shot)), 2);
    EXPECT_FALSE(trust(shot, fenland(), LightKind::led, tight, plainSky())) << "a lamp does not move";
    EXPECT_FALSE(trust(shot, Place{1, 1, "Somewhere"}, LightKind::daylight, tight, plainSky()))
        << "no coordinates";
    EXPECT_FALSE(
        trust(*momentFrom("2026-06-21T00:30:00Z"), fenland(), LightKind::daylight, tight, plainSky()))
        << "night";
}

TEST(Daylight, ADayRunsByThePlacesOwnClock) {
    Place place = fenland();
    place.offsetMinutes = 60;
    const Date date{std::chrono::year(2026), std::chrono::May, std::chrono::day(14)};
    const auto day = skyOver(date, place, LightKind::daylight, plainSky(), 15);
    ASSERT_EQ(day.size(), 97u) << "every quarter of an hour, both midnights";
    EXPECT_EQ(isoText(day.front().at), "2026-05-13T23:00:00Z");
    EXPECT_FALSE(day.front().light) << "at night";
    const auto highest = std::max_element(day.begin(), day.end(), [](const SkyMoment& a, const SkyMoment& b) {
        return a.sun.heightDegrees < b.sun.heightDegrees;
    });
    EXPECT_LT(std::abs((highest->at - sunTimes(date, *place.latitude, *place.longitude).noon).count()),
              15 * 60);
    EXPECT_TRUE(highest->light);
    place.latitude.reset();
    EXPECT_TRUE(skyOver(date, place, LightKind::daylight, plainSky()).empty()) << "without coordinates";
    EXPECT_TRUE(skyOver(date, fenland(), LightKind::daylight, plainSky(), 0).empty());
}

}  // namespace
}  // namespace refero::plan
