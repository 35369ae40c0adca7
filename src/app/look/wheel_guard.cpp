// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/look/wheel_guard.h"

#include <QAbstractSlider>
#include <QAbstractSpinBox>
#include <QComboBox>
#include <QEvent>
#include <QScrollBar>

namespace refero::look {
namespace {

// Scroll bars are meant to be rolled.
QWidget* choiceAt(QObject* watched) {
    if (auto* box = qobject_cast<QComboBox*>(watched)) return box;
    if (auto* number = qobject_cast<QAbstractSpinBox*>(watched)) return number;
    if (qobject_cast<QScrollBar*>(watched)) return nullptr;
    return qobject_cast<QAbstractSlider*>(watched);
}

}  // namespace

bool WheelGuard::eventFilter(QObject* watched, QEvent* event) {
    const bool asks = event->type() == QEvent::Wheel || event->type() == QEvent::Polish;
    QWidget* choice = asks ? choiceAt(watched) : nullptr;
    if (!choice) return false;
    // The wheel would give it the focus before it asks for it.
    if (event->type() == QEvent::Polish) {
        if (choice->focusPolicy() == Qt::WheelFocus) choice->setFocusPolicy(Qt::StrongFocus);
        return false;
    }
    if (choice->hasFocus()) return false;
    event->ignore();
    return true;
}

}  // namespace refero::look
