// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/colour/transfer.h"
#include "core/read/reading.h"

namespace refero {

/// A grey of a chart shot on the camera's characteristic curve: ISO 14524's opto-electronic conversion
/// function, told by a chart in a series of exposures.
struct CurvePoint {
    double stops = 0;       ///< light of the scene from mid-grey (Y 0.18) at the series' step 0
    Vector3 code{0, 0, 0};  ///< stored numbers, 0..1, balanced so that the lightest greys are equal
    double error = 0;       ///< standard error of the mean of the three
    bool clipped = false;   ///< a channel is
    std::size_t shot = 0;   ///< of those given
};

/// One shot of a profile and the exposure that it got, stops.
struct ExposedReading {
    const Reading* reading = nullptr;
    double stops = 0;
};
/// The greys of all of them, darkest first. Greys that were left out by hand are not there.
std::vector<CurvePoint> characteristicCurve(std::span<const ExposedReading> shots);

/// A stated curve laid over the measured one.
struct CurveFit {
    std::string curve;       ///< its name
    double offset = 0;       ///< stops by which the camera records more light than the curve says, at step 0
    double offsetError = 0;  ///< standard error
    double missed = 0;       ///< root mean square of what is left between the two, codes of 1023
};
/// Nothing for curves without a level of their own (see nominalWhite), or fewer than three usable points.
std::optional<CurveFit> curveFit(std::span<const CurvePoint> points, const Transfer& curve);

}  // namespace refero
