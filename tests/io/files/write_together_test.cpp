// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/files/write_together.h"

#include <gtest/gtest.h>

#include "support/temporary.h"
#include "support/unprivileged.h"

namespace refero::io {
namespace {

using test::contentOf;
using test::TemporaryFolder;

class Together : public testing::Test {
  protected:
    std::vector<NewFile> files(const std::string& what) {
        return {{folder / "show.ocio", what + " configuration"}, {folder / "show.clf", what + " transform"}};
    }
    static Status good(const std::filesystem::path&) { return {}; }
    TemporaryFolder folder;
};

TEST_F(Together, AreProvedWholeBeforeTheyTakeTheirPlace) {
    const auto status = writeTogether(files("new"), [&](const std::filesystem::path& first) -> Status {
        EXPECT_EQ(first.filename(), "show.ocio");
        EXPECT_EQ(contentOf(first), "new configuration");
        EXPECT_EQ(contentOf(first.parent_path() / "show.clf"), "new transform")
            << "what it reads is beside it";
        EXPECT_FALSE(std::filesystem::exists(folder / "show.ocio"));
        return {};
    });
    ASSERT_TRUE(status) << status.error().message;
    EXPECT_EQ(contentOf(folder / "show.ocio"), "new configuration");
    EXPECT_EQ(contentOf(folder / "show.clf"), "new transform");
    EXPECT_EQ(folder.files(), 2u) << "nothing is left beside them";
}

TEST_F(Together, StayAsTheyWereWhenTheProofFails) {
    ASSERT_TRUE(writeTogether(files("old"), good));
    const auto status =
        writeTogether(files("new"), [](const auto&) -> Status { return failure("It is not the same."); });
    ASSERT_FALSE(status);
    EXPECT_NE(status.error().message.find("It is not the same."), std::string::npos);
    EXPECT_NE(status.error().message.find("as before"), std::string::npos) << "says what is unharmed";
    EXPECT_EQ(contentOf(folder / "show.ocio"), "old configuration");
    EXPECT_EQ(contentOf(folder / "show.clf"), "old transform");
    EXPECT_EQ(folder.files(), 2u);
}

// The last rename fails: what took its place before it gives it back.
TEST_F(Together, GiveTheirPlacesBackWhenOneCannotTakeIts) {
    ASSERT_TRUE(writeTogether(files("old"), good));
    const auto status = writeTogether(files("new"), [&](const std::filesystem::path& first) -> Status {
        std::filesystem::remove(first);
        return {};
    });
    ASSERT_FALSE(status);
    EXPECT_EQ(contentOf(folder / "show.ocio"), "old configuration");
    EXPECT_EQ(contentOf(folder / "show.clf"), "old transform");
    EXPECT_EQ(folder.files(), 2u);
}

TEST_F(Together, NewOnesAreGoneAgainWhenOneCannotTakeItsPlace) {
    const auto status = writeTogether(files("new"), [&](const std::filesystem::path& first) -> Status {
        std::filesystem::remove(first);
        return {};
    });
    ASSERT_FALSE(status);
    EXPECT_EQ(folder.files(), 0u);
}

TEST_F(Together, RefuseFoldersAndPlacesThatAreNotThere) {
    EXPECT_FALSE(writeTogether({{folder / "none/a.ocio", "x"}}, good));
    std::filesystem::create_directory(folder / "show.clf");
    const auto status = writeTogether(files("new"), good);
    ASSERT_FALSE(status);
    EXPECT_NE(status.error().message.find("is a folder"), std::string::npos);
    EXPECT_FALSE(std::filesystem::exists(folder / "show.ocio"));
}

}  // namespace
}  // namespace refero::io
