// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/ledger/ledger_model.h"

#include <QMimeData>
#include <algorithm>

namespace refero {
namespace {

const char* const kMime = "application/x-refero-setup";

QString kitOf(const Setup& s) {
    const QString known = text(s.body + (s.body.empty() || s.lens.empty() ? "" : ", ") + s.lens);
    return known.isEmpty() && !s.busy ? LedgerModel::tr("Body and lens not stated") : known;
}

// Chart shot, read, corrected, handed over; of the setup whose chart serves it, where that is another.
int stepsDone(const Session& session, const Setup& own) {
    const Setup* other = own.reading ? nullptr : session.setup(own.plan.shotOf);
    const Setup& s = other ? *other : own;
    return (s.frame || s.reading ? 1 : 0) + (s.reading ? 1 : 0) + (s.correction ? 1 : 0) +
           (s.handover ? 1 : 0);
}

}  // namespace

LedgerModel::LedgerModel(Session& session, QObject* parent) : QAbstractListModel(parent), session_(session) {
    connect(&session, &Session::listChanged, this, &LedgerModel::reset);
    connect(&session, &Session::changed, this, [this](studio::SetupId id) {
        if (!words_.isEmpty()) return reset();
        const int row = rowOf(id);
        if (row >= 0) emit dataChanged(index(row), index(row));
    });
    choose();
}

void LedgerModel::reset() {
    beginResetModel();
    choose();
    endResetModel();
}

void LedgerModel::choose() {
    visible_.clear();
    for (std::size_t i = 0; i < session_.setups().size(); ++i)
        if (matches(session_.setups()[i])) visible_.push_back(i);
}

bool LedgerModel::matches(const Setup& s) const {
    const QString all = (QStringList{text(s.place), text(s.light), kitOf(s), s.due()}).join(QLatin1Char(' '));
    return std::all_of(words_.begin(), words_.end(),
                       [&](const QString& w) { return all.contains(w, Qt::CaseInsensitive); });
}

void LedgerModel::setFilter(const QString& filter) {
    words_ = filter.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    reset();
}

int LedgerModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(visible_.size());
}

int LedgerModel::rowOf(studio::SetupId id) const {
    for (std::size_t i = 0; i < visible_.size(); ++i)
        if (visible_[i] < session_.setups().size() && session_.setups()[visible_[i]].id == id)
            return static_cast<int>(i);
    return -1;
}

QVariant LedgerModel::data(const QModelIndex& index, int role) const {
    const auto row = static_cast<std::size_t>(index.row());
    if (!index.isValid() || row >= visible_.size() || visible_[row] >= session_.setups().size()) return {};
    const Setup& s = session_.setups()[visible_[row]];
    switch (role) {
        case IdRole:
            return static_cast<int>(s.id);
        case PlaceRole:
            return row == 0 || session_.setups()[visible_[row - 1]].place != s.place ? text(s.place)
                                                                                     : QString();
        case Qt::DisplayRole:
        case LightRole:
            return text(s.light);
        case KitRole:
            return kitOf(s);
        case DueRole:
            return s.due();
        case StateRole:
            return static_cast<int>(s.plan.state);
        case StepsRole:
            return stepsDone(session_, s);
        case ReadyRole:
            return s.reading && s.reading->verdict != Verdict::reshoot;
        case BusyRole:
            return s.busy;
        case Qt::AccessibleTextRole:
            return text(s.place) + QStringLiteral(", ") + text(s.light) + QStringLiteral(", ") + kitOf(s) +
                   QStringLiteral(": ") + s.due();
        case Qt::ToolTipRole:
            return s.error.isEmpty() ? QString::fromStdString(s.plan.reason) : s.error;
        default:
            return {};
    }
}

Qt::ItemFlags LedgerModel::flags(const QModelIndex& index) const {
    if (!index.isValid()) return Qt::ItemIsDropEnabled;
    const Qt::ItemFlags own = Qt::ItemIsSelectable | Qt::ItemIsEnabled | Qt::ItemNeverHasChildren;
    // Among some of the rows there is no telling which place is meant.
    return words_.isEmpty() ? own | Qt::ItemIsDragEnabled : own;
}

QStringList LedgerModel::mimeTypes() const {
    return {QLatin1String(kMime)};
}

QMimeData* LedgerModel::mimeData(const QModelIndexList& indexes) const {
    if (indexes.isEmpty()) return nullptr;
    auto* data = new QMimeData;
    data->setData(QLatin1String(kMime), QByteArray::number(indexes.front().data(IdRole).toInt()));
    return data;
}

bool LedgerModel::canDropMimeData(const QMimeData* data, Qt::DropAction, int row, int,
                                  const QModelIndex&) const {
    return words_.isEmpty() && row >= 0 && data && data->hasFormat(QLatin1String(kMime));
}

// Moves it in the session, which says that the list changed; the view has nothing to take out itself.
bool LedgerModel::dropMimeData(const QMimeData* data, Qt::DropAction action, int row, int column,
                               const QModelIndex& parent) {
    if (!canDropMimeData(data, action, row, column, parent)) return false;
    const int id = data->data(QLatin1String(kMime)).toInt();
    const int from = rowOf(id);
    if (from < 0) return false;
    const int to = row > from ? row - 1 : row;
    if (to != from) session_.moveSetup(id, to);
    return false;
}

}  // namespace refero
