// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>

#include "core/colour/xyz.h"
#include "core/frame/geometry.h"
#include "core/frame/image.h"

namespace refero {

/// A plain card in a frame.
struct FoundCard {
    Quad corners{};        ///< pixels, in no stated order round the card
    Vector3 rgb{0, 0, 0};  ///< linear, robust mean of its inner part
    double spread = 0;     ///< deviation over its area, as a share of the mean
    double areaShare = 0;  ///< of the frame
    double certainty = 0;  ///< 0..1
};

/// Looks for a card of one even grey: four straight sides, as even as light falls on a flat card, set off
/// from what lies around it, and in colour like the frame's other greys: nothing of the sort where the frame
/// is all of one colour. What colour it has on paper cannot be seen: that it is grey is a judgement from the
/// frame's mean cast, which is why it is marked and never used by itself.
std::optional<FoundCard> findGreyCard(const LinearImage& frame);

}  // namespace refero
