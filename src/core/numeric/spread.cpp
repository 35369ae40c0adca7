// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/numeric/spread.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace refero {

Spread spread(std::vector<double> v) {
    if (v.empty()) return {};
    std::sort(v.begin(), v.end());
    const auto quantile = [&](double q) {
        const double at = q * static_cast<double>(v.size() - 1);
        const auto i = static_cast<std::size_t>(at);
        return i + 1 < v.size() ? v[i] + (at - std::floor(at)) * (v[i + 1] - v[i]) : v[i];
    };
    const double sum = std::accumulate(v.begin(), v.end(), 0.0);
    return {sum / static_cast<double>(v.size()), quantile(0.5), quantile(0.95), v.back()};
}

double trimmedMean(std::vector<double> v) {
    if (v.empty()) return 0;
    std::sort(v.begin(), v.end());
    const auto cut = static_cast<std::ptrdiff_t>(v.size() / 5);
    return std::accumulate(v.begin() + cut, v.end() - cut, 0.0) /
           static_cast<double>(static_cast<std::ptrdiff_t>(v.size()) - 2 * cut);
}

}  // namespace refero
