// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/forms/unit_field.h"

#include <QKeyEvent>
#include <QPainter>

#include "app/look/tokens.h"

namespace refero {

UnitField::UnitField(const QString& unit, QWidget* parent) : QLineEdit(parent), unit_(unit) {
    setFont(look::figures(look::Size::body));
    if (!unit_.isEmpty()) setTextMargins(0, 0, fontMetrics().horizontalAdvance(unit_) + look::kStep, 0);
}

void UnitField::setShown(const QString& text) {
    shown_ = text;
    setText(text);
    setCursorPosition(0);
}

void UnitField::paintEvent(QPaintEvent* event) {
    QLineEdit::paintEvent(event);
    if (unit_.isEmpty()) return;
    QPainter p(this);
    p.setFont(look::font(look::Size::small));
    p.setPen(look::palette().quiet);
    // After the number, which is read from left to right in every language.
    p.drawText(rect().adjusted(0, 0, -2 * look::kStep, 0),
               Qt::AlignRight | Qt::AlignAbsolute | Qt::AlignVCenter, unit_);
}

void UnitField::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape && text() != shown_) {
        setShown(shown_);
        selectAll();
        return;
    }
    QLineEdit::keyPressEvent(event);
}

}  // namespace refero
