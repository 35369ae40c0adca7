// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <span>

namespace refero {

/// Whole codes of stored numbers, in parallel: 1.0 becomes the largest, halves go up, what lies outside 0..1
/// is clipped and NaN becomes 0. `to` holds as many values as `from`.
void toCodes(std::span<const float> from, std::uint8_t* to);
void toCodes(std::span<const float> from, std::uint16_t* to);

/// A row of a sensor's counts as light: black becomes 0, black + range 1.0. Both spans hold one value for
/// each site until they come again. `to` holds as many values as `counts`.
void lightOfCounts(std::span<const std::uint16_t> counts, std::span<const float> black,
                   std::span<const float> range, float* to);

}  // namespace refero
