// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/fit/correction.h"

namespace refero {

/// Where something must lie in what a file is fed, so that the file fits: what a person at the camera sets
/// the exposure by.
struct ExposureMark {
    enum class What { midGrey, white, skin } what = What::midGrey;
    std::string patch;   ///< of skin, its id
    Vector3 stored;      ///< the feed's numbers, 0..1 of the full range
    double code = 0;     ///< green, of 1023
    double percent = 0;  ///< green, of the range between black and white (IRE)
};

/// Mid-grey (18 %), white (100 %) and the chart's skin, as the camera records them when it is exposed as the
/// correction's chart shot was, `offsetStops` lighter. Nothing that ends beyond the feed's range.
std::vector<ExposureMark> exposureMarks(const Correction& correction, const Transfer& feed,
                                        double offsetStops = 0, bool videoRange = false);

}  // namespace refero
