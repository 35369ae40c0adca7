// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/chart/chart.h"
#include "core/plan/shoot.h"
#include "core/result.h"

namespace refero::plan {

/// A camera looking squarely at a plane.
struct View {
    double sensorWidthMm = 36, sensorHeightMm = 24;
    int pixelsWide = 6000, pixelsHigh = 4000;
    double focalLengthMm = 50;
    double distanceM = 2;  ///< from sensor to subject plane
};

/// Size of the image over that of the object, of a thin lens: m / (1 + m)^2 = f / d, where d is the distance
/// from sensor to subject, f (2 + m + 1/m). An error where d is below 4 f, nearer than a thin lens can focus.
Result<double> magnification(double focalLengthMm, double distanceM);

/// The distance from sensor to subject at which the magnification is `m`.
double distanceForMagnification(double focalLengthMm, double m);

/// Width of what is seen in the subject plane, mm.
Result<double> fieldWidthMm(const View& view);
/// The view whose field is that wide; an error where the lens cannot come near enough.
Result<View> viewOfField(View view, double fieldWidthMm);

/// How a chart sits in the middle of the frame, facing the camera.
struct Framing {
    double sharePercent = 0;                 ///< of the frame's area
    double widthShare = 0, heightShare = 0;  ///< of the frame's width and height, 0 to 1 where it fits
    double patchPixels = 0;                  ///< sampled in the smallest patch: the inner 60 % of each side
    double reachPercent = 0;  ///< of the half diagonal to which its corners reach; vignetting bites there
    bool fits = false;        ///< all of it is in the frame
};

struct FramingLimits {
    double idealSharePercent = 10;  ///< common practice: about a tenth, well away from the corners
    double leastSharePercent = 2, mostSharePercent = 60;
    double leastPatchPixels = 400;
    double mostReachPercent = 70;  ///< beyond it a lens of common make darkens visibly
};

Result<Framing> framing(const View& view, const Chart& chart, double scale);

/// One copy at the given view, and where to stand with it.
struct Advice {
    ChartCopyId copy = 0;
    Framing here;
    bool good = false;     ///< within all limits at this distance
    std::string reason{};  ///< one sentence
    std::optional<double>
        betterDistanceM{};  ///< where it covers the ideal share; nothing where the lens cannot
};

struct Recommendation {
    std::vector<Advice> copies;  ///< the best first
    std::string message{};       ///< what to take and where to stand, or that none fits
    bool any = false;            ///< one is good where the camera stands
};

/// What a setup's camera sees: an error where its body, lens or distance is not stated.
Result<View> viewOf(const Setup& setup, const Kit& kit);

/// One chart copy with the definition it is a copy of.
struct Candidate {
    const ChartCopy* copy;
    const Chart* chart;
};

/// The kit's copies of the charts that are known; both must outlive the result.
std::vector<Candidate> candidatesOf(const Kit& kit, const std::vector<Chart>& charts);

Result<Recommendation> recommend(const View& view, const std::vector<Candidate>& candidates,
                                 const FramingLimits& limits = {});

}  // namespace refero::plan
