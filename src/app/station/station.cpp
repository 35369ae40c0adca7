// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/station/station.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

#include "app/findings/findings.h"
#include "app/look/tokens.h"

namespace refero {

Station::Station(Session& session, QWidget* parent)
    : QWidget(parent), session_(session), findings_(new Findings(this)) {}

void Station::lay(QWidget* bar, QWidget* picture, QWidget* below) {
    bar_ = bar;
    below_ = below;
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    auto* middle = new QVBoxLayout;
    middle->setContentsMargins(0, 0, 0, 0);
    middle->setSpacing(0);
    middle->addWidget(bar);
    middle->addWidget(picture, 1);
    middle->addWidget(below);
    row->addLayout(middle, 1);
    row->addWidget(findings_);

    connect(findings_, &Findings::nextStepWanted, this, &Station::proceed);
    connect(&session_, &Session::currentChanged, this, [this] { show(session_.current()); });
    connect(&session_, &Session::changed, this, [this](int id) {
        if (id == session_.currentId()) show(session_.current());
    });
    show(session_.current());
}

void Station::setViewingOnly(bool only) {
    for (QWidget* w : {bar_, below_, static_cast<QWidget*>(findings_)}) w->setVisible(!only);
}

void Station::setCompact(bool compact) {
    findings_->setFixedWidth(compact ? look::kFindingsWidthCompact : look::kFindingsWidth);
    narrow(compact);
}

}  // namespace refero
