// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "core/read/limits.h"
#include "core/read/reading.h"
#include "core/result.h"

namespace refero {

/// Several frames of one setup as one, the first one's with the mean of all in its patches: each is brought
/// to the first one's level, then every patch is the mean weighted by the inverse variance of its channels.
/// Frames of another light are not counted; of three or more, neither are values farther than 5 standard
/// deviations (and 1 %) from their median; nor values that are clipped or left out where another is not.
/// `averaged` of the result says so. Errors: none given, charts that differ.
Result<Reading> averaged(const std::vector<Reading>& readings, const Limits& limits = {});

}  // namespace refero
