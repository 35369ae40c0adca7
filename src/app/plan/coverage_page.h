// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractTableModel>
#include <QStyledItemDelegate>
#include <QWidget>

#include "app/session/session.h"
#include "studio/coverage.h"

namespace refero {
namespace look {
class Label;
}
class RowTable;

/// Which frames of each setup have a correction that is valid for them, a weaker one, or none.
class CoverageModel : public QAbstractTableModel {
    Q_OBJECT
  public:
    enum Column { setup, frames, valid, weaker, none, bar, why, columns };
    enum Role { CoverageRole = Qt::UserRole + 1 };
    struct Row {
        QString label;
        studio::SetupCoverage coverage;
        bool operator==(const Row&) const = default;
    };
    using QAbstractTableModel::QAbstractTableModel;
    void setRows(std::vector<Row> rows);
    const std::vector<Row>& rows() const { return rows_; }

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

  private:
    std::vector<Row> rows_;
};

class CoveragePage : public QWidget {
    Q_OBJECT
  public:
    explicit CoveragePage(Session& session, QWidget* parent = nullptr);
    void refresh();

  private:
    Session& session_;
    CoverageModel model_;
    RowTable* table_;
    look::Label* summary_;
};

}  // namespace refero
