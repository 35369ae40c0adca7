// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractTableModel>
#include <QWidget>
#include <vector>

#include "app/session/setup.h"
#include "studio/records.h"

namespace refero {

class RowTable;
namespace look {
class Button;
class Label;
}  // namespace look

/// Corrections as they were. Their names can be edited.
class SnapshotModel : public QAbstractTableModel {
    Q_OBJECT
  public:
    enum Column { label, model, mean, unseen, columns };

    using QAbstractTableModel::QAbstractTableModel;
    void setSnapshots(std::vector<workflow::Snapshot> snapshots);
    const std::vector<workflow::Snapshot>& snapshots() const { return snapshots_; }

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

  signals:
    void renamed(studio::SnapshotId snapshot, const QString& name);

  private:
    std::vector<workflow::Snapshot> snapshots_;
};

/// The snapshots of a setup, and what can be done with the chosen one.
class SnapshotsPage : public QWidget {
    Q_OBJECT
  public:
    explicit SnapshotsPage(QWidget* parent = nullptr);
    /// Null where there is no setup.
    void show(const Setup* setup);

  signals:
    void againstWanted(studio::SnapshotId snapshot);
    void takeWanted(studio::SnapshotId snapshot);
    void removeWanted(studio::SnapshotId snapshot);
    void renamed(studio::SnapshotId snapshot, const QString& name);

  private:
    studio::SnapshotId chosen() const;
    void refresh();

    SnapshotModel model_;
    RowTable* list_;
    look::Label* empty_;
    look::Button *against_, *take_, *remove_;
};

}  // namespace refero
