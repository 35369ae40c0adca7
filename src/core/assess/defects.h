// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "core/assess/assessment.h"

namespace refero {

struct Reversals {
    double share = 0;
    std::vector<Reversal> places;
};
/// By the sign of the Jacobian at colours between the chart's patches, from two stops below to one above the
/// exposure that it expects, and by greys that get darker where they should get lighter.
Reversals reversalsIn(const FedTransform& fed, double stops);

/// Steps on even ramps of 1,024 numbers from black through grey and the six most saturated patches, and grid
/// points whose values go up and down about a smooth line.
std::vector<RampStep> bandsIn(const FedTransform& fed, double stops);

/// See Merge.
std::vector<Merge> mergesIn(const FedTransform& fed, double stops, const Correction* own);

}  // namespace refero
