// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tables/row_table.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QHeaderView>
#include <QKeyEvent>
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
    horizontalHeader()->setSectionResizeMode(QHeaderView::Interactive);
    horizontalHeader()->setMinimumSectionSize(24);
}

void RowTable::setWidths(std::initializer_list<int> widths) {
    constexpr int kBesideHead = 12;
    int column = 0;
    for (const int width : widths) {
        if (width > 0) {
            // A head is whole in every language.
            const QString head = model() ? model()->headerData(column, Qt::Horizontal).toString() : QString();
            setColumnWidth(column, std::max(width, horizontalHeader()->fontMetrics().horizontalAdvance(head) +
                                                       kBesideHead));
        } else {
            horizontalHeader()->setSectionResizeMode(column, QHeaderView::Stretch);
        }
        ++column;
    }
}

void RowTable::keyPressEvent(QKeyEvent* event) {
    if (!event->matches(QKeySequence::Copy) || !model()) return QTableView::keyPressEvent(event);
    QGuiApplication::clipboard()->setText(asText());
}

QString RowTable::asText() const {
    QStringList lines;
    const auto line = [&](auto cell) {
        QStringList cells;
        for (int column = 0; column < model()->columnCount(); ++column)
            if (!isColumnHidden(column)) cells << cell(column).toString();
        lines << cells.join(QLatin1Char('\t'));
    };
    line([&](int column) { return model()->headerData(column, Qt::Horizontal); });
    const QModelIndex chosen = currentIndex();
    for (int row = 0; row < model()->rowCount(); ++row)
        if (!chosen.isValid() || chosen.row() == row)
            line([&](int column) { return model()->index(row, column).data(); });
    return lines.join(QLatin1Char('\n'));
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
