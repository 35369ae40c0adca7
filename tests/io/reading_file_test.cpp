// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/reading_file.h"

#include <gtest/gtest.h>

#include "core/read/checks.h"
#include "io/read_frame.h"
#include "support/shots.h"

namespace refero {
namespace {

Reading badReading() {
    sim::Shot shot = test::plainShot();
    shot.falloffStops = 2;
    shot.mishaps.shadow = sim::Shadow{{100, 95}, 180, 0.8, 3};
    shot.mishaps.fingers = {sim::Finger{{215, 160}, 80, 26}};
    return *test::readingOf(shot);
}

// What a reading is judged by must be all in it: the studio judges it anew by other limits, without the
// frame.
TEST(ReadingFile, CarriesEverythingThatTheChecksNeed) {
    const Reading before = badReading();
    const auto after = io::parseReading(io::toJson(before).dump(), "the reading");
    ASSERT_TRUE(after) << after.error().message;
    ASSERT_TRUE(after->light && after->light->shadow);
    EXPECT_EQ(after->light->covered, before.light->covered);
    EXPECT_NEAR(after->light->at({33, 44}), before.light->at({33, 44}), 1e-12);
    EXPECT_EQ(after->sharpness.sides, before.sharpness.sides);
    const auto anew = judged(*after);
    ASSERT_EQ(anew.size(), before.checks.size());
    ASSERT_EQ(after->checks.size(), before.checks.size());
    for (std::size_t i = 0; i < anew.size(); ++i) {
        for (const Check& c : {anew[i], after->checks[i]}) {
            EXPECT_EQ(c.id, before.checks[i].id);
            EXPECT_EQ(c.verdict, before.checks[i].verdict) << c.id;
            EXPECT_NEAR(c.value, before.checks[i].value, 1e-9) << c.id;
            EXPECT_EQ(c.reason, before.checks[i].reason);
            EXPECT_EQ(c.evidence.patches, before.checks[i].evidence.patches) << c.id;
            EXPECT_EQ(c.evidence.lines.size(), before.checks[i].evidence.lines.size()) << c.id;
        }
    }
    EXPECT_EQ(after->verdict, Verdict::reshoot);
}

TEST(ReadingFile, CarriesWhatWasDoneToIt) {
    Reading r = badReading();
    r.patches[2].leftOut = true;
    r.patches[4].movedMm = {1.5, -0.25};
    r.flatField = "card.tif";
    r.lightTakenOut = {true, true};
    r.averaged = {
        {r.framePath, 0, false, {}}, {"b.tif", 0.25, true, {}}, {"c.tif", -0.5, false, {"A1", "B3"}}};
    r.subjects = {{"s.tif", {0.5, 0.6, 0.4}, false, "what looks like a grey card"}};
    r.checks = judged(r);
    const auto after = io::parseReading(io::toJson(r).dump(), "the reading");
    ASSERT_TRUE(after) << after.error().message;
    EXPECT_EQ(io::toJson(*after), io::toJson(r));
    EXPECT_TRUE(after->patches[2].leftOut);
    EXPECT_EQ(after->averaged[2].outliers, (std::vector<std::string>{"A1", "B3"}));
    // And the request for it can be made anew from it.
    const io::ReadRequest request = io::requestOf(*after);
    const std::vector<PatchByHand> byHand{{r.patches[2].id, {0, 0}, true},
                                          {r.patches[4].id, {1.5, -0.25}, false}};
    EXPECT_EQ(request.patches, byHand);
    EXPECT_TRUE(request.takeOutLight);
    EXPECT_EQ(request.flatField, "card.tif");
    EXPECT_EQ(request.averagedWith, (std::vector<std::filesystem::path>{"b.tif", "c.tif"}));
    EXPECT_FALSE(request.cornersByHand);
}

TEST(ReadingFile, DoesWithoutWhatOlderOnesLack) {
    io::Json j = io::toJson(badReading());
    for (const char* key : {"light", "sharpness", "checks", "confidence", "robust_agreement", "limits"})
        j.erase(key);
    for (auto& p : j["patches"])
        for (const char* key : {"covariance", "rejected", "blotch", "clipped_channels"}) p.erase(key);
    const auto r = io::parseReading(j.dump(), "the reading");
    ASSERT_TRUE(r) << r.error().message;
    EXPECT_FALSE(r->light);
    EXPECT_FALSE(judged(*r).empty());
}

TEST(ReadingFile, NamesWhatIsWrongInIt) {
    const io::Json good = io::toJson(badReading());
    const auto refused = [&](const char* where, const io::Json& value) {
        io::Json j = good;
        j[io::Json::json_pointer(where)] = value;
        const auto r = io::parseReading(j.dump(), "r.json");
        EXPECT_FALSE(r) << where;
        return r ? std::string() : r.error().message;
    };
    EXPECT_NE(refused("/light/field_stops", {1, 2}).find("field_stops"), std::string::npos);
    EXPECT_NE(refused("/light/field_half_mm", {0, 5}).find("field_half_mm"), std::string::npos);
    EXPECT_NE(refused("/light/covered", {"Z9"}).find("Z9"), std::string::npos);
    EXPECT_NE(refused("/patches/0/covariance", {1}).find("covariance"), std::string::npos);
    EXPECT_NE(refused("/checks/0/verdict", 3).find("verdict"), std::string::npos);
    EXPECT_NE(refused("/patches/0/id", "Z9").find("Z9"), std::string::npos);
}

}  // namespace
}  // namespace refero
