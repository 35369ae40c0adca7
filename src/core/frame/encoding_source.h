// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string_view>

#include "core/result.h"

namespace refero {

/// Where the knowledge about a frame's encoding comes from.
enum class EncodingSource {
    stated,   ///< by the person
    file,     ///< by the file itself
    assumed,  ///< by nobody: the kind of file suggests it
};
/// "stated", "file", "assumed": for files.
std::string_view name(EncodingSource source);
Result<EncodingSource> encodingSourceByName(std::string_view name);

}  // namespace refero
