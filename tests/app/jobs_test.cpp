// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Who waits for whom: what the system knows of the window's thread and of those that work for it.
#include "app/jobs/job.h"

#include <sys/resource.h>
#include <sys/syscall.h>
#include <unistd.h>

#include <algorithm>
#include <atomic>
#include <cstdint>
#include <optional>
#include <thread>
#include <utility>

#include "app/jobs/stand_back.h"
#include "window_fixture.h"

// Qt's word for a signal is a name of theirs.
#pragma push_macro("emit")
#undef emit
#include <tbb/parallel_for.h>
#pragma pop_macro("emit")

namespace refero {
namespace {

int niceness() {
    return ::getpriority(PRIO_PROCESS, static_cast<id_t>(::gettid()));
}

// As sched_getattr(2) has it, ns; 0 where the system does not tell (before Linux 6.12).
std::uint64_t slice() {
    struct {
        std::uint32_t size = 48, policy = 0;
        std::uint64_t flags = 0;
        std::int32_t nice = 0;
        std::uint32_t priority = 0;
        std::uint64_t runtime = 0, deadline = 0, period = 0;
    } told;
    return ::syscall(SYS_sched_getattr, 0, &told, sizeof told, 0) == 0 ? told.runtime : 0;
}

struct Thread {
    int nice = 0;
    std::uint64_t slice = 0;
};

class Jobs : public WindowTest {
  protected:
    /// What a job's thread is like, and the worst of those that work together for it.
    std::pair<Thread, int> ofAJob() {
        std::optional<std::pair<Thread, int>> told;
        runJob(
            window.get(),
            [] {
                const Thread self{niceness(), slice()};
                std::atomic<int> least = self.nice;
                tbb::parallel_for(0, 2000, [&](int) {
                    const int nice = niceness();
                    for (int seen = least; nice < seen && !least.compare_exchange_weak(seen, nice);) {
                    }
                });
                return std::pair(self, least.load());
            },
            [&](std::pair<Thread, int> t) { told = t; });
        EXPECT_TRUE(eventually([&] { return told.has_value(); }));
        return told.value_or(std::pair<Thread, int>{});
    }
};

TEST_F(Jobs, StandBehindTheWindowTogether) {
    const int own = niceness();
    const auto [job, together] = ofAJob();
    EXPECT_EQ(job.nice, std::max(own, 10));
    EXPECT_EQ(together, job.nice) << "of the threads that it works with";
    EXPECT_EQ(niceness(), own) << "of the window's";
}

TEST_F(Jobs, TheWindowIsServedAsSoonAsItAsks) {
    goFirst();
    const auto [job, together] = ofAJob();
    if (slice() == 0) GTEST_SKIP() << "this system tells no slices";
    EXPECT_LT(slice(), job.slice);
    EXPECT_LE(slice(), 200'000u);
    std::uint64_t begun = 0;
    std::thread([&] { begun = slice(); }).join();
    EXPECT_GT(begun, slice()) << "of what the window begins";
}

}  // namespace
}  // namespace refero
