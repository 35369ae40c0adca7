// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "core/read/limits.h"
#include "core/read/reading.h"

namespace refero {

Verdict judge(double value, const Band& band);

/// All checks of a reading whose patches and corners are set, in the order of the work.
std::vector<Check> judged(const Reading& reading, const Limits& limits = {});

/// The worst of them.
Verdict worst(const std::vector<Check>& checks);

}  // namespace refero
