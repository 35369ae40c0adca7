// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <chrono>
#include <string>
#include <string_view>

#include "core/result.h"

namespace refero::plan {

/// A point in time, UTC.
using Moment = std::chrono::sys_seconds;
using Date = std::chrono::year_month_day;

Moment now();

/// ISO 8601: "2026-05-14T09:30:00Z".
std::string isoText(Moment moment);
/// "2026-05-14".
std::string isoText(Date date);

/// ISO 8601 with "Z" or an offset such as "+02:00"; seconds may be left out. An error where a field is out of
/// range or the zone is missing, since a time without one is not a point in time.
Result<Moment> momentFrom(std::string_view text);
Result<Date> dateFrom(std::string_view text);

/// "09:30" on the clock of a place that is `offsetMinutes` ahead of UTC.
std::string clockText(Moment moment, int offsetMinutes);
/// Minutes since midnight from "9:30" or "09:30"; an error outside 00:00 to 23:59.
Result<int> clockMinutesFrom(std::string_view text);

}  // namespace refero::plan
