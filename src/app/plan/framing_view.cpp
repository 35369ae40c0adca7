// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plan/framing_view.h"

#include <QPainter>
#include <cmath>

#include "app/look/text.h"
#include "app/look/tokens.h"

namespace refero {

FramingView::FramingView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("framingView"));
    setFixedSize(132, 88);
}

void FramingView::show(const std::optional<plan::Framing>& framing, double frameAspect) {
    framing_ = framing;
    aspect_ = frameAspect;
    setAccessibleName(
        framing ? tr("The chart covers %1 % of the frame").arg(decimalText(framing->sharePercent, 1))
                : tr("The chart in the frame: not known yet"));
    update();
}

void FramingView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const auto& c = look::palette();
    const double w = std::min(double(width()), height() * aspect_), h = w / aspect_;
    const QRectF frame((width() - w) / 2, (height() - h) / 2, w, h);
    p.fillRect(frame, c.viewing);
    if (!framing_) return;
    p.setClipRect(frame);
    const double ring = plan::FramingLimits{}.mostReachPercent / 100 * std::hypot(w, h) / 2;
    p.setPen(QPen(c.quiet, 1, Qt::DotLine));
    p.drawEllipse(frame.center(), ring, ring);
    QRectF chart(0, 0, framing_->widthShare * w, framing_->heightShare * h);
    chart.moveCenter(frame.center());
    p.setRenderHint(QPainter::Antialiasing, false);
    p.setPen(QPen(c.ground, 3));
    p.drawRect(chart);
    p.setPen(QPen(c.loud, 1));
    p.drawRect(chart);
}

QString FramingView::describe() const {
    return framing_ ? tr("The chart takes %1 % of the frame.").arg(decimalText(framing_->sharePercent, 0))
                    : tr("What the chart takes of the frame cannot be told yet.");
}

}  // namespace refero
