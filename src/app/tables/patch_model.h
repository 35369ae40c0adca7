// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractTableModel>
#include <optional>

#include "core/read/reading.h"

namespace refero {

/// The patches of a reading: what the reference says, what was read, spread, clipping.
class PatchModel : public QAbstractTableModel {
    Q_OBJECT
  public:
    enum Column { colour, patch, red, green, blue, noise, clipped, columns };
    /// For Qt::UserRole of the colour column.
    struct Swatch {
        QColor reference, read;
    };

    using QAbstractTableModel::QAbstractTableModel;
    void setReading(const std::optional<Reading>& reading);

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

  private:
    QString text(const PatchReading& read, const Patch& patch, int column) const;

    std::optional<Reading> reading_;
    std::vector<Swatch> swatches_;
};

}  // namespace refero

Q_DECLARE_METATYPE(refero::PatchModel::Swatch)
