// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QFutureWatcher>
#include <QObject>
#include <QPromise>
#include <cstddef>
#include <functional>
#include <memory>
#include <stop_token>
#include <type_traits>
#include <utility>

namespace refero {

/// What is waited for on the screen goes before what nobody looks at yet.
enum class Urgency { later = 0, soon = 1, now = 2 };

namespace jobs {

/// Queues `work` for the workers; `stopAll` asks `source` to stop while it is queued or running.
void queue(std::function<void()> work, Urgency urgency, const std::stop_source& source);
/// Asks all work to stop and waits until none is running or queued. Called when the application object goes,
/// since papers and pictures stand on it; the window calls it when it goes.
void stopAll();
/// How many jobs are queued or running.
std::size_t atWork();

}  // namespace jobs

/// Runs `work` on a worker thread and gives its result to `done` on the window's thread; nothing is given
/// once `owner` is gone. `work` must not touch the window. It may take a std::stop_token, which is asked to
/// stop when `owner` goes, and by the source that is returned. Work that is not begun by then never is.
template <class Work, class Done>
std::stop_source runJob(QObject* owner, Work work, Done done, Urgency urgency = Urgency::soon) {
    constexpr bool stoppable = std::is_invocable_v<Work&, std::stop_token>;
    std::stop_source source;
    const auto run = [](Work& w, const std::stop_token& stop) {
        if constexpr (stoppable)
            return w(stop);
        else
            return w();
    };
    using Value = std::invoke_result_t<decltype(run), Work&, std::stop_token>;
    // Shared, since a future copies its result and images and frames should not be copied.
    using Shared = std::shared_ptr<Value>;
    auto* watcher = new QFutureWatcher<Shared>(owner);
    QObject::connect(watcher, &QFutureWatcher<Shared>::finished, owner,
                     [watcher, done = std::move(done)]() mutable {
                         // Work that was still queued when all was stopped has no result.
                         const QFuture<Shared> future = watcher->future();
                         watcher->deleteLater();
                         if (future.resultCount() > 0) done(std::move(*future.result()));
                     });
    QObject::connect(watcher, &QObject::destroyed, [source]() mutable { source.request_stop(); });
    auto promise = std::make_shared<QPromise<Shared>>();
    promise->start();
    watcher->setFuture(promise->future());
    jobs::queue(
        [promise, run, work = std::make_shared<Work>(std::move(work)), stop = source.get_token()] {
            // What nobody waits for any more is not begun.
            if (!stop.stop_requested()) promise->addResult(std::make_shared<Value>(run(*work, stop)));
            promise->finish();
        },
        urgency, source);
    return source;
}

}  // namespace refero
