// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractListModel>
#include <QStyledItemDelegate>

#include "app/kit/kit_kind.h"

namespace refero {

/// The lines of one kind.
class KitLines : public QAbstractListModel {
    Q_OBJECT
  public:
    enum Role { IdRole = Qt::UserRole + 1, DetailRole };
    using QAbstractListModel::QAbstractListModel;
    void setLines(std::vector<KitKind::Line> lines);
    int rowOf(studio::AnyId id) const;

    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;

  private:
    std::vector<KitKind::Line> lines_;
};

/// A name, and what tells it apart at the right.
class KitLineDelegate : public QStyledItemDelegate {
    Q_OBJECT
  public:
    using QStyledItemDelegate::QStyledItemDelegate;
    static constexpr int kHeight = 26;
    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override;
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override { return {100, kHeight}; }
};

}  // namespace refero
