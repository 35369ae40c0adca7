// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "core/result.h"

namespace SQLite {
class Database;
}

namespace refero::studio {

/// "RfRo" in the file's header, so that no other database is taken for a studio.
inline constexpr int kApplicationId = 0x5266526F;

/// The scripts that bring an empty file to version 1, that to version 2, and so on.
const std::vector<std::string_view>& migrations();
inline int schemaVersion() {
    return static_cast<int>(migrations().size());
}

/// Brings a database to the version of the last script, in one transaction; its application id is set. An
/// error where it is newer than that. Throws what SQLite throws.
Status migrate(SQLite::Database& database, std::span<const std::string_view> scripts);

}  // namespace refero::studio
