// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/plan/change.h"

namespace refero::plan {

/// How far a setup is with its chart.
enum class DueState {
    due,      ///< nothing shot yet, and its chart is to come
    missing,  ///< frames were shot or its time is over, and no chart shot serves it
    stale,    ///< its chart was shot, but no longer holds
    done,
};
std::string_view name(DueState state);

struct Due {
    SetupId setup = 0;
    DueState state = DueState::due;
    std::string reason{};  ///< one sentence for a person
    std::string brief{};   ///< why it is stale, or the setup whose chart serves it, in a few words
    ReadingId shot = 0;    ///< the chart shot that serves it, or its own that no longer does
    SetupId shotOf = 0;    ///< the setup that shot belongs to
};

/// What is known of a day. Setups are in shooting order.
struct Day {
    Shoot shoot;
    Kit kit;
    std::vector<Place> places;
    std::vector<Setup> setups;
    std::vector<ChartShot> shots;
    std::map<SetupId, int> subjectFrames;      ///< by setup
    std::map<ReadingId, Moment> trustedUntil;  ///< by chart shot, where its light moves
    std::optional<Moment> now{};               ///< nothing: before or after the day, no clock decides
};

/// For each setup whether a chart shot serves it, in the order of `day.setups`.
///
/// A shot serves a setup when it is usable, nothing that counts differs between its conditions and the
/// setup's, and the light has not moved since. Another setup's shot serves, too; under the strict policy only
/// while nothing that counts was changed on that body in between, since a lamp turned back up is not the lamp
/// that it was.
std::vector<Due> due(const Day& day);
/// The same for one of its setups.
Due dueOf(const Day& day, const Setup& setup);

/// How well a frame is served by the corrections there are.
enum class Coverage { none, weaker, valid };
std::string_view name(Coverage coverage);

struct Served {
    Coverage coverage = Coverage::none;
    ReadingId shot = 0;    ///< whose correction it is
    std::string reason{};  ///< one sentence
};

/// Which of the shots that have a correction serves a frame of `setup` taken at `taken` (where known): a
/// valid one as `due` has it; else, weaker, the nearest in time of the same body and kind of light.
Served served(const Day& day, const std::vector<ReadingId>& correctedShots, SetupId setup,
              std::optional<Moment> taken);

}  // namespace refero::plan
