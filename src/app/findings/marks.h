// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPainterPath>
#include <QPointF>

#include "core/frame/geometry.h"

class QPainter;

namespace refero {

inline QPointF qt(const Point& p) {
    return {p.x(), p.y()};
}

/// A black and a white line beside each other: one of them shows on every colour.
void doubleLine(QPainter& painter, const QPainterPath& path, double width,
                Qt::PenStyle style = Qt::SolidLine);

}  // namespace refero
