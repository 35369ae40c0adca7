// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/prepare.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/plan/day.h"

namespace refero::plan {
namespace {

std::vector<std::string> ids(const Day& day) {
    std::vector<std::string> out;
    for (const Task& t : preparations(day)) {
        EXPECT_FALSE(t.what.empty() || t.why.empty()) << t.id;
        out.push_back(t.id);
    }
    return out;
}

bool has(const Day& day, const std::string& id) {
    const auto all = ids(day);
    return std::find(all.begin(), all.end(), id) != all.end();
}

Day dayUnder(LampId lamp, Recording recording = Recording::raw) {
    Day d = plainDay(Policy::usual);
    Conditions c = plainConditions();
    c.lamp = lamp;
    c.recording = recording;
    d.setups = {plainSetup(1, c)};
    return d;
}

TEST(Preparing, FollowsFromWhatIsShot) {
    EXPECT_TRUE(ids(plainDay(Policy::usual)).empty()) << "nothing planned, nothing to prepare";
    EXPECT_TRUE(has(dayUnder(1), "raw"));
    EXPECT_FALSE(has(dayUnder(1), "in-camera"));
    EXPECT_TRUE(has(dayUnder(1, Recording::jpeg), "in-camera"));
    EXPECT_FALSE(has(dayUnder(1, Recording::jpeg), "raw"));
    EXPECT_TRUE(has(dayUnder(1, Recording::logVideo), "log"));
    EXPECT_TRUE(has(dayUnder(4), "daylight"));
    EXPECT_FALSE(has(dayUnder(1), "daylight"));
    for (const char* always : {"metering", "chart-care", "chart-place", "balance", "objects"})
        EXPECT_TRUE(has(dayUnder(3), always)) << always;
}

TEST(Preparing, CautionsGoWithTheLights) {
    Day d = dayUnder(3);
    EXPECT_FALSE(has(d, "hot"));
    d.kit.lamps[2].hot = d.kit.lamps[2].mains = true;
    EXPECT_TRUE(has(d, "hot"));
    EXPECT_TRUE(has(d, "mains"));
    EXPECT_TRUE(has(d, "stands"));
    EXPECT_FALSE(has(dayUnder(4), "stands")) << "a window stands by itself";
    d.kit.lamps[2].kind = LightKind::flash;
    EXPECT_TRUE(has(d, "flash"));
    EXPECT_TRUE(has(d, "flash-balance"));
    d.kit.lamps[2].kind = LightKind::daylight;
    EXPECT_TRUE(has(d, "sun"));
    d.kit.lamps[2].warmUpMinutes = 15;
    EXPECT_TRUE(has(d, "warm-3"));
    const auto tasks = preparations(d);
    EXPECT_EQ(tasks.back().kind, Task::Kind::safety) << "cautions come last";
}

TEST(Preparing, AgesAndChecksAreCountedFromTheDay) {
    Day d = dayUnder(1);
    d.kit.charts = {{7, "Old", "fen-24", 1, "2024-05-13", 24},
                    {8, "Fresh", "fen-24", 1, "2024-05-15", 24},
                    {9, "Unknown", "fen-24"}};
    EXPECT_FALSE(has(d, "age-7")) << "24 months and a day is not yet a month over";
    d.kit.charts[0].madeOn = "2024-04-13";
    EXPECT_TRUE(has(d, "age-7"));
    EXPECT_FALSE(has(d, "age-8"));
    EXPECT_TRUE(has(d, "age-9"));
    d.setups[0].chart = 8;
    EXPECT_FALSE(has(d, "age-7")) << "not the one that is used";
    d.kit.checked = {{1, "Desk display", "", true, "2026-04-14", 30},
                     {2, "Meter", "", false, "2026-04-13", 30},
                     {3, "Laptop", "", true, "", 30}};
    EXPECT_FALSE(has(d, "check-1")) << "30 days ago";
    EXPECT_TRUE(has(d, "check-2")) << "31 days ago";
    EXPECT_TRUE(has(d, "check-3")) << "never";
}

TEST(Validation, ImpossibleValuesAreNamed) {
    const auto says = [](const Status& s, const char* part) {
        ASSERT_FALSE(s);
        EXPECT_NE(s.error().message.find(part), std::string::npos) << s.error().message;
    };
    const Kit kit = plainDay(Policy::usual).kit;
    EXPECT_TRUE(validate(kit.bodies[0]));
    Lens lens{1, "Nought", "", 0, 0};
    says(validate(lens), "0 mm");
    says(validate(Lens{1, "Backwards", "", 70, 24}), "below its shortest");
    says(validate(Body{1, ""}), "needs a name");
    says(validate(ChartCopy{1, "C", "fen-24", 0}), "scale is 0");
    says(validate(ChartCopy{1, "C", "fen-24", 1, "yesterday"}), "not a date");
    auto s = plainSetup(1, plainConditions());
    EXPECT_TRUE(validate(s, kit));
    s.focalLengthMm = 85;
    says(validate(s, kit), "from 60 to 60 mm");
    s.focalLengthMm = 0;
    s.startMinutes = 600;
    s.endMinutes = 599;
    says(validate(s, kit), "before it starts");
    says(validate(Place{1, 1, "Nowhere", 120.0, 0.0}), "latitude is 120");
    says(validate(Place{1, 1, "Half", 50.0, {}}), "both latitude and longitude");
    says(validate(Shoot{1, "c", ""}), "needs a name");
    says(validate(Shoot{1, "c", "S", "", "2026-02-30"}), "2026-02-30");
}

}  // namespace
}  // namespace refero::plan
