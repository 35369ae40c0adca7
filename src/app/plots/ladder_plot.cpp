// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plots/ladder_plot.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/plots/plot.h"

namespace refero {

LadderPlot::LadderPlot(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("ladderPlot"));
    setAccessibleName(tr("Neutral ladder"));
    setMinimumSize(220, 150);
    setToolTip(
        told("Each grey step after one balance for all: where red, green and blue part, that level has a "
             "cast; where they rise or fall together, the light is uneven or the tone is bent."));
}

void LadderPlot::setLadder(std::vector<LadderStep> steps) {
    steps_ = std::move(steps);
    update();
}

void LadderPlot::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& c = look::palette();
    painter.setPen(c.text);
    painter.setFont(look::font(look::Size::small, QFont::DemiBold));
    painter.drawText(QRectF(8, 4, width() - 16, 18), Qt::AlignLeft | Qt::AlignVCenter, tr("Neutral ladder"));
    painter.setFont(look::font(look::Size::small));
    double x = width() - 8;
    constexpr const char* names[] = {"R", "G", "B"};
    for (int k = 2; k >= 0; --k) {
        x -= 14;
        painter.setPen(c.quiet);
        painter.drawText(QRectF(x, 4, 14, 18), Qt::AlignCenter, QLatin1String(names[k]));
        x -= 10;
        painter.setPen(Qt::NoPen);
        painter.setBrush(look::channel(k));
        paintMarker(painter, {x + 4, 13}, k, 3.5);
        x -= 6;
    }
    if (steps_.empty()) {
        painter.setPen(c.quiet);
        painter.drawText(rect().adjusted(8, 24, -8, -8), Qt::AlignCenter, tr("No usable grey step"));
        return;
    }
    double most = 4;
    for (const LadderStep& s : steps_)
        for (const double d : s.deviationPercent) most = std::max(most, std::abs(d) * 1.1);
    const double tick = most > 40 ? 40 : most > 20 ? 20 : most > 10 ? 10 : most > 5 ? 5 : 2;
    most = std::min(most, 100.0);
    const PlotArea plot{QRectF(44, 28, width() - 56, height() - 66), 100, 0, -most, most};
    QList<double> ys;
    for (double y = -std::floor(most / tick) * tick; y <= most; y += tick) ys << y;
    plot.paintGrid(painter, {100, 75, 50, 25, 0}, ys, told("L* of the step"), {}, {}, QStringLiteral(" %"));
    const Qt::PenStyle dashes[] = {Qt::SolidLine, Qt::DashLine, Qt::DotLine};
    painter.setClipRect(plot.area.adjusted(-6, -2, 6, 2));
    for (int k = 0; k < 3; ++k) {
        QPolygonF line;
        for (const LadderStep& s : steps_)
            line << plot.at(s.lightness, s.deviationPercent[static_cast<std::size_t>(k)]);
        painter.setPen(QPen(look::channel(k), 1.5, dashes[k]));
        painter.setBrush(Qt::NoBrush);
        painter.drawPolyline(line);
        painter.setPen(Qt::NoPen);
        painter.setBrush(look::channel(k));
        for (const QPointF& p : line) paintMarker(painter, p, k, 3);
    }
}

QString LadderPlot::describe() const {
    if (steps_.empty()) return tr("No grey is usable.");
    QStringList out;
    for (const LadderStep& s : steps_)
        out << tr("Lightness %1: red %2 %, green %3 %, blue %4 %.")
                   .arg(decimalText(s.lightness, 0))
                   .arg(decimalText(s.deviationPercent[0], 1))
                   .arg(decimalText(s.deviationPercent[1], 1))
                   .arg(decimalText(s.deviationPercent[2], 1));
    return out.join(QLatin1Char(' '));
}

}  // namespace refero
