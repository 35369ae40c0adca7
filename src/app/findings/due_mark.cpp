// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/findings/due_mark.h"

#include <QPainter>

namespace refero {

void paintDueMark(QPainter& painter, const QPointF& at, plan::DueState state, const QColor& ink) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(ink, 1.5));
    painter.setBrush(Qt::NoBrush);
    switch (state) {
        case plan::DueState::due:
            painter.drawEllipse(at, 4, 4);
            break;
        case plan::DueState::done:
            painter.setBrush(ink);
            painter.drawEllipse(at, 4, 4);
            break;
        case plan::DueState::stale:
            painter.drawEllipse(at, 4, 4);
            painter.setPen(Qt::NoPen);
            painter.setBrush(ink);
            painter.drawChord(QRectF(at.x() - 4.5, at.y() - 4.5, 9, 9), 90 * 16, 180 * 16);
            break;
        case plan::DueState::missing:
            painter.drawRect(QRectF(at.x() - 4.5, at.y() - 4.5, 9, 9));
            painter.drawLine(at + QPointF(-2, -2), at + QPointF(2, 2));
            painter.drawLine(at + QPointF(-2, 2), at + QPointF(2, -2));
            break;
    }
    painter.restore();
}

}  // namespace refero
