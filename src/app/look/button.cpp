// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/look/button.h"

#include <QPainter>

#include "app/look/icon.h"
#include "app/look/sided.h"
#include "app/look/tokens.h"

namespace refero::look {

void paintFocusRing(QPainter& painter, const QRectF& rect) {
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(look::palette().ground, 3));
    painter.drawRoundedRect(rect.adjusted(1.5, 1.5, -1.5, -1.5), kRadius, kRadius);
    painter.setPen(QPen(look::palette().loud, 1.5));
    painter.drawRoundedRect(rect.adjusted(1, 1, -1, -1), kRadius, kRadius);
}

Button::Button(Kind kind, const QString& text, QWidget* parent) : QAbstractButton(parent), kind_(kind) {
    setText(text);
    setAccessibleName(text);
    setFont(look::font(Size::body, kind == Kind::primary ? QFont::DemiBold : QFont::Medium));
    setCursor(Qt::PointingHandCursor);
    setFocusPolicy(Qt::StrongFocus);
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
}

void Button::setIconName(const QString& name) {
    iconName_ = name;
    updateGeometry();
    update();
}

QSize Button::sizeHint() const {
    if (kind_ == Kind::icon) return {32, 32};
    const int iconWidth = iconName_.isEmpty() ? 0 : 24;
    return {fontMetrics().horizontalAdvance(text()) + 7 * kStep + iconWidth,
            kind_ == Kind::primary ? 36 : 32};
}

void Button::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Palette& c = look::palette();
    QColor fill = kind_ == Kind::primary ? c.text : kind_ == Kind::plain ? c.raised : QColor(Qt::transparent);
    QColor ink = kind_ == Kind::primary ? c.ground : c.text;
    if (hovered_ && isEnabled()) fill = kind_ == Kind::primary ? c.loud : c.line;
    if (isChecked()) fill = c.line;
    if (isDown()) fill = kind_ == Kind::primary ? c.quiet : c.ground;
    if (!isEnabled()) {
        fill = kind_ == Kind::icon ? QColor(Qt::transparent) : c.raised;
        ink = c.quiet;
    }
    p.setPen(Qt::NoPen);
    p.setBrush(fill);
    p.drawRoundedRect(rect(), kRadius, kRadius);
    QRect inside = rect();
    if (!iconName_.isEmpty()) {
        const QPixmap pixmap = look::icon(iconName_, 16, isEnabled() ? ink : c.line, devicePixelRatioF());
        const int x = kind_ == Kind::icon ? (width() - 16) / 2 : 3 * kStep;
        const Sided sided(p, rect(), layoutDirection());
        p.drawPixmap(sided(QRect(x, (height() - 16) / 2, 16, 16)).topLeft(), pixmap);
        inside = sided(rect().adjusted(kind_ == Kind::icon ? 0 : 6 * kStep, 0, 0, 0));
    }
    if (kind_ != Kind::icon) {
        p.setPen(ink);
        p.setFont(font());
        p.drawText(inside, Qt::AlignCenter, text());
    }
    if (hasFocus()) paintFocusRing(p, rect());
}

void Button::enterEvent(QEnterEvent* event) {
    hovered_ = true;
    update();
    QAbstractButton::enterEvent(event);
}

void Button::leaveEvent(QEvent* event) {
    hovered_ = false;
    update();
    QAbstractButton::leaveEvent(event);
}

}  // namespace refero::look
