// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <iosfwd>

#include "core/fit/correction.h"

namespace refero::cli {

/// Below a table of patches: before, after and left out in sum (mean, median, 95 %, largest), then by group;
/// and the intervals, where they were asked for.
void printFigures(std::ostream& out, const Correction& correction);

}  // namespace refero::cli
