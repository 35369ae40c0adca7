// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/station/invitation.h"

#include <QVBoxLayout>

#include "app/look/button.h"
#include "app/look/label.h"

namespace refero {

Invitation::Invitation(QWidget* parent) : QWidget(parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(48, 24, 48, 24);
    column->setSpacing(12);
    column->addStretch(2);
    title_ = new look::Label({}, look::Size::huge, look::Label::Tone::loud, QFont::DemiBold, this);
    title_->setObjectName(QStringLiteral("verdict"));
    column->addWidget(title_);
    text_ = new look::Label({}, look::Size::title, look::Label::Tone::text, QFont::Normal, this);
    text_->setObjectName(QStringLiteral("invitationText"));
    text_->setMaximumWidth(720);
    column->addWidget(text_);
    column->addSpacing(8);
    step_ = new look::Button(look::Button::Kind::primary, {}, this);
    step_->setObjectName(QStringLiteral("nextStep"));
    column->addWidget(step_, 0, Qt::AlignLeft);
    why_ = new look::Label({}, look::Size::body, look::Label::Tone::quiet, QFont::Normal, this);
    column->addWidget(why_);
    column->addStretch(3);
    connect(step_, &QAbstractButton::clicked, this, &Invitation::stepWanted);
}

void Invitation::setText(const QString& title, const QString& text) {
    title_->setText(title);
    title_->setAccessibleName(title);
    text_->setText(text);
}

void Invitation::setStep(const QString& step, const QString& why) {
    step_->setVisible(!step.isEmpty());
    step_->setText(step);
    step_->setAccessibleName(step);
    step_->updateGeometry();
    why_->setText(why);
}

}  // namespace refero
