// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QColor>
#include <QPointF>

#include "core/plan/due.h"

class QPainter;

namespace refero {

/// How far a setup is with its chart, by shape: a ring is to come, a disc is done, a crossed square is
/// missing, a disc cut in half no longer holds.
void paintDueMark(QPainter& painter, const QPointF& centre, plan::DueState state, const QColor& ink);

}  // namespace refero
