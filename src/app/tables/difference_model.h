// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractTableModel>
#include <optional>

#include "core/fit/correction.h"

namespace refero {

/// Patches by their remaining difference, largest first.
class DifferenceModel : public QAbstractTableModel {
    Q_OBJECT
  public:
    enum Column { colour, patch, before, after, leftOut, weight, columns };
    static constexpr int kIdRole = Qt::UserRole + 1;

    using QAbstractTableModel::QAbstractTableModel;
    void setCorrection(const std::optional<Correction>& correction);
    int rowOf(const QString& id) const;

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

  private:
    std::vector<PatchResult> rows_;
};

}  // namespace refero
