// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plots/ab_plot.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/pictures/display_colour.h"
#include "app/plots/plot.h"

namespace refero {
namespace {

// The head sits half-way: at the end it would hide under the dot.
void paintArrow(QPainter& painter, const QPointF& from, const QPointF& to) {
    painter.drawLine(from, to);
    const QPointF d = to - from;
    const double length = std::hypot(d.x(), d.y());
    if (length < 14) return;
    const QPointF along = d / length, across(-along.y(), along.x()), middle = (from + to) / 2 + along * 3;
    painter.drawPolyline(
        QPolygonF({middle - along * 6 + across * 3.5, middle, middle - along * 6 - across * 3.5}));
}

}  // namespace

AbPlot::AbPlot(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("abPlot"));
    setAccessibleName(tr("Errors in the a*b* plane"));
    setMinimumSize(240, 220);
    setMouseTracking(true);
    setToolTip(
        tr("Ring: where a patch belongs. Thin line: from where balance alone puts it. Dot: where the "
           "correction puts it. a* runs from green to red, b* from blue to yellow."));
}

void AbPlot::setCorrection(const std::optional<Correction>& correction) {
    correction_ = correction;
    update();
}

void AbPlot::setMarkedPatch(const QString& id) {
    marked_ = id;
    update();
}

PlotArea AbPlot::area() const {
    double most = 40;
    if (correction_)
        for (const PatchResult& p : correction_->patches)
            for (const Lab* l : {&p.reference, &p.before, &p.after})
                most = std::max({most, std::abs(l->a) + 6, std::abs(l->b) + 6});
    most = std::min(std::ceil(most / 10) * 10, 150.0);
    const double side = std::min(width() - 52.0, height() - 66.0);
    const double x = 40 + (width() - 52 - side) / 2;
    return {QRectF(x, 28, side, side), -most, most, -most, most};
}

void AbPlot::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& c = look::palette();
    painter.setPen(c.text);
    painter.setFont(look::font(look::Size::small, QFont::DemiBold));
    painter.drawText(QRectF(8, 4, width() - 16, 18), Qt::AlignLeft | Qt::AlignVCenter,
                     tr("Where colours move"));
    if (!correction_) return;
    const PlotArea plot = area();
    QList<double> ticks;
    const double step = plot.right > 80 ? 40 : 20;
    for (double t = -std::floor(plot.right / step) * step; t <= plot.right; t += step) ticks << t;
    plot.paintGrid(painter, ticks, ticks, QStringLiteral("a*"), QStringLiteral("b*"));
    for (const PatchResult& p : correction_->patches) {
        const bool marked = marked_ == QString::fromStdString(p.id), dimmed = !marked_.isEmpty() && !marked;
        painter.setOpacity(dimmed ? 0.25 : 1);
        const QPointF reference = plot.at(p.reference.a, p.reference.b),
                      before = plot.at(p.before.a, p.before.b), after = plot.at(p.after.a, p.after.b);
        painter.setPen(QPen(c.quiet, marked ? 2 : 1));
        paintArrow(painter, before, after);
        painter.setPen(QPen(c.text, marked ? 2.5 : 1.25));
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(reference, 5.5, 5.5);
        painter.setPen(QPen(c.ground, 0.75));
        painter.setBrush(displayColour(p.reference));
        painter.drawEllipse(after, 3.5, 3.5);
        if (marked) {
            painter.setPen(c.loud);
            painter.setFont(look::font(look::Size::small, QFont::DemiBold));
            painter.drawText(reference + QPointF(9, -7), marked_);
        }
    }
    painter.setOpacity(1);
}

void AbPlot::mouseMoveEvent(QMouseEvent* event) {
    if (!correction_) return;
    const PlotArea plot = area();
    QString nearest;
    double best = 14;
    for (const PatchResult& p : correction_->patches) {
        const QPointF d = plot.at(p.reference.a, p.reference.b) - event->position();
        if (std::hypot(d.x(), d.y()) < best) {
            best = std::hypot(d.x(), d.y());
            nearest = QString::fromStdString(p.id);
        }
    }
    if (nearest != marked_) emit patchPointed(nearest);
}

QString AbPlot::describe() const {
    if (!correction_) return tr("Nothing to show.");
    QStringList out;
    for (const PatchResult& p : correction_->patches)
        out << tr("%1 belongs at a* %2, b* %3; it was %4 CIEDE2000 away and is %5 now.")
                   .arg(QString::fromStdString(p.id))
                   .arg(decimalText(p.reference.a, 0))
                   .arg(decimalText(p.reference.b, 0))
                   .arg(decimalText(p.differenceBefore, 1))
                   .arg(decimalText(p.differenceAfter, 1));
    return out.join(QLatin1Char(' '));
}

}  // namespace refero
