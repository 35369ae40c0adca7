// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPainter>
#include <QRectF>

namespace refero {

/// The frame of a plot: maps data to the widget, draws grid lines and their numbers.
struct PlotArea {
    QRectF area;  ///< within the widget
    double left = 0, right = 1, bottom = 0, top = 1;

    QPointF at(double x, double y) const;
    void paintGrid(QPainter& painter, const QList<double>& xs, const QList<double>& ys, const QString& xName,
                   const QString& yName, const QString& xUnit = {}, const QString& yUnit = {}) const;
};

/// A small filled marker: 0 square, 1 circle, 2 triangle.
void paintMarker(QPainter& painter, const QPointF& at, int shape, double radius);

}  // namespace refero
