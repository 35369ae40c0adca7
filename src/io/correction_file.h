// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>

#include "core/fit/correction.h"
#include "io/json.h"

namespace refero::io {

/// `refero-correction`; see docs/formats.md.
Json toJson(const Correction& correction);
Json toJson(const Spread& spread);
Status writeCorrection(const Correction& correction, const std::filesystem::path& path);
Result<Correction> readCorrection(const std::filesystem::path& path);
Result<Correction> parseCorrection(std::string_view text, const std::string& origin);

/// SHA-256 over what the correction does to colours, its finish included: the same for two that do the same,
/// whatever they are called and whatever was proved of them since.
std::string fingerprint(const Correction& correction);

}  // namespace refero::io
