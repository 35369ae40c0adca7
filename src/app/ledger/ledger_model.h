// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractListModel>

#include "app/session/session.h"

namespace refero {

/// The setups in shooting order, or those that match a filter; a row that begins a place also carries the
/// place's name. A row that is dropped between others takes that place in the order.
class LedgerModel : public QAbstractListModel {
    Q_OBJECT
  public:
    enum Role {
        IdRole = Qt::UserRole + 1,
        PlaceRole,
        LightRole,
        KitRole,
        DueRole,
        StateRole,
        StepsRole,
        ReadyRole,
        BusyRole
    };

    explicit LedgerModel(Session& session, QObject* parent = nullptr);
    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    int rowOf(studio::SetupId id) const;
    /// Every word must be found in place, light, body, lens or what is due.
    void setFilter(const QString& filter);

    Qt::ItemFlags flags(const QModelIndex& index) const override;
    Qt::DropActions supportedDropActions() const override { return Qt::MoveAction; }
    QStringList mimeTypes() const override;
    QMimeData* mimeData(const QModelIndexList& indexes) const override;
    bool canDropMimeData(const QMimeData* data, Qt::DropAction action, int row, int column,
                         const QModelIndex& parent) const override;
    bool dropMimeData(const QMimeData* data, Qt::DropAction action, int row, int column,
                      const QModelIndex& parent) override;

  private:
    void reset();
    void choose();
    bool matches(const Setup& setup) const;

    Session& session_;
    QStringList words_;
    std::vector<std::size_t> visible_;  ///< indices into the session's setups
};

}  // namespace refero
