// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/findings/marks.h"

#include <QPainter>

namespace refero {

void doubleLine(QPainter& painter, const QPainterPath& path, double width, Qt::PenStyle style) {
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(Qt::black, width + 2, Qt::SolidLine));
    painter.drawPath(path);
    painter.setPen(QPen(Qt::white, width, style));
    painter.drawPath(path);
}

}  // namespace refero
