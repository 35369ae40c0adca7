// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/findings/marks.h"

#include <QPainter>
#include <vector>

namespace refero {

namespace {

// None where a part of it is curved.
std::vector<QLineF> straightParts(const QPainterPath& path) {
    std::vector<QLineF> lines;
    lines.reserve(static_cast<std::size_t>(path.elementCount()));
    QPointF at;
    for (int i = 0; i < path.elementCount(); ++i) {
        const QPainterPath::Element e = path.elementAt(i);
        if (e.type == QPainterPath::LineToElement)
            lines.emplace_back(at, e);
        else if (e.type != QPainterPath::MoveToElement)
            return {};
        at = e;
    }
    return lines;
}

}  // namespace

void doubleLine(QPainter& painter, const QPainterPath& path, double width, Qt::PenStyle style) {
    // Line by line Qt takes a fifth of the time that stroking a path takes it.
    const std::vector<QLineF> lines = straightParts(path);
    const auto stroke = [&](const QPen& pen) {
        painter.setPen(pen);
        if (lines.empty())
            painter.drawPath(path);
        else
            painter.drawLines(lines.data(), static_cast<int>(lines.size()));
    };
    painter.setBrush(Qt::NoBrush);
    stroke(QPen(Qt::black, width + 2, Qt::SolidLine, Qt::SquareCap));
    stroke(QPen(Qt::white, width, style, Qt::SquareCap));
}

}  // namespace refero
