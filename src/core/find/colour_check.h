// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/chart/chart.h"
#include "core/frame/image.h"

namespace refero::detail {

/// How well the colours under a placement agree with the chart's, under whatever cast: a 3x3 from the frame
/// to XYZ is fitted, dark patches counting as much as light ones.
struct ColourCheck {
    double plain = 0;     ///< share of the variance explained over all patches in the frame, 0..1
    double robust = 0;    ///< the same over the three quarters that agree best, a shadow's edge allowed for
    double agreeing = 0;  ///< share of the chart's patches that follow the robust fit
};

/// The least: all patches, nothing allowed for.
double plainAgreement(const LinearImage& frame, const Chart& chart, const Homography& chartToFrame);

/// All of it: fingers and dirt (a quarter of the patches) and one shadow edge do not count against a
/// placement.
/// `exponent` is applied to the means first: what is read by a wrong curve is still to be recognised.
ColourCheck colourCheck(const LinearImage& frame, const Chart& chart, const Homography& chartToFrame,
                        double exponent = 1);

}  // namespace refero::detail
