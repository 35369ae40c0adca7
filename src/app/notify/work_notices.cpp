// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/notify/work_notices.h"

#include <QWidget>
#include <utility>

#include "app/notify/desktop_notice.h"
#include "app/session/bench_actions.h"
#include "app/session/day_actions.h"
#include "app/session/handover_actions.h"
#include "app/session/intake_actions.h"
#include "app/session/session.h"

namespace refero {

WorkNotices::WorkNotices(Session& session, QWidget* window)
    : QObject(window), desktop_(new DesktopNotice(window)) {
    FrameQueue& queue = session.handover().frameQueue();
    connect(&queue, &FrameQueue::changed, this, [&queue] {
        if (queue.state() == FrameQueue::State::running) DesktopNotice::progress(queue.done(), queue.all());
    });
    connect(&queue, &FrameQueue::finished, this,
            [this](const QString&, int done, int failed, int all, const QString& error) {
                DesktopNotice::progress(0, 0);
                if (!error.isEmpty()) return desktop_->tell(tr("Frames were not handed over"), error);
                desktop_->tell(tr("%1 of %2 frames are handed over").arg(done).arg(all),
                               failed > 0
                                   ? tr("%n failed; the reasons stand under Handover.", nullptr, failed)
                                   : QString());
            });
    connect(&session.dayWork(), &DayActions::finished, this, [this](bool stopped) {
        if (!stopped)
            desktop_->tell(tr("The day is done"), tr("What became of each setup stands under Frames."));
    });
    connect(&session.intake(), &IntakeActions::progress, this, &DesktopNotice::progress);
    connect(&session.intake(), &IntakeActions::finished, this,
            [this](int broughtIn, const QStringList& problems) {
                DesktopNotice::progress(0, 0);
                desktop_->tell(tr("%n frames came in", nullptr, broughtIn),
                               problems.isEmpty()
                                   ? QString()
                                   : tr("%n could not be read.", nullptr, static_cast<int>(problems.size())));
            });
    BenchActions& bench = session.bench();
    connect(&bench, &BenchActions::progress, this, [this](int done, int all) {
        seriesRead_ = done >= all;
        DesktopNotice::progress(done < all ? done : 0, done < all ? all : 0);
    });
    connect(&bench, &BenchActions::seriesChanged, this, [this, &bench] {
        // Once for each reading: other limits and pairs change the series, too.
        if (bench.series() && !bench.reading() && std::exchange(seriesRead_, false))
            desktop_->tell(tr("The series is read"), tr("Its verdicts stand under Test."));
    });
}

}  // namespace refero
