// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractTableModel>
#include <vector>

namespace refero {

/// What a receiver gets: one row an item, what that kind of file cannot hold, and what became of it.
class DeliveryModel : public QAbstractTableModel {
    Q_OBJECT
  public:
    enum Column { item, holds, state, columns };
    struct Row {
        QString item, holds, state;
    };

    using QAbstractTableModel::QAbstractTableModel;
    void setRows(std::vector<Row> rows);
    void setHolds(int row, const QString& text);
    void setState(int row, const QString& text);
    const std::vector<Row>& rows() const { return rows_; }

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

  private:
    std::vector<Row> rows_;
};

}  // namespace refero
