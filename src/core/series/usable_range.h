// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>

#include "core/series/series.h"

namespace refero {

/// The exposures about the base within which neither drift nor noise is beyond the limits: set in the
/// profile. Between two steps drift and noise are interpolated in their logarithms; on the way up, where
/// channels clip one after the other, the darker step's reading is brightened to its clipping level instead.
void setUsableRange(SeriesProfile& profile, std::span<const SeriesShot> shots, const SeriesLimits& limits);

/// Within it, the exposure with the least drift and noise together, as shares of their limits, that keeps
/// room above white: set in the profile.
void setBestOffset(SeriesProfile& profile, const SeriesLimits& limits);

}  // namespace refero
