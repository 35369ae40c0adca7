// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "core/chart/chart.h"
#include "core/frame/image.h"

namespace refero {

/// A place on the chart's ground, between the patches.
struct BackgroundSample {
    Point mm;          ///< on the chart
    Vector3 rgb;       ///< median, linear
    double noise = 0;  ///< standard error of green
};

/// The ground wherever the gaps are wide enough to be seen past the blur of the patches' edges (their 10 to
/// 90 % rise in pixels). Empty for charts without gaps and for small ones.
std::vector<BackgroundSample> measureBackground(const LinearImage& frame, const Chart& chart,
                                                const Homography& chartToFrame, double edgeWidthPixels);

}  // namespace refero
