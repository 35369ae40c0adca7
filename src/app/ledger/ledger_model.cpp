// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/ledger/ledger_model.h"

namespace refero {

LedgerModel::LedgerModel(Session& session, QObject* parent) : QAbstractListModel(parent), session_(session) {
    connect(&session, &Session::listChanged, this, [this] {
        beginResetModel();
        endResetModel();
    });
    connect(&session, &Session::changed, this, [this](int id) {
        const int row = rowOf(id);
        if (row >= 0) emit dataChanged(index(row), index(row));
    });
}

int LedgerModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(session_.setups().size());
}

int LedgerModel::rowOf(int id) const {
    for (std::size_t i = 0; i < session_.setups().size(); ++i)
        if (session_.setups()[i].id == id) return static_cast<int>(i);
    return -1;
}

QVariant LedgerModel::data(const QModelIndex& index, int role) const {
    const auto row = static_cast<std::size_t>(index.row());
    if (!index.isValid() || row >= session_.setups().size()) return {};
    const Setup& s = session_.setups()[row];
    const QString known =
        s.body + (s.body.isEmpty() || s.lens.isEmpty() ? QString() : QStringLiteral(", ")) + s.lens;
    const QString kit = known.isEmpty() && !s.busy ? QStringLiteral("Body and lens not stated") : known;
    switch (role) {
        case IdRole:
            return s.id;
        case PlaceRole:
            return row == 0 || session_.setups()[row - 1].place != s.place ? s.place : QString();
        case Qt::DisplayRole:
        case LightRole:
            return s.light;
        case KitRole:
            return kit;
        case DueRole:
            return s.due();
        case StepsRole:
            // Chart shot, read, corrected, handed over.
            return (s.frame || s.reading ? 1 : 0) + (s.reading ? 1 : 0) + (s.correction ? 1 : 0) +
                   (s.handover ? 1 : 0);
        case ReadyRole:
            return s.reading && s.reading->verdict != Verdict::reshoot;
        case BusyRole:
            return s.busy;
        case Qt::AccessibleTextRole:
            return s.place + QStringLiteral(", ") + s.light + QStringLiteral(", ") + kit +
                   QStringLiteral(": ") + s.due();
        case Qt::ToolTipRole:
            return s.error.isEmpty() ? s.chartFrame : s.error;
        default:
            return {};
    }
}

}  // namespace refero
