// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QFutureWatcher>
#include <QObject>
#include <QtConcurrent/QtConcurrentRun>
#include <functional>
#include <utility>

namespace refero {

/// Runs `work` on a worker thread and gives its result to `done` on the window's thread; nothing is given
/// once `owner` is gone. `work` must not touch the window.
template <class Work, class Done>
void runJob(QObject* owner, Work work, Done done) {
    using Value = decltype(work());
    // Shared, since a future copies its result and images and frames should not be copied.
    using Shared = std::shared_ptr<Value>;
    auto* watcher = new QFutureWatcher<Shared>(owner);
    QObject::connect(watcher, &QFutureWatcher<Shared>::finished, owner,
                     [watcher, done = std::move(done)]() mutable {
                         const Shared value = watcher->result();
                         watcher->deleteLater();
                         done(std::move(*value));
                     });
    watcher->setFuture(
        QtConcurrent::run([work = std::move(work)]() mutable { return std::make_shared<Value>(work()); }));
}

}  // namespace refero
