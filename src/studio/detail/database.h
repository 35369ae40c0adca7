// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <SQLiteCpp/SQLiteCpp.h>

#include <filesystem>
#include <functional>
#include <string>

#include "core/result.h"
#include "studio/edit.h"

namespace refero::studio::detail {

/// Keeps others from writing while it lives. Held by flock on the file itself, which leaves nothing behind
/// and goes with the process.
class WriteLock {
  public:
    /// Not held where another has it or the file cannot be written.
    explicit WriteLock(const std::filesystem::path& path);
    ~WriteLock();
    WriteLock(const WriteLock&) = delete;
    WriteLock& operator=(const WriteLock&) = delete;
    bool held() const { return held_; }
    /// It could be written if nobody else had it.
    bool writable() const { return descriptor_ >= 0; }

  private:
    int descriptor_ = -1;
    bool held_ = false;
};

/// Whether the header is that of a studio; the error says what it is instead.
Status expectStudio(const std::filesystem::path& path);

/// Durable settings on a new connection.
void prepare(SQLite::Database& database);

/// Every row of every table. Throws.
Contents load(SQLite::Database& database);
/// Inserts or replaces, and takes out. Throws.
void write(SQLite::Database& database, const Change& change);
void setNextId(SQLite::Database& database, AnyId next);

/// Runs `work` and turns what SQLite throws into a message: what failed, what is unharmed, what to do.
Status guarded(const std::string& what, const std::function<Status()>& work);

}  // namespace refero::studio::detail
