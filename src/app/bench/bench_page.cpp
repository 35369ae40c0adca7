// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/bench_page.h"

#include <QSplitter>
#include <QVBoxLayout>

#include "app/judging/compare_view.h"
#include "app/settings/own_settings.h"

namespace refero {

BenchPage::BenchPage(const QString& name, QWidget* parent) : QWidget(parent) {
    setObjectName(name);
    across_ = new QSplitter(Qt::Horizontal, this);
    down_ = new QSplitter(Qt::Vertical, across_);
    view_ = new CompareView(down_);
    view_->setToolTip(tr("Drag the edge to wipe; hold F or the space bar to flick."));
    view_->setMinimumHeight(160);
}

void BenchPage::lay(QWidget* bar, QWidget* below, QWidget* panel) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(bar);
    column->addWidget(across_, 1);
    panel->setMinimumWidth(260);
    down_->addWidget(below);
    down_->setStretchFactor(0, 1);
    down_->setSizes({430, 220});
    across_->addWidget(down_);
    across_->addWidget(panel);
    across_->setStretchFactor(0, 1);
    across_->setSizes({700, 330});
    for (QSplitter* s : {across_, down_}) {
        s->setChildrenCollapsible(false);
        const QString key =
            objectName() + (s == across_ ? QStringLiteral("/across") : QStringLiteral("/down"));
        s->restoreState(ownSettings().value(key).toByteArray());
        connect(s, &QSplitter::splitterMoved, this,
                [s, key] { ownSettings().setValue(key, s->saveState()); });
    }
}

}  // namespace refero
