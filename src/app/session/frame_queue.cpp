// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/frame_queue.h"

#include <QFileInfo>
#include <QPointer>

#include "app/session/job.h"

namespace refero {

FrameQueue::~FrameQueue() {
    if (stop_) *stop_ = true;
}

void FrameQueue::run(const QString& job) {
    if (state_ == State::running || state_ == State::pausing) return;
    job_ = job;
    done_ = fresh_ = all_ = 0;
    leaving_ = false;
    problems_.clear();
    state_ = State::running;
    clock_.restart();
    stop_ = std::make_shared<std::atomic<bool>>(false);
    io::BatchOptions o;
    o.stopped = [stop = stop_] { return stop->load(); };
    // Reports come from the workers; the queue may be gone by the time that they arrive.
    o.report = [queue = QPointer(this), stop = stop_](const io::FrameReport& r) {
        if (*stop && r.fate == io::FrameFate::failed) return;
        QMetaObject::invokeMethod(
            queue.data(),
            [queue, r] {
                if (queue) queue->told(r);
            },
            Qt::QueuedConnection);
    };
    o.begun = [queue = QPointer(this)](std::size_t frames) {
        QMetaObject::invokeMethod(
            queue.data(),
            [queue, frames] {
                if (!queue) return;
                queue->all_ = static_cast<int>(frames);
                emit queue->changed();
            },
            Qt::QueuedConnection);
    };
    runJob(
        this, [path = job.toStdString(), o] { return io::runBatch(path, o); },
        [this](const Result<io::BatchSummary>& summary) { ended(summary); });
    emit changed();
}

void FrameQueue::pause() {
    if (state_ != State::running) return;
    state_ = State::pausing;
    *stop_ = true;
    emit changed();
}

void FrameQueue::goOn() {
    if (state_ == State::paused) run(job_);
}

void FrameQueue::cancel() {
    leaving_ = true;
    if (stop_) *stop_ = true;
    if (state_ == State::paused) {
        state_ = State::idle;
        emit finished(job_, done_, failed(), all_, {});
        emit changed();
    }
}

qint64 FrameQueue::left() const {
    if (fresh_ == 0 || state_ != State::running) return -1;
    return clock_.elapsed() * (all_ - done_ - failed()) / fresh_;
}

void FrameQueue::told(const io::FrameReport& r) {
    if (r.fate == io::FrameFate::failed)
        problems_ << QString::fromStdString(r.message);
    else
        ++done_;
    fresh_ += r.fate == io::FrameFate::done;
    emit changed();
}

void FrameQueue::ended(const Result<io::BatchSummary>& summary) {
    const QString error = summary ? QString() : QString::fromStdString(summary.error().message);
    const bool rest = summary && summary->left > 0;
    state_ = rest && !leaving_ ? State::paused : State::idle;
    if (summary) {
        done_ = static_cast<int>(summary->done + summary->kept + summary->skipped);
        all_ = static_cast<int>(done_ + static_cast<int>(summary->failed + summary->left));
    }
    if (state_ == State::idle) emit finished(job_, done_, failed(), all_, error);
    emit changed();
}

}  // namespace refero
