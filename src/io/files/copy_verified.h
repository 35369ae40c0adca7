// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>

#include "core/result.h"

namespace refero::io {

/// Copies a file into a folder, which is made if it is not there, and proves the copy: what was written is
/// flushed to the disk, read again from there, and its SHA-256 compared with that of what was read from the
/// source. Only then does it get its name. Where a file of that name is there with the same content it is
/// taken as the copy; with another, the copy's name gets a number. Gives the copy's path. The source is never
/// changed; after an error the folder holds nothing new.
Result<std::filesystem::path> copyVerified(const std::filesystem::path& source,
                                           const std::filesystem::path& folder);

}  // namespace refero::io
