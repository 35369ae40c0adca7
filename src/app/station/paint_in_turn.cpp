// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/station/paint_in_turn.h"

#include <QTimer>
#include <QWidget>

namespace refero {

void paintInTurn(QWidget& widget) {
    if (!widget.updatesEnabled()) return;  // asked for before, or held back by what it lies in
    widget.setUpdatesEnabled(false);
    // A timer that is due at once would come before what the rest of the window paints.
    QTimer::singleShot(1, Qt::PreciseTimer, &widget, [&widget] { widget.setUpdatesEnabled(true); });
}

}  // namespace refero
