// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tables/row_delegate.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include "app/look/tokens.h"
#include "app/tables/patch_model.h"

namespace refero {
namespace {

constexpr int kSide = 6, kAbove = 4, kCheckRoom = 28, kCheckSide = 12;

void paintCheck(QPainter& painter, const QRect& row, bool checked) {
    const QPen ink = painter.pen();
    const QRect box(row.left() + 9, row.center().y() - kCheckSide / 2, kCheckSide, kCheckSide);
    painter.setPen(QPen(ink.color(), 1));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(box);
    if (checked) {
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(QPen(ink.color(), 2));
        painter.drawPolyline(QPolygon(
            {box.topLeft() + QPoint(3, 6), box.topLeft() + QPoint(5, 9), box.topLeft() + QPoint(10, 3)}));
    }
    painter.setPen(ink);
}

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
        const QVariant ink = index.data(Qt::ForegroundRole);
        painter->setPen(selected ? c.loud : ink.canConvert<QColor>() ? ink.value<QColor>() : c.text);
        painter->setFont(index.data(Qt::FontRole).value<QFont>());
        QRect box = option.rect.adjusted(kSide, 0, -kSide, 0);
        const QVariant checked = index.data(Qt::CheckStateRole);
        if (checked.isValid()) {
            paintCheck(*painter, option.rect, checked.toInt() == Qt::Checked);
            box.setLeft(option.rect.left() + kCheckRoom);
        }
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

// A click anywhere on the mark, or the space bar, changes it.
bool RowDelegate::editorEvent(QEvent* event, QAbstractItemModel* model, const QStyleOptionViewItem& option,
                              const QModelIndex& index) {
    const QVariant now = index.data(Qt::CheckStateRole);
    if (!now.isValid() || !(index.flags() & Qt::ItemIsUserCheckable)) return false;
    bool change = false;
    if (event->type() == QEvent::MouseButtonRelease)
        change = static_cast<QMouseEvent*>(event)->position().x() < option.rect.left() + kCheckRoom;
    if (event->type() == QEvent::KeyPress) change = static_cast<QKeyEvent*>(event)->key() == Qt::Key_Space;
    return change && model->setData(index, now.toInt() == Qt::Checked ? Qt::Unchecked : Qt::Checked,
                                    Qt::CheckStateRole);
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
