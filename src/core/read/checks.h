// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "core/read/limits.h"
#include "core/read/reading.h"

namespace refero {

/// Of clipping, where the lightest neutral is best: what the exposure's remedy aims at.
inline constexpr double kGoodExposure = 0.75;
inline constexpr const char* kNominalUnit = "stops from nominal";

Verdict judge(double value, const Band& band);

/// All checks of a reading whose patches and corners are set, in the order of the work.
std::vector<Check> judged(const Reading& reading, const Limits& limits = {});

/// The id of the limit that it was judged by: its own, but for exposures against a curve's nominal level.
std::string_view limitIdOf(const Check& check);

/// The worst of them.
Verdict worst(const std::vector<Check>& checks);

}  // namespace refero
