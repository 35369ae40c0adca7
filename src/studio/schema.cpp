// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/schema.h"

#include <SQLiteCpp/SQLiteCpp.h>

#include <string>

#include "core/embedded.h"
#include "core/say/say.h"

namespace refero::studio {

const std::vector<std::string_view>& migrations() {
    static const std::vector<std::string_view> scripts = [] {
        std::vector<std::string_view> out;
        for (int version = 1;; ++version) {
            const auto text = embedded::textOf(embedded::studio(), std::to_string(version) + ".sql");
            if (text.empty()) return out;
            out.push_back(text);
        }
    }();
    return scripts;
}

Status migrate(SQLite::Database& db, std::span<const std::string_view> scripts) {
    const int wanted = static_cast<int>(scripts.size());
    const int version = db.execAndGet("PRAGMA user_version").getInt();
    if (version > wanted)
        return failure(
            say("It was written by a newer Refero (file version %1, this one knows %2). It is unharmed; open "
                "it with the newer one.",
                std::to_string(version), std::to_string(wanted)));
    if (version == wanted) return {};
    SQLite::Transaction all(db, SQLite::TransactionBehavior::IMMEDIATE);
    for (int v = version; v < wanted; ++v) db.exec(std::string(scripts[static_cast<std::size_t>(v)]));
    db.exec("PRAGMA application_id = " + std::to_string(kApplicationId));
    db.exec("PRAGMA user_version = " + std::to_string(wanted));
    all.commit();
    return {};
}

}  // namespace refero::studio
