// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>

#include "core/colour/encoding.h"

namespace refero::io {

/// How a picture's numbers relate to light, as marks in the file say that the picture library does not tell:
/// PNG's cICP, sRGB and gAMA chunks (W3C PNG, third edition, 11.3.2; in that order of precedence) and the
/// nclx colour box of HEIF and AVIF (ISO/IEC 23008-12). Nothing where there is none, or it names a curve that
/// is not known here.
std::optional<Encoding> markedEncoding(const std::filesystem::path& path);

/// The transfer characteristics of ITU-T H.273, table 3.
std::optional<Encoding> encodingOfCodePoint(int transferCharacteristics);

}  // namespace refero::io
