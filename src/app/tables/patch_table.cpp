// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tables/patch_table.h"

#include <QApplication>
#include <QClipboard>
#include <QKeyEvent>

namespace refero {

PatchTable::PatchTable(QWidget* parent) : RowTable(parent), model_(this) {
    setObjectName(QStringLiteral("patchTable"));
    setAccessibleName(tr("Patches as read"));
    setModel(&model_);
    setCompact(false);
}

void PatchTable::setCompact(bool compact) {
    setColumnHidden(PatchModel::noise, compact);
    setColumnHidden(PatchModel::clipped, compact);
    setWidths({68, 0, 50, 50, 50, 58, 46});
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
    if (event->key() == Qt::Key_L && event->modifiers() == Qt::NoModifier && currentIndex().isValid())
        emit leaveOutWanted(currentIndex().row());
    else
        RowTable::keyPressEvent(event);
}

void PatchTable::currentChanged(const QModelIndex& current, const QModelIndex& previous) {
    RowTable::currentChanged(current, previous);
    emit patchChosen(current.isValid() ? current.row() : -1);
}

}  // namespace refero
