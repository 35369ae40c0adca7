// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/stand_back.h"

#include <sys/resource.h>
#include <unistd.h>

// Qt's word for a signal is a name of theirs.
#pragma push_macro("emit")
#undef emit
#include <tbb/task_scheduler_observer.h>
#pragma pop_macro("emit")

namespace refero {
namespace {

class StandingBack : public tbb::task_scheduler_observer {
  public:
    StandingBack() { observe(true); }
    ~StandingBack() override { observe(false); }
    void on_scheduler_entry(bool worker) override {
        if (worker) standBack();
    }
};

}  // namespace

void standBack() {
    constexpr int kBehind = 10;
    // Linux has it for a thread, not for all of the process.
    thread_local const bool done = ::setpriority(PRIO_PROCESS, static_cast<id_t>(::gettid()), kBehind) == 0;
    (void)done;
}

void standBackTogether() {
    static StandingBack observer;
}

}  // namespace refero
