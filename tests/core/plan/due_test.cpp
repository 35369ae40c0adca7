// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/due.h"

#include <gtest/gtest.h>

#include <functional>

#include "core/plan/day.h"

namespace refero::plan {
namespace {

// Common practice, three schools: what calls for a new chart shot.
TEST(WhatCounts, TableOfTheSchools) {
    struct Row {
        Aspect aspect;
        bool strict, usual, runAndGun;
    };
    const Row rows[] = {{Aspect::body, true, true, true},       {Aspect::lens, true, true, false},
                        {Aspect::lamp, true, true, true},       {Aspect::power, true, false, false},
                        {Aspect::modifier, true, false, false}, {Aspect::place, true, true, false},
                        {Aspect::recording, true, false, false}};
    for (const Row& r : rows) {
        EXPECT_EQ(counts(Policy::strict, r.aspect), r.strict) << name(r.aspect);
        EXPECT_EQ(counts(Policy::usual, r.aspect), r.usual) << name(r.aspect);
        EXPECT_EQ(counts(Policy::runAndGun, r.aspect), r.runAndGun) << name(r.aspect);
    }
}

TEST(WhatCounts, EveryChangeIsSeenAndNamed) {
    const Day day = plainDay(Policy::strict);
    const Conditions before = plainConditions();
    EXPECT_TRUE(changes(before, before).empty());
    Conditions after = before;
    after.body = 2;
    after.lens = 2;
    after.lamp = 3;
    after.powerPercent = 40;
    after.modifier = "softbox";
    after.place = 2;
    after.recording = Recording::logVideo;
    EXPECT_EQ(changes(before, after).size(), kAspects.size());
    const Naming naming{day.kit, day.places};
    EXPECT_EQ(
        described(changes(before, after), before, after, naming),
        "body Heron 0001 to Second, lens 60 mm to 24-70 mm, light LED panel to Kiln bulbs, power 60 % to "
        "40 %, modifier bare to softbox, place Library to Kiln room, recording raw to log video");
}

struct Case {
    const char* name;
    std::function<Day()> day;
    std::vector<DueState> states;
    SetupId setup = 0;  // whose reason is looked at
    const char* reason = "";
};

Day with(Policy policy, const std::function<void(Day&)>& change) {
    Day d = plainDay(policy);
    change(d);
    return d;
}

// The second setup differs from the first in one thing; the first one's chart was shot.
Day second(Policy policy, const std::function<void(Conditions&)>& change) {
    return with(policy, [&](Day& d) {
        Conditions c = plainConditions();
        d.setups.push_back(plainSetup(1, c));
        change(c);
        d.setups.push_back(plainSetup(2, c));
        d.shots.push_back(shotOf(d.setups[0], "08:00"));
    });
}

const DueState D = DueState::due, M = DueState::missing, S = DueState::stale, X = DueState::done;

const std::vector<Case>& cases() {
    using enum Policy;
    static const std::vector<Case> all{
        {"nothing shot",
         [] { return with(usual, [](Day& d) { d.setups = {plainSetup(1, plainConditions())}; }); },
         {D},
         1,
         "Shoot the chart"},
        {"shot and unchanged",
         [] { return second(usual, [](Conditions&) {}); },
         {X, X},
         2,
         "The chart of Setup 1 serves it, shot at 10:00"},
        {"another lens, strict", [] { return second(strict, [](Conditions& c) { c.lens = 2; }); }, {X, D}},
        {"another lens, usual", [] { return second(usual, [](Conditions& c) { c.lens = 2; }); }, {X, D}},
        {"another lens, run and gun",
         [] { return second(runAndGun, [](Conditions& c) { c.lens = 2; }); },
         {X, X}},
        {"less power, strict",
         [] { return second(strict, [](Conditions& c) { c.powerPercent = 40; }); },
         {X, D}},
        {"less power, usual",
         [] { return second(usual, [](Conditions& c) { c.powerPercent = 40; }); },
         {X, X}},
        {"modifier, strict",
         [] { return second(strict, [](Conditions& c) { c.modifier = "grid"; }); },
         {X, D}},
        {"modifier, usual", [] { return second(usual, [](Conditions& c) { c.modifier = "grid"; }); }, {X, X}},
        {"recording, strict",
         [] { return second(strict, [](Conditions& c) { c.recording = Recording::jpeg; }); },
         {X, D}},
        {"recording, usual",
         [] { return second(usual, [](Conditions& c) { c.recording = Recording::jpeg; }); },
         {X, X}},
        {"another place, usual", [] { return second(usual, [](Conditions& c) { c.place = 2; }); }, {X, D}},
        {"another place, run and gun",
         [] { return second(runAndGun, [](Conditions& c) { c.place = 2; }); },
         {X, X}},
        {"other body of the model, run and gun",
         [] { return second(runAndGun, [](Conditions& c) { c.body = 2; }); },
         {X, D}},
        {"other light, run and gun",
         [] { return second(runAndGun, [](Conditions& c) { c.lamp = 2; }); },
         {X, D}},
        {"power down and up again, strict",
         [] {
             Day d = second(strict, [](Conditions& c) { c.powerPercent = 40; });
             d.setups.push_back(plainSetup(3, plainConditions()));
             return d;
         },
         {X, D, D}},
        {"another lamp in between and back, usual",
         [] {
             Day d = second(usual, [](Conditions& c) { c.lamp = 3; });
             d.setups.push_back(plainSetup(3, plainConditions()));
             return d;
         },
         {X, D, X}},
        {"another body in between changes nothing, strict",
         [] {
             Day d = second(strict, [](Conditions& c) { c.body = 2; });
             d.setups.push_back(plainSetup(3, plainConditions()));
             return d;
         },
         {X, D, X}},
        {"changed after its chart shot",
         [] {
             return with(strict, [](Day& d) {
                 d.setups = {plainSetup(1, plainConditions())};
                 d.shots = {shotOf(d.setups[0], "08:00")};
                 d.setups[0].conditions.powerPercent = 40;
             });
         },
         {S},
         1,
         "Changed since its chart shot at 10:00: power 60 % to 40 %."},
        {"the same change under usual leaves it done",
         [] {
             return with(usual, [](Day& d) {
                 d.setups = {plainSetup(1, plainConditions())};
                 d.shots = {shotOf(d.setups[0], "08:00")};
                 d.setups[0].conditions.powerPercent = 40;
             });
         },
         {X}},
        {"judged: shoot again",
         [] {
             return with(usual, [](Day& d) {
                 d.setups = {plainSetup(1, plainConditions())};
                 d.shots = {shotOf(d.setups[0], "08:00", false)};
             });
         },
         {S},
         1,
         "was judged: shoot again"},
        {"judged, then shot well",
         [] {
             return with(usual, [](Day& d) {
                 d.setups = {plainSetup(1, plainConditions())};
                 d.shots = {shotOf(d.setups[0], "08:00", false), shotOf(d.setups[0], "08:05")};
                 d.shots[1].id = 900;
             });
         },
         {X},
         1,
         "10:05"},
        {"frames without a chart",
         [] {
             return with(usual, [](Day& d) {
                 d.setups = {plainSetup(1, plainConditions())};
                 d.subjectFrames[1] = 12;
             });
         },
         {M},
         1,
         "12 frames were shot, but no chart."},
        {"its time is over",
         [] {
             return with(usual, [](Day& d) {
                 d.setups = {plainSetup(1, plainConditions())};
                 d.setups[0].endMinutes = 10 * 60;
                 d.now = at("08:01");
             });
         },
         {M},
         1,
         "It ended at 10:00 without a chart shot."},
        {"its time is not over",
         [] {
             return with(usual, [](Day& d) {
                 d.setups = {plainSetup(1, plainConditions())};
                 d.setups[0].endMinutes = 10 * 60;
                 d.now = at("07:59");
             });
         },
         {D}},
        {"the light moved on while it was shot",
         [] {
             return with(usual, [](Day& d) {
                 d.setups = {plainSetup(1, plainConditions())};
                 d.setups[0].endMinutes = 12 * 60;
                 d.shots = {shotOf(d.setups[0], "08:00")};
                 d.trustedUntil[101] = at("09:10");
             });
         },
         {S},
         1,
         "The light has moved since its chart shot at 10:00; it held until 11:10."},
        {"the light holds to the end",
         [] {
             return with(usual, [](Day& d) {
                 d.setups = {plainSetup(1, plainConditions())};
                 d.setups[0].endMinutes = 11 * 60;
                 d.shots = {shotOf(d.setups[0], "08:00")};
                 d.trustedUntil[101] = at("09:10");
             });
         },
         {X}},
        {"its own shot goes before an older one of another",
         [] {
             Day d = second(usual, [](Conditions&) {});
             d.shots.push_back(shotOf(d.setups[1], "07:00"));
             return d;
         },
         {X, X},
         2,
         "Its chart was shot at 09:00"},
    };
    return all;
}

TEST(WhatIsDue, TableOfCases) {
    for (const Case& c : cases()) {
        SCOPED_TRACE(c.name);
        const auto all = due(c.day());
        ASSERT_EQ(all.size(), c.states.size());
        for (std::size_t i = 0; i < all.size(); ++i) {
            EXPECT_EQ(name(all[i].state), name(c.states[i])) << "setup " << i + 1 << ": " << all[i].reason;
            EXPECT_EQ(all[i].setup, SetupId(static_cast<std::int64_t>(i + 1)));
            EXPECT_FALSE(all[i].reason.empty());
            if (all[i].setup == c.setup) {
                EXPECT_NE(all[i].reason.find(c.reason), std::string::npos) << all[i].reason;
            }
        }
    }
}

TEST(WhatServes, ValidThenWeakerThenNone) {
    Day d = plainDay(Policy::usual);
    Conditions led = plainConditions(), tube = led, kiln = led, other = led;
    tube.lamp = 2;
    kiln.lamp = 3;
    other.body = 2;
    d.setups = {plainSetup(1, led), plainSetup(2, tube), plainSetup(3, kiln), plainSetup(4, other)};
    d.shots = {shotOf(d.setups[0], "08:00")};
    const std::vector<ReadingId> corrected{101};
    EXPECT_EQ(served(d, corrected, 1, {}).coverage, Coverage::valid);
    const Served weaker = served(d, corrected, 2, {});
    EXPECT_EQ(weaker.coverage, Coverage::weaker);
    EXPECT_EQ(weaker.shot, 101);
    EXPECT_NE(weaker.reason.find("light LED panel to LED tube"), std::string::npos) << weaker.reason;
    EXPECT_EQ(served(d, corrected, 3, {}).coverage, Coverage::none) << "another kind of light";
    EXPECT_EQ(served(d, corrected, 4, {}).coverage, Coverage::none) << "another body of the same model";
    EXPECT_EQ(served(d, {}, 1, {}).coverage, Coverage::none) << "read, but not corrected";
    EXPECT_EQ(served(d, corrected, 99, {}).coverage, Coverage::none);
}

TEST(WhatServes, NearestInTimeAndOnlyWhileTheLightHolds) {
    Day d = plainDay(Policy::usual);
    Conditions window = plainConditions();
    window.lamp = 4;
    d.setups = {plainSetup(1, window)};
    ChartShot morning = shotOf(d.setups[0], "07:00"), noon = shotOf(d.setups[0], "10:00");
    noon.id = 102;
    d.shots = {morning, noon};
    d.trustedUntil = {{101, at("08:00")}, {102, at("12:00")}};
    const std::vector<ReadingId> both{101, 102};
    EXPECT_EQ(served(d, both, 1, at("07:20")).shot, 101);
    EXPECT_EQ(served(d, both, 1, at("09:00")).shot, 102) << "the morning's no longer holds";
    EXPECT_EQ(served(d, both, 1, at("09:00")).coverage, Coverage::valid);
    EXPECT_EQ(served(d, both, 1, at("13:00")).coverage, Coverage::weaker);
}

TEST(Coverage, AChartThatServesButIsNotCorrectedIsNamedAsSuch) {
    Day d = plainDay(Policy::usual);
    d.setups = {plainSetup(1, plainConditions())};
    d.shots = {shotOf(d.setups[0], "08:00")};
    const Served s = served(d, {}, 1, at("08:30"));
    EXPECT_EQ(s.coverage, Coverage::none);
    EXPECT_NE(s.reason.find("not corrected yet"), std::string::npos) << s.reason;
    d.shots.clear();
    EXPECT_NE(served(d, {}, 1, at("08:30")).reason.find("No correction of this body"), std::string::npos);
}

TEST(Due, SaysInAFewWordsWhyItIsStaleAndWhoseChartServes) {
    Day d = plainDay(Policy::usual);
    d.setups = {plainSetup(1, plainConditions()), plainSetup(2, plainConditions())};
    d.shots = {shotOf(d.setups[0], "08:00")};
    EXPECT_EQ(due(d)[1].brief, "Setup 1");
    EXPECT_EQ(dueOf(d, d.setups[1]).reason, due(d)[1].reason);
    d.setups[0].conditions.lamp = 2;
    d.setups.pop_back();
    EXPECT_EQ(due(d)[0].brief, "light LED panel to LED tube");
    d.setups[0].conditions.lamp = 1;
    d.shots[0].usable = false;
    EXPECT_EQ(due(d)[0].brief, "judged: shoot again");
}

}  // namespace
}  // namespace refero::plan
