// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/read/reading.h"
#include "core/result.h"

namespace refero {

struct Averaged {
    Reading reading;                    ///< of the first one's frame, with the mean of all in its patches
    std::vector<double> levelStops;     ///< by which each was brought to the first one's level
    std::vector<std::size_t> leftOut;   ///< readings that are not of the same light, by their place
    std::vector<std::string> outliers;  ///< "B3 in frame 2": values that do not agree with the others
};

/// Several frames of one setup as one: each is brought to the first one's level, then every patch is the mean
/// weighted by the inverse variance of its channels; values more than 4 standard deviations (and 1 %) from
/// the median of the frames are left out and named. Errors: none given, charts that differ, none of the same
/// light as the first.
Result<Averaged> averaged(const std::vector<Reading>& readings);

}  // namespace refero
