// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <string_view>

#include "core/result.h"

namespace refero {

/// What was taken out of the light on the patches.
struct TakenOut {
    bool flatField = false;  ///< what a frame of a plain card showed
    bool chart = false;      ///< what the chart itself showed: brought to its mean

    bool any() const { return flatField || chart; }
    friend bool operator==(const TakenOut&, const TakenOut&) = default;
};
/// "flat field", "chart", "flat field and chart", or empty: for files.
std::string name(TakenOut what);
Result<TakenOut> takenOutByName(std::string_view name);

}  // namespace refero
