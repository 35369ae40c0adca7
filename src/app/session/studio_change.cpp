// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/studio_change.h"

#include <utility>

#include "app/jobs/job.h"
#include "app/look/text.h"
#include "app/session/session.h"

namespace refero {

StudioChange::StudioChange(Session& session, QObject* parent) : QObject(parent), session_(session) {}

// One after the other: the same file asked for twice would find itself in use.
void StudioChange::to(Make make, Then then) {
    next_ = Asked{std::move(make), std::move(then)};
    if (!underWay_) begin();
}

void StudioChange::begin() {
    underWay_ = true;
    Asked asked = *std::exchange(next_, std::nullopt);
    runJob(
        this, std::move(asked.make),
        [this, then = std::move(asked.then)](Made made) {
            if (next_) {
                if (made) made->reset();
                return begin();
            }
            underWay_ = false;
            if (made) session_.use(*std::move(made));
            const QString failure = made ? QString() : text(made.error().message);
            then(made ? Status() : Status(tl::unexpected(made.error())));
            if (!underWay_) emit settled(failure);
        },
        Urgency::now);
}

}  // namespace refero
