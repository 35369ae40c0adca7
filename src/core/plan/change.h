// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <string>
#include <string_view>
#include <vector>

#include "core/plan/shoot.h"

namespace refero::plan {

/// What can differ between two setups.
enum class Aspect { body, lens, lamp, power, modifier, place, recording };
inline constexpr std::array kAspects{Aspect::body,     Aspect::lens,  Aspect::lamp,     Aspect::power,
                                     Aspect::modifier, Aspect::place, Aspect::recording};
std::string_view name(Aspect aspect);

/// Whether a change of it calls for a new chart shot. Common practice, three schools: strict counts all;
/// usual counts body, lens, light and place; run and gun counts body and light, and takes lens differences as
/// negligible.
bool counts(Policy policy, Aspect aspect);

/// All that differ, in the order of kAspects.
std::vector<Aspect> changes(const Conditions& before, const Conditions& after);
/// Those of them that count.
std::vector<Aspect> changes(const Conditions& before, const Conditions& after, Policy policy);

/// Names for a person: what the ids stand for.
struct Naming {
    const Kit& kit;
    const std::vector<Place>& places;

    std::string value(const Conditions& conditions, Aspect aspect) const;
};

/// "power 60 % to 40 %, lens 60 mm to 35 mm"; empty for no change.
std::string described(const std::vector<Aspect>& aspects, const Conditions& before, const Conditions& after,
                      const Naming& naming);

}  // namespace refero::plan
