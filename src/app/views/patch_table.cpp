// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/views/patch_table.h"

#include <QApplication>
#include <QClipboard>
#include <QHeaderView>
#include <QKeyEvent>

#include "app/views/row_delegate.h"

namespace refero {

PatchTable::PatchTable(QWidget* parent) : QTableView(parent), model_(this) {
    setObjectName(QStringLiteral("patchTable"));
    setAccessibleName(QStringLiteral("Patches as read"));
    setModel(&model_);
    setItemDelegate(new RowDelegate(this));
    setShowGrid(false);
    setSelectionBehavior(SelectRows);
    setSelectionMode(SingleSelection);
    setFrameShape(QFrame::NoFrame);
    setTabKeyNavigation(false);
    setMouseTracking(true);
    verticalHeader()->hide();
    verticalHeader()->setDefaultSectionSize(24);
    horizontalHeader()->setHighlightSections(false);
    horizontalHeader()->setSectionResizeMode(QHeaderView::Fixed);
    const int widths[] = {60, 0, 46, 46, 46, 54, 44};
    for (int i = 0; i < PatchModel::columns; ++i) {
        if (widths[i]) setColumnWidth(i, widths[i]);
    }
    horizontalHeader()->setSectionResizeMode(PatchModel::patch, QHeaderView::Stretch);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
}

QString PatchTable::asText() const {
    QString out;
    for (int row = -1; row < model_.rowCount(); ++row) {
        for (int column = PatchModel::patch; column < PatchModel::columns; ++column) {
            if (column > PatchModel::patch) out += QLatin1Char('\t');
            out += row < 0 ? model_.headerData(column, Qt::Horizontal, Qt::DisplayRole).toString()
                           : model_.index(row, column).data().toString();
        }
        out += QLatin1Char('\n');
    }
    return out;
}

void PatchTable::keyPressEvent(QKeyEvent* event) {
    if (event->matches(QKeySequence::Copy)) return QApplication::clipboard()->setText(asText());
    QTableView::keyPressEvent(event);
}

void PatchTable::currentChanged(const QModelIndex& current, const QModelIndex& previous) {
    QTableView::currentChanged(current, previous);
    emit patchChosen(current.isValid() ? current.row() : -1);
}

}  // namespace refero
