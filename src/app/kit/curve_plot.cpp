// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/kit/curve_plot.h"

#include <QPainter>
#include <QPainterPath>
#include <cmath>

#include "app/look/text.h"
#include "app/look/tokens.h"

namespace refero {
namespace {

constexpr double kStopsBelow = 8, kStopsAbove = 8;

}  // namespace

CurvePlot::CurvePlot(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("curvePlot"));
    setMinimumHeight(sizeHint().height());
}

void CurvePlot::setCurve(const LogCurve& curve) {
    const Status ok = validate(curve);
    curve_ = ok ? std::optional(curve) : std::nullopt;
    if (ok) {
        const LogRange r = rangeOf(curve);
        words_ = tr("Mid-grey at %1 % of the range; %2 stops above it, %3 below.")
                     .arg(decimalText(100 * r.midGrey, 1))
                     .arg(decimalText(r.stopsAbove, 1))
                     .arg(decimalText(r.stopsBelow, 1));
    } else {
        words_ = QString::fromStdString(ok.error().message);
    }
    setAccessibleName(tr("Curve. %1").arg(words_));
    update();
}

void CurvePlot::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const auto& c = look::palette();
    const QRectF words(0, height() - 34, width(), 34);
    const QRectF box(28, 6, width() - 36, height() - 34 - 26);
    p.setFont(look::font(look::Size::small));
    p.setPen(c.text);
    p.drawText(words, Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, words_);
    const auto x = [&](double stops) {
        return box.left() + (stops + kStopsBelow) / (kStopsBelow + kStopsAbove) * box.width();
    };
    const auto y = [&](double stored) {
        return box.bottom() - std::clamp(stored, -0.05, 1.05) * box.height();
    };
    p.setFont(look::figures(look::Size::small));
    for (const double stops : {-8.0, -4.0, 0.0, 4.0, 8.0}) {
        p.setPen(QPen(c.line, 1));
        p.drawLine(QPointF(x(stops), box.top()), QPointF(x(stops), box.bottom()));
        p.setPen(c.quiet);
        p.drawText(QRectF(x(stops) - 30, box.bottom() + 3, 60, 16), Qt::AlignCenter,
                   stops > 0 ? QStringLiteral("+%1").arg(stops)
                             : QString::number(stops).replace(QLatin1Char('-'), QChar(0x2212)));
    }
    for (const double stored : {0.0, 0.5, 1.0}) {
        p.setPen(QPen(c.line, 1));
        p.drawLine(QPointF(box.left(), y(stored)), QPointF(box.right(), y(stored)));
        p.setPen(c.quiet);
        p.drawText(QRectF(0, y(stored) - 8, 24, 16), Qt::AlignRight | Qt::AlignVCenter,
                   QString::number(stored * 100));
    }
    if (!curve_) return;
    QPainterPath path;
    p.setClipRect(box.adjusted(-1, -1, 1, 1));
    for (double s = -kStopsBelow; s <= kStopsAbove; s += 0.1) {
        const QPointF at(x(s), y(curve_->encode(kMidGrey * std::exp2(s))));
        s == -kStopsBelow ? path.moveTo(at) : path.lineTo(at);
    }
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(c.text, 1.75));
    p.drawPath(path);
    p.setClipping(false);
    p.setBrush(c.loud);
    p.setPen(Qt::NoPen);
    p.drawEllipse(QPointF(x(0), y(curve_->encode(kMidGrey))), 3.5, 3.5);
}

}  // namespace refero
