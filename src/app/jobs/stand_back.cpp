// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/jobs/stand_back.h"

#include <sys/resource.h>
#include <sys/syscall.h>
#include <unistd.h>

#include <chrono>
#include <cstdint>

// Qt's word for a signal is a name of theirs.
#pragma push_macro("emit")
#undef emit
#include <tbb/task_scheduler_observer.h>
#pragma pop_macro("emit")

namespace refero {
namespace {

// What Linux's sched_setattr(2) takes. The C library has no name for it.
struct SchedulingOfThread {
    std::uint32_t size = sizeof(SchedulingOfThread);
    std::uint32_t policy = 0;  // SCHED_OTHER
    std::uint64_t flags = 0;
    std::int32_t nice = 0;
    std::uint32_t priority = 0;
    std::uint64_t slice = 0;  // ns; 0: the system's own. Before Linux 6.12 it is not looked at.
    std::uint64_t deadline = 0, period = 0;
};

// Of the calling thread. The result is of no use: without it all is slower.
void schedule(int nice, std::chrono::nanoseconds slice, std::uint64_t flags = 0) {
    SchedulingOfThread wanted;
    wanted.flags = flags;
    wanted.nice = nice;
    wanted.slice = static_cast<std::uint64_t>(slice.count());
    ::syscall(SYS_sched_setattr, 0, &wanted, 0);
}

void goBehind() {
    constexpr int kBehind = 10;
    thread_local const bool done = (schedule(kBehind, {}), true);
    (void)done;
}

// Of the arena in which the calling thread shares its work out.
class Together : public tbb::task_scheduler_observer {
  public:
    Together() { observe(true); }
    ~Together() override { observe(false); }
    void on_scheduler_entry(bool) override { goBehind(); }
};

}  // namespace

// Who asks for a short slice takes the core at once from who has a longer one. It is the window's alone: not
// of its other threads, and not of programs that it opens.
void goFirst() {
    constexpr std::uint64_t kResetOnFork = 1;  // SCHED_FLAG_RESET_ON_FORK
    schedule(::getpriority(PRIO_PROCESS, 0), std::chrono::microseconds(100), kResetOnFork);
}

void standBack() {
    goBehind();
    thread_local Together together;
}

}  // namespace refero
