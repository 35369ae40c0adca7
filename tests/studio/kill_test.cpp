// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>
#include <sys/wait.h>
#include <unistd.h>

#include <csignal>
#include <cstdlib>
#include <random>

#include "studio/shoots.h"
#include "support/temporary.h"

namespace refero::studio {
namespace {

// The k-th action of a series: the same for the same seed and contents.
Status act(Studio& s, unsigned seed, int k) {
    std::mt19937 random(seed * 7919u + static_cast<unsigned>(k));
    const auto& setups = s.contents().all<plan::Setup>();
    const auto some = [&] {
        auto it = setups.begin();
        std::advance(it, static_cast<long>(random() % setups.size()));
        return it->second;
    };
    const unsigned what = random() % 10;
    if (what == 0 && !s.done().empty()) return s.undo();
    if (what == 1 && !s.undone().empty()) return s.redo();
    Edit e = s.edit("Action " + std::to_string(k));
    if (what == 2 && setups.size() > 3) {
        e.removeSetup(some().id);
    } else if (what < 6 && !setups.empty()) {
        plan::Setup changed = some();
        changed.conditions.powerPercent = random() % 101;
        changed.note = std::string(random() % 3000, 'n');
        e.put(changed);
    } else {
        plan::Setup added;
        added.label = "Setup " + std::to_string(k);
        Note note;
        note.setup = e.add(added);
        note.text = std::string(random() % 2000, 't');
        e.add(note);
    }
    return s.commit(e);
}

// Acts until it is killed; says so after each action that was acknowledged.
[[noreturn]] void actForEver(const std::string& path, unsigned seed, int pipe) {
    auto s = Studio::open(path);
    for (int k = 0; s && act(**s, seed, k); ++k)
        if (::write(pipe, &k, sizeof k) != sizeof k) break;
    ::_exit(1);
}

// How many actions were acknowledged before the kill.
int killedSeries(const std::string& path, unsigned seed, int afterMicroseconds) {
    int ends[2];
    if (::pipe(ends) != 0) return -1;
    const pid_t child = ::fork();
    if (child == 0) {
        ::close(ends[0]);
        actForEver(path, seed, ends[1]);
    }
    ::close(ends[1]);
    int k = 0, acknowledged = 0;
    // The clock starts with the first action, so that the kill does not meet the opening alone.
    if (::read(ends[0], &k, sizeof k) == sizeof k) acknowledged = k + 1;
    ::usleep(static_cast<useconds_t>(afterMicroseconds));
    ::kill(child, SIGKILL);
    while (::read(ends[0], &k, sizeof k) == sizeof k) acknowledged = k + 1;
    ::close(ends[0]);
    int status = 0;
    ::waitpid(child, &status, 0);
    EXPECT_TRUE(WIFSIGNALED(status)) << "it stopped by itself";
    return acknowledged;
}

std::string stateAfter(const test::TemporaryFolder& folder, unsigned seed, int actions) {
    const std::string path = folder / "replay.refero";
    std::filesystem::remove(path);
    const auto s = made(path);
    for (int k = 0; k < actions; ++k) EXPECT_TRUE(act(*s, seed, k));
    return text(s->contents());
}

// REFERO_KILL_SERIES=200 for the long form.
TEST(KilledWithoutWarning, EveryAcknowledgedActionIsThere) {
    const char* wanted = std::getenv("REFERO_KILL_SERIES");
    const int series = wanted ? std::atoi(wanted) : 12;
    const test::TemporaryFolder folder;
    std::mt19937 random(20261124);
    int actions = 0;
    for (int i = 0; i < series; ++i) {
        SCOPED_TRACE("series " + std::to_string(i));
        const std::string path = folder / ("s" + std::to_string(i) + ".refero");
        made(path);
        const auto seed = static_cast<unsigned>(i);
        const int acknowledged = killedSeries(path, seed, static_cast<int>(random() % 60000));
        ASSERT_GT(acknowledged, 0);
        actions += acknowledged;
        const auto s = opened(path);
        ASSERT_TRUE(s);
        EXPECT_TRUE(s->check());
        EXPECT_EQ(s->readOnlyBecause(), "") << "the lock went with the process";
        const std::string found = text(s->contents());
        // The one that was under way may have been kept before it could be said.
        if (found != stateAfter(folder, seed, acknowledged)) {
            EXPECT_EQ(found, stateAfter(folder, seed, acknowledged + 1));
        }
        std::filesystem::remove(path);
    }
    RecordProperty("actions", actions);
    std::printf("%d series, %d acknowledged actions\n", series, actions);
}

}  // namespace
}  // namespace refero::studio
