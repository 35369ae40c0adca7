// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <functional>
#include <string>
#include <vector>

#include "core/result.h"

namespace refero::io {

struct NewFile {
    std::filesystem::path target;
    std::string bytes;
};

/// Files of one folder that belong together, such as a configuration and what it reads. All of them are
/// written into a folder beside them under their own names, `check` looks at the first of them there, and
/// only then each takes its place, the first one last. Where anything fails, those that were there are there
/// again.
Status writeTogether(const std::vector<NewFile>& files,
                     const std::function<Status(const std::filesystem::path& first)>& check);

}  // namespace refero::io
