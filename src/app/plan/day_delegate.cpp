// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plan/day_delegate.h"

#include <QPainter>

#include "app/findings/due_mark.h"
#include "app/look/button.h"
#include "app/look/sided.h"
#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/plan/day_table.h"
#include "app/plan/setup_fields.h"

namespace refero {

int hoursApart(int hours, int width) {
    for (const int step : {1, 2, 3, 4, 6})
        if (width * step / std::max(1, hours) >= 40) return step;
    return 12;
}

DayDelegate::DayDelegate(DayTable& table) : QStyledItemDelegate(&table), table_(table) {}

void DayDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option,
                        const QModelIndex& index) const {
    const auto& c = look::palette();
    painter->save();
    const bool selected = option.state & QStyle::State_Selected,
               hovered = option.state & QStyle::State_MouseOver;
    if (selected || hovered) painter->fillRect(option.rect, selected ? c.raised : c.panel);
    if (selected && index.column() == 0)
        painter->fillRect(
            QStyle::visualRect(option.direction, option.rect,
                               QRect(option.rect.left(), option.rect.top(), 3, option.rect.height())),
            c.loud);
    if (index.column() == DayModel::time) {
        paintTime(*painter, option.rect, index.row(), selected);
    } else {
        const look::Sided sided(*painter, option.rect, option.direction);
        QRect box = option.rect.adjusted(16, 5, -8, -5);
        if (index.column() == DayModel::chart) {
            const auto state = table_.day().rows()[static_cast<std::size_t>(index.row())].state;
            paintDueMark(*painter, sided(QPointF(option.rect.left() + 12, option.rect.top() + 15)), state,
                         c.text);
            box.setLeft(option.rect.left() + 24);
        }
        const auto line = [&](const QString& text, const QFont& font, const QColor& ink, int top) {
            painter->setFont(font);
            painter->setPen(ink);
            painter->drawText(sided(QRect(box.left(), box.top() + top, box.width(), 19)),
                              Qt::AlignLeft | Qt::AlignVCenter,
                              painter->fontMetrics().elidedText(text, Qt::ElideRight, box.width()));
        };
        line(index.data().toString(), look::figures(look::Size::body, QFont::Medium),
             selected ? c.loud : c.text, 0);
        // Whole, over two lines where it is long.
        painter->setFont(look::font(look::Size::small));
        painter->setPen(c.quiet);
        painter->drawText(sided(QRect(box.left(), box.top() + 20, box.width(), box.height() - 20)),
                          Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
                          index.data(DayModel::SecondLineRole).toString());
    }
    painter->restore();
}

void DayDelegate::paintTime(QPainter& p, const QRect& cell, int row, bool selected) const {
    const auto& c = look::palette();
    const DayAxis& axis = table_.day().axis();
    const QRect column = table_.timeColumn();
    const auto x = [&](int minutes) { return column.left() + axis.shareOf(minutes) * column.width(); };
    p.setPen(QPen(c.line, 1));
    const int step = 60 * hoursApart((axis.to - axis.from) / 60, column.width());
    for (int m = axis.from; m <= axis.to; m += step)
        p.drawLine(QPointF(x(m), cell.top()), QPointF(x(m), cell.bottom()));
    p.setRenderHint(QPainter::Antialiasing);
    const DayRow& r = table_.day().rows()[static_cast<std::size_t>(row)];
    const auto [start, end] = table_.spanOf(row);
    const double middle = cell.top() + 17;
    if (start) {
        const QRectF bar(x(*start), middle - 7, std::max(4.0, x(end.value_or(*start + 30)) - x(*start)), 14);
        p.setPen(Qt::NoPen);
        p.setBrush(selected ? c.quiet : c.line);
        p.drawRoundedRect(bar, look::kRadius, look::kRadius);
    } else {
        p.setPen(c.quiet);
        p.setFont(look::font(look::Size::small));
        // Below the mark of a shot, where there is one.
        p.drawText(QRect(column.left(), cell.top() + (r.shot ? 28 : 8), column.width(), 18), Qt::AlignCenter,
                   tr("No time yet: draw one here"));
    }
    // As long as a chart shot under moving light holds.
    if (r.shot && r.until) {
        p.setPen(QPen(c.text, 1.5, Qt::DotLine));
        const double y = cell.top() + 33;
        p.drawLine(QPointF(x(*r.shot), y), QPointF(std::min(x(*r.until), column.right() + 6.0), y));
        p.setPen(QPen(c.text, 1.5));
        if (*r.until <= axis.to) p.drawLine(QPointF(x(*r.until), y - 4), QPointF(x(*r.until), y + 4));
    }
    if (r.shot)
        paintDueMark(p, QPointF(x(*r.shot), r.until ? cell.top() + 33 : middle), r.state,
                     selected ? c.loud : c.text);
    if (start && (r.until ? false : true)) {
        const QString time =
            end ? told("%1 to %2").arg(clockText(*start), clockText(*end)) : clockText(*start);
        p.setPen(c.quiet);
        p.setFont(look::figures(look::Size::small));
        const int wide = p.fontMetrics().horizontalAdvance(time);
        const double left = std::clamp(x(*start), double(column.left()),
                                       std::max(double(column.left()), double(column.right() - wide)));
        p.drawText(QPointF(left, cell.top() + 40), time);
    }
}

DayHeader::DayHeader(DayTable& table) : QHeaderView(Qt::Horizontal, &table), table_(table) {}

void DayHeader::paintSection(QPainter* p, const QRect& rect, int section) const {
    const auto& c = look::palette();
    p->save();
    p->fillRect(rect, c.ground);
    p->setPen(c.quiet);
    p->setFont(look::figures(look::Size::small));
    if (section != DayModel::time) {
        const look::Sided sided(*p, rect, layoutDirection());
        p->drawText(sided(rect.adjusted(section == 0 ? 16 : 24, 0, -4, 0)), Qt::AlignLeft | Qt::AlignVCenter,
                    table_.day().headerData(section, Qt::Horizontal, Qt::DisplayRole).toString());
    } else {
        const DayAxis& axis = table_.day().axis();
        const QRect column = table_.timeColumn();
        const int step = 60 * hoursApart((axis.to - axis.from) / 60, column.width());
        for (int m = axis.from; m <= axis.to; m += step) {
            const int x = column.left() + int(axis.shareOf(m) * column.width());
            p->drawText(QRect(x - 24, rect.top(), 48, rect.height()), Qt::AlignCenter, clockText(m));
        }
    }
    p->restore();
}

}  // namespace refero
