// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <SQLiteCpp/SQLiteCpp.h>

#include "core/say/say.h"
#include "studio/detail/columns.h"
#include "studio/detail/database.h"
#include "studio/studio.h"

namespace refero::studio {
namespace {

// Rows in the order of their ids; after one that cannot be read, those beyond it, up to a number of tries.
template <class R>
bool saveKind(SQLite::Database& db, Contents& saved) {
    AnyId after = 0;
    bool whole = true;
    std::string text = detail::selectText<R>();
    text.insert(text.find(" ORDER BY"), " WHERE id > ?");
    for (int tries = 0; tries < 2000; ++tries) {
        try {
            SQLite::Statement rows(db, text);
            rows.bind(1, after);
            while (rows.executeStep()) {
                after = rows.getColumn(0).getInt64();
                R r;
                detail::RowReader reader(rows);
                fields(reader, r);
                if (r.id > 0) saved.put(r);
            }
            return whole;
        } catch (const std::exception&) {
            whole = false;
            ++after;
        }
    }
    return false;
}

}  // namespace

Result<std::string> salvage(const std::filesystem::path& damaged, const std::filesystem::path& target) {
    Contents saved;
    std::string list, torn;
    const auto read =
        detail::guarded(damaged.filename().string() + " could not be read at all", [&]() -> Status {
            SQLite::Database db(damaged.string(), SQLite::OPEN_READONLY);
            forEachKind([&]<class R>() {
                const std::string kind(kindName<R>());
                if (!saveKind<R>(db, saved)) torn += (torn.empty() ? "" : ", ") + kind;
                if (const auto n = saved.all<R>().size(); n > 0)
                    list += (list.empty() ? "" : ", ") + std::to_string(n) + " " + kind;
            });
            return {};
        });
    if (!read) return tl::unexpected(read.error());
    if (saved.size() == 0) return failure(say("Nothing in %1 can be read.", damaged.filename().string()));
    if (auto ok = writeNew(target, saved); !ok) return tl::unexpected(ok.error());
    return torn.empty() ? say("Saved into %1: %2. Every list was whole.", target.filename().string(), list)
                        : say("Saved into %1: %2. Not whole: %3.", target.filename().string(), list, torn);
}

}  // namespace refero::studio
