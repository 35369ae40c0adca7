// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

namespace refero {

struct Spread {
    double mean = 0, median = 0, percentile95 = 0, max = 0;
};
/// Of the given values; the percentile is interpolated linearly between order statistics.
Spread spread(std::vector<double> values);

/// The mean without the largest and the smallest fifth: what a few strong colours do not move. Of nothing, 0.
double trimmedMean(std::vector<double> values);

}  // namespace refero
