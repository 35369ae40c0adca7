// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <string_view>

#include "core/chart/chart.h"
#include "sim/scene.h"

namespace refero::sim {

/// A frame of a survey: what is shot, and with which chart. The same seed gives the same frame everywhere.
struct SurveyShot {
    Shot shot;
    Chart chart;
    bool usual = true;  ///< whole, at least 2 % of the frame and at most 35 degrees of tilt
};

/// Anything that finding has to cope with: 1 to 80 % of the frame, any turn, up to 45 degrees of tilt, charts
/// with and without gaps, dark and light surrounds, every set and light, uneven light, vignetting, glare,
/// blur, noise, mild distortion, dirt, a finger, a second chart of another kind. The whole chart is in it.
SurveyShot findingShot(unsigned seed);

/// More than anybody should ask for, so that finding goes wrong often enough to tell what its confidence is
/// worth: tiny, dark, noisy and blurred charts at up to 65 degrees, under several fingers and shadows.
SurveyShot desperateShot(unsigned seed);

/// A frame without a chart, most of them with things that look like one.
Shot chartlessShot(unsigned seed);

/// Mistakes that people make with a chart (each is a check of the same id, but for the few that are told by
/// finding it).
enum class Fault {
    overexposed,
    underexposed,
    oneChannelClipped,
    blackBuried,
    tooSmall,
    fillsTheFrame,
    nearTheEdge,
    tilted,
    outOfFocus,
    moved,
    unevenLight,
    shadow,
    finger,
    dirt,
    flare,
    shine,
    noisy,
    crossedCurves,
    wrongEncoding,
    balancedAlready,
    wrongChart,
    mirrored,
    secondChart,
    partOutside,
    count
};

std::string_view name(Fault fault);

/// A careful shot: nothing of the above, within what careful people do.
SurveyShot faultlessShot(unsigned seed);
/// The same with one mistake, as slight as should still be told and up to plain.
SurveyShot faultyShot(Fault fault, unsigned seed);

/// A chart of touching patches, or one on a light ground: of charts of others there are many kinds.
Chart gaplessChart(unsigned seed);
Chart lightGroundChart(unsigned seed);

}  // namespace refero::sim
