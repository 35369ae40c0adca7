// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/read/limits.h"

namespace refero {

/// What a correction must reach, in CIEDE2000. These are for product work.
struct FitLimits {
    std::string name = "Product";
    std::string source = "common practice";  ///< where the set comes from, for people
    Band mean{0, 1.5, 0, 3};
    Band largest{0, 4, 0, 8};
    Band unseen{0, 2, 0, 4};  ///< mean of patches that the fit did not see

    friend bool operator==(const FitLimits&, const FitLimits&) = default;
};

/// Copy work, Product, Event, Film: as limitSets() of readings.
const std::vector<FitLimits>& fitLimitSets();
Result<FitLimits> fitLimitsByName(std::string_view name);

/// Widened so that this value of the check ("mean", "largest", "unseen", "proof") is good; without a value,
/// as the set of its name has it. An error for any other check.
Result<FitLimits> allowing(FitLimits limits, std::string_view check, std::optional<double> value);

}  // namespace refero
