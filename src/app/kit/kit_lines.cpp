// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/kit/kit_lines.h"

#include <QPainter>

#include "app/look/button.h"
#include "app/look/sided.h"
#include "app/look/tokens.h"

namespace refero {

void KitLines::setLines(std::vector<KitKind::Line> lines) {
    if (lines == lines_) return;
    const bool same = lines.size() == lines_.size() &&
                      std::equal(lines.begin(), lines.end(), lines_.begin(),
                                 [](const auto& a, const auto& b) { return a.id == b.id; });
    if (!same) beginResetModel();
    lines_ = std::move(lines);
    if (!same) return endResetModel();
    emit dataChanged(index(0), index(rowCount() - 1));
}

int KitLines::rowOf(studio::AnyId id) const {
    for (std::size_t i = 0; i < lines_.size(); ++i)
        if (lines_[i].id == id) return static_cast<int>(i);
    return -1;
}

int KitLines::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(lines_.size());
}

QVariant KitLines::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const KitKind::Line& l = lines_[static_cast<std::size_t>(index.row())];
    if (role == Qt::DisplayRole) return l.label;
    if (role == DetailRole) return l.detail;
    if (role == IdRole) return QVariant::fromValue(l.id);
    if (role == Qt::AccessibleTextRole) return l.label + QStringLiteral(", ") + l.detail;
    return {};
}

void KitLineDelegate::paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const {
    const auto& c = look::palette();
    p->save();
    const look::Sided sided(*p, option.rect, option.direction);
    const bool selected = option.state & QStyle::State_Selected;
    if (selected || option.state & QStyle::State_MouseOver)
        p->fillRect(option.rect, selected ? c.raised : c.panel);
    if (selected)
        p->fillRect(sided(QRect(option.rect.left(), option.rect.top(), 3, option.rect.height())), c.loud);
    const QRect box = sided(option.rect.adjusted(16, 0, -12, 0));
    const QString label = index.data().toString(), detail = index.data(KitLines::DetailRole).toString();
    p->setFont(look::figures(look::Size::small));
    const int wide = std::min(p->fontMetrics().horizontalAdvance(detail), box.width() / 2);
    p->setPen(c.quiet);
    p->drawText(box, Qt::AlignRight | Qt::AlignVCenter,
                p->fontMetrics().elidedText(detail, Qt::ElideRight, wide + 1));
    p->setFont(look::font(look::Size::body, QFont::Medium));
    p->setPen(selected ? c.loud : c.text);
    p->drawText(box, Qt::AlignLeft | Qt::AlignVCenter,
                p->fontMetrics().elidedText(label, Qt::ElideRight, box.width() - wide - 12));
    if (option.state & QStyle::State_HasFocus) look::paintFocusRing(*p, option.rect);
    p->restore();
}

}  // namespace refero
