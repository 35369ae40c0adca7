// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tables/row_table.h"

#include <QHeaderView>
#include <algorithm>

#include "app/tables/row_delegate.h"

namespace refero {

RowTable::RowTable(QWidget* parent) : QTableView(parent) {
    setItemDelegate(new RowDelegate(this));
    setShowGrid(false);
    setSelectionBehavior(SelectRows);
    setSelectionMode(SingleSelection);
    setFrameShape(QFrame::NoFrame);
    setTabKeyNavigation(false);
    setMouseTracking(true);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    verticalHeader()->hide();
    verticalHeader()->setDefaultSectionSize(24);
    horizontalHeader()->setHighlightSections(false);
    horizontalHeader()->setSectionResizeMode(QHeaderView::Fixed);
}

void RowTable::setWidths(std::initializer_list<int> widths) {
    int column = 0;
    for (const int width : widths) {
        if (width > 0) {
            setColumnWidth(column, width);
        } else {
            horizontalHeader()->setSectionResizeMode(column, QHeaderView::Stretch);
        }
        ++column;
    }
}

void RowTable::showWhole() {
    setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    connect(model(), &QAbstractItemModel::modelReset, this, &RowTable::fitRows);
    connect(model(), &QAbstractItemModel::dataChanged, this, &RowTable::fitRows);
    // The header is not done yet when it tells.
    connect(horizontalHeader(), &QHeaderView::sectionResized, this, &RowTable::fitRows, Qt::QueuedConnection);
    fitRows();
}

void RowTable::fitRows() {
    int all = horizontalHeader()->sizeHint().height() + 2 * frameWidth();
    for (int row = 0; row < model()->rowCount(); ++row) {
        int height = verticalHeader()->defaultSectionSize();
        for (int column = 0; column < model()->columnCount(); ++column)
            height = std::max(height,
                              RowDelegate::wrappedHeight(model()->index(row, column), columnWidth(column)));
        setRowHeight(row, height);
        all += height;
    }
    setFixedHeight(all);
}

}  // namespace refero
