// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <string>
#include <string_view>

#include "core/result.h"

namespace refero::io {

/// SHA-256 (FIPS 180-4) of a file's content, 64 hexadecimal digits: by it a moved file is found again and a
/// duplicate known.
Result<std::string> contentHash(const std::filesystem::path& path);
/// The same of a text.
std::string textHash(std::string_view text);

}  // namespace refero::io
