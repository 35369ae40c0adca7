// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/ledger/ledger.h"

#include <QDropEvent>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QListView>
#include <QMimeData>
#include <QPainter>
#include <QVBoxLayout>

#include "app/frames/contact_sheet.h"
#include "app/ledger/ledger_delegate.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/look/tokens.h"

namespace refero {

Ledger::Ledger(Session& session, QWidget* parent) : QWidget(parent), session_(session), model_(session) {
    setObjectName(QStringLiteral("ledger"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 16, 0, 8);
    column->setSpacing(2);
    shoot_ = new look::Label({}, look::Size::title, look::Label::Tone::text, QFont::DemiBold, this);
    count_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet, QFont::Normal, this);
    for (look::Label* l : {shoot_, count_}) {
        l->setContentsMargins(16, 0, 12, 0);
        column->addWidget(l);
    }
    filter_ = new QLineEdit(this);
    filter_->setObjectName(QStringLiteral("setupFilter"));
    filter_->setAccessibleName(tr("Filter the setups"));
    filter_->setPlaceholderText(tr("Filter"));
    filter_->setToolTip(tr("Words of place, light, body, lens or what is due; Escape clears it."));
    auto* around = new QHBoxLayout;
    around->setContentsMargins(12, 8, 12, 4);
    around->addWidget(filter_);
    column->addLayout(around);
    list_ = new QListView(this);
    list_->setObjectName(QStringLiteral("setupList"));
    list_->setAccessibleName(tr("Setups"));
    list_->setModel(&model_);
    list_->setItemDelegate(new LedgerDelegate(this));
    list_->setFrameShape(QFrame::NoFrame);
    list_->setMouseTracking(true);
    list_->setVerticalScrollMode(QListView::ScrollPerPixel);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->installEventFilter(this);
    list_->viewport()->installEventFilter(this);
    filter_->installEventFilter(this);
    setFocusProxy(list_);
    list_->setDragDropMode(QAbstractItemView::InternalMove);
    list_->setDefaultDropAction(Qt::MoveAction);
    list_->setDropIndicatorShown(true);
    column->addWidget(list_, 1);

    connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this,
            [this](const QModelIndex& now) {
                if (now.isValid()) session_.select(now.data(LedgerModel::IdRole).toInt());
            });
    // A click beside the rows chooses nothing else, so the row stays marked.
    connect(list_->selectionModel(), &QItemSelectionModel::selectionChanged, this, [this] {
        if (!list_->selectionModel()->hasSelection() && list_->currentIndex().isValid())
            list_->selectionModel()->select(list_->currentIndex(), QItemSelectionModel::Select);
    });
    connect(filter_, &QLineEdit::textChanged, this, [this](const QString& text) {
        model_.setFilter(text);
        refresh();
    });
    connect(&session, &Session::listChanged, this, &Ledger::refresh);
    connect(&session, &Session::changed, this, &Ledger::refresh);
    connect(&session, &Session::currentChanged, this, &Ledger::refresh);
    refresh();
}

void Ledger::refresh() {
    shoot_->setText(session_.shoot().isEmpty() ? QStringLiteral("Refero") : session_.shoot());
    count_->setText(counted());
    filter_->setVisible(session_.setups().size() > 1 || !filter_->text().isEmpty());
    const int row = model_.rowOf(session_.currentId());
    if (row != list_->currentIndex().row())
        list_->setCurrentIndex(row < 0 ? QModelIndex() : model_.index(row));
}

// What is left, and what of it cannot wait.
QString Ledger::counted() const {
    int left = 0, missing = 0, stale = 0;
    for (const Setup& s : session_.setups()) {
        // What another's chart serves is done with that.
        const bool served = s.plan.state == plan::DueState::done && s.plan.shotOf != s.id;
        left += s.handover || served ? 0 : 1;
        missing += s.plan.state == plan::DueState::missing;
        stale += s.plan.state == plan::DueState::stale;
    }
    const auto n = static_cast<int>(session_.setups().size());
    if (n == 0) return tr("No setups yet");
    QString text = n == 1 ? tr("1 setup, %1 left").arg(left) : tr("%1 setups, %2 left").arg(n).arg(left);
    if (missing > 0) text += told(", %1 missing").arg(missing);
    if (stale > 0) text += tr(", %1 to redo").arg(stale);
    return text;
}

// Typing on the list filters it.
bool Ledger::typed(const QKeyEvent& key) {
    const QString text = key.text();
    const bool plain = !(key.modifiers() & ~(Qt::ShiftModifier | Qt::KeypadModifier));
    if (!plain || text.isEmpty() || !text[0].isLetterOrNumber() || filter_->isHidden()) return false;
    filter_->setFocus();
    filter_->setText(filter_->text() + text);
    return true;
}

// Frames of the sheet are dropped on the setup that they belong to.
bool Ledger::framesOver(QEvent& event) {
    if (event.type() != QEvent::DragEnter && event.type() != QEvent::DragMove && event.type() != QEvent::Drop)
        return false;
    auto& drag = static_cast<QDropEvent&>(event);  // all three are
    if (!drag.mimeData()->hasFormat(ContactSheet::mimeType())) return false;
    const QModelIndex at = list_->indexAt(drag.position().toPoint());
    drag.setDropAction(Qt::MoveAction);
    drag.setAccepted(event.type() == QEvent::DragEnter || at.isValid());
    if (event.type() == QEvent::Drop && at.isValid())
        emit framesDropped(ContactSheet::framesIn(drag.mimeData()), at.data(LedgerModel::IdRole).toInt());
    return true;
}

bool Ledger::eventFilter(QObject* watched, QEvent* event) {
    if (watched == filter_) {
        if (event->type() != QEvent::KeyPress || static_cast<QKeyEvent*>(event)->key() != Qt::Key_Escape)
            return false;
        filter_->clear();
        list_->setFocus();
        return true;
    }
    if (watched == list_->viewport()) return framesOver(*event);
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
        if (typed(*static_cast<QKeyEvent*>(event))) return true;
    }
    return QWidget::eventFilter(watched, event);
}

void Ledger::paintEvent(QPaintEvent*) {
    QPainter(this).fillRect(rect(), look::palette().panel);
}

}  // namespace refero
