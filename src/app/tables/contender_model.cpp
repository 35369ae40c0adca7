// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tables/contender_model.h"

#include "app/look/text.h"
#include "app/look/tokens.h"
#include "words/fit_words.h"

namespace refero {

QString inWords(Model model) {
    return text(words::label(model));
}

void ContenderModel::setCorrection(const std::optional<Correction>& correction) {
    beginResetModel();
    rows_ = correction ? correction->considered : std::vector<Contender>{};
    endResetModel();
}

int ContenderModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(rows_.size());
}

int ContenderModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : columns;
}

QString ContenderModel::text(const Contender& c, int column) const {
    const bool can = c.against.empty();
    switch (column) {
        case model:
            return inWords(c.model);
        case fittedTo:
            if (c.model == Model::balance) return tr("greys");
            if (c.forLook) return tr("for looks");
            if (c.training) return told("chart, surfaces");
            return c.objective == Objective::ciede2000 ? told("chart, mean") : told("chart, squares");
        case expected:
            return can ? decimalText(c.expected, 2) : QStringLiteral("–");
        case noise:
            return can ? decimalText(c.chromaGain, 2) : QStringLiteral("–");
        default:
            return {};
    }
}

QVariant ContenderModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid()) return {};
    const Contender& c = rows_[static_cast<std::size_t>(index.row())];
    const bool number = index.column() >= expected;
    const auto weight = index.row() == 0 ? QFont::DemiBold : QFont::Normal;
    switch (role) {
        case Qt::DisplayRole:
            return text(c, index.column());
        case Qt::AccessibleTextRole:
            return index.row() == 0 && index.column() == model ? text(c, model) + told(", taken")
                                                               : text(c, index.column());
        case Qt::ToolTipRole:
            return QString::fromStdString(c.against);
        case Qt::FontRole:
            return number ? look::figures(look::Size::small, weight) : look::font(look::Size::small, weight);
        case Qt::TextAlignmentRole:
            return int((number ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
        default:
            return {};
    }
}

QVariant ContenderModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal) return {};
    static constexpr const char* names[] = {word("Model"), word("Fitted to"), word("Trials"), word("Noise")};
    static constexpr const char* hints[] = {
        word("In bold: the one that was taken."),
        word("Squares or the mean of the differences on the chart; or the chart and 1,500 made-up surfaces."),
        word("Mean CIEDE2000 of patches that the fit did not see, over many ways of leaving some out."),
        word("How many times balance alone's noise in colour.")};
    if (role == Qt::DisplayRole) return told(names[section]);
    if (role == Qt::ToolTipRole) return told(hints[section]);
    if (role == Qt::FontRole) return look::font(look::Size::small);
    if (role == Qt::TextAlignmentRole)
        return int((section >= expected ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
    return {};
}

}  // namespace refero
