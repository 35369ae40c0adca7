// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <string>
#include <string_view>

#include "core/colour/transfer.h"
#include "io/json.h"

namespace refero::io {

/// A curve from stored number to linear light: a 1D LUT in any form that OpenColorIO reads (`.cube`, `.clf`,
/// `.spi1d`, ...), or text with two numbers a line, stored and linear, apart by comma, semicolon or space; a
/// heading and lines that begin with # are passed over. The same for all three channels; the name is the
/// file's.
Result<Transfer> readCurve(const std::filesystem::path& path);

/// A named encoding, or else a curve file: one of points, or `*.log.json` with a log curve's constants.
Result<Transfer> transferByNameOrPath(const std::string& nameOrPath);

/// A log curve by its constants; see docs/formats.md. Throws JsonProblem.
Json toJson(const LogCurve& curve);
LogCurve logCurveFrom(const Node& node);
Result<LogCurve> parseLogCurve(std::string_view text, const std::string& origin);

/// Puts "`key`": the name, and beside it, for a curve of one's own, "`key`_curve": its points, or
/// "`key`_log": its constants.
void putTransfer(Json& object, const std::string& key, const Transfer& transfer);
/// Their counterpart; fails the node where they are wrong.
Transfer transferFrom(const Node& object, const std::string& key);

}  // namespace refero::io
