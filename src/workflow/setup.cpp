// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/setup.h"

namespace refero::workflow {

Progress Setup::progress() const {
    if (!reading) {
        if (correction && correction->loan) return handover ? Progress::done : Progress::lent;
        if (plan.state == plan::DueState::done) return Progress::served;
        return plan.state == plan::DueState::due ? Progress::chartDue : Progress::chartMissing;
    }
    if (correction && correction->loan) return handover ? Progress::done : Progress::lent;
    if (reading->verdict == Verdict::reshoot) return Progress::shootAgain;
    if (plan.state == plan::DueState::stale || !leaderChanged.empty()) return Progress::stale;
    if (!correction) return Progress::read;
    if (!handover) return handedOver.empty() ? Progress::corrected : Progress::changed;
    return Progress::done;
}

}  // namespace refero::workflow
