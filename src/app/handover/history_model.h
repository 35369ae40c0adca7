// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractTableModel>
#include <vector>

#include "app/session/setup.h"

namespace refero {

/// What went out of a setup, the latest first.
class HistoryModel : public QAbstractTableModel {
    Q_OBJECT
  public:
    enum Column { when, receiver, file, proof, standing, columns };

    static constexpr int kSortRole = Qt::UserRole;

    using QAbstractTableModel::QAbstractTableModel;
    void setHandovers(std::vector<workflow::HandedOver> handovers);
    const std::vector<workflow::HandedOver>& handovers() const { return rows_; }

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

  private:
    QString text(const workflow::HandedOver& handover, int column) const;

    std::vector<workflow::HandedOver> rows_;
};

}  // namespace refero
