// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tables/difference_model.h"

#include <algorithm>

#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/pictures/display_colour.h"
#include "app/tables/patch_model.h"

namespace refero {

void DifferenceModel::setCorrection(const std::optional<Correction>& correction) {
    beginResetModel();
    rows_ = correction ? correction->patches : std::vector<PatchResult>{};
    std::stable_sort(rows_.begin(), rows_.end(),
                     [](const auto& a, const auto& b) { return a.differenceAfter > b.differenceAfter; });
    endResetModel();
}

int DifferenceModel::rowOf(const QString& id) const {
    const auto it = std::find_if(rows_.begin(), rows_.end(),
                                 [&](const auto& p) { return QString::fromStdString(p.id) == id; });
    return it == rows_.end() ? -1 : static_cast<int>(it - rows_.begin());
}

int DifferenceModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(rows_.size());
}

int DifferenceModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : columns;
}

QVariant DifferenceModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid()) return {};
    const PatchResult& p = rows_[static_cast<std::size_t>(index.row())];
    const bool number = index.column() > patch;
    switch (role) {
        case Qt::DisplayRole:
        case Qt::AccessibleTextRole:
            switch (index.column()) {
                case patch:
                    return QString::fromStdString(p.id) + (p.used ? QString() : told("  clipped"));
                case before:
                    return decimalText(p.differenceBefore, 2);
                case after:
                    return decimalText(p.differenceAfter, 2);
                case leftOut:
                    return p.leftOut > 0 ? decimalText(p.leftOut, 2) : QStringLiteral("–");
                case weight:
                    return p.used ? shortNumber(p.weight, 3) : QStringLiteral("–");
                default:
                    return {};
            }
        case Qt::UserRole:
            if (index.column() != colour) return {};
            return QVariant::fromValue(
                PatchModel::Swatch{displayColour(p.reference), displayColour(p.after)});
        case kIdRole:
            return QString::fromStdString(p.id);
        case Qt::FontRole:
            return number ? look::figures(look::Size::small) : look::font(look::Size::small);
        case Qt::TextAlignmentRole:
            return int((number ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
        default:
            return {};
    }
}

QVariant DifferenceModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal) return {};
    static constexpr const char* names[] = {word("Ref | now"), word("Patch"),  word("Before"),
                                            word("After"),     word("Unseen"), word("Counts")};
    static constexpr const char* hints[] = {
        word("Left: the reference colour. Right: the corrected reading."),
        word("Place on the chart."),
        word("CIEDE2000 with balance alone."),
        word("CIEDE2000 with this correction."),
        word("CIEDE2000 of this patch when the fit did not see it: what to expect of a colour that is not on "
             "the chart."),
        word("How often it counts in the fit. Right click, or + and −, to favour this job's colours.")};
    if (role == Qt::DisplayRole) return told(names[section]);
    if (role == Qt::ToolTipRole) return told(hints[section]);
    if (role == Qt::FontRole) return look::font(look::Size::small);
    if (role == Qt::TextAlignmentRole)
        return int((section > patch ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
    return {};
}

}  // namespace refero
