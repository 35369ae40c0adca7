// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <functional>
#include <set>
#include <string>
#include <string_view>

#include "core/result.h"

namespace refero::io {

/// The one way in which a file is written: to a name beside it, flushed to the disk, then renamed over the
/// target. A target that exists is replaced whole or not touched at all.
Status writeFile(const std::filesystem::path& target, std::string_view content);

/// The same for a library that writes by itself: `write` is given the side name (same ending) and reports its
/// own failure.
Status writeFile(const std::filesystem::path& target,
                 const std::function<Status(const std::filesystem::path& side)>& write);

/// The target that a side name is for; any other path as it is.
std::filesystem::path targetOf(const std::filesystem::path& side);

/// Takes away side files that processes of this machine which are gone left in a folder, of targets with
/// these stems or, in a folder of a clip's pictures, its own name and a number.
void removeAbandonedSides(const std::filesystem::path& folder, const std::set<std::string>& stems);

/// The whole of a file, at most `limitBytes`.
Result<std::string> readFile(const std::filesystem::path& path, std::size_t limitBytes = 64u << 20);

}  // namespace refero::io
