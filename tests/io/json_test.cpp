// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/json.h"

#include <gtest/gtest.h>

#include <functional>

namespace refero {
namespace {

std::string complaint(const std::function<void()>& read) {
    const auto r = io::guarded("f", [&] {
        read();
        return 0;
    });
    return r ? std::string("no complaint") : r.error().message;
}

TEST(Json, ComplaintsNameThePath) {
    const io::Json j = *io::parseJson(R"({"a": [{"b": 1}, {"b": "x"}], "t": true})", "f");
    const io::Node root(j, "");
    EXPECT_EQ(root.at("a").items()[0].at("b").number(), 1);
    EXPECT_NE(complaint([&] { root.at("a").items()[1].at("b").number(); }).find("a[1].b"), std::string::npos);
    EXPECT_NE(complaint([&] { root.at("none"); }).find("none is missing"), std::string::npos);
    EXPECT_NE(complaint([&] { root.at("t").text(); }).find("t must be text"), std::string::npos);
    EXPECT_NE(complaint([&] { (void)root.truth("a", false); }).find("a must be true or false"),
              std::string::npos);
    EXPECT_NE(complaint([&] { root.at("a").numbers(); }).find("a[0]"), std::string::npos);
    EXPECT_TRUE(root.truth("t", false));
    EXPECT_EQ(root.number("absent", 7), 7);
}

TEST(Json, PrettyTextReadsBackAndKeepsShortListsOnALine) {
    const io::Json j =
        *io::parseJson(R"({"list": [1, 2.5, 3], "deep": [{"x": []}, {}], "text": "a\"b"})", "f");
    const std::string text = io::prettyJson(j);
    EXPECT_EQ(*io::parseJson(text, "f"), j);
    EXPECT_NE(text.find("[1, 2.5, 3]"), std::string::npos);
    EXPECT_EQ(text.back(), '\n');
}

TEST(Json, WholeNumbersAreThatAndFit) {
    const io::Json j =
        *io::parseJson(R"({"ok": 7, "half": 0.5, "minus": -1, "large": 3000000000, "vast": 1e300})", "f");
    const io::Node root(j, "");
    EXPECT_EQ(root.at("ok").whole(), 7);
    EXPECT_EQ(root.whole("minus", 0), -1);
    EXPECT_EQ(root.whole<std::int64_t>("large", 0), 3'000'000'000);
    EXPECT_EQ(root.whole("absent", 3u), 3u);
    EXPECT_NE(complaint([&] { root.whole("half", 0); }).find("half must be a whole number"),
              std::string::npos);
    EXPECT_NE(complaint([&] { root.whole("vast", 0); }).find("vast must be a whole number"),
              std::string::npos);
    EXPECT_NE(complaint([&] { root.whole("large", 0); }).find("large is too large"), std::string::npos);
    EXPECT_NE(complaint([&] { root.whole("minus", 0u); }).find("minus is too small"), std::string::npos);
}

// A million brackets are small to send and take the stack of whoever walks down them.
TEST(Json, WhatIsNestedBeyondReasonIsRefused) {
    const auto nested = [](std::size_t levels) {
        return std::string(levels, '[') + std::string(levels, ']');
    };
    EXPECT_TRUE(io::parseJson(nested(100), "f"));
    const auto deep = io::parseJson(nested(1'000'000), "f");
    ASSERT_FALSE(deep);
    EXPECT_EQ(deep.error().message, "f: its parts are nested too deeply.");
    EXPECT_FALSE(io::parseJson(std::string(1'000'000, '['), "f"));
    const std::string brackets(1000, '{');
    EXPECT_TRUE(io::parseJson("[\"" + brackets + "\\\"" + brackets + "\"]", "f")) << "text is no nesting";
}

}  // namespace
}  // namespace refero
