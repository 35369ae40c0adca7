// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "core/fit/correction.h"
#include "core/read/checks.h"

namespace refero {

/// What a correction must reach; all in CIEDE2000, common practice.
struct FitLimits {
    Band mean{0, 1.5, 0, 3};
    Band largest{0, 4, 0, 8};
    Band unseen{0, 2, 0, 4};
};

/// The figures of a correction, judged like the checks of a reading.
std::vector<Check> judged(const Correction& correction, const FitLimits& limits = {});

}  // namespace refero
