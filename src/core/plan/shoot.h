// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/plan/kit.h"
#include "core/plan/moment.h"

namespace refero::plan {

/// What counts as a change between two setups, so that the chart is shot again.
enum class Policy {
    strict,  ///< studio, product, copy work
    usual,
    runAndGun  ///< events, reportage
};
inline constexpr std::array kPolicies{Policy::strict, Policy::usual, Policy::runAndGun};
std::string_view name(Policy policy);
Result<Policy> policyByName(std::string_view name);

struct Shoot {
    ShootId id = 0;
    std::string code{};  ///< a few letters and digits that are no other shoot's; on the slates
    std::string label{}, client{};
    std::string date{};  ///< of the day, or empty
    Policy policy = Policy::usual;
    /// How far daylight may move before a chart shot is too old.
    double moveLimitStops = 0.33, moveLimitMired = 10;
    /// What chart shots are judged by: a set's name, and what was changed in it (see limitsFrom).
    std::string limits = "Product", limitChanges{};
};

struct Place {
    PlaceId id = 0;
    ShootId shoot = 0;
    std::string label{};
    std::optional<double> latitude{}, longitude{};  ///< degrees, north and east positive
    int offsetMinutes = 0;                          ///< its clock is so far ahead of UTC
    int position = 0;
};

/// What a correction depends on.
struct Conditions {
    BodyId body = 0;
    LensId lens = 0;
    LampId lamp = 0;
    PlaceId place = 0;
    double powerPercent = 100;
    std::string modifier{};
    Recording recording = Recording::raw;

    bool operator==(const Conditions&) const = default;
};

/// This body, this lens, this light, at this place: the unit of work.
struct Setup {
    SetupId id = 0;
    ShootId shoot = 0;
    std::string label{};
    Conditions conditions{};
    int position = 0;                                 ///< in shooting order
    std::optional<int> startMinutes{}, endMinutes{};  ///< on the place's clock
    ChartCopyId chart = 0;                            ///< the copy to be shot
    double focalLengthMm = 0;                         ///< 0: the lens's shortest
    double distanceM = 0;                             ///< from sensor to subject; 0: not known
    std::string note{};
    std::string profile{};     ///< what the camera records in, as it calls it; or empty
    double exposureStops = 0;  ///< planned, more than normal
};

/// The chart was shot, under these conditions.
struct ChartShot {
    ReadingId id = 0;
    SetupId setup = 0;
    Moment at{};
    Conditions conditions{};
    bool usable = true;  ///< false: the reading says "shoot again"
};

Status validate(const Shoot& shoot);
Status validate(const Place& place);
Status validate(const Setup& setup, const Kit& kit);

/// By how many stops the planned exposure is beyond what the body's test says can be used of its profile:
/// below 0 too dark, above 0 too light, 0 within it. Nothing where it was not tested.
std::optional<double> beyondTest(const Setup& setup, const Kit& kit);

}  // namespace refero::plan
