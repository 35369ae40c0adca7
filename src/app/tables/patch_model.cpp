// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tables/patch_model.h"

#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/pictures/display_colour.h"
#include "core/colour/lab.h"
#include "core/read/swatch.h"

namespace refero {

void PatchModel::setReading(const std::optional<Reading>& reading) {
    beginResetModel();
    reading_ = reading;
    swatches_.clear();
    if (reading_) {
        const auto read = balancedLab(*reading_);
        for (std::size_t i = 0; i < reading_->patches.size(); ++i)
            swatches_.push_back({displayColour(reading_->chart.patches[i].labD50), displayColour(read[i])});
    }
    endResetModel();
}

int PatchModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() || !reading_ ? 0 : static_cast<int>(reading_->patches.size());
}

int PatchModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : columns;
}

QString PatchModel::text(const PatchReading& read, const Patch& known, int column) const {
    switch (column) {
        case PatchModel::patch:
            if (read.leftOut) return QString::fromStdString(known.id) + told("  left out");
            return QString::fromStdString(known.id + (known.name.empty() ? "" : "  " + known.name));
        case red:
        case green:
        case blue:
            return decimalText(100 * read.rgb(column - red), 2);
        case noise:
            return decimalText(100 * (read.deviation.array() / read.rgb.array().max(1e-6)).maxCoeff(), 1);
        case clipped:
            return read.clipped > 0 ? decimalText(100 * read.clipped, 1) : QStringLiteral("0");
        default:
            return {};
    }
}

QVariant PatchModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || !reading_) return {};
    const auto row = static_cast<std::size_t>(index.row());
    const PatchReading& read = reading_->patches[row];
    const Patch& known = reading_->chart.patches[row];
    switch (role) {
        case Qt::DisplayRole:
            return text(read, known, index.column());
        case Qt::UserRole:
            return index.column() == colour ? QVariant::fromValue(swatches_[row]) : QVariant();
        case Qt::TextAlignmentRole:
            return int(index.column() <= PatchModel::patch ? Qt::AlignLeft | Qt::AlignVCenter
                                                           : Qt::AlignRight | Qt::AlignVCenter);
        case Qt::FontRole:
            return index.column() <= PatchModel::patch ? look::font(look::Size::small)
                                                       : look::figures(look::Size::small);
        case Qt::ToolTipRole:
            return tr("Reference L* %1, a* %2, b* %3 (D50). Measured over %4 pixels.")
                .arg(decimalText(known.labD50.L, 1))
                .arg(decimalText(known.labD50.a, 1))
                .arg(decimalText(known.labD50.b, 1))
                .arg(read.pixels);
        case Qt::AccessibleTextRole:
            return index.column() == colour ? tr("Reference and reading") : text(read, known, index.column());
        default:
            return {};
    }
}

QVariant PatchModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal) return {};
    static constexpr const char* names[] = {word("Ref | read"), word("Patch"), "R %", "G %", "B %",
                                            word("Noise %"),    word("Clip %")};
    static constexpr const char* hints[] = {
        word("Left: the reference colour. Right: the reading, balanced on the greys."),
        word("Place on the chart and name."),
        word("Linear red, in per cent of the clipping level, before any balance."),
        word("Linear green, in per cent of the clipping level, before any balance."),
        word("Linear blue, in per cent of the clipping level, before any balance."),
        word("Standard deviation of one pixel in the noisiest channel, in per cent of its value."),
        word("Share of the pixels in which a channel is clipped.")};
    if (role == Qt::DisplayRole) return told(names[section]);
    if (role == Qt::ToolTipRole) return told(hints[section]);
    if (role == Qt::TextAlignmentRole)
        return int(section <= patch ? Qt::AlignLeft | Qt::AlignVCenter : Qt::AlignRight | Qt::AlignVCenter);
    if (role == Qt::FontRole) return look::font(look::Size::small);
    return {};
}

}  // namespace refero
