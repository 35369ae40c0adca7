// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QHeaderView>
#include <QStyledItemDelegate>

namespace refero {

class DayTable;

/// Two lines of text, and in the time column the setup's bar, its chart shot and how long that holds.
class DayDelegate : public QStyledItemDelegate {
    Q_OBJECT
  public:
    explicit DayDelegate(DayTable& table);
    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override;

  private:
    void paintTime(QPainter& painter, const QRect& cell, int row, bool selected) const;
    DayTable& table_;
};

/// The hours over the time column.
class DayHeader : public QHeaderView {
    Q_OBJECT
  public:
    explicit DayHeader(DayTable& table);

  protected:
    void paintSection(QPainter* painter, const QRect& rect, int section) const override;

  private:
    DayTable& table_;
};

/// Hours between those that are written, for a column of that width.
int hoursApart(int hours, int width);

}  // namespace refero
