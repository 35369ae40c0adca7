// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/light_watch.h"

#include <gtest/gtest.h>

#include <cmath>

#include "core/plan/day.h"
#include "core/spectra/illuminant.h"

namespace refero::plan {
namespace {

class LightWatch : public testing::Test {
  protected:
    LightWatch() {
        setup.id = 7;
        day.setups = {setup};
        day.shots = {{1, 7, at("10:00"), {}, true}};
    }
    std::vector<std::string> doubts(const char* clock, const std::vector<WhiteSeen>& seen = {}) const {
        return lightDoubts(day, setup, at(clock), seen);
    }
    Day day;
    plan::Setup setup;
};

TEST_F(LightWatch, FarFromTheChartShotIsSaid) {
    EXPECT_TRUE(doubts("10:05").empty());
    EXPECT_TRUE(doubts("11:59").empty()) << "two hours are common practice";
    EXPECT_EQ(doubts("12:10"), std::vector<std::string>{"Taken 2 h 10 min after the chart shot."});
    EXPECT_EQ(doubts("07:15"), std::vector<std::string>{"Taken 2 h 45 min before the chart shot."});
    day.shots.push_back({2, 7, at("12:20"), {}, true});
    EXPECT_TRUE(doubts("12:10").empty()) << "the next one follows at once";
    day.shots.back().usable = false;
    EXPECT_FALSE(doubts("12:10").empty()) << "one to be shot again is none";
    day.shots.clear();
    EXPECT_TRUE(doubts("12:10").empty()) << "that the chart is missing is said elsewhere";
}

TEST_F(LightWatch, DaylightHoldsAsLongAsThePlanSays) {
    day.trustedUntil[1] = at("10:40");
    EXPECT_TRUE(doubts("10:39").empty());
    EXPECT_EQ(doubts("10:45"),
              std::vector<std::string>{"Taken at 10:45; the chart shot of 10:00 holds until 10:40."});
    Place p;
    p.id = 3;
    p.offsetMinutes = 60;
    day.places = {p};
    setup.conditions.place = 3;
    EXPECT_NE(doubts("10:45")[0].find("at 11:45"), std::string::npos) << "on the place's clock";
}

TEST_F(LightWatch, ALightThatMovedBetweenTwoLooksIsMeasured) {
    day.shots.push_back({2, 7, at("10:30"), {}, true});
    const double e = 0.01 * 100 / 16;
    const std::vector<WhiteSeen> dimmed{{at("10:00"), {0.4, 0.5, 0.3}, e},
                                        {at("10:30"), {0.2, 0.25, 0.15}, e}};
    const auto out = doubts("10:15", dimmed);
    ASSERT_EQ(out.size(), 1u);
    EXPECT_EQ(out[0], "The light moved between 10:00 and 10:30, by -1.0 stops and about +0 mired.");
    EXPECT_TRUE(doubts("10:35", dimmed).empty()) << "what comes after both is under the second";
    std::vector<WhiteSeen> exposed = dimmed;
    exposed[1].exposure = e / 2;
    EXPECT_TRUE(doubts("10:15", exposed).empty()) << "half the exposure explains half the level";
    std::vector<WhiteSeen> unknown = dimmed;
    unknown[1].exposure = 0;
    EXPECT_TRUE(doubts("10:15", unknown).empty()) << "without an exposure only the colour speaks";
}

// A black body from 5000 K to 4000 K is 50 mired warmer; a camera with narrow channels at 600 and 460 nm sees
// just that.
TEST_F(LightWatch, AShiftOfABlackBodyIsFoundInMired) {
    const auto planck = [](double kelvin, double nm) {
        return std::exp(-14387.77e3 / (nm * kelvin));  // Wien's part that changes with temperature
    };
    const auto white = [&](double k) { return Vector3(planck(k, 600), planck(k, 540), planck(k, 460)); };
    const LightStep s = lightStep({{}, white(5000), 1}, {{}, white(4000), 1});
    EXPECT_NEAR(s.mired, 50, 0.5);
    ASSERT_TRUE(s.stops);
    EXPECT_FALSE(lightStep({{}, white(5000), 0}, {{}, white(4000), 1}).stops);
}

}  // namespace
}  // namespace refero::plan
