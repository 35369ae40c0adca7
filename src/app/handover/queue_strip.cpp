// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/handover/queue_strip.h"

#include <QCoreApplication>
#include <QHBoxLayout>
#include <QProgressBar>
#include <QVBoxLayout>
#include <algorithm>

#include "app/dialogs/problem_lines.h"
#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/look/time_left.h"
#include "app/session/frame_queue.h"

namespace refero {

QueueStrip::QueueStrip(FrameQueue& queue, QWidget* parent) : QWidget(parent), queue_(queue) {
    setObjectName(QStringLiteral("frameQueue"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    auto* row = new QHBoxLayout;
    column->addLayout(row);
    row->setSpacing(8);
    text_ = new look::Label({}, look::Size::small);
    text_->setObjectName(QStringLiteral("queueText"));
    text_->setWordWrap(false);
    row->addWidget(text_);
    bar_ = new QProgressBar(this);
    bar_->setObjectName(QStringLiteral("queueBar"));
    bar_->setAccessibleName(tr("Frames that are done"));
    bar_->setTextVisible(false);
    row->addWidget(bar_, 1);
    pause_ = new look::Button(look::Button::Kind::plain, tr("Pause"), this);
    pause_->setObjectName(QStringLiteral("queuePause"));
    connect(pause_, &QAbstractButton::clicked, this,
            [this] { queue_.state() == FrameQueue::State::paused ? queue_.goOn() : queue_.pause(); });
    row->addWidget(pause_);
    cancel_ = new look::Button(look::Button::Kind::plain, tr("Stop here"), this);
    cancel_->setObjectName(QStringLiteral("queueCancel"));
    cancel_->setToolTip(tr("What is finished stays; the rest can be taken up from the history."));
    connect(cancel_, &QAbstractButton::clicked, &queue_, &FrameQueue::cancel);
    row->addWidget(cancel_);
    problems_ = new ProblemLines("queueProblems", tr("Frames that were not handed over"), this);
    column->addWidget(problems_);
    connect(&queue_, &FrameQueue::changed, this, &QueueStrip::refresh);
    refresh();
}

void QueueStrip::refresh() {
    using State = FrameQueue::State;
    const State state = queue_.state();
    const bool busy = state != State::idle;
    setVisible(busy || !queue_.problems().isEmpty());
    bar_->setRange(0, std::max(1, queue_.all()));
    bar_->setValue(queue_.done() + queue_.failed());
    QString words = told("%1 of %2 frames").arg(queue_.done()).arg(queue_.all());
    if (queue_.quick() > 0 && queue_.done() == 0)
        words = QCoreApplication::translate("QueueStrip", "%1 of %2 frames, quick")
                    .arg(queue_.quick())
                    .arg(queue_.all());
    if (queue_.cutFrames() > 0)
        words += QCoreApplication::translate(
            "QueueStrip", "; in %n the camera had cut colours, which the raw files bring back", nullptr,
            queue_.cutFrames());
    if (queue_.failed() > 0) words += told(", %1 failed").arg(queue_.failed());
    if (state == State::pausing) words += told(", pausing");
    if (state == State::paused) words += told(", paused");
    text_->setText(words + timeLeft(queue_.left()));
    problems_->setProblems(queue_.problems());
    pause_->setText(state == State::paused ? tr("Go on") : tr("Pause"));
    pause_->setVisible(busy);
    pause_->setEnabled(state != State::pausing);
    cancel_->setVisible(busy);
}

}  // namespace refero
