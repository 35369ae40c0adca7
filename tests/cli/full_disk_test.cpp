// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Every verb that writes, on a disk with no room left, as the system's own limit on how large a file may get
// has it (POSIX setrlimit, RLIMIT_FSIZE): it says so, ends with 1, and leaves the folder as it was.
#include <gtest/gtest.h>
#include <sys/wait.h>

#include <cstdio>
#include <map>

#include "cli/call.h"
#include "io/handover/format.h"
#include "studio/studio.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero {
namespace {

namespace fs = std::filesystem;
using test::call;
using test::contentOf;
using test::TemporaryFolder;

class FullDisk : public testing::Test {
  protected:
    static void SetUpTestSuite() {
        folder_ = new TemporaryFolder;
        sim::Shot shot = test::plainShot();
        shot.light = "led-5600";
        shot.file = "led.tif";
        ASSERT_TRUE(sim::shootToFile(shot, folder_->path()));
        fs::remove(path("truth.json"));
        ASSERT_EQ(call({"read", path("led.tif"), "--chart", "fen-24", "--json", path("r.json")}).status, 0);
        ASSERT_EQ(call({"correct", path("r.json"), "--resamples", "20", "--model", "root-polynomial",
                        "--finish", "rounded", "--out", path("c.json")})
                      .status,
                  0);
    }
    static void TearDownTestSuite() { delete folder_; }
    static std::string path(const std::string& name) { return *folder_ / name; }

    struct Ended {
        int status = -1;
        std::string said;
    };
    // `blocks` of 1,024 bytes are as large as a file may get.
    static Ended within(int blocks, const std::vector<std::string>& words) {
        std::string command = "trap '' XFSZ; ulimit -f " + std::to_string(blocks) + "; exec " REFERO_CLI;
        for (const std::string& w : words) command += " '" + w + "'";
        Ended out;
        std::FILE* pipe = ::popen(("bash -c \"" + command + " 2>&1 >/dev/null\"").c_str(), "r");
        if (!pipe) return out;
        char text[512];
        while (const std::size_t n = std::fread(text, 1, sizeof text, pipe)) out.said.append(text, n);
        const int status = ::pclose(pipe);
        out.status = WIFEXITED(status) ? WEXITSTATUS(status) : -1;
        return out;
    }
    static std::map<std::string, std::string> contents() {
        std::map<std::string, std::string> out;
        for (const auto& e : fs::directory_iterator(folder_->path()))
            out[e.path().filename().string()] = contentOf(e.path().string());
        return out;
    }
    static void expectNothing(const std::vector<std::string>& words) {
        const auto before = contents();
        const Ended e = within(0, words);
        std::string line;
        for (const std::string& w : words) line += w + " ";
        EXPECT_EQ(e.status, 1) << line << "\n" << e.said;
        EXPECT_NE(e.said.find("could not"), std::string::npos) << line << "\n" << e.said;
        EXPECT_EQ(contents(), before) << line;
    }

  private:
    static inline TemporaryFolder* folder_ = nullptr;
};

TEST_F(FullDisk, SpoilsNoReadingAndNoCorrection) {
    expectNothing({"read", path("led.tif"), "--chart", "fen-24", "--json", path("new.json")});
    expectNothing({"read", path("led.tif"), "--chart", "fen-24", "--json", path("r.json")});
    expectNothing({"correct", path("r.json"), "--resamples", "20", "--out", path("new.json")});
    expectNothing({"correct", path("r.json"), "--resamples", "20", "--out", path("c.json")});
}

TEST_F(FullDisk, SpoilsNoFileForOthers) {
    for (const io::Format f : io::kFormats)
        expectNothing({"export", path("c.json"), "--format", std::string(name(f)), "--out",
                       path("x" + std::string(info(f).ending))});
}

TEST_F(FullDisk, SpoilsNoPaper) {
#ifdef REFERO_PAPER
    const char* const endings[] = {".html", ".pdf"};
#else
    const char* const endings[] = {".html"};
#endif
    for (const char* ending : endings) {
        expectNothing({"report", path("c.json"), "--out", path(std::string("report") + ending)});
        expectNothing({"recipe", path("c.json"), "--out", path(std::string("recipe") + ending)});
    }
    for (const char* ending : {".txt", ".csv"})
        expectNothing({"recipe", path("c.json"), "--out", path(std::string("recipe") + ending)});
}

TEST_F(FullDisk, SpoilsNoPicture) {
    for (const char* ending : {".tif", ".png", ".jpg", ".dpx"})
        expectNothing({"apply", path("c.json"), path("led.tif"), "--out", path(std::string("x") + ending)});
    expectNothing({"apply", path("c.json"), path("led.tif"), "--space", "acescg", "--out", path("x.exr")});
}

// A few kilobytes are there: the file is begun, and is not left half done.
TEST_F(FullDisk, InTheMiddleOfAFileLeavesNoHalfOfIt) {
    const auto before = contents();
    for (const auto& words : std::vector<std::vector<std::string>>{
             {"apply", path("c.json"), path("led.tif"), "--out", path("x.tif")},
             {"export", path("c.json"), "--format", "cube", "--size", "65", "--out", path("x.cube")},
             {"report", path("c.json"), "--reading", path("r.json"), "--out", path("x.html")}}) {
        const Ended e = within(16, words);
        EXPECT_EQ(e.status, 1) << words.front() << e.said;
        EXPECT_EQ(contents(), before) << words.front();
    }
}

TEST_F(FullDisk, LeavesTheStudioAsItWas) {
    {
        auto made = studio::Studio::create(path("s.refero"));
        ASSERT_TRUE(made) << made.error().message;
    }
    const std::string before = contentOf(path("s.refero"));
    const Ended e = within(0, {"studio", path("s.refero"), "import", path("led.tif")});
    EXPECT_EQ(e.status, 1) << e.said;
    EXPECT_EQ(contentOf(path("s.refero")), before);
    EXPECT_EQ(call({"studio", path("s.refero"), "check"}).status, 0) << "nothing of it is lost";
    for (const char* extra : {"s.refero", "s.refero-wal", "s.refero-shm", "s.refero-journal"}) {
        std::error_code none;
        fs::remove(path(extra), none);
    }
}

}  // namespace
}  // namespace refero
