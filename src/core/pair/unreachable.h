// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>
#include <span>
#include <string>

#include "core/fit/aim.h"
#include "core/fit/samples.h"
#include "core/read/reading.h"

namespace refero {

/// What cannot meet: of a patch, the mean CIEDE2000 that the best transform of the follower's numbers leaves
/// of surfaces that it sees like this patch.
using Unreachable = std::map<std::string, double>;

/// By the sensitivities that the chart's spectra tell of both. `follower` holds its patches, prepared for
/// this aim. Empty where the chart has no spectra, or where a picture's look hides what its sensor saw: its
/// patches are then no linear sum of their spectra (by more than kLinearWithin on average).
Unreachable unreachableBy(const Aim& aim, const Reading& leader, const Reading& follower,
                          const Samples& samples);

inline constexpr double kLinearWithin = 1.5;  ///< CIEDE2000

}  // namespace refero
