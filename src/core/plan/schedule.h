// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/plan/drift.h"
#include "core/plan/due.h"

namespace refero::plan {

/// Before the day: whether a setup needs a chart shot of its own.
struct PlannedShot {
    SetupId setup = 0;
    bool needed = true;
    SetupId servedBy = 0;                 ///< the earlier setup whose chart serves, where none is needed
    std::string reason{};                 ///< one sentence: what changed, or why nothing is needed
    std::optional<Moment> at{}, until{};  ///< its beginning, and how long a shot then would hold
};

/// The chart shots that follow from the setups in their order and from what counts as a change, whatever was
/// shot already. Setups under daylight with a time and coordinates are served by an earlier shot only while
/// `sky` lets it hold.
std::vector<PlannedShot> schedule(const Day& day, const ClearSky& sky);

/// The moment a setup begins or ends on its place's clock; nothing without a date and a time.
std::optional<Moment> beginning(const Day& day, const Setup& setup);
std::optional<Moment> ending(const Day& day, const Setup& setup);

}  // namespace refero::plan
