// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>

#include "core/chart/chart.h"
#include "core/frame/image.h"

namespace refero {

/// How wide the edges of patches are, as 10 to 90 % rises in pixels: contrast over the steepest slope, times
/// 2.563 / sqrt(2 pi), which is exact for a Gaussian and within 3 % for an even movement.
struct Sharpness {
    double widthPixels = 0;         ///< median over all sides with contrast; 0 where there are too few
    double acrossPixels = 0;        ///< of the chart's upright sides
    double downPixels = 0;          ///< of its level sides
    double movementDegrees = 0;     ///< in the frame, clockwise from right: across the wider sides
    double smallestSidePixels = 0;  ///< of any patch
    std::size_t sides = 0;          ///< measured
};

Sharpness sharpness(const LinearImage& frame, const Chart& chart, const Homography& chartToFrame);

/// One direction's edges are so much wider than the other's that it is movement and not focus.
bool looksMoved(const Sharpness& s);

}  // namespace refero
