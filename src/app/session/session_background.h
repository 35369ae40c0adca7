// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/session/job.h"
#include "app/session/session.h"

namespace refero {

// An answer that comes after another studio was opened belongs to nobody: ids there mean other setups.
template <class Work, class Done>
void Session::inBackground(Work work, Done done) {
    runJob(this, std::move(work),
           [this, studio = studios_, done = std::move(done)]<class Value>(Value&& value) mutable {
               if (studio == studios_) done(std::forward<Value>(value));
           });
}

}  // namespace refero
