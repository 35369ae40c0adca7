// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/meters/camera_notes.h"

#include <QEvent>
#include <QHBoxLayout>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QSpinBox>
#include <QVBoxLayout>
#include <cmath>

#include "app/look/caption.h"
#include "app/look/label.h"

namespace refero {

CameraNotes::CameraNotes(QWidget* parent) : QWidget(parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 4, 0, 0);
    column->setSpacing(2 * look::kStep);
    text_ = new look::Label({}, look::Size::body);
    text_->setObjectName(QStringLiteral("cameraNotes"));
    text_->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    text_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    auto* scroll = new QScrollArea(this);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    scroll->setWidget(text_);
    column->addWidget(scroll, 1);
    auto* row = new QHBoxLayout;
    row->setSpacing(2 * look::kStep);
    row->addWidget(look::caption(tr("The camera was set to")));
    kelvin_ = new QSpinBox(this);
    kelvin_->setObjectName(QStringLiteral("dialledKelvin"));
    kelvin_->setAccessibleName(tr("Kelvin that the camera was set to"));
    kelvin_->setToolTip(
        tr("Read off the camera. Each teaches this body's own scale, on which it is told what to dial."));
    kelvin_->setRange(0, 20000);
    kelvin_->setSingleStep(100);
    kelvin_->setSuffix(QStringLiteral("\u00a0K"));
    kelvin_->setSpecialValueText(tr("not said"));
    kelvin_->setKeyboardTracking(false);
    kelvin_->setFocusPolicy(Qt::StrongFocus);
    kelvin_->installEventFilter(this);
    row->addWidget(kelvin_);
    row->addStretch(1);
    column->addLayout(row);
    connect(kelvin_, &QSpinBox::editingFinished, this, [this] { emit kelvinTyped(kelvin_->value()); });
    say({});
}

bool CameraNotes::eventFilter(QObject* watched, QEvent* event) {
    if (watched == kelvin_ && event->type() == QEvent::Wheel && !kelvin_->hasFocus()) {
        event->ignore();
        return true;
    }
    return QWidget::eventFilter(watched, event);
}

void CameraNotes::show(const QStringList& sentences, double kelvin) {
    text_->setText(sentences.isEmpty() ? tr("Nothing is to be changed in the camera for this light.")
                                       : sentences.join(QStringLiteral("\n\n")));
    kelvin_->setEnabled(true);
    const QSignalBlocker block(kelvin_);
    kelvin_->setValue(static_cast<int>(std::lround(kelvin)));
}

void CameraNotes::say(const QString& message) {
    text_->setText(message);
    kelvin_->setEnabled(false);
}

}  // namespace refero
