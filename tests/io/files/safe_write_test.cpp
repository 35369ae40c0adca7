// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/files/safe_write.h"

#include <gtest/gtest.h>
#include <sys/resource.h>

#include <csignal>

#include "support/temporary.h"

namespace refero {
namespace {

using test::contentOf;
using test::TemporaryFolder;

TEST(WriteFile, ReplacesWholeAndLeavesNothingBeside) {
    const TemporaryFolder folder;
    ASSERT_TRUE(io::writeFile(folder / "a.txt", "first"));
    ASSERT_TRUE(io::writeFile(folder / "a.txt", "second"));
    EXPECT_EQ(contentOf(folder / "a.txt"), "second");
    EXPECT_EQ(folder.files(), 1u);
}

TEST(WriteFile, LeavesTheTargetAloneWhenTheWriterFails) {
    const TemporaryFolder folder;
    test::put(folder / "a.txt", "kept");
    const auto outcome = io::writeFile(folder / "a.txt", [](const std::filesystem::path& side) -> Status {
        test::put(side.string(), "half");
        return failure("The pen broke.");
    });
    ASSERT_FALSE(outcome);
    EXPECT_NE(outcome.error().message.find("The pen broke."), std::string::npos);
    EXPECT_NE(outcome.error().message.find("as it was"), std::string::npos) << "says what is unharmed";
    EXPECT_EQ(contentOf(folder / "a.txt"), "kept");
    EXPECT_EQ(folder.files(), 1u);
}

TEST(WriteFile, RefusesFoldersAndPlacesThatAreNotThere) {
    const TemporaryFolder folder;
    EXPECT_FALSE(io::writeFile(folder.path(), "x"));
    EXPECT_FALSE(io::writeFile(folder / "none/a.txt", "x"));
    EXPECT_FALSE(io::writeFile("/proc/refero.txt", "x")) << "a place that takes no files";
}

// A full disk, played by a limit on file size: writing fails part of the way, and what was there is kept.
TEST(WriteFile, KeepsTheOldFileOnAFullDisk) {
    const TemporaryFolder folder;
    test::put(folder / "a.txt", "kept");
    rlimit before{};
    ASSERT_EQ(::getrlimit(RLIMIT_FSIZE, &before), 0);
    std::signal(SIGXFSZ, SIG_IGN);
    const rlimit small{4096, before.rlim_max};
    ASSERT_EQ(::setrlimit(RLIMIT_FSIZE, &small), 0);
    const auto outcome = io::writeFile(folder / "a.txt", std::string(100000, 'x'));
    ::setrlimit(RLIMIT_FSIZE, &before);
    EXPECT_FALSE(outcome);
    EXPECT_EQ(contentOf(folder / "a.txt"), "kept");
    EXPECT_EQ(folder.files(), 1u);
}

TEST(ReadFile, NamesWhatIsWrong) {
    const TemporaryFolder folder;
    test::put(folder / "big", std::string(5000, 'x'));
    EXPECT_FALSE(io::readFile(folder / "big", 4096));
    EXPECT_TRUE(io::readFile(folder / "big"));
    EXPECT_FALSE(io::readFile(folder.path()));
    EXPECT_FALSE(io::readFile(folder / "none"));
}

}  // namespace
}  // namespace refero
