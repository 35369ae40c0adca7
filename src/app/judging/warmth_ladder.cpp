// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/judging/warmth_ladder.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/look/button.h"
#include "app/look/tokens.h"

namespace refero {
namespace {
constexpr double kMargin = 18, kRailTop = 8, kRailHeight = 14;
constexpr int kMiredsAStep = 10;
}  // namespace

WarmthLadder::WarmthLadder(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("warmthLadder"));
    setAccessibleName(tr("Warmth"));
    setToolTip(
        tr("Warmth in mired, cooler to the left: a rung is the same shift in every shoot. Arrow "
           "keys go a rung, with Shift half of one."));
    setFocusPolicy(Qt::StrongFocus);
    setMinimumHeight(46);
    setMinimumWidth(160);
}

void WarmthLadder::setSteps(double steps) {
    steps_ = std::clamp(steps, -double(kRungs), double(kRungs));
    setAccessibleDescription(tr("%1 mired").arg(kMiredsAStep * steps_));
    update();
}

double WarmthLadder::xOf(double steps) const {
    return kMargin + (steps + kRungs) / (2.0 * kRungs) * (width() - 2 * kMargin);
}

void WarmthLadder::moveTo(double steps) {
    // Half rungs: finer is not seen.
    const double wanted = std::round(2 * std::clamp(steps, -double(kRungs), double(kRungs))) / 2;
    if (wanted == steps_) return;
    setSteps(wanted);
    emit moved(steps_);
}

void WarmthLadder::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& c = look::palette();
    painter.setPen(QPen(c.line, 1));
    for (const double y : {kRailTop, kRailTop + kRailHeight})
        painter.drawLine(QPointF(xOf(-kRungs) - 6, y), QPointF(xOf(kRungs) + 6, y));
    painter.setFont(look::figures(look::Size::small));
    const bool narrow = width() < 300;
    for (int k = -kRungs; k <= kRungs; ++k) {
        const double x = xOf(k);
        painter.setPen(QPen(k == 0 ? c.text : c.quiet, k == 0 ? 2 : 1));
        painter.drawLine(QPointF(x, kRailTop), QPointF(x, kRailTop + kRailHeight));
        if (narrow && k % 2) continue;
        const QString number =
            k < 0 ? QChar(0x2212) + QString::number(-k * kMiredsAStep) : QString::number(k * kMiredsAStep);
        painter.drawText(QRectF(x - 20, kRailTop + kRailHeight + 2, 40, 18), Qt::AlignCenter, number);
    }
    const double x = xOf(steps_);
    painter.setPen(QPen(c.ground, 1));
    painter.setBrush(c.loud);
    painter.drawPolygon(QPolygonF{{x - 5, kRailTop - 7}, {x + 5, kRailTop - 7}, {x, kRailTop + 1}});
    painter.setPen(QPen(c.loud, 3));
    painter.drawLine(QPointF(x, kRailTop), QPointF(x, kRailTop + kRailHeight));
    if (hasFocus()) look::paintFocusRing(painter, rect());
}

void WarmthLadder::mousePressEvent(QMouseEvent* event) {
    mouseMoveEvent(event);
}

void WarmthLadder::mouseMoveEvent(QMouseEvent* event) {
    const double share = (event->position().x() - kMargin) / (width() - 2 * kMargin);
    moveTo(share * 2 * kRungs - kRungs);
}

void WarmthLadder::mouseReleaseEvent(QMouseEvent*) {
    emit settled();
}

void WarmthLadder::keyPressEvent(QKeyEvent* event) {
    const double by = event->modifiers() & Qt::ShiftModifier ? 0.5 : 1;
    switch (event->key()) {
        case Qt::Key_Left:
        case Qt::Key_Down:
            moveTo(steps_ - by);
            break;
        case Qt::Key_Right:
        case Qt::Key_Up:
            moveTo(steps_ + by);
            break;
        case Qt::Key_0:
        case Qt::Key_Home:
            moveTo(0);
            break;
        default:
            return QWidget::keyPressEvent(event);
    }
    emit settled();
}

}  // namespace refero
