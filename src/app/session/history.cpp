// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/history.h"

#include <algorithm>

#include "studio/studio.h"

namespace refero {

void History::follow(studio::Studio* studio) {
    studio_ = studio;
    refresh();
}

int History::count() const {
    return studio_ ? static_cast<int>(studio_->done().size() + studio_->undone().size()) : 0;
}

int History::index() const {
    return studio_ ? static_cast<int>(studio_->done().size()) : 0;
}

QString History::text(int step) const {
    const auto i = static_cast<std::size_t>(step), done = studio_->done().size();
    return QString::fromStdString(i < done ? studio_->done()[i].name : studio_->undone()[i - done].name);
}

void History::setIndex(int wanted) {
    if (!studio_) return;
    const int target = std::clamp(wanted, 0, count());
    if (target == index()) return;
    while (index() != target) {
        const Status moved = index() > target ? studio_->undo() : studio_->redo();
        if (!moved) {
            emit refused(QString::fromStdString(moved.error().message));
            break;
        }
    }
    emit moved();
    refresh();
}

}  // namespace refero
