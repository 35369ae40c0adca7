// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tables/figure_rows.h"

#include "app/look/tokens.h"

namespace refero {

FigureRows::FigureRows(std::vector<Column> columns, QObject* parent)
    : QAbstractTableModel(parent), columns_(std::move(columns)) {}

void FigureRows::setRows(std::vector<FigureRow> rows) {
    // Rows that stay in their places keep what is chosen.
    bool same = rows.size() == rows_.size();
    for (std::size_t i = 0; same && i < rows.size(); ++i) same = rows[i].id == rows_[i].id;
    if (!same) beginResetModel();
    rows_ = std::move(rows);
    if (!same)
        endResetModel();
    else if (!rows_.empty())
        emit dataChanged(index(0, 0), index(rowCount() - 1, columnCount() - 1));
}

int FigureRows::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(rows_.size());
}

int FigureRows::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(columns_.size());
}

QVariant FigureRows::data(const QModelIndex& index, int role) const {
    if (!index.isValid()) return {};
    const FigureRow& row = rows_[static_cast<std::size_t>(index.row())];
    const bool figures = columns_[static_cast<std::size_t>(index.column())].figures;
    const auto weight = row.strong ? QFont::DemiBold : QFont::Normal;
    switch (role) {
        case Qt::DisplayRole:
            return row.cells.value(index.column());
        case Qt::CheckStateRole:
            if (index.column() != 0 || !row.checked) return {};
            return static_cast<int>(*row.checked ? Qt::Checked : Qt::Unchecked);
        case Qt::ToolTipRole:
            return row.hint;
        case Qt::FontRole:
            return figures ? look::figures(look::Size::small, weight) : look::font(look::Size::small, weight);
        case Qt::ForegroundRole:
            return row.quiet ? QVariant(look::palette().quiet) : QVariant();
        case Qt::TextAlignmentRole:
            return int((figures ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
        case kIdRole:
            return row.id;
        default:
            return {};
    }
}

bool FigureRows::setData(const QModelIndex& index, const QVariant& value, int role) {
    if (!index.isValid() || role != Qt::CheckStateRole || index.column() != 0) return false;
    FigureRow& row = rows_[static_cast<std::size_t>(index.row())];
    if (!row.checked) return false;
    row.checked = value.toInt() == Qt::Checked;
    emit dataChanged(index, index, {Qt::CheckStateRole});
    emit checked(row.id, *row.checked);
    return true;
}

Qt::ItemFlags FigureRows::flags(const QModelIndex& index) const {
    Qt::ItemFlags out = QAbstractTableModel::flags(index);
    if (index.isValid() && index.column() == 0 && rows_[static_cast<std::size_t>(index.row())].checked)
        out |= Qt::ItemIsUserCheckable;
    return out;
}

QVariant FigureRows::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal || section < 0 || section >= columnCount()) return {};
    const Column& column = columns_[static_cast<std::size_t>(section)];
    switch (role) {
        case Qt::DisplayRole:
            return column.name;
        case Qt::ToolTipRole:
            return column.hint;
        case Qt::FontRole:
            return look::font(look::Size::small);
        case Qt::TextAlignmentRole:
            return int((column.figures ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
        default:
            return {};
    }
}

}  // namespace refero
