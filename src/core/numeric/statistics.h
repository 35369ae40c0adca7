// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <cstddef>
#include <span>
#include <vector>

namespace refero::numeric {

/// Standard deviation of a normal distribution over its median absolute deviation (Rousseeuw and Croux 1993).
inline constexpr double kMadToDeviation = 1.4826;

/// The upper median: the value of rank n/2, counted from 0. The values change their order. Of nothing, 0.
template <class T>
T medianOf(std::span<T> values) {
    if (values.empty()) return T(0);
    const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return *middle;
}
template <class T>
T medianOf(std::vector<T> values) {
    return medianOf(std::span<T>(values));
}

}  // namespace refero::numeric
