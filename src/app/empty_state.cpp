// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/empty_state.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

#include "app/look/button.h"
#include "app/look/label.h"

namespace refero {

EmptyState::EmptyState(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("emptyState"));
    auto* outer = new QHBoxLayout(this);
    outer->addStretch(1);
    auto* column = new QVBoxLayout;
    column->setSpacing(12);
    outer->addLayout(column, 3);
    outer->addStretch(1);
    column->addStretch(2);
    column->addWidget(new look::Label(tr("Drop a photograph of your chart here"), look::Size::huge,
                                      look::Label::Tone::loud, QFont::DemiBold));
    column->addWidget(
        new look::Label(tr("Refero finds the chart, measures its patches, judges the shot and builds the "
                           "correction for everything taken with this body, lens and light."),
                        look::Size::title));
    column->addWidget(new look::Label(
        QStringLiteral(
            "Raw files serve best, then linear TIFF and EXR; JPEG, PNG and DPX are read as their files say, "
            "or as you state. A whole folder or card can be dropped as well."),
        look::Size::body, look::Label::Tone::quiet));
    column->addSpacing(4);
    column->addWidget(
        new look::Label(tr("Your chart"), look::Size::title, look::Label::Tone::loud, QFont::DemiBold));
    column->addWidget(new look::Label(
        tr("The Fen 24 and the Fen 48 are known. Any other chart in rows and columns takes two steps: drop a "
           "photograph of it, which shows how its patches lie; then drop its data, the file of its maker or "
           "of an instrument, or paste its table."),
        look::Size::body));
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    auto* open = new look::Button(look::Button::Kind::primary, tr("Open a frame"), this);
    open->setObjectName(QStringLiteral("emptyOpen"));
    auto* demo = new look::Button(look::Button::Kind::plain, tr("Look at the demo"), this);
    demo->setObjectName(QStringLiteral("emptyDemo"));
    auto* plan = new look::Button(look::Button::Kind::plain, tr("Plan a day"), this);
    plan->setObjectName(QStringLiteral("emptyPlan"));
    row->addWidget(open);
    row->addWidget(plan);
    row->addWidget(demo);
    row->addStretch(1);
    column->addSpacing(8);
    column->addLayout(row);
    message_ = new look::Label({}, look::Size::body);
    column->addWidget(message_);
    column->addStretch(3);
    connect(open, &QAbstractButton::clicked, this, &EmptyState::openWanted);
    connect(plan, &QAbstractButton::clicked, this, &EmptyState::planWanted);
    connect(demo, &QAbstractButton::clicked, this, &EmptyState::demoWanted);
}

void EmptyState::setMessage(const QString& message) {
    message_->setText(message);
}

}  // namespace refero
