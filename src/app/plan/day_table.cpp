// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plan/day_table.h"

#include <QHeaderView>
#include <QMouseEvent>
#include <QPainter>

#include "app/look/button.h"
#include "app/look/tokens.h"
#include "app/plan/day_delegate.h"
#include "app/plan/setup_fields.h"

namespace refero {
namespace {

constexpr int kRow = 62, kEdge = 6, kShortest = 5;
constexpr int kSetupWidth = 244, kChartWidth = 244, kNarrower = 52;

}  // namespace

DayTable::DayTable(QWidget* parent) : RowTable(parent) {
    setObjectName(QStringLiteral("dayTable"));
    setAccessibleName(tr("The day's setups"));
    setModel(&model_);
    setItemDelegate(new DayDelegate(*this));
    setHorizontalHeader(new DayHeader(*this));
    verticalHeader()->setDefaultSectionSize(kRow);
    horizontalHeader()->setSectionResizeMode(QHeaderView::Fixed);
    horizontalHeader()->setFixedHeight(28);
    setCompact(false);
    connect(horizontalHeader(), &QHeaderView::sectionResized, this, &DayTable::timeColumnMoved);
}

void DayTable::setCompact(bool compact) {
    const int less = compact ? kNarrower : 0;
    setWidths({kSetupWidth - less, 0, kChartWidth - less});
}

int DayTable::heightOfAll() const {
    return horizontalHeader()->height() + model_.rowCount() * kRow + 2;
}

QRect DayTable::timeColumn() const {
    return {columnViewportPosition(DayModel::time) + 2 * look::kStep, 0,
            columnWidth(DayModel::time) - 4 * look::kStep, viewport()->height()};
}

std::pair<std::optional<int>, std::optional<int>> DayTable::spanOf(int row) const {
    if (drag_.row == row && drag_.moved) return {drag_.start, drag_.end};
    const DayRow& r = model_.rows()[static_cast<std::size_t>(row)];
    return {r.start, r.end};
}

int DayTable::minutesAt(int x) const {
    const QRect column = timeColumn();
    return model_.axis().minutesAt(double(x - column.left()) / column.width());
}

int DayTable::xOf(int minutes) const {
    const QRect column = timeColumn();
    return column.left() + int(model_.axis().shareOf(minutes) * column.width());
}

bool DayTable::inTime(const QPoint& at) const {
    const QRect column = timeColumn();
    return at.x() >= column.left() && at.x() <= column.right();
}

DayTable::Grip DayTable::gripAt(const QPoint& at, int row) const {
    if (row < 0 || !inTime(at)) return Grip::none;
    const DayRow& r = model_.rows()[static_cast<std::size_t>(row)];
    if (!r.start) return Grip::end;  // draws a new one
    const int start = xOf(*r.start), end = xOf(r.end.value_or(*r.start + 30));
    // Of a short bar most is for moving it.
    const int inner = std::min(kEdge, (end - start) / 4);
    if (at.x() >= end - inner && at.x() <= end + kEdge) return Grip::end;
    if (at.x() >= start - kEdge && at.x() <= start + inner) return Grip::start;
    return at.x() > start && at.x() < end ? Grip::whole : Grip::none;
}

// Around the whole line, above all of its cells.
void DayTable::paintEvent(QPaintEvent* event) {
    RowTable::paintEvent(event);
    if (!hasFocus() || !currentIndex().isValid()) return;
    QPainter painter(viewport());
    look::paintFocusRing(painter, QRect(0, rowViewportPosition(currentIndex().row()), viewport()->width(),
                                        rowHeight(currentIndex().row())));
}

void DayTable::mousePressEvent(QMouseEvent* event) {
    const int row = indexAt(event->pos()).row();
    if (event->button() == Qt::LeftButton) {
        const Grip grip = gripAt(event->pos(), row);
        if (grip != Grip::none) {
            const DayRow& r = model_.rows()[static_cast<std::size_t>(row)];
            const int here = minutesAt(event->pos().x());
            const int start = r.start.value_or(here);
            drag_ = {row, grip, here, start, r.start ? r.end.value_or(start + 30) : start, false};
        }
    }
    QTableView::mousePressEvent(event);
}

void DayTable::mouseMoveEvent(QMouseEvent* event) {
    if (drag_.grip == Grip::none) {
        const Grip over = gripAt(event->pos(), indexAt(event->pos()).row());
        viewport()->setCursor(over == Grip::none    ? Qt::ArrowCursor
                              : over == Grip::whole ? Qt::OpenHandCursor
                                                    : Qt::SizeHorCursor);
        return RowTable::mouseMoveEvent(event);
    }
    constexpr int kLast = 24 * 60 - 1;
    const DayRow& r = model_.rows()[static_cast<std::size_t>(drag_.row)];
    const int here = minutesAt(event->pos().x());
    if (here == drag_.grabbed && !drag_.moved) return;
    drag_.moved = true;
    if (drag_.grip == Grip::whole) {
        const int length = r.end.value_or(*r.start + 30) - *r.start;
        drag_.start = std::clamp(*r.start + here - drag_.grabbed, 0, kLast - length);
        drag_.end = drag_.start + length;
    } else if (drag_.grip == Grip::start) {
        drag_.start = std::min(here, drag_.end - kShortest);
    } else {
        drag_.end = std::max(here, drag_.start + kShortest);
    }
    viewport()->update();
}

void DayTable::mouseReleaseEvent(QMouseEvent* event) {
    const Drag done = std::exchange(drag_, {});
    QTableView::mouseReleaseEvent(event);
    if (done.moved)
        emit timeDragged(model_.rows()[static_cast<std::size_t>(done.row)].setup, done.start, done.end);
    viewport()->update();
}

void DayTable::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape && drag_.grip != Grip::none) {
        drag_ = {};
        return viewport()->update();
    }
    RowTable::keyPressEvent(event);
}

void DayTable::currentChanged(const QModelIndex& now, const QModelIndex& before) {
    RowTable::currentChanged(now, before);
    if (now.isValid()) emit chosen(model_.rows()[static_cast<std::size_t>(now.row())].setup);
}

void DayTable::resizeEvent(QResizeEvent* event) {
    RowTable::resizeEvent(event);
    emit timeColumnMoved();
}

}  // namespace refero
