// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

class QWidget;

namespace refero {

/// Paints a widget anew in an event of its own, after what is waiting now: a window that changes as a whole
/// hears its person between its parts. Until then it keeps the look that it has.
void paintInTurn(QWidget& widget);

}  // namespace refero
