// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/detail/database.h"

#include <fcntl.h>
#include <sqlite3.h>
#include <sys/file.h>
#include <unistd.h>

#include <array>
#include <fstream>

#include "core/say/say.h"
#include "studio/detail/columns.h"
#include "studio/schema.h"

namespace refero::studio::detail {
namespace {

template <class R>
void loadKind(SQLite::Database& db, Contents& contents) {
    SQLite::Statement rows(db, selectText<R>());
    while (rows.executeStep()) {
        R r;
        RowReader reader(rows);
        fields(reader, r);
        contents.put(r);
    }
}

std::string reason(int code, const char* text) {
    switch (code) {
        case SQLITE_FULL:
            return say("the disk is full. Free some space and do it again.");
        case SQLITE_READONLY:
        case SQLITE_CANTOPEN:
        case SQLITE_PERM:
            return say("its folder cannot be written any more. Make it writable, or save a copy elsewhere.");
        case SQLITE_BUSY:
        case SQLITE_LOCKED:
            return say("another program is using the file. Close it there and do it again.");
        case SQLITE_CORRUPT:
        case SQLITE_NOTADB:
            return say("the file is damaged. Do not go on with it: salvage what can be read into a new one.");
        case SQLITE_IOERR:
            return say("the disk gave an error. Save a copy elsewhere.");
        default:
            return std::string(text) + ".";
    }
}

}  // namespace

WriteLock::WriteLock(const std::filesystem::path& path)
    : descriptor_(::open(path.c_str(), O_RDWR | O_CLOEXEC)),
      held_(descriptor_ >= 0 && ::flock(descriptor_, LOCK_EX | LOCK_NB) == 0) {}

WriteLock::~WriteLock() {
    if (descriptor_ >= 0) ::close(descriptor_);
}

Status expectStudio(const std::filesystem::path& path) {
    const std::string file = path.filename().string();
    std::error_code error;
    if (!std::filesystem::exists(path, error)) return failure(say("%1 is not there.", path.string()));
    if (!std::filesystem::is_regular_file(path, error))
        return failure(say("%1 is not a file.", path.string()));
    std::ifstream in(path, std::ios::binary);
    std::array<unsigned char, 72> head{};
    in.read(reinterpret_cast<char*>(head.data()), head.size());
    if (!in && !in.eof()) return failure(say("%1 could not be read.", path.string()));
    const std::string magic(reinterpret_cast<const char*>(head.data()), 15);
    const int id = head[68] << 24 | head[69] << 16 | head[70] << 8 | head[71];
    if (in.gcount() < 72 || magic != "SQLite format 3" || id != kApplicationId)
        return failure(say("%1 is not a Refero studio. It was not touched.", file));
    return {};
}

void prepare(SQLite::Database& db) {
    db.setBusyTimeout(2000);
    // A rollback journal rather than a log beside the file: at rest a studio is one file that can be copied.
    db.exec("PRAGMA journal_mode = DELETE");
    db.exec("PRAGMA synchronous = FULL");
    db.exec("PRAGMA foreign_keys = ON");
}

Contents load(SQLite::Database& db) {
    Contents c;
    forEachKind([&]<class R>() { loadKind<R>(db, c); });
    return c;
}

void write(SQLite::Database& db, const Change& change) {
    if (change.after) {
        std::visit(
            [&]<class R>(const R& r) {
                SQLite::Statement s(db, upsertText<R>());
                Binder binder(s);
                fieldsOf(binder, r);
                s.exec();
            },
            *change.after);
    } else if (change.before) {
        std::visit(
            [&]<class R>(const R& r) {
                SQLite::Statement s(db, "DELETE FROM " + std::string(kindName<R>()) + " WHERE id = ?");
                s.bind(1, r.id.number());
                s.exec();
            },
            *change.before);
    }
}

void setNextId(SQLite::Database& db, AnyId next) {
    SQLite::Statement s(db, "UPDATE meta SET value = ? WHERE key = 'next_id'");
    s.bind(1, std::to_string(next));
    s.exec();
}

Status guarded(const std::string& what, const std::function<Status()>& work) {
    try {
        return work();
    } catch (const SQLite::Exception& e) {
        return failure(what + ": " + reason(e.getErrorCode(), e.what()));
    } catch (const std::exception& e) {
        return failure(what + ": " + e.what());
    }
}

}  // namespace refero::studio::detail
