// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "core/pair/match.h"

namespace refero::words {

/// "Balance", "Level", "Contrast", "Skin", "R, red".
std::string pairStep(std::size_t step);
/// What is between two chart shots in exposure and light, and what to do about it.
std::string sentence(const LightDifference& difference);
/// What the correction goes towards: "the chart's reference values", "Heron as a.jpg shows it".
std::string aim(const AimOrigin& origin);

}  // namespace refero::words
