// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/views/compare_view.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

#include "app/look/tokens.h"

namespace refero {
namespace {

void paintTitle(QPainter& painter, const QRectF& view, const QString& text, bool right) {
    painter.setFont(look::font(look::Size::small, QFont::Medium));
    const double w = painter.fontMetrics().horizontalAdvance(text) + 16;
    const QRectF box(right ? view.right() - w - 8 : view.left() + 8, view.top() + 8, w, 22);
    painter.setPen(Qt::NoPen);
    painter.setBrush(QColor(0, 0, 0, 170));
    painter.drawRoundedRect(box, look::kRadius, look::kRadius);
    painter.setPen(Qt::white);
    painter.drawText(box, Qt::AlignCenter, text);
}

}  // namespace

CompareView::CompareView(QWidget* parent) : PictureView(parent) {
    setObjectName(QStringLiteral("compareView"));
    setAccessibleName(QStringLiteral("Before and after"));
    setToolTip(
        QStringLiteral("Drag the edge to wipe; hold F or the space bar to flick to the picture before."));
    setMouseTracking(true);
}

void CompareView::setPair(Levels before, Levels after, QSize fullSize) {
    before_ = std::move(before);
    setPicture(std::move(after), fullSize);
}

void CompareView::setTitles(const QString& before, const QString& after) {
    beforeTitle_ = before;
    afterTitle_ = after;
}

double CompareView::edge() const {
    return flicked_ ? width() : wipe_ * width();
}

void CompareView::paintPicture(QPainter& painter, const QRectF& target) {
    PictureView::paintPicture(painter, target);
    painter.save();
    painter.setClipRect(QRectF(0, 0, edge(), height()));
    drawLevels(painter, before_, target, devicePixelRatioF());
    painter.restore();
}

void CompareView::paintOver(QPainter& painter) {
    if (!hasPicture()) return;
    const double x = edge();
    if (!flicked_) {
        painter.setPen(QPen(Qt::black, 3));
        painter.drawLine(QPointF(x, 0), QPointF(x, height()));
        painter.setPen(QPen(Qt::white, 1));
        painter.drawLine(QPointF(x, 0), QPointF(x, height()));
        painter.setBrush(Qt::black);
        painter.setPen(QPen(Qt::white, 1.5));
        painter.drawEllipse(QPointF(x, height() / 2.0), 8, 8);
    }
    if (x > 90) paintTitle(painter, QRectF(rect()), beforeTitle_, false);
    if (x < width() - 90) paintTitle(painter, QRectF(rect()), afterTitle_, true);
}

void CompareView::setWipe(double share) {
    wipe_ = std::clamp(share, 0.0, 1.0);
    update();
}

void CompareView::mousePressEvent(QMouseEvent* event) {
    setFocus();
    wiping_ = event->button() == Qt::LeftButton && std::abs(event->position().x() - edge()) < 14;
    if (!wiping_) PictureView::mousePressEvent(event);
}

void CompareView::mouseMoveEvent(QMouseEvent* event) {
    if (wiping_) return setWipe(event->position().x() / width());
    setCursor(std::abs(event->position().x() - edge()) < 14 ? Qt::SplitHCursor : Qt::ArrowCursor);
    PictureView::mouseMoveEvent(event);
}

void CompareView::mouseReleaseEvent(QMouseEvent* event) {
    wiping_ = false;
    PictureView::mouseReleaseEvent(event);
}

void CompareView::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
        case Qt::Key_F:
        case Qt::Key_Space:
            flicked_ = true;
            return update();
        case Qt::Key_Left:
            return setWipe(wipe_ - 0.02);
        case Qt::Key_Right:
            return setWipe(wipe_ + 0.02);
        default:
            PictureView::keyPressEvent(event);
    }
}

void CompareView::keyReleaseEvent(QKeyEvent* event) {
    if (event->isAutoRepeat() || (event->key() != Qt::Key_F && event->key() != Qt::Key_Space))
        return PictureView::keyReleaseEvent(event);
    flicked_ = false;
    update();
}

void CompareView::focusOutEvent(QFocusEvent* event) {
    flicked_ = false;
    PictureView::focusOutEvent(event);
}

}  // namespace refero
