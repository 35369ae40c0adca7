// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>

#include "core/read/reading.h"
#include "io/frame_file.h"
#include "io/json.h"

namespace refero::io {

/// What a frame says of itself, as the start of its reading.
Reading aboutFrame(const Frame& frame);

/// `refero-reading`; see docs/formats.md. The chart's whole definition is in it.
Json toJson(const Reading& reading);
Result<Reading> readReading(const std::filesystem::path& path);
Result<Reading> parseReading(std::string_view text, const std::string& origin);

/// The document for a frame in which no chart was found.
Json notFoundJson(const Reading& about, const Chart& chart, const std::string& reason);

}  // namespace refero::io
