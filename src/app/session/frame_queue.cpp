// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/frame_queue.h"

#include <QThread>

#include "app/session/job.h"

namespace refero {

// The workers report to this object until they have ended, which is within a band of rows.
FrameQueue::~FrameQueue() {
    if (!stop_) return;
    *stop_ = true;
    while (!*over_) QThread::msleep(1);
}

void FrameQueue::run(const QString& job) {
    if (state_ == State::running || state_ == State::pausing) return;
    job_ = job;
    done_ = fresh_ = all_ = 0;
    leaving_ = false;
    problems_.clear();
    reports_.clear();
    state_ = State::running;
    clock_.restart();
    stop_ = std::make_shared<std::atomic<bool>>(false);
    over_ = std::make_shared<std::atomic<bool>>(false);
    io::BatchOptions o;
    o.stopped = [stop = stop_] { return stop->load(); };
    o.report = [this, stop = stop_](const io::FrameReport& r) {
        QMetaObject::invokeMethod(
            this,
            [this, stop, r] {
                if (stop == stop_) told(r);
            },
            Qt::QueuedConnection);
    };
    o.begun = [this, stop = stop_](std::size_t frames) {
        QMetaObject::invokeMethod(
            this,
            [this, stop, frames] {
                if (stop != stop_) return;
                all_ = static_cast<int>(frames);
                emit changed();
            },
            Qt::QueuedConnection);
    };
    runJob(
        this,
        [path = job.toStdString(), o, over = over_] {
            auto summary = io::runBatch(path, o);
            *over = true;
            return summary;
        },
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
    reports_.push_back(r);
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
