// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <string>
#include <vector>

#include "core/read/reading.h"
#include "core/result.h"

namespace refero::cli {

/// All of them, in their order; the error is that of the first that cannot be read.
Result<std::vector<Reading>> readReadings(std::span<const std::string> paths);

}  // namespace refero::cli
