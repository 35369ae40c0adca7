// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPointF>
#include <QRect>
#include <optional>

#include "core/colour/xyz.h"
#include "core/frame/geometry.h"
#include "core/frame/image.h"

class QPainter;

namespace refero {

/// What a loupe is held over.
struct LoupeSubject {
    Point place;                 ///< in frame pixels
    int span = 21;               ///< frame pixels across
    std::optional<Quad> around;  ///< drawn in it, such as a sampling area
};

/// The frame's own pixels around a place, balanced, and lifted so that dark ones can be told apart; in the
/// corner of the view that is farthest from `seenAt`, where the place is in the view.
void paintLoupe(QPainter& painter, const QRect& view, const LinearImage& image, const Vector3& gains,
                const LoupeSubject& subject, const QPointF& seenAt);

}  // namespace refero
