// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/handover/parcel_model.h"

#include "app/look/text.h"
#include "app/look/tokens.h"

namespace refero {

void DeliveryModel::setRows(std::vector<Row> rows) {
    beginResetModel();
    rows_ = std::move(rows);
    endResetModel();
}

void DeliveryModel::setHolds(int row, const QString& text) {
    if (row < 0 || row >= rowCount()) return;
    rows_[static_cast<std::size_t>(row)].holds = text;
    emit dataChanged(index(row, holds), index(row, holds));
}

void DeliveryModel::setState(int row, const QString& text) {
    if (row < 0 || row >= rowCount()) return;
    rows_[static_cast<std::size_t>(row)].state = text;
    emit dataChanged(index(row, state), index(row, state));
}

int DeliveryModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(rows_.size());
}

int DeliveryModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : columns;
}

QVariant DeliveryModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid()) return {};
    const Row& r = rows_[static_cast<std::size_t>(index.row())];
    const QString& text = index.column() == item ? r.item : index.column() == holds ? r.holds : r.state;
    switch (role) {
        case Qt::DisplayRole:
        case Qt::ToolTipRole:
            return text;
        case Qt::FontRole:
            return look::font(look::Size::small, index.column() == item ? QFont::Medium : QFont::Normal);
        case Qt::TextAlignmentRole:
            return int(Qt::AlignLeft | Qt::AlignVCenter);
        default:
            return {};
    }
}

QVariant DeliveryModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal) return {};
    static constexpr const char* names[] = {word("What goes out"), word("What it cannot hold"),
                                            word("State")};
    if (role == Qt::DisplayRole) return told(names[section]);
    if (role == Qt::FontRole) return look::font(look::Size::small);
    if (role == Qt::TextAlignmentRole) return int(Qt::AlignLeft | Qt::AlignVCenter);
    return {};
}

}  // namespace refero
