// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "io/json.h"
#include "studio/edit.h"

namespace refero::studio {

/// A record's fields by their names.
io::Json toJson(const Record& record);

/// Changes of one edit: a list of {"kind", "before", "after"}.
io::Json toJson(const std::vector<Change>& changes);
Result<std::vector<Change>> changesFrom(const io::Json& json);

/// Everything: {"format": "refero-studio", "version": 1, "setup": [...], ...}; docs/formats.md.
io::Json toJson(const Contents& contents);
Result<Contents> contentsFrom(const io::Json& json, const std::string& origin);

}  // namespace refero::studio
