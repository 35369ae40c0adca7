// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pictures/draw_scaled.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

namespace refero {

void drawScaled(QPainter& painter, const QRectF& target, const QImage& image) {
    // From 96 spans on Qt 6 divides the work; a line whose ends are smoothed has three.
    constexpr double kLines = 24;
    const double step = std::max(1.0, std::floor(kLines / painter.device()->devicePixelRatioF()));
    const QRectF device(0, 0, painter.device()->width(), painter.device()->height());
    const QRectF seen = painter.transform().inverted().mapRect(device) & target;
    // Whole steps, so that neighbours meet at the same line.
    for (double top = std::floor(seen.top() / step) * step; top < seen.bottom(); top += step) {
        painter.save();
        painter.setClipRect(QRectF(seen.left() - 1, top, seen.width() + 2, step), Qt::IntersectClip);
        painter.drawImage(target, image);
        painter.restore();
    }
}

}  // namespace refero
