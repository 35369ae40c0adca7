// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <string>

#include "core/colour/transfer.h"
#include "io/json.h"

namespace refero::io {

/// A curve from stored number to linear light: a 1D LUT in any form that OpenColorIO reads (`.cube`, `.clf`,
/// `.spi1d`, ...), or text with two numbers a line, stored and linear, apart by comma, semicolon or space; a
/// heading and lines that begin with # are passed over. The same for all three channels; the name is the
/// file's.
Result<Transfer> readCurve(const std::filesystem::path& path);

/// A named encoding, or else a curve file.
Result<Transfer> transferByNameOrPath(const std::string& nameOrPath);

/// Puts "`key`": the name, and for a curve of one's own "`key`_curve": its points, beside it.
void putTransfer(Json& object, const std::string& key, const Transfer& transfer);
/// Their counterpart; fails the node where they are wrong.
Transfer transferFrom(const Node& object, const std::string& key);

}  // namespace refero::io
