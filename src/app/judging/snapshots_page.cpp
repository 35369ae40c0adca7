// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/judging/snapshots_page.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QVBoxLayout>

#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/tables/contender_model.h"
#include "app/tables/row_table.h"

namespace refero {

void SnapshotModel::setSnapshots(std::vector<workflow::Snapshot> snapshots) {
    beginResetModel();
    snapshots_ = std::move(snapshots);
    endResetModel();
}

int SnapshotModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(snapshots_.size());
}

int SnapshotModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : columns;
}

QVariant SnapshotModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid()) return {};
    if (role == Qt::TextAlignmentRole)
        return static_cast<int>((index.column() >= mean ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
    if (role != Qt::DisplayRole && role != Qt::EditRole) return {};
    const workflow::Snapshot& s = snapshots_[static_cast<std::size_t>(index.row())];
    switch (index.column()) {
        case label:
            return text(s.name);
        case model:
            return inWords(s.correction->model);
        case mean:
            return decimalText(s.correction->summary.after.mean, 2);
        case unseen:
            return decimalText(s.correction->summary.crossValidated.mean, 2);
        default:
            return {};
    }
}

bool SnapshotModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    if (role != Qt::EditRole || index.column() != label) return false;
    emit renamed(snapshots_[static_cast<std::size_t>(index.row())].id, value.toString());
    return true;
}

Qt::ItemFlags SnapshotModel::flags(const QModelIndex& index) const {
    const Qt::ItemFlags plain = QAbstractTableModel::flags(index);
    return index.column() == label ? plain | Qt::ItemIsEditable : plain;
}

QVariant SnapshotModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal) return {};
    if (role == Qt::TextAlignmentRole)
        return static_cast<int>((section >= mean ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
    if (role != Qt::DisplayRole) return {};
    constexpr const char* names[] = {word("Name"), word("Model"), word("Mean"), word("Unseen")};
    return told(names[section]);
}

SnapshotsPage::SnapshotsPage(QWidget* parent) : QWidget(parent), model_(this) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    empty_ = new look::Label(
        QStringLiteral(
            "None yet. Keep holds the correction as it is now, with its finish: build another model or "
            "move the finish, and see both beside each other."),
        look::Size::small, look::Label::Tone::quiet);
    column->addWidget(empty_);
    list_ = new RowTable(this);
    list_->setObjectName(QStringLiteral("snapshotList"));
    list_->setAccessibleName(tr("Snapshots"));
    list_->setModel(&model_);
    list_->setEditTriggers(QAbstractItemView::EditKeyPressed | QAbstractItemView::DoubleClicked);
    list_->setWidths({0, 112, 50, 62});
    column->addWidget(list_, 1);
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    const auto button = [&](const char* object, const char* text, const char* hint,
                            void (SnapshotsPage::*wanted)(studio::SnapshotId)) {
        auto* b = new look::Button(look::Button::Kind::plain, told(text), this);
        b->setObjectName(QLatin1String(object));
        b->setToolTip(told(hint));
        connect(b, &QAbstractButton::clicked, this, [this, wanted] {
            if (const auto id = chosen()) emit(this->*wanted)(id);
        });
        row->addWidget(b);
        return b;
    };
    against_ = button("snapshotAgainst", word("Compare"), word("The correction is held against this one."),
                      &SnapshotsPage::againstWanted);
    take_ = button("snapshotTake", word("Go back"), word("This one becomes the setup's correction again."),
                   &SnapshotsPage::takeWanted);
    remove_ = button("snapshotRemove", word("Take out"), word("Removes the snapshot; it can be undone."),
                     &SnapshotsPage::removeWanted);
    row->addStretch(1);
    column->addLayout(row);
    connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this, [this] { refresh(); });
    connect(&model_, &SnapshotModel::renamed, this, &SnapshotsPage::renamed, Qt::QueuedConnection);
    refresh();
}

void SnapshotsPage::show(const Setup* setup) {
    const auto kept = chosen();
    model_.setSnapshots(setup ? setup->snapshots : std::vector<workflow::Snapshot>{});
    for (int row = 0; row < model_.rowCount(); ++row)
        if (model_.snapshots()[static_cast<std::size_t>(row)].id == kept) list_->selectRow(row);
    if (!list_->currentIndex().isValid() && model_.rowCount() > 0) list_->selectRow(model_.rowCount() - 1);
    refresh();
}

studio::SnapshotId SnapshotsPage::chosen() const {
    const int row = list_->currentIndex().row();
    return row >= 0 && row < model_.rowCount() ? model_.snapshots()[static_cast<std::size_t>(row)].id
                                               : studio::SnapshotId{};
}

void SnapshotsPage::refresh() {
    const bool any = model_.rowCount() > 0;
    empty_->setVisible(!any);
    list_->setVisible(any);
    for (QWidget* b : std::initializer_list<QWidget*>{against_, take_, remove_}) {
        b->setVisible(any);
        b->setEnabled(chosen() != 0);
    }
}

}  // namespace refero
