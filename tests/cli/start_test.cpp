// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the command line loads before it begins, as the dynamic loader tells it (ld.so(8), LD_DEBUG).
#include <gtest/gtest.h>

#include <cstdlib>

#include "sim/shoot.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero {
namespace {

std::string loadedBy(const std::string& arguments) {
    const test::TemporaryFolder folder;
    const std::string log = folder / "ld";
    const std::string command =
        "LD_DEBUG=libs LD_DEBUG_OUTPUT=" + log + " " REFERO_CLI " " + arguments + " > /dev/null 2>&1";
    EXPECT_EQ(std::system(command.c_str()), 0) << command;
    std::string all;
    for (const auto& e : std::filesystem::directory_iterator(folder.path())) {
        const std::string text = test::contentOf(e.path().string());
        if (text.find("calling init") != std::string::npos) all += text;
    }
    EXPECT_NE(all.find("librefero-io"), std::string::npos) << "the loader says nothing";
    return all;
}

bool media(const std::string& loaded) {
    return loaded.find("libOpenImageIO") != std::string::npos ||
           loaded.find("libavcodec") != std::string::npos;
}

TEST(Start, TheMediaLibrariesAreLoadedWhenFirstNeeded) {
    EXPECT_FALSE(media(loadedBy("--version")));
    EXPECT_FALSE(media(loadedBy("read --help")));
    const test::TemporaryFolder folder;
    sim::Shot shot = test::plainShot();
    for (const char* name : {"plain.tif", "other.png"}) {
        shot.file = name;
        ASSERT_TRUE(sim::shootToFile(shot, folder.path()));
    }
    EXPECT_FALSE(media(loadedBy("read --chart fen-24 " + (folder / "plain.tif"))));
    EXPECT_TRUE(media(loadedBy("read --chart fen-24 " + (folder / "other.png"))));
}

}  // namespace
}  // namespace refero
