// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plan/sun_strip.h"

#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>

#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/plan/day_delegate.h"
#include "app/plan/setup_fields.h"

namespace refero {
namespace {

constexpr int kLeast = 96, kMost = 232, kTop = 16, kBottom = 18;

}  // namespace

SunStrip::SunStrip(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("sunStrip"));
    setAccessibleName(tr("The sun's height over the day"));
    setMinimumHeight(kLeast);
    setMaximumHeight(kMost);
    setMouseTracking(true);
}

void SunStrip::show(Shown shown) {
    shown_ = std::move(shown);
    update();
}

void SunStrip::setColumn(int left, int width) {
    left_ = left;
    width_ = std::max(20, width);
    update();
}

double SunStrip::xOf(int minutes) const {
    return left_ + shown_.axis.shareOf(minutes) * width_;
}

int SunStrip::minutesOf(plan::Moment at) const {
    return static_cast<int>(std::chrono::floor<std::chrono::minutes>(at - shown_.midnight).count());
}

void SunStrip::mouseMoveEvent(QMouseEvent* event) {
    const double share = (event->position().x() - left_) / width_;
    pointed_ = share >= 0 && share <= 1 && !shown_.sky.empty() ? std::optional(shown_.axis.minutesAt(share))
                                                               : std::nullopt;
    emit pointedAt(pointed_);
    update();
}

void SunStrip::leaveEvent(QEvent*) {
    pointed_.reset();
    emit pointedAt({});
    update();
}

void SunStrip::paintEvent(QPaintEvent*) {
    QPainter p(this);
    const auto& c = look::palette();
    const QRect box(left_, kTop, width_, height() - kTop - kBottom);
    if (shown_.sky.empty()) {
        p.setPen(c.quiet);
        p.setFont(look::font(look::Size::small));
        p.drawText(box, Qt::AlignCenter | Qt::TextWordWrap, shown_.empty);
        return;
    }
    double highest = 10;
    for (const auto& m : shown_.sky) highest = std::max(highest, m.sun.heightDegrees);
    const double top = std::ceil(highest / 10) * 10;
    const auto y = [&](double degrees) { return box.bottom() - std::max(0.0, degrees) / top * box.height(); };
    p.setClipRect(QRect(0, 0, left_ + width_ + 8, height()));
    if (shown_.from && shown_.until) {
        const double a = std::max(double(left_), xOf(*shown_.from)),
                     b = std::min(double(left_ + width_), xOf(*shown_.until));
        if (b > a) p.fillRect(QRectF(a, box.top(), b - a, box.height()), c.raised);
    }
    p.setPen(QPen(c.line, 1));
    const int step = 60 * hoursApart((shown_.axis.to - shown_.axis.from) / 60, width_);
    for (int m = shown_.axis.from; m <= shown_.axis.to; m += step)
        p.drawLine(QPointF(xOf(m), box.top()), QPointF(xOf(m), box.bottom()));
    p.drawLine(QPointF(left_, box.bottom() + 0.5), QPointF(left_ + width_, box.bottom() + 0.5));
    p.setRenderHint(QPainter::Antialiasing);
    QPainterPath curve;
    for (const auto& m : shown_.sky) {
        const int minutes = minutesOf(m.at);
        if (minutes < shown_.axis.from || minutes > shown_.axis.to) continue;
        const QPointF at(xOf(minutes), y(m.sun.heightDegrees));
        curve.elementCount() == 0 ? curve.moveTo(at) : curve.lineTo(at);
    }
    p.setPen(QPen(c.text, 1.5));
    p.setBrush(Qt::NoBrush);
    p.drawPath(curve);
    p.setFont(look::figures(look::Size::small));
    p.setPen(c.quiet);
    p.drawText(QRectF(left_ - 44, box.top() - 9, 38, 18), Qt::AlignRight | Qt::AlignVCenter,
               QStringLiteral("%1°").arg(decimalText(top, 0)));
    p.drawText(QRectF(left_ - 44, box.bottom() - 9, 38, 18), Qt::AlignRight | Qt::AlignVCenter,
               QStringLiteral("0°"));
    p.drawText(QRectF(left_ + 6, box.bottom() - 20, width_ - 12, 18), Qt::AlignLeft | Qt::AlignVCenter,
               tr("Height of the sun"));
    const auto mark = [&](int minutes, bool strong) {
        for (const auto& m : shown_.sky) {
            if (minutesOf(m.at) + 5 < minutes) continue;
            p.setPen(QPen(strong ? c.text : c.quiet, 1));
            p.drawLine(QPointF(xOf(minutes), box.top()), QPointF(xOf(minutes), box.bottom()));
            p.setBrush(strong ? c.text : c.quiet);
            p.setPen(Qt::NoPen);
            p.drawEllipse(QPointF(xOf(minutes), y(m.sun.heightDegrees)), 3.5, 3.5);
            return;
        }
    };
    if (shown_.shot) mark(*shown_.shot, true);
    if (pointed_) mark(*pointed_, false);
}

QString SunStrip::describe() const {
    if (shown_.sky.empty()) return shown_.empty;
    const auto highest = std::max_element(shown_.sky.begin(), shown_.sky.end(),
                                          [](const plan::SkyMoment& a, const plan::SkyMoment& b) {
                                              return a.sun.heightDegrees < b.sun.heightDegrees;
                                          });
    QString out = tr("The sun is highest at %1, %2 degrees.")
                      .arg(clockText(minutesOf(highest->at)))
                      .arg(decimalText(highest->sun.heightDegrees, 0));
    if (shown_.shot && shown_.until)
        out +=
            QLatin1Char(' ') +
            tr("A chart shot at %1 holds until %2.").arg(clockText(*shown_.shot), clockText(*shown_.until));
    return out;
}

}  // namespace refero
