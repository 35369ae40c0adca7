// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPainter>
#include <QStyle>

namespace refero::look {

/// Places within `whole` as they are thought from left to right, put where they belong for those who read the
/// other way; the painter's alignment of text follows.
class Sided {
  public:
    Sided(QPainter& painter, const QRect& whole, Qt::LayoutDirection direction)
        : whole_(whole), direction_(direction) {
        painter.setLayoutDirection(direction);
    }
    QRect operator()(const QRect& place) const { return QStyle::visualRect(direction_, whole_, place); }
    QPointF operator()(const QPointF& place) const {
        return direction_ == Qt::LeftToRight
                   ? place
                   : QPointF(whole_.left() + whole_.right() + 1 - place.x(), place.y());
    }

  private:
    QRect whole_;
    Qt::LayoutDirection direction_;
};

}  // namespace refero::look
