// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>

#include "io/frame_file.h"

namespace refero::io {

/// A plain TIFF by libtiff alone, on all cores: three channels of red, green and blue in strips or tiles,
/// integers of 8 or 16 bits or floats of 32. The same numbers as by the media module, which takes longer to
/// load than such a file takes to read. Nothing for any other TIFF, and for a damaged one: the module knows
/// what is wrong with it.
std::optional<Frame> readPlainTiff(const std::filesystem::path& path, const std::optional<Transfer>& stated);

}  // namespace refero::io
