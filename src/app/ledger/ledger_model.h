// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractListModel>

#include "app/session/session.h"

namespace refero {

/// The setups in shooting order; a row that begins a place also carries the place's name.
class LedgerModel : public QAbstractListModel {
    Q_OBJECT
  public:
    enum Role {
        IdRole = Qt::UserRole + 1,
        PlaceRole,
        LightRole,
        KitRole,
        DueRole,
        StepsRole,
        ReadyRole,
        BusyRole
    };

    explicit LedgerModel(Session& session, QObject* parent = nullptr);
    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    int rowOf(int id) const;

  private:
    Session& session_;
};

}  // namespace refero
