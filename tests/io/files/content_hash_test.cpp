// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/files/content_hash.h"

#include <gtest/gtest.h>

#include "support/temporary.h"

namespace refero::io {
namespace {

// FIPS 180-4's examples, as published with the standard: "abc", the empty message, and a million "a".
TEST(ContentHash, IsThatOfThePublishedExamples) {
    const test::TemporaryFolder folder;
    test::put(folder / "abc", "abc");
    test::put(folder / "empty", "");
    test::put(folder / "million", std::string(1'000'000, 'a'));
    EXPECT_EQ(contentHash(folder / "abc"),
              "ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad");
    EXPECT_EQ(contentHash(folder / "empty"),
              "e3b0c44298fc1c149afbf4c8996fb92427ae41e4649b934ca495991b7852b855");
    EXPECT_EQ(contentHash(folder / "million"),
              "cdc76e5c9914fb9281a1c7e284d73e67f1809a48a497200e046d39ccc7112cd0");
}

TEST(ContentHash, WhatCannotBeReadIsNamed) {
    const auto none = contentHash("/nowhere/frame.tif");
    ASSERT_FALSE(none);
    EXPECT_NE(none.error().message.find("frame.tif"), std::string::npos);
    EXPECT_FALSE(contentHash("/tmp")) << "a folder";
}

}  // namespace
}  // namespace refero::io
