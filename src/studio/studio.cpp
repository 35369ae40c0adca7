// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/studio.h"

#include <SQLiteCpp/SQLiteCpp.h>

#include "core/plan/moment.h"
#include "core/say/say.h"
#include "io/files/safe_write.h"
#include "studio/detail/database.h"
#include "studio/record_json.h"
#include "studio/schema.h"

namespace refero::studio {
namespace {

namespace fs = std::filesystem;
using detail::guarded;

constexpr int kStepsKept = 500;

void insertEvent(SQLite::Database& db, const std::string& what) {
    SQLite::Statement s(db, "INSERT INTO event (at, what) VALUES (?, ?)");
    s.bind(1, plan::isoText(plan::now()));
    s.bind(2, what);
    s.exec();
}

Status quickCheck(SQLite::Database& db, const char* pragma) {
    const std::string said = db.execAndGet(pragma).getString();
    return said == "ok" ? Status() : failure(say("SQLite says: %1", said));
}

}  // namespace

// The lock is declared first: it goes last, after the connection is closed.
struct Studio::Detail {
    fs::path path;
    detail::WriteLock lock;
    std::string readOnlyBecause;
    mutable SQLite::Database db;
    Contents contents;
    AnyId nextId = 1;
    std::vector<Step> done, undone;
    /// Of the step that was kept last: taking a whole day back need not read it all again.
    struct Fresh {
        std::int64_t step = 0;
        std::vector<Change> changes;
    } fresh;

    explicit Detail(const fs::path& file)
        : path(file),
          lock(file),
          readOnlyBecause(why(lock, file)),
          db(file.string(), readOnlyBecause.empty() ? SQLite::OPEN_READWRITE : SQLite::OPEN_READONLY) {}

    static std::string why(const detail::WriteLock& lock, const fs::path& file) {
        if (!lock.writable()) return say("%1 cannot be written where it is.", file.filename().string());
        if (!lock.held()) return say("%1 is open in another window of Refero.", file.filename().string());
        return {};
    }

    void read() {
        contents = detail::load(db);
        nextId = std::max<AnyId>(contents.largestId() + 1,
                                 db.execAndGet("SELECT value FROM meta WHERE key = 'next_id'").getInt64());
        SQLite::Statement rows(db, "SELECT id, at, name, undone FROM step ORDER BY id");
        while (rows.executeStep()) {
            Step s{rows.getColumn(0).getInt64(), rows.getColumn(1).getString(),
                   rows.getColumn(2).getString()};
            (rows.getColumn(3).getInt() ? undone : done).push_back(std::move(s));
        }
    }

    Step insertStep(const Edit& e) {
        db.exec("DELETE FROM step WHERE undone = 1");
        SQLite::Statement s(db, "INSERT INTO step (at, name) VALUES (?, ?)");
        Step step{0, plan::isoText(plan::now()), e.name()};
        s.bind(1, step.at);
        s.bind(2, step.name);
        s.exec();
        step.id = db.getLastInsertRowid();
        extendStep(step.id, e);
        SQLite::Statement prune(db, "DELETE FROM step WHERE id <= ?");
        prune.bind(1, step.id - kStepsKept);
        prune.exec();
        return step;
    }

    void extendStep(std::int64_t id, const Edit& e) {
        SQLite::Statement s(db, "INSERT INTO step_part (step, changes) VALUES (?, ?)");
        s.bind(1, id);
        s.bind(2, toJson(e.changes()).dump());
        s.exec();
    }

    Result<std::vector<Change>> changesOf(const Step& step) {
        if (step.id == fresh.step) return fresh.changes;
        std::vector<Change> out;
        SQLite::Statement parts(db, "SELECT changes FROM step_part WHERE step = ? ORDER BY id");
        parts.bind(1, step.id);
        while (parts.executeStep()) {
            const auto json = io::parseJson(parts.getColumn(0).getString(), "The history");
            auto part = json.and_then([](const io::Json& j) { return changesFrom(j); });
            if (!part) return part;
            std::move(part->begin(), part->end(), std::back_inserter(out));
        }
        if (out.empty()) return failure(say("The history lacks \"%1\".", step.name));
        return out;
    }

    // One step of the history there or back.
    Status move(const Step& step, bool back) {
        if (!readOnlyBecause.empty()) return failure(readOnlyBecause);
        const std::string what = (back ? "\"" + step.name + "\" could not be undone"
                                       : "\"" + step.name + "\" could not be redone");
        return guarded(what, [&]() -> Status {
            auto changes = changesOf(step);
            if (!changes) return tl::unexpected(changes.error());
            if (back) {
                std::reverse(changes->begin(), changes->end());
                for (Change& c : *changes) c = inverse(c);
            }
            SQLite::Transaction all(db, SQLite::TransactionBehavior::IMMEDIATE);
            for (const Change& c : *changes) detail::write(db, c);
            SQLite::Statement mark(db, "UPDATE step SET undone = ? WHERE id = ?");
            mark.bind(1, back ? 1 : 0);
            mark.bind(2, step.id);
            mark.exec();
            insertEvent(db, (back ? "Undid: " : "Did again: ") + step.name);
            all.commit();
            for (const Change& c : *changes) apply(c, contents);
            return {};
        });
    }
};

Studio::Studio(std::unique_ptr<Detail> detail) : d_(std::move(detail)) {}
Studio::~Studio() = default;

Result<std::unique_ptr<Studio>> Studio::create(const fs::path& path) {
    if (auto ok = writeNew(path, {}); !ok) return tl::unexpected(ok.error());
    return open(path);
}

Result<std::unique_ptr<Studio>> Studio::open(const fs::path& path) {
    if (auto ok = detail::expectStudio(path); !ok) return tl::unexpected(ok.error());
    std::unique_ptr<Studio> studio;
    const std::string what = say("%1 could not be opened", path.filename().string());
    const auto status = guarded(what, [&]() -> Status {
        auto d = std::make_unique<Detail>(path);
        const bool writes = d->readOnlyBecause.empty();
        d->db.setBusyTimeout(2000);
        if (writes) detail::prepare(d->db);
        if (auto ok = quickCheck(d->db, "PRAGMA quick_check(1)"); !ok)
            return failure(
                say("%1 is damaged. %2. It was not touched. What can be read is saved by: refero-cli studio "
                    "FILE salvage NEW",
                    path.filename().string(), ok.error().message));
        const int version = d->db.execAndGet("PRAGMA user_version").getInt();
        if (!writes && version < schemaVersion())
            return failure(
                say("%1 It is of an older version and must be writable once.", d->readOnlyBecause));
        if (auto ok = migrate(d->db, migrations()); !ok) return ok;
        d->read();
        studio.reset(new Studio(std::move(d)));
        return {};
    });
    if (!status) return tl::unexpected(status.error());
    return studio;
}

const fs::path& Studio::path() const {
    return d_->path;
}
const std::string& Studio::readOnlyBecause() const {
    return d_->readOnlyBecause;
}
const Contents& Studio::contents() const {
    return d_->contents;
}
const std::vector<Step>& Studio::done() const {
    return d_->done;
}
const std::vector<Step>& Studio::undone() const {
    return d_->undone;
}

Edit Studio::edit(std::string name) const {
    return Edit(d_->contents, d_->nextId, std::move(name));
}

Status Studio::commit(const Edit& e) {
    return keep(e, Kept::asStep);
}

Status Studio::amend(const Edit& e, std::int64_t step) {
    const bool last = !d_->done.empty() && d_->done.back().id == step;
    return keep(e, last ? Kept::withLastStep : Kept::withoutStep);
}

Status Studio::record(const Edit& e) {
    return keep(e, Kept::withoutStep);
}

Status Studio::keep(const Edit& e, Kept how) {
    if (!d_->readOnlyBecause.empty()) return failure(d_->readOnlyBecause);
    if (e.changes().empty()) return {};
    Step step;
    const auto status = guarded(
        "\"" + e.name() + "\" could not be kept, and everything before it is unharmed", [&]() -> Status {
            SQLite::Transaction all(d_->db, SQLite::TransactionBehavior::IMMEDIATE);
            for (const Change& c : e.changes()) detail::write(d_->db, c);
            if (how == Kept::asStep) step = d_->insertStep(e);
            if (how == Kept::withLastStep) d_->extendStep(d_->done.back().id, e);
            insertEvent(d_->db, e.name());
            detail::setNextId(d_->db, e.nextId());
            all.commit();
            return {};
        });
    if (!status) return status;
    for (const Change& c : e.changes()) apply(c, d_->contents);
    d_->nextId = e.nextId();
    if (how == Kept::asStep) d_->fresh = {step.id, e.changes()};
    if (how == Kept::withLastStep && d_->fresh.step == d_->done.back().id)
        d_->fresh.changes.insert(d_->fresh.changes.end(), e.changes().begin(), e.changes().end());
    if (how != Kept::asStep) return {};
    d_->done.push_back(std::move(step));
    if (d_->done.size() > kStepsKept) d_->done.erase(d_->done.begin());
    d_->undone.clear();
    return {};
}

Status Studio::undo() {
    if (d_->done.empty()) return failure(say("There is nothing to undo."));
    if (auto ok = d_->move(d_->done.back(), true); !ok) return ok;
    d_->undone.insert(d_->undone.begin(), d_->done.back());
    d_->done.pop_back();
    return {};
}

Status Studio::redo() {
    if (d_->undone.empty()) return failure(say("There is nothing to redo."));
    if (auto ok = d_->move(d_->undone.front(), false); !ok) return ok;
    d_->done.push_back(d_->undone.front());
    d_->undone.erase(d_->undone.begin());
    return {};
}

Result<std::vector<Event>> Studio::events(int limit) const {
    std::vector<Event> out;
    const auto status = guarded("The record of events could not be read", [&]() -> Status {
        SQLite::Statement rows(d_->db, "SELECT at, what FROM event ORDER BY id DESC LIMIT ?");
        rows.bind(1, limit);
        while (rows.executeStep())
            out.push_back({rows.getColumn(0).getString(), rows.getColumn(1).getString()});
        return {};
    });
    if (!status) return tl::unexpected(status.error());
    return out;
}

Status Studio::check() const {
    return guarded(d_->path.filename().string(), [&]() -> Status {
        if (auto ok = quickCheck(d_->db, "PRAGMA integrity_check(1)"); !ok) return ok;
        if (detail::load(d_->db).size() != d_->contents.size())
            return failure(say("The file holds other records than this window shows."));
        return {};
    });
}

Status saveCopy(const fs::path& source, const fs::path& target) {
    std::error_code error;
    if (fs::equivalent(target, source, error)) return failure(say("A studio cannot be copied onto itself."));
    return io::writeFile(target, [&](const fs::path& side) {
        return guarded("The copy could not be written", [&]() -> Status {
            SQLite::Database db(source.string(), SQLite::OPEN_READONLY);
            db.setBusyTimeout(2000);
            SQLite::Statement s(db, "VACUUM INTO ?");
            s.bind(1, side.string());
            s.exec();
            return {};
        });
    });
}

Status writeNew(const fs::path& target, const Contents& contents) {
    std::error_code error;
    if (fs::exists(target, error))
        return failure(say("%1 is there already; choose another name.", target.string()));
    return io::writeFile(target, [&](const fs::path& side) {
        return guarded(target.filename().string() + " could not be made", [&]() -> Status {
            SQLite::Database db(side.string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
            detail::prepare(db);
            if (auto ok = migrate(db, migrations()); !ok) return ok;
            SQLite::Transaction all(db);
            forEachKind([&]<class R>() {
                for (const auto& [id, r] : contents.all<R>()) detail::write(db, {{}, Record(r)});
            });
            detail::setNextId(db, contents.largestId() + 1);
            all.commit();
            return {};
        });
    });
}

Status restore(const fs::path& json, const fs::path& target) {
    const std::string origin = json.string();
    return io::readFile(json, std::size_t{1} << 30)
        .and_then([&](const std::string& text) { return io::parseJson(text, origin); })
        .and_then([&](const io::Json& parsed) { return contentsFrom(parsed, origin); })
        .and_then([&](const Contents& contents) { return writeNew(target, contents); });
}

}  // namespace refero::studio
