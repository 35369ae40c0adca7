// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <string>

#include "core/frame/image.h"
#include "core/result.h"

namespace refero::io {

std::string lowerEnding(const std::filesystem::path& path);

/// Kinds of file that hold a finished picture: they need not be asked whether they are raw.
bool isRendered(const std::string& ending);

/// Stored rows as they are to be shown; EXIF's numbers 1 to 8, others leave them.
EncodedImage shownUpright(EncodedImage&& stored, int exif);

/// Those that are written. An error names them.
Status writable(const std::filesystem::path& path);

}  // namespace refero::io
