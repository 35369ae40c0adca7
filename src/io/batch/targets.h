// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>
#include <string>
#include <vector>

#include "io/batch/job.h"

namespace refero::io {

/// Where each frame of a job goes, with its ending (of a clip, the folder); nothing for one that is skipped.
using Targets = std::vector<std::optional<std::filesystem::path>>;

/// Two frames of one name get numbers; what is there already is treated as the job says. Errors: files in the
/// way where the job refuses them; a target that is a frame of the job itself.
Result<Targets> plannedTargets(const BatchJob& job);

/// The names of those files that are there already; the job needs no corrections for that.
std::vector<std::string> conflicts(const BatchJob& job);

}  // namespace refero::io
