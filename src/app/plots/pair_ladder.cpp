// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plots/pair_ladder.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/plots/plot.h"

namespace refero {

PairLadder::PairLadder(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("pairLadder"));
    setAccessibleName(tr("Greys of both cameras"));
    setMinimumSize(220, 170);
    setToolTip(
        tr("Each grey step of the chart: how much lighter or darker than its reference the leader (squares, "
           "solid) and the follower (circles, dashed) show it. Where the lines lie on each other, contrast "
           "and level are one."));
}

void PairLadder::setSteps(std::vector<GreyPair> steps, const QString& leader, const QString& follower) {
    steps_ = std::move(steps);
    leader_ = leader;
    follower_ = follower;
    QString said = tr("%1 and %2").arg(leader, follower);
    for (const GreyPair& s : steps_)
        said += QStringLiteral("; ") + tr("L* %1: %2 and %3, tint %4")
                                           .arg(decimalText(s.reference, 0))
                                           .arg(decimalText(s.leader, 1))
                                           .arg(decimalText(s.follower, 1))
                                           .arg(decimalText(s.tint, 1));
    setAccessibleDescription(said);
    update();
}

void PairLadder::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& c = look::palette();
    painter.setPen(c.text);
    painter.setFont(look::font(look::Size::small, QFont::DemiBold));
    painter.drawText(QRectF(8, 4, width() - 16, 18), Qt::AlignLeft | Qt::AlignVCenter, tr("Greys of both"));
    if (steps_.empty()) {
        painter.setPen(c.quiet);
        painter.setFont(look::font(look::Size::small));
        painter.drawText(rect().adjusted(8, 24, -8, -8), Qt::AlignCenter, tr("No grey that both show"));
        return;
    }
    // About what is shown: a dark picture's lines are as far apart as a light one's.
    double low = 1e9, high = -1e9;
    for (const GreyPair& s : steps_)
        for (const double v : {s.leader, s.follower}) {
            low = std::min(low, v - s.reference);
            high = std::max(high, v - s.reference);
        }
    const double reach = std::max(3.0, 0.6 * (high - low)), middle = (low + high) / 2;
    const PlotArea plot{QRectF(48, 28, width() - 60, height() - 66), 100, 0, middle - reach, middle + reach};
    const double tick = reach > 15 ? 10 : reach > 6 ? 5 : 2;
    QList<double> ys;
    for (double y = std::ceil(plot.bottom / tick) * tick; y <= plot.top; y += tick) ys << y;
    plot.paintGrid(painter, {100, 75, 50, 25, 0}, ys, tr("L* of the step"), tr("L* shown, less that"));
    for (const bool leads : {true, false}) {
        QPolygonF line;
        for (const GreyPair& s : steps_)
            line << plot.at(s.reference, (leads ? s.leader : s.follower) - s.reference);
        painter.setPen(QPen(leads ? c.text : c.loud, 1.5, leads ? Qt::SolidLine : Qt::DashLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawPolyline(line);
        painter.setPen(Qt::NoPen);
        painter.setBrush(leads ? c.text : c.loud);
        for (const QPointF& at : line) paintMarker(painter, at, leads ? 0 : 1, 3.5);
    }
}

}  // namespace refero
