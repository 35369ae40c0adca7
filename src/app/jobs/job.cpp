// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/jobs/job.h"

#include <QCoreApplication>
#include <QThread>
#include <QThreadPool>
#include <deque>
#include <list>
#include <mutex>
#include <utility>

#include "app/jobs/stand_back.h"

namespace refero::jobs {
namespace {

// The one queue of the program. It outlives every window and is empty when the application object goes. What
// nobody looks at yet is done one after the other, and only begun while nothing that is looked at has the
// cores.
class Queue {
  public:
    Queue() {
        pool_.setObjectName(QStringLiteral("jobs"));
        // One more than there are cores: a worker that waits for a disk must not hold up a picture.
        pool_.setMaxThreadCount(QThread::idealThreadCount() + 1);
        qAddPostRoutine(stopAll);
    }

    void add(std::function<void()> work, Urgency urgency, const std::stop_source& source) {
        const std::scoped_lock lock(mutex_);
        const auto entry = sources_.insert(sources_.end(), source);
        std::function<void()> job = [this, entry, urgency, work = std::move(work)] {
            standBack();
            work();
            const std::scoped_lock ended(mutex_);
            sources_.erase(entry);
            (urgency == Urgency::later ? laterRunning_ : running_) -= 1;
            beginLater();
        };
        if (urgency == Urgency::later) {
            waiting_.push_back(std::move(job));
            return beginLater();
        }
        ++running_;
        pool_.start(std::move(job), static_cast<int>(urgency));
    }

    void stop() {
        {
            const std::scoped_lock lock(mutex_);
            for (std::stop_source& s : sources_) s.request_stop();
            // They are asked to stop, so they end at once.
            while (!waiting_.empty()) {
                ++laterRunning_;
                pool_.start(std::move(waiting_.front()));
                waiting_.pop_front();
            }
        }
        pool_.waitForDone();
    }

    std::size_t atWork() {
        const std::scoped_lock lock(mutex_);
        return sources_.size();
    }

  private:
    void beginLater() {
        if (waiting_.empty() || running_ > 0 || laterRunning_ > 0) return;
        ++laterRunning_;
        pool_.start(std::move(waiting_.front()), static_cast<int>(Urgency::later));
        waiting_.pop_front();
    }

    std::mutex mutex_;
    std::list<std::stop_source> sources_;  ///< of what is queued or running
    std::deque<std::function<void()>> waiting_;
    int running_ = 0, laterRunning_ = 0;
    QThreadPool pool_;  ///< last: it waits for its workers
};

Queue& theQueue() {
    static Queue queue;
    return queue;
}

}  // namespace

void queue(std::function<void()> work, Urgency urgency, const std::stop_source& source) {
    theQueue().add(std::move(work), urgency, source);
}

void stopAll() {
    theQueue().stop();
}

std::size_t atWork() {
    return theQueue().atWork();
}

}  // namespace refero::jobs
