// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/colour/rgb_space.h"
#include "core/finish/finish.h"
#include "core/fit/fit_report.h"
#include "core/pair/colour_group.h"

namespace refero {

/// The signal in which per cent of levels are meant unless stated otherwise: BT.1886's, as a waveform shows
/// it.
inline constexpr OutputSpace kLevelSpace = OutputSpace::bt1886;

/// Signal of a grey of that light (the perfect diffuser 1), per cent of full; of display spaces.
double signalPercent(OutputSpace space, double light);
/// Its inverse; 0 to 109.
double lightOfSignal(OutputSpace space, double percent);

/// A grey of the chart that levels can be set by.
struct LevelGrey {
    std::string patch;
    double lightness = 0;  ///< L*
    double light = 0;      ///< as the correction shows it, without finish
};
/// Those that were used, the lightest first.
std::vector<LevelGrey> levelGreys(const FitReport& correction);
/// Light of one of them. Errors: no such patch, one that was not used, a coloured one.
Result<double> lightOfGrey(const FitReport& correction, std::string_view patch);

/// What a grey of that light shows with all of the finish but its levels, as light.
double shownWithoutLevels(const Finish& finish, double light);

/// What levels do to the colours of a group, against the same finish without them.
struct LevelEffect {
    std::size_t group = 0;  ///< see colourGroup()
    std::size_t patches = 0;
    double chroma = 1;       ///< mean, times what it is without them
    double turnDegrees = 0;  ///< mean, of hue, towards larger angles
    double difference = 0;   ///< mean CIEDE2000 to the same colour without them
};
/// By the chart's used patches, with all else of the finish; greys first. Empty where no level is set.
std::vector<LevelEffect> levelEffects(const FitReport& correction, const Finish& finish);

}  // namespace refero
