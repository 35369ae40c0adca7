// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <fcntl.h>
#include <gtest/gtest.h>
#include <spawn.h>
#include <sys/wait.h>
#include <unistd.h>

#include <algorithm>
#include <csignal>
#include <cstdlib>
#include <fstream>
#include <map>
#include <random>

#include "cli/call.h"
#include "io/batch/frames.h"
#include "io/batch/job.h"
#include "support/temporary.h"

extern char** environ;

namespace refero {
namespace {

namespace fs = std::filesystem;
using test::call;
using test::contentOf;
using test::Outcome;
using test::TemporaryFolder;

class BatchVerb : public testing::Test {
  protected:
    /// A document over `count` frames of a few pictures.
    std::string jobInto(const std::string& folderName, std::size_t count, const std::string& file) {
        io::BatchJob job;
        job.folder = folder / folderName;
        job.name = "{n} {frame}";
        job.corrections["day"] = test::plainCorrection();
        for (std::size_t i = 0; i < count; ++i) {
            const std::string path = folder / ("frame" + std::to_string(i % 4) + ".tif");
            if (!fs::exists(path)) test::putFrame(path, 300, 200, static_cast<unsigned>(i + 1));
            job.frames.push_back({path, "day"});
        }
        test::put(folder / file, io::batchJobText(job));
        return folder / file;
    }
    std::map<std::string, std::string> written(const std::string& name) const {
        std::map<std::string, std::string> out;
        for (const auto& e : fs::directory_iterator(folder / name))
            out[e.path().filename().string()] = contentOf(e.path().string());
        return out;
    }
    TemporaryFolder folder;
};

TEST_F(BatchVerb, SaysALineOfJsonAFrameAndHowItEnded) {
    const std::string job = jobInto("out", 5, "job.json");
    const Outcome first = call({"batch", job});
    EXPECT_EQ(first.status, 0) << first.err;
    std::istringstream lines(first.out);
    std::size_t count = 0;
    for (std::string line; std::getline(lines, line); ++count) {
        const io::Json j = test::json(line);
        EXPECT_EQ(j.at("status"), "done");
        EXPECT_TRUE(fs::exists(j.at("target").get<std::string>()));
    }
    EXPECT_EQ(count, 5u);
    EXPECT_NE(first.err.find("5 done, 0 kept"), std::string::npos) << first.err;
    const Outcome again = call({"batch", job, "--jobs", "1"});
    EXPECT_EQ(again.status, 0);
    EXPECT_NE(again.err.find("0 done, 5 kept"), std::string::npos) << again.err;
    fs::remove(folder / "frame1.tif");
    const Outcome broken = call({"batch", jobInto("more", 0, "none.json")});
    EXPECT_EQ(broken.status, 1) << "a job of no frames";
    EXPECT_EQ(call({"batch"}).status, 2);
    EXPECT_EQ(call({"batch", job, "--frame", "0"}).status, 2);
    EXPECT_EQ(call({"batch", job, "--frame", "9"}).status, 1);
}

TEST_F(BatchVerb, AFrameThatFailsIsSaidByTheExitStatus) {
    const std::string job = jobInto("out", 3, "job.json");
    fs::remove(folder / "frame2.tif");
    const Outcome o = call({"batch", job});
    EXPECT_EQ(o.status, 1);
    EXPECT_NE(o.out.find("\"failed\""), std::string::npos);
    EXPECT_NE(o.err.find("2 done, 0 kept from before, 0 skipped, 1 failed"), std::string::npos) << o.err;
}

pid_t started(const std::string& job) {
    const std::string program = REFERO_CLI;
    std::vector<std::string> words{program, "batch", job, "--jobs", "2"};
    std::vector<char*> arguments;
    for (std::string& w : words) arguments.push_back(w.data());
    arguments.push_back(nullptr);
    posix_spawn_file_actions_t quiet;
    posix_spawn_file_actions_init(&quiet);
    posix_spawn_file_actions_addopen(&quiet, 1, "/dev/null", O_WRONLY, 0);
    posix_spawn_file_actions_addopen(&quiet, 2, "/dev/null", O_WRONLY, 0);
    pid_t child = -1;
    EXPECT_EQ(posix_spawn(&child, program.c_str(), &quiet, nullptr, arguments.data(), environ), 0);
    posix_spawn_file_actions_destroy(&quiet);
    return child;
}

std::uintmax_t sizeOf(const std::string& path) {
    std::error_code error;
    const auto size = fs::file_size(path, error);
    return error ? 0 : size;
}

// Killed without a word fifty times and run again: the same files, bit for bit, as one that was left in
// peace.
TEST_F(BatchVerb, KilledFiftyTimesItEndsAsIfLeftInPeace) {
    constexpr std::size_t kFrames = 60;
    ASSERT_EQ(call({"batch", jobInto("peace", kFrames, "peace.json")}).status, 0);
    const auto peace = written("peace");
    ASSERT_EQ(peace.size(), kFrames);
    std::mt19937 random(7);
    int kills = 0;
    for (int round = 0; kills < 50; ++round) {
        const std::string name = "killed" + std::to_string(round);
        const std::string job = jobInto(name, kFrames, name + ".json");
        for (bool ended = false; !ended;) {
            const std::string journal = job + ".journal";
            const std::uintmax_t before = sizeOf(journal);
            const pid_t child = started(job);
            ASSERT_GT(child, 0);
            // At any moment after it has begun to work: a line of its journal is about 300 bytes.
            const std::uintmax_t enough = before + 1 + random() % 1500;
            int status = 0;
            pid_t gone = 0;
            while ((gone = ::waitpid(child, &status, WNOHANG)) == 0 && sizeOf(journal) < enough)
                ::usleep(500);
            if (gone == 0) {
                ::usleep(random() % 20'000);
                ::kill(child, SIGKILL);
                ASSERT_EQ(::waitpid(child, &status, 0), child);
            }
            kills += WIFSIGNALED(status);
            ended = WIFEXITED(status);
            ASSERT_TRUE(!ended || WEXITSTATUS(status) == 0);
        }
        EXPECT_EQ(written(name), peace) << "after " << kills << " kills";
    }
}

// A disk that is full in the middle of a file, as a limit of the system's on how large files get (POSIX
// setrlimit, RLIMIT_FSIZE): the small frames are whole, of the large one there is nothing.
TEST_F(BatchVerb, AFullDiskSpoilsNoFileAndTheRestIsDoneLater) {
    test::putFrame(folder / "frame2.tif", 500, 400, 3);
    const std::string document = jobInto("full", 6, "full.json");
    // In steps of 1,024 bytes.
    const std::string command = "trap '' XFSZ; ulimit -f 500; exec " REFERO_CLI " batch " + document + " > " +
                                (folder / "lines.txt") + " 2> " + (folder / "errors.txt");
    const int status = std::system(("bash -c \"" + command + "\"").c_str());
    ASSERT_TRUE(WIFEXITED(status));
    EXPECT_EQ(WEXITSTATUS(status), 1) << contentOf(folder / "errors.txt");
    const auto some = written("full");
    EXPECT_EQ(some.size(), 5u) << "nothing half done, nothing beside";
    EXPECT_FALSE(some.contains("0003 frame2.tif"));
    const std::string lines = contentOf(folder / "lines.txt");
    EXPECT_NE(lines.find("\"failed\""), std::string::npos) << lines;
    EXPECT_NE(lines.find("could not be written"), std::string::npos) << lines;
    EXPECT_EQ(call({"batch", document}).status, 0) << "with room again";
    ASSERT_EQ(call({"batch", jobInto("peace", 6, "peace.json")}).status, 0);
    EXPECT_EQ(written("full"), written("peace"));
}

// The example of docs/guide.md: a scheduler that knows nothing of us starts one process a frame.
TEST_F(BatchVerb, ASchedulerSpreadsItOverProcesses) {
    if (std::system("parallel --version > /dev/null 2>&1") != 0)
        GTEST_SKIP() << "GNU parallel is not installed";
    const std::string job = jobInto("spread", 8, "spread.json");
    const std::string command = "seq 8 | parallel -j 3 " REFERO_CLI " batch " + job + " --frame {} > " +
                                (folder / "lines.txt") + " 2>/dev/null";
    EXPECT_EQ(std::system(command.c_str()), 0);
    ASSERT_EQ(call({"batch", jobInto("peace", 8, "peace.json")}).status, 0);
    EXPECT_EQ(written("spread"), written("peace"));
    const std::string lines = contentOf(folder / "lines.txt");
    EXPECT_EQ(std::count(lines.begin(), lines.end(), '\n'), 8);
}

TEST_F(BatchVerb, WhatIsLeftIsNamedByNumber) {
    const std::string job = jobInto("left", 4, "left.json");
    EXPECT_EQ(call({"batch", job, "--left"}).out, "1\n2\n3\n4\n");
    ASSERT_EQ(call({"batch", job, "--frame", "2", "3"}).status, 0);
    EXPECT_EQ(call({"batch", job, "--left"}).out, "1\n4\n");
    ASSERT_EQ(call({"batch", job}).status, 0);
    EXPECT_EQ(call({"batch", job, "--left"}).out, "");
    EXPECT_EQ(call({"batch", folder / "none.json", "--left"}).status, 1);
}

// docs/many-machines.md: two processes of one machine stand for two machines, and one of them is lost once.
TEST_F(BatchVerb, SpreadOverMachinesALostPieceIsDoneAgain) {
    if (std::system("parallel --version > /dev/null 2>&1") != 0)
        GTEST_SKIP() << "GNU parallel is not installed";
    const std::string job = jobInto("far", 12, "far away.json"), flag = folder / "lost",
                      quoted = "'" + job + "'";
    // Goes away in the middle of its piece, the first time that it is given frame 6.
    const std::string wrapper = folder / "refero-far";
    test::put(wrapper, "#!/bin/sh\ncase \" $* \" in *\" 6 \"*) if [ ! -e " + flag + " ]; then : > " + flag +
                           "; " REFERO_CLI " batch " + quoted +
                           " --frame 5 > /dev/null 2>&1; kill -9 $$; fi;; esac\nexec " REFERO_CLI
                           " \"$@\"\n");
    fs::permissions(wrapper, fs::perms::owner_all);
    const std::string command = "REFERO_CLI=" + wrapper +
                                " PIECE=3 " REFERO_SOURCE "/scripts/many-machines/spread " + quoted +
                                " --sshlogin 2/: > /dev/null 2> " + (folder / "errors.txt");
    EXPECT_EQ(std::system(command.c_str()), 0) << contentOf(folder / "errors.txt");
    EXPECT_TRUE(fs::exists(flag)) << "a piece was lost";
    ASSERT_EQ(call({"batch", jobInto("peace", 12, "peace.json")}).status, 0);
    EXPECT_EQ(written("far"), written("peace"));
    // A frame that cannot be done is named.
    const std::string broken = jobInto("broken", 3, "broken.json");
    fs::remove(folder / "frame2.tif");
    const std::string again = "REFERO_CLI=" REFERO_CLI " " REFERO_SOURCE "/scripts/many-machines/spread " +
                              broken + " -j 2 > /dev/null 2> " + (folder / "errors.txt");
    EXPECT_NE(std::system(again.c_str()), 0);
    EXPECT_NE(contentOf(folder / "errors.txt").find("Not finished, by number: 3"), std::string::npos)
        << contentOf(folder / "errors.txt");
}

TEST_F(BatchVerb, ASlurmArrayDoesTheSame) {
    if (std::system("sinfo --noheader --states=idle 2>/dev/null | grep -q idle") != 0)
        GTEST_SKIP() << "no Slurm node is idle here";
    const std::string job = jobInto("array", 10, "array.json");
    const std::string command = "REFERO_CLI=" REFERO_CLI " PIECES=4 " REFERO_SOURCE
                                "/scripts/many-machines/spread-slurm " +
                                job + " > /dev/null 2> " + (folder / "errors.txt");
    EXPECT_EQ(std::system(command.c_str()), 0) << contentOf(folder / "errors.txt");
    ASSERT_EQ(call({"batch", jobInto("peace", 10, "peace.json")}).status, 0);
    EXPECT_EQ(written("array"), written("peace"));
}

}  // namespace
}  // namespace refero
