// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/frame_queue.h"

namespace refero {

namespace {

// Of a quick picture's pixels; below that nobody sees what was cut.
constexpr double kMuchCut = 0.005;

}  // namespace

void FrameQueue::run(const QString& job) {
    if (state_ == State::running || state_ == State::pausing) return;
    job_ = job;
    done_ = fresh_ = all_ = quick_ = cutFrames_ = 0;
    leaving_ = false;
    problems_.clear();
    reports_.clear();
    state_ = State::running;
    clock_.restart();
    // Calls a member on the window's thread, unless another run has begun by then.
    const auto later = [this, run = ++run_](auto call) {
        const auto guarded = [this, run, call = std::move(call)]() mutable {
            if (run == run_) call();
        };
        QMetaObject::invokeMethod(this, std::move(guarded), Qt::QueuedConnection);
    };
    worker_ = std::jthread([this, later, path = job.toStdString()](const std::stop_token& stop) {
        io::BatchOptions o;
        o.stopped = [&stop] { return stop.stop_requested(); };
        o.report = [this, later](const io::FrameReport& r) { later([this, r] { told(r); }); };
        o.begun = [this, later](std::size_t frames) {
            later([this, frames] {
                all_ = static_cast<int>(frames);
                emit changed();
            });
        };
        later([this, summary = io::runBatch(path, o)] { ended(summary); });
    });
    emit changed();
}

void FrameQueue::pause() {
    if (state_ != State::running) return;
    state_ = State::pausing;
    worker_.request_stop();
    emit changed();
}

void FrameQueue::goOn() {
    if (state_ == State::paused) run(job_);
}

void FrameQueue::cancel() {
    leaving_ = true;
    worker_.request_stop();
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
    if (r.fate == io::FrameFate::quick) {
        ++quick_;
        clock_.restart();  // how long a frame takes, the others tell
        cutFrames_ += r.cutShare > kMuchCut;
        emit changed();
        return;
    }
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
