// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/handover/history_model.h"

#include <QDateTime>
#include <QFileInfo>
#include <QLocale>

#include "app/look/text.h"
#include "app/look/tokens.h"
#include "io/handover/format.h"
#include "workflow/delivery_items.h"

namespace refero {

namespace {

// A file's name begins with the whole setup, which the table is about; what kind it is tells them apart.
QString kindOf(const workflow::HandedOver& h) {
    const QString path = refero::text(h.path);
    if (const auto format = io::formatByName(h.format)) {
        const QString label = refero::told(io::info(*format).label);
        // "..., from srgb to bt1886.cube"
        const QString base = QFileInfo(path).completeBaseName();
        const auto from = base.lastIndexOf(QLatin1String(", from "));
        return from < 0 ? label : label + base.mid(from);
    }
    if (h.format == workflow::kReport) return HistoryModel::tr("Report (.%1)").arg(QFileInfo(path).suffix());
    if (h.format == workflow::kRecipe) return HistoryModel::tr("Recipe (.%1)").arg(QFileInfo(path).suffix());
    return QFileInfo(path).fileName();
}

}  // namespace

void HistoryModel::setHandovers(std::vector<workflow::HandedOver> handovers) {
    beginResetModel();
    rows_ = std::move(handovers);
    endResetModel();
}

int HistoryModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(rows_.size());
}

int HistoryModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : columns;
}

QString HistoryModel::text(const workflow::HandedOver& h, int column) const {
    switch (column) {
        case when:
            return QLocale().toString(QDateTime::fromString(refero::text(h.made), Qt::ISODate).toLocalTime(),
                                      QStringLiteral("d MMM, hh:mm"));
        case receiver:
            return h.receiver.empty() ? QStringLiteral("–") : refero::text(h.receiver);
        case file:
            return h.format == workflow::kFrames ? refero::text(h.note) : kindOf(h);
        case proof:
            if (h.engine.empty()) return {};
            // Our own documents hold no colours to compare.
            return h.engine == "Refero"
                       ? tr("As written")
                       : told("%1, at most %2").arg(refero::text(h.engine)).arg(decimalText(h.largest, 2));
        case standing:
            return h.stale ? tr("Out of date") : tr("Up to date");
        default:
            return {};
    }
}

QVariant HistoryModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid()) return {};
    const workflow::HandedOver& h = rows_[static_cast<std::size_t>(index.row())];
    switch (role) {
        case Qt::DisplayRole:
            return text(h, index.column());
        case kSortRole:
            return index.column() == when ? refero::text(h.made) : text(h, index.column());
        case Qt::ToolTipRole:
            if (index.column() == standing && h.stale)
                return told("The correction has changed since: what this receiver has is another one.");
            return index.column() == file ? refero::text(h.path) : text(h, index.column());
        case Qt::FontRole:
            return index.column() == when || index.column() == proof
                       ? look::figures(look::Size::small)
                       : look::font(look::Size::small,
                                    h.stale && index.column() == standing ? QFont::DemiBold : QFont::Normal);
        case Qt::TextAlignmentRole:
            return int(Qt::AlignLeft | Qt::AlignVCenter);
        default:
            return {};
    }
}

QVariant HistoryModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal) return {};
    static constexpr const char* names[] = {word("When"), word("For"), word("What"), word("Read back by"),
                                            word("The correction")};
    if (role == Qt::DisplayRole) return told(names[section]);
    if (role == Qt::FontRole) return look::font(look::Size::small);
    if (role == Qt::TextAlignmentRole) return int(Qt::AlignLeft | Qt::AlignVCenter);
    return {};
}

}  // namespace refero
