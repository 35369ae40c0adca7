// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <string>
#include <vector>

#include "core/fit/correction.h"

namespace refero::io {

/// A correction on its way from one studio's library to another's.
struct LibraryEntry {
    std::string lightKind;  ///< as plan::LightKind has it; empty where nobody said
    std::string light;      ///< what people called it
    std::string shoot;
    Correction correction;
};

/// `refero-library`; see docs/formats.md.
Status writeLibrary(const std::vector<LibraryEntry>& entries, const std::filesystem::path& path);
/// Errors name the entry and the field.
Result<std::vector<LibraryEntry>> readLibrary(const std::filesystem::path& path);

}  // namespace refero::io
