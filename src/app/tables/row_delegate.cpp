// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tables/row_delegate.h"

#include <QPainter>

#include "app/look/tokens.h"
#include "app/tables/patch_model.h"

namespace refero {
namespace {

constexpr int kSide = 6, kAbove = 4;

}  // namespace

void RowDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option,
                        const QModelIndex& index) const {
    const auto& c = look::palette();
    painter->save();
    const bool selected = option.state & QStyle::State_Selected,
               hovered = option.state & QStyle::State_MouseOver;
    if (selected || hovered) painter->fillRect(option.rect, selected ? c.line : c.raised);
    if (selected && index.column() == 0)
        painter->fillRect(QRect(option.rect.left(), option.rect.top(), 3, option.rect.height()), c.loud);
    const QVariant swatch = index.data(Qt::UserRole);
    if (swatch.canConvert<PatchModel::Swatch>()) {
        const auto s = swatch.value<PatchModel::Swatch>();
        const QRect box = option.rect.adjusted(8, 3, -4, -3);
        painter->fillRect(QRect(box.left(), box.top(), box.width() / 2, box.height()), s.reference);
        painter->fillRect(
            QRect(box.left() + box.width() / 2, box.top(), box.width() - box.width() / 2, box.height()),
            s.read);
    } else {
        painter->setPen(selected ? c.loud : c.text);
        painter->setFont(index.data(Qt::FontRole).value<QFont>());
        const QRect box = option.rect.adjusted(kSide, 0, -kSide, 0);
        const QString text = index.data(Qt::DisplayRole).toString();
        const int alignment = index.data(Qt::TextAlignmentRole).toInt();
        if (painter->fontMetrics().horizontalAdvance(text) > box.width() &&
            wrappedHeight(index, option.rect.width()) <= option.rect.height())
            painter->drawText(box, alignment | Qt::TextWordWrap, text);
        else
            painter->drawText(box, alignment,
                              painter->fontMetrics().elidedText(text, Qt::ElideRight, box.width()));
    }
    painter->restore();
}

QSize RowDelegate::sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const {
    return {40, 24};
}

int RowDelegate::wrappedHeight(const QModelIndex& index, int width) {
    constexpr int kAnyHeight = 10'000;
    const QFontMetrics metrics(index.data(Qt::FontRole).value<QFont>());
    return metrics
               .boundingRect(QRect(0, 0, width - 2 * kSide, kAnyHeight), Qt::TextWordWrap,
                             index.data(Qt::DisplayRole).toString())
               .height() +
           2 * kAbove;
}

}  // namespace refero
