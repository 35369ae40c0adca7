// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>

#include "core/plan/moment.h"
#include "core/result.h"

namespace refero::plan {

/// Where the sun stands.
struct SunPosition {
    double heightDegrees = 0;      ///< above the horizon as seen, with refraction; below it negative
    double trueHeightDegrees = 0;  ///< without refraction
    double azimuthDegrees = 0;     ///< clockwise from north
};

/// By the equations of the NOAA solar calculator (after Meeus, Astronomical Algorithms): right to about 0.01
/// degrees from 1900 to 2100. Latitude -90 to 90, longitude -180 to 180, east positive.
SunPosition sunPosition(Moment moment, double latitude, double longitude);

/// Sunrise and sunset of the UTC day nearest to a place's noon, upper limb with standard refraction (height
/// -0.833 degrees); nothing where the sun does not cross it that day.
struct SunTimes {
    std::optional<Moment> rise, set;
    Moment noon{};
};
SunTimes sunTimes(Date date, double latitude, double longitude);

}  // namespace refero::plan
