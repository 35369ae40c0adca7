// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plots/plot.h"

#include "app/look/tokens.h"

namespace refero {

QPointF PlotArea::at(double x, double y) const {
    return {area.left() + (x - left) / (right - left) * area.width(),
            area.bottom() - (y - bottom) / (top - bottom) * area.height()};
}

void PlotArea::paintGrid(QPainter& painter, const QList<double>& xs, const QList<double>& ys,
                         const QString& xName, const QString& yName, const QString& xUnit,
                         const QString& yUnit) const {
    const auto& c = look::palette();
    painter.setFont(look::figures(look::Size::small));
    const auto number = [](double v) { return QString::number(v).replace(QLatin1Char('-'), QChar(0x2212)); };
    for (const double x : xs) {
        const QPointF low = at(x, bottom);
        painter.setPen(QPen(c.line, x == 0 ? 1.5 : 1));
        painter.drawLine(low, at(x, top));
        painter.setPen(c.quiet);
        painter.drawText(QRectF(low.x() - 24, area.bottom() + 3, 48, 16), Qt::AlignHCenter | Qt::AlignTop,
                         number(x) + xUnit);
    }
    for (const double y : ys) {
        const QPointF side = at(left, y);
        painter.setPen(QPen(c.line, y == 0 ? 1.5 : 1));
        painter.drawLine(side, at(right, y));
        painter.setPen(c.quiet);
        painter.drawText(QRectF(0, side.y() - 8, area.left() - 6, 16), Qt::AlignRight | Qt::AlignVCenter,
                         number(y) + yUnit);
    }
    painter.setFont(look::font(look::Size::small));
    painter.setPen(c.quiet);
    painter.drawText(QRectF(area.left(), area.bottom() + 18, area.width(), 16), Qt::AlignRight, xName);
    painter.drawText(QRectF(area.left() + 6, area.top() + 2, area.width(), 16), Qt::AlignLeft, yName);
}

void paintMarker(QPainter& painter, const QPointF& at, int shape, double r) {
    if (shape == 0) {
        painter.drawRect(QRectF(at.x() - r, at.y() - r, 2 * r, 2 * r));
    } else if (shape == 1) {
        painter.drawEllipse(at, r, r);
    } else {
        painter.drawPolygon(QPolygonF(
            {at + QPointF(0, -r * 1.2), at + QPointF(r * 1.1, r * 0.9), at + QPointF(-r * 1.1, r * 0.9)}));
    }
}

}  // namespace refero
