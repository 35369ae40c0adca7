// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/plan/due.h"

namespace refero::plan {

/// One thing to see to before or during the day.
struct Task {
    enum class Kind { camera, metering, chart, display, light, safety };

    std::string id{};  ///< stable, for the tick that a person sets
    Kind kind = Kind::camera;
    std::string what{};  ///< in the imperative, short
    std::string why{};   ///< one or two sentences; the schools where they differ
};
std::string_view name(Task::Kind kind);

/// What follows from a shoot's setups, its kit and the day's date: format, sensitivity, balance, metering,
/// charts and their age, display checks that are due, warm-up, and the cautions that its lights and subjects
/// call for. Cautions come last and name who decides.
std::vector<Task> preparations(const Day& day);

}  // namespace refero::plan
