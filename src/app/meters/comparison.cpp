// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/meters/comparison.h"

#include <QComboBox>
#include <QFileInfo>
#include <QHelpEvent>
#include <QPainter>
#include <QSignalBlocker>
#include <QToolTip>
#include <QVBoxLayout>
#include <algorithm>

#include "app/look/tokens.h"
#include "core/plan/moment.h"

namespace refero {

Comparison::Comparison(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("comparison"));
    setAccessibleName(tr("What moved since an earlier chart shot"));
    setMinimumSize(220, 150);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    frame_ = new QComboBox(this);
    frame_->setObjectName(QStringLiteral("comparedFrame"));
    frame_->setAccessibleName(tr("Chart frame to compare with"));
    frame_->setToolTip(tr("Another chart frame of this setup: the one that is read is held against it."));
    column->addWidget(frame_);
    column->addStretch(1);
    connect(frame_, &QComboBox::activated, this, &Comparison::choose);
}

QString Comparison::path() const {
    const int i = frame_->currentIndex();
    return i < 0 || i >= std::ssize(frames_)
               ? QString()
               : QString::fromStdString(frames_[static_cast<std::size_t>(i)].path);
}

void Comparison::setFrames(const std::vector<studio::Frame>& frames, int offsetMinutes, std::size_t reading) {
    const auto samePath = [](const studio::Frame& a, const studio::Frame& b) { return a.path == b.path; };
    const bool same = std::equal(frames.begin(), frames.end(), frames_.begin(), frames_.end(), samePath);
    if (same && reading == reading_ && !message_.isEmpty()) return;
    reading_ = reading;
    const QString before = path();
    const QSignalBlocker block(frame_);
    frames_ = frames;
    frame_->clear();
    int keep = 0;
    for (std::size_t i = 0; i < frames_.size(); ++i) {
        const QString file = QString::fromStdString(frames_[i].path);
        const auto moment = plan::momentFrom(frames_[i].taken);
        const QString time =
            moment ? QString::fromStdString(plan::clockText(*moment, offsetMinutes)) : QString();
        frame_->addItem((time.isEmpty() ? QString() : time + QStringLiteral("  ")) +
                        QFileInfo(file).fileName());
        if (file == before) keep = static_cast<int>(i);
    }
    frame_->setCurrentIndex(frames_.empty() ? -1 : keep);
    frame_->setVisible(!frames_.empty());
    choose();
}

void Comparison::choose() {
    changes_.clear();
    message_ = frames_.empty() ? tr("There is no other chart frame of this setup to compare with.")
                               : tr("Reading it");
    setAccessibleDescription(message_);
    update();
    if (!frames_.empty()) emit wanted(path());
}

void Comparison::setChanges(const Result<std::vector<ReadingChange>>& changes) {
    changes_ = changes.value_or(std::vector<ReadingChange>{});
    message_ = changes ? QString::fromStdString(inOneSentence(changes_))
                       : QString::fromStdString(changes.error().message);
    setAccessibleDescription(said().join(QLatin1Char(' ')));
    update();
}

QStringList Comparison::said() const {
    QStringList all{message_};
    for (const ReadingChange& c : changes_)
        all << QString::fromStdString(c.title + ": " + c.words) + QLatin1Char('.');
    return all;
}

// What does not fit the panel's width is read in full where the pointer rests.
bool Comparison::event(QEvent* event) {
    if (event->type() != QEvent::ToolTip) return QWidget::event(event);
    QToolTip::showText(static_cast<QHelpEvent*>(event)->globalPos(), said().join(QLatin1Char('\n')), this);
    return true;
}

// What is noticeable stands out by weight and a mark, not by colour.
void Comparison::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const auto& c = look::palette();
    const int top = frame_->isVisible() ? frame_->geometry().bottom() + 6 : 8;
    painter.setPen(c.text);
    painter.setFont(look::font(look::Size::small, QFont::DemiBold));
    const QRect head(8, top, width() - 16, changes_.empty() ? height() - top : 18);
    painter.drawText(head, (changes_.empty() ? Qt::AlignCenter : Qt::AlignLeft) | Qt::TextWordWrap, message_);
    const int row = std::min(20, (height() - top - 22) / std::max(1, static_cast<int>(changes_.size())));
    int y = top + 22;
    for (const ReadingChange& change : changes_) {
        painter.setPen(change.noticeable ? c.loud : c.quiet);
        painter.setFont(look::font(look::Size::small, change.noticeable ? QFont::DemiBold : QFont::Normal));
        if (change.noticeable) painter.fillRect(QRect(8, y + 3, 3, row - 6), c.loud);
        painter.drawText(QRect(18, y, 66, row), Qt::AlignVCenter, QString::fromStdString(change.title));
        const QString words = painter.fontMetrics().elidedText(QString::fromStdString(change.words),
                                                               Qt::ElideRight, width() - 96);
        painter.drawText(QRect(88, y, width() - 96, row), Qt::AlignVCenter, words);
        y += row;
    }
}

}  // namespace refero
