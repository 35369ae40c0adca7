// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPainterPath>
#include <QPolygonF>
#include <vector>

#include "core/read/reading.h"

namespace refero {

/// How a finding's evidence is drawn, so that several on one frame are told apart by pattern.
enum class EvidenceMark {
    bracketed,  ///< corners alone: what a figure was taken from
    crossed,    ///< both diagonals: something lies there
    hatched,    ///< slanted lines: in a shadow
    ringed,     ///< a ring with rays: a lamp is mirrored
    barred,     ///< level bars: at the top of the scale, or buried
};

/// Of a finding, by its id.
EvidenceMark markOf(const std::string& checkId);

struct MarkedEvidence {
    EvidenceMark mark = EvidenceMark::bracketed;
    Evidence evidence;
};

/// In a patch's four corners, from its upper left one, clockwise.
QPainterPath patternIn(const QPolygonF& patch, EvidenceMark mark);
/// Whether its lines are broken: a shadow's edge is, other lines are whole.
bool isBroken(EvidenceMark mark);

}  // namespace refero
