// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/commands/command_finder.h"

#include <QKeyEvent>
#include <QLineEdit>
#include <QListView>
#include <QPainter>
#include <QStyledItemDelegate>
#include <QVBoxLayout>
#include <algorithm>

#include "app/commands/name_match.h"
#include "app/look/sided.h"
#include "app/look/tokens.h"

namespace refero {
namespace {

constexpr int kIndexRole = Qt::UserRole + 1, kDetailRole = Qt::UserRole + 2;
constexpr int kRow = 28, kRows = 10, kWidth = 520;

/// A name, and its keys or place at the right.
class CommandDelegate : public QStyledItemDelegate {
  public:
    using QStyledItemDelegate::QStyledItemDelegate;
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override { return {100, kRow}; }
    void paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const auto& c = look::palette();
        const look::Sided sided(*p, option.rect, option.direction);
        const bool selected = option.state & QStyle::State_Selected;
        if (selected) {
            p->fillRect(option.rect, c.line);
            p->fillRect(sided(QRect(option.rect.left(), option.rect.top(), 3, option.rect.height())), c.loud);
        }
        const QRect box = option.rect.adjusted(12, 0, -12, 0);
        const QString detail = index.data(kDetailRole).toString();
        p->setFont(look::font(look::Size::small));
        const int detailWidth = p->fontMetrics().horizontalAdvance(detail);
        p->setPen(selected ? c.text : c.quiet);
        p->drawText(box, Qt::AlignRight | Qt::AlignVCenter, detail);
        p->setFont(look::font(look::Size::body, selected ? QFont::DemiBold : QFont::Normal));
        p->setPen(selected ? c.loud : c.text);
        p->drawText(box, Qt::AlignLeft | Qt::AlignVCenter,
                    p->fontMetrics().elidedText(index.data().toString(), Qt::ElideRight,
                                                box.width() - detailWidth - 16));
    }
};

}  // namespace

CommandFinder::CommandFinder(QWidget* window) : QFrame(window, Qt::Popup) {
    setObjectName(QStringLiteral("commandFinder"));
    setFrameShape(QFrame::StyledPanel);
    setAutoFillBackground(true);
    setBackgroundRole(QPalette::AlternateBase);
    setAccessibleName(tr("Find and do"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(8, 8, 8, 8);
    column->setSpacing(8);
    field_ = new QLineEdit(this);
    field_->setObjectName(QStringLiteral("commandField"));
    field_->setAccessibleName(tr("What to find or do"));
    field_->setPlaceholderText(tr("Type what to do or where to go"));
    field_->setFont(look::font(look::Size::title));
    field_->installEventFilter(this);
    column->addWidget(field_);
    list_ = new QListView(this);
    list_->setObjectName(QStringLiteral("commandList"));
    list_->setAccessibleName(tr("What was found"));
    list_->setModel(&model_);
    list_->setItemDelegate(new CommandDelegate(list_));
    list_->setUniformItemSizes(true);
    list_->setFocusPolicy(Qt::NoFocus);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    column->addWidget(list_);
    connect(field_, &QLineEdit::textChanged, this, &CommandFinder::filter);
    connect(list_, &QListView::clicked, this, [this](const QModelIndex& i) { choose(i.row()); });
}

void CommandFinder::open(std::vector<Command> commands) {
    commands_ = std::move(commands);
    field_->clear();
    filter({});
    setFixedWidth(std::min(kWidth, parentWidget()->width() - 32));
    move(parentWidget()->mapToGlobal(QPoint((parentWidget()->width() - width()) / 2, 64)));
    show();
    field_->setFocus();
}

void CommandFinder::filter(const QString& typed) {
    std::vector<std::pair<int, std::size_t>> found;
    for (std::size_t i = 0; i < commands_.size(); ++i)
        if (const auto score = nameMatch(typed, commands_[i].name + QLatin1Char(' ') + commands_[i].detail))
            found.emplace_back(-*score, i);
    std::stable_sort(found.begin(), found.end());
    model_.clear();
    for (const auto& [score, i] : found) {
        auto* item = new QStandardItem(commands_[i].name);
        item->setData(static_cast<int>(i), kIndexRole);
        item->setData(commands_[i].detail, kDetailRole);
        item->setEditable(false);
        model_.appendRow(item);
    }
    list_->setCurrentIndex(model_.index(0, 0));
    setFixedHeight(kRow * std::clamp(model_.rowCount(), 1, kRows) + 60);
}

void CommandFinder::choose(int row) {
    const QModelIndex index = model_.index(row, 0);
    if (!index.isValid()) return;
    const auto run = commands_[static_cast<std::size_t>(index.data(kIndexRole).toInt())].run;
    hide();
    run();
}

bool CommandFinder::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::KeyPress) return QFrame::eventFilter(watched, event);
    const int row = list_->currentIndex().row(), last = model_.rowCount() - 1;
    switch (static_cast<QKeyEvent*>(event)->key()) {
        case Qt::Key_Down:
            list_->setCurrentIndex(model_.index(std::min(row + 1, last), 0));
            return true;
        case Qt::Key_Up:
            list_->setCurrentIndex(model_.index(std::max(row - 1, 0), 0));
            return true;
        case Qt::Key_Return:
        case Qt::Key_Enter:
            choose(row);
            return true;
        case Qt::Key_Escape:
            hide();
            return true;
        default:
            return false;
    }
}

}  // namespace refero
