// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractTableModel>
#include <optional>

#include "core/fit/correction.h"

namespace refero {

/// The ways of correcting that were tried, the taken one first.
class ContenderModel : public QAbstractTableModel {
    Q_OBJECT
  public:
    enum Column { model, fittedTo, expected, noise, columns };

    using QAbstractTableModel::QAbstractTableModel;
    void setCorrection(const std::optional<Correction>& correction);

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

  private:
    QString text(const Contender& contender, int column) const;

    std::vector<Contender> rows_;
};

/// "Root polynomial 2": for people.
QString inWords(Model model);

}  // namespace refero
