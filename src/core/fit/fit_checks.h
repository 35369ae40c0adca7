// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "core/fit/correction.h"
#include "core/read/checks.h"

namespace refero {

/// The figures of a correction, judged like the checks of a reading.
std::vector<Check> judged(const Correction& correction, const FitLimits& limits);
/// By its own limits.
std::vector<Check> judged(const Correction& correction);

}  // namespace refero
