// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/files/copy_verified.h"

#include <gtest/gtest.h>

#include "io/sequence.h"
#include "support/temporary.h"
#include "support/unprivileged.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;

TEST(CopyVerified, GivesTheSameContentAndNeverOverwrites) {
    const test::TemporaryFolder folder;
    const fs::path source = folder / "a.dng", to = folder.path() / "disk" / "day";
    test::put(source, std::string(3 << 20, 'r'));
    const auto first = copyVerified(source, to);
    ASSERT_TRUE(first) << first.error().message;
    EXPECT_EQ(*first, to / "a.dng");
    EXPECT_EQ(test::contentOf(*first), test::contentOf(source));
    EXPECT_EQ(fs::last_write_time(*first), fs::last_write_time(source));
    EXPECT_EQ(*copyVerified(source, to), to / "a.dng") << "it is there already";
    test::put(source, "another card's a.dng");
    const auto second = copyVerified(source, to);
    ASSERT_TRUE(second);
    EXPECT_EQ(*second, to / "a-2.dng");
    EXPECT_EQ(test::contentOf(*second), "another card's a.dng");
    EXPECT_EQ(test::contentOf(*first).size(), std::size_t(3 << 20)) << "the first is as it was";
    EXPECT_EQ(std::distance(fs::directory_iterator(to), fs::directory_iterator()), 2) << "nothing else";
}

TEST(CopyVerified, SaysWhatStoodInTheWay) {
    const test::TemporaryFolder folder;
    EXPECT_FALSE(copyVerified(folder / "none.dng", folder.path() / "x"));
    test::put(folder / "a.dng", "raw");
    test::put(folder / "file", "not a folder");
    const auto into = copyVerified(folder / "a.dng", folder.path() / "file" / "sub");
    ASSERT_FALSE(into);
    EXPECT_NE(into.error().message.find("could not be made"), std::string::npos);
    EXPECT_EQ(*copyVerified(folder / "a.dng", folder.path()), folder / "a.dng") << "onto itself";
}

std::vector<std::size_t> sizes(const std::vector<fs::path>& files) {
    std::vector<std::size_t> out;
    for (const MediaItem& i : mediaItems(files)) out.push_back(i.files.size());
    return out;
}

TEST(MediaItems, JoinsSequencesAndLeavesStillsAlone) {
    using S = std::vector<std::size_t>;
    EXPECT_EQ(sizes({"d/a.0003.exr", "d/a.0001.exr", "d/a.0002.exr"}), S{3});
    EXPECT_EQ(mediaItems({"d/a.0003.exr", "d/a.0001.exr", "d/a.0002.exr"})[0].files[0], "d/a.0001.exr");
    EXPECT_EQ(sizes({"a1.dpx", "a2.dpx"}), (S{1, 1})) << "two are no sequence";
    EXPECT_EQ(sizes({"p1.jpg", "p2.jpg", "p3.jpg"}), (S{1, 1, 1})) << "cards number stills";
    EXPECT_EQ(sizes({"a.08.exr", "a.09.exr", "a.10.exr", "a.12.exr"}), (S{3, 1})) << "a gap ends it";
    EXPECT_EQ(sizes({"a.8.exr", "a.9.exr", "a.10.exr"}), (S{1, 1, 1})) << "another width is another name";
    EXPECT_EQ(sizes({"x/a1.exr", "x/a2.exr", "x/a3.exr", "y/a4.exr"}), (S{3, 1}));
    EXPECT_EQ(sizes({"a99999999999.exr", "b.exr", "1.exr"}), (S{1, 1, 1}));
    EXPECT_TRUE(mediaItems({}).empty());
}

}  // namespace
}  // namespace refero::io
