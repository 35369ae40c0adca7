// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QImage>
#include <QRectF>

class QPainter;

namespace refero {

/// Draws all of `image` into `target`, as QPainter::drawImage does, in the calling thread alone. Qt's own way
/// divides a large picture among the threads of its global pool and waits for them, behind whatever scaling
/// background jobs have given to that pool: the window would stand still for as long.
void drawScaled(QPainter& painter, const QRectF& target, const QImage& image);

}  // namespace refero
