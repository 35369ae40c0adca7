// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/ledger/ledger.h"

#include <QKeyEvent>
#include <QListView>
#include <QPainter>
#include <QVBoxLayout>

#include "app/ledger/ledger_delegate.h"
#include "app/look/label.h"
#include "app/look/tokens.h"

namespace refero {

Ledger::Ledger(Session& session, QWidget* parent) : QWidget(parent), session_(session), model_(session) {
    setObjectName(QStringLiteral("ledger"));
    setFixedWidth(look::kLedgerWidth);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 16, 0, 8);
    column->setSpacing(2);
    shoot_ = new look::Label({}, look::Size::title, look::Label::Tone::text, QFont::DemiBold, this);
    count_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet, QFont::Normal, this);
    for (look::Label* l : {shoot_, count_}) {
        l->setContentsMargins(16, 0, 12, 0);
        column->addWidget(l);
    }
    list_ = new QListView(this);
    list_->setObjectName(QStringLiteral("setupList"));
    list_->setAccessibleName(QStringLiteral("Setups"));
    list_->setModel(&model_);
    list_->setItemDelegate(new LedgerDelegate(this));
    list_->setFrameShape(QFrame::NoFrame);
    list_->setMouseTracking(true);
    list_->setVerticalScrollMode(QListView::ScrollPerPixel);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->installEventFilter(this);
    column->addWidget(list_, 1);

    connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this,
            [this](const QModelIndex& now) {
                if (now.isValid()) session_.select(now.data(LedgerModel::IdRole).toInt());
            });
    connect(&session, &Session::listChanged, this, &Ledger::refresh);
    connect(&session, &Session::changed, this, &Ledger::refresh);
    connect(&session, &Session::currentChanged, this, &Ledger::refresh);
    refresh();
}

void Ledger::refresh() {
    shoot_->setText(session_.shoot().isEmpty() ? QStringLiteral("Refero") : session_.shoot());
    int left = 0;
    for (const Setup& s : session_.setups()) left += s.handover ? 0 : 1;
    const auto n = static_cast<int>(session_.setups().size());
    count_->setText(n == 0 ? QStringLiteral("No setups yet")
                           : QStringLiteral("%1 %2, %3 left to do")
                                 .arg(n)
                                 .arg(n == 1 ? QStringLiteral("setup") : QStringLiteral("setups"))
                                 .arg(left));
    const int row = model_.rowOf(session_.currentId());
    if (row != list_->currentIndex().row())
        list_->setCurrentIndex(row < 0 ? QModelIndex() : model_.index(row));
}

bool Ledger::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::KeyPress && session_.current()) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Delete) {
            session_.remove(session_.currentId());
            return true;
        }
        if (key == Qt::Key_F2) {
            emit renameWanted(session_.currentId());
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
}

void Ledger::paintEvent(QPaintEvent*) {
    QPainter(this).fillRect(rect(), look::palette().panel);
}

}  // namespace refero
