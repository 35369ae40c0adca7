// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractTableModel>
#include <optional>
#include <vector>

namespace refero {

/// A row of text and figures.
struct FigureRow {
    QString id;
    QStringList cells;
    bool strong = false;               ///< the one that matters
    bool quiet = false;                ///< does not count now
    std::optional<bool> checked = {};  ///< of the first cell; nothing where it is no choice
    QString hint;
};

/// Rows made elsewhere, under named columns; columns of figures are aligned right.
class FigureRows : public QAbstractTableModel {
    Q_OBJECT
  public:
    struct Column {
        QString name, hint;
        bool figures = true;
    };
    static constexpr int kIdRole = Qt::UserRole;

    explicit FigureRows(std::vector<Column> columns, QObject* parent = nullptr);
    void setRows(std::vector<FigureRow> rows);

    const std::vector<FigureRow>& rows() const { return rows_; }

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

  signals:
    void checked(const QString& id, bool on);

  private:
    std::vector<Column> columns_;
    std::vector<FigureRow> rows_;
};

}  // namespace refero
