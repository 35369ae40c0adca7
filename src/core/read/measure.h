// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "core/chart/chart.h"
#include "core/frame/image.h"
#include "core/frame/mosaic.h"
#include "core/read/reading.h"

namespace refero {

struct MeasureOptions {
    double inset = 0.60;           ///< share of each side of a patch that is measured, 0..1
    double clippingLevel = 0.995;  ///< a channel at or above it counts as clipped
};

/// Every patch: pixels whose centres lie in the inset area; those more than three robust standard deviations
/// from the median in any channel (specks, scratches, glints) are left out of mean and deviation. Patches are
/// measured in parallel. A patch of fewer than one pixel takes the nearest one.
std::vector<PatchReading> measure(const LinearImage& frame, const Chart& chart,
                                  const Homography& chartToFrame, const MeasureOptions& options = {});

/// The same from a sensor's own values: each channel from its own sites alone, so that nothing is
/// interpolated. `pixels` counts the sites of the channel that has fewest.
std::vector<PatchReading> measure(const Mosaic& sensor, const Chart& chart, const Homography& chartToFrame,
                                  const MeasureOptions& options = {});

}  // namespace refero
