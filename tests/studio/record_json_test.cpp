// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/record_json.h"

#include <gtest/gtest.h>

#include "studio/shoots.h"
#include "support/temporary.h"

namespace refero::studio {
namespace {

TEST(StudioInJson, EverythingComesBack) {
    test::TemporaryFolder folder;
    const auto s = made(folder / "a.refero");
    ASSERT_TRUE(s->commit(oneOfEach(*s)));
    const io::Json json = toJson(s->contents());
    EXPECT_EQ(json["format"], "refero-studio");
    const auto parsed = io::parseJson(io::prettyJson(json), "test");
    ASSERT_TRUE(parsed);
    const auto again = contentsFrom(*parsed, "test");
    ASSERT_TRUE(again) << again.error().message;
    EXPECT_EQ(text(*again), text(s->contents()));
    ASSERT_TRUE(writeNew(folder / "b.refero", *again));
    const auto b = opened(folder / "b.refero");
    EXPECT_EQ(text(b->contents()), text(s->contents()));
    EXPECT_GT(addShoot(*b, "Next"), s->contents().largestId());
}

TEST(StudioInJson, WhatIsWrongIsNamedWithItsPlace) {
    const auto message = [](const char* text) {
        const auto json = io::parseJson(text, "x.json");
        if (!json) return json.error().message;
        const auto c = contentsFrom(*json, "x.json");
        return c ? std::string() : c.error().message;
    };
    const auto says = [&](const char* text, const char* part) {
        EXPECT_NE(message(text).find(part), std::string::npos) << message(text);
    };
    says(R"({"format":"refero-chart","version":1})", "format");
    says(R"({"format":"refero-studio","version":2})", "version");
    says(R"({"format":"refero-studio","version":1,"setup":[{"label":"x"}]})", "setup[0] needs an id");
    says(R"({"format":"refero-studio","version":1,"setup":[{"id":1},{"id":1}]})", "setup[1].id occurs twice");
    says(R"({"format":"refero-studio","version":1,"setup":[{"id":1}],"shoot":[{"id":1}]})", "occurs twice");
    says(R"({"format":"refero-studio","version":1,"setup":[{"id":1,"recording":"film"}]})", "recording");
    says(R"({"format":"refero-studio","version":1,"setup":[{"id":1.5}]})", "whole number");
    says(R"({"format":"refero-studio","version":1,"setup":[{"id":1,"position":1e12}]})", "too large");
    says(R"({"format":"refero-studio","version":1,"lamp":[{"id":1,"hot":"yes"}]})", "true or false");
    says(R"({"format":"refero-studio","version":1,"lamp":{"id":1}})", "lamp");
    EXPECT_EQ(message(R"({"format":"refero-studio","version":1,"lamp":[{"id":1,"label":"L"}]})"), "");
}

TEST(StudioInJson, ChangesComeBack) {
    plan::Setup before;
    before.id = 4;
    before.label = "Was";
    plan::Setup after = before;
    after.label = "Is";
    const std::vector<Change> changes{
        {Record(before), Record(after)}, {{}, Record(before)}, {Record(after), {}}};
    const auto again = changesFrom(toJson(changes));
    ASSERT_TRUE(again) << again.error().message;
    EXPECT_EQ(toJson(*again), toJson(changes));
    EXPECT_FALSE(changesFrom(io::Json::parse(R"([{"kind":"unicorn","after":{"id":1}}])")));
}

}  // namespace
}  // namespace refero::studio
