// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/ledger/ledger_delegate.h"

#include <QPainter>

#include "app/findings/due_mark.h"
#include "app/ledger/ledger_model.h"
#include "app/look/button.h"
#include "app/look/sided.h"
#include "app/look/tokens.h"

namespace refero {
namespace {

constexpr int kRow = 66, kHeading = 34;

// A short row of marks: the chart's own, filled for what is done, a ring for what comes next, a dot for
// later.
void paintMarks(QPainter& painter, const look::Sided& sided, QPointF from, int done, plan::DueState state) {
    const auto& c = look::palette();
    const bool special = state == plan::DueState::missing || state == plan::DueState::stale;
    for (int i = 0; i < 4; ++i, from += QPointF(13, 0)) {
        const QPointF at = sided(from);
        if (i == 0 && special) {
            paintDueMark(painter, at, state, c.text);
        } else if (i < done) {
            painter.setPen(Qt::NoPen);
            painter.setBrush(c.text);
            painter.drawEllipse(at, 4, 4);
        } else if (i == done) {
            painter.setPen(QPen(c.text, 1.5));
            painter.setBrush(Qt::NoBrush);
            painter.drawEllipse(at, 3.5, 3.5);
        } else {
            painter.setPen(Qt::NoPen);
            painter.setBrush(c.quiet);
            painter.drawEllipse(at, 1.5, 1.5);
        }
    }
}

}  // namespace

QSize LedgerDelegate::sizeHint(const QStyleOptionViewItem&, const QModelIndex& index) const {
    const bool heading = !index.data(LedgerModel::PlaceRole).toString().isEmpty();
    return {100, kRow + (heading ? kHeading : 0)};
}

void LedgerDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option,
                           const QModelIndex& index) const {
    const auto& c = look::palette();
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    QRect row = option.rect;
    const look::Sided sided(*painter, row, option.direction);
    const QString place = index.data(LedgerModel::PlaceRole).toString();
    if (!place.isEmpty()) {
        painter->setPen(c.quiet);
        painter->setFont(look::font(look::Size::small, QFont::Medium));
        painter->drawText(sided(QRect(row.left() + 16, row.top() + 12, row.width() - 24, 18)),
                          Qt::AlignLeft | Qt::AlignVCenter,
                          painter->fontMetrics().elidedText(place, Qt::ElideRight, row.width() - 32));
        row.setTop(row.top() + kHeading);
    }
    const bool selected = option.state & QStyle::State_Selected;
    if (selected || option.state & QStyle::State_MouseOver)
        painter->fillRect(row, selected ? c.raised : c.panel.lighter(108));
    if (selected) painter->fillRect(sided(QRect(row.left(), row.top(), 3, row.height())), c.loud);
    const int x = row.left() + 16, w = row.width() - 28;
    painter->setPen(selected ? c.loud : c.text);
    painter->setFont(look::font(look::Size::body, QFont::DemiBold));
    painter->drawText(
        sided(QRect(x, row.top() + 6, w, 18)), Qt::AlignLeft | Qt::AlignVCenter,
        painter->fontMetrics().elidedText(index.data(LedgerModel::LightRole).toString(), Qt::ElideRight, w));
    painter->setPen(c.quiet);
    painter->setFont(look::font(look::Size::small));
    painter->drawText(
        sided(QRect(x, row.top() + 24, w, 17)), Qt::AlignLeft | Qt::AlignVCenter,
        painter->fontMetrics().elidedText(index.data(LedgerModel::KitRole).toString(), Qt::ElideRight, w));
    paintMarks(*painter, sided, QPointF(x + 4, row.top() + 52), index.data(LedgerModel::StepsRole).toInt(),
               static_cast<plan::DueState>(index.data(LedgerModel::StateRole).toInt()));
    painter->setPen(c.text);
    // Where there is no room for both, the mark says what is due and the words say why.
    QString due = index.data(LedgerModel::DueRole).toString();
    const auto colon = due.indexOf(QLatin1String(": "));
    if (colon > 0 && painter->fontMetrics().horizontalAdvance(due) > w - 58) {
        due.remove(0, colon + 2);
        due[0] = due[0].toUpper();
    }
    painter->drawText(sided(QRect(x + 58, row.top() + 43, w - 58, 18)), Qt::AlignLeft | Qt::AlignVCenter,
                      painter->fontMetrics().elidedText(due, Qt::ElideRight, w - 58));
    if (option.state & QStyle::State_HasFocus) look::paintFocusRing(*painter, row);
    painter->restore();
}

}  // namespace refero
