// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QElapsedTimer>
#include <QObject>
#include <QStringList>
#include <thread>
#include <vector>

#include "io/batch/run.h"

namespace refero {

/// Works through one job of frames in the background. Paused or left by a crash, it goes on where it was.
class FrameQueue : public QObject {
    Q_OBJECT
  public:
    enum class State { idle, running, pausing, paused };

    using QObject::QObject;

    /// Begins a job's document, or goes on with it. Nothing while another is at work.
    void run(const QString& job);
    /// After the bands at work; goOn() takes up again.
    void pause();
    void goOn();
    /// Leaves the rest; what is finished stays.
    void cancel();

    State state() const { return state_; }
    const QString& job() const { return job_; }
    int done() const { return done_; }
    int failed() const { return static_cast<int>(problems_.size()); }
    int all() const { return all_; }
    /// Quick pictures that this run made; and of them, those of which the camera's encoding had cut many
    /// colours.
    int quick() const { return quick_; }
    int cutFrames() const { return cutFrames_; }
    /// Milliseconds, -1 while that cannot be said.
    qint64 left() const;
    /// What became of the frames of this run, in the order in which they ended.
    const std::vector<io::FrameReport>& reports() const { return reports_; }
    /// A line for each frame that failed.
    const QStringList& problems() const { return problems_; }

  signals:
    void changed();
    /// It came to its end, was left, or could not begin; `error` says why.
    void finished(const QString& job, int done, int failed, int all, const QString& error);

  private:
    void told(const io::FrameReport& report);
    void ended(const Result<io::BatchSummary>& summary);

    State state_ = State::idle;
    QString job_;
    int done_ = 0, fresh_ = 0, all_ = 0, quick_ = 0, cutFrames_ = 0;
    bool leaving_ = false;
    QStringList problems_;
    std::vector<io::FrameReport> reports_;
    QElapsedTimer clock_;
    int run_ = 0;          ///< counts the runs: what an older one still reports is not heard
    std::jthread worker_;  ///< last: it reports to this object until it has ended, within a band of rows
};

}  // namespace refero
