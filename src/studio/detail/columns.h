// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <SQLiteCpp/SQLiteCpp.h>

#include <optional>
#include <stdexcept>
#include <string>
#include <vector>

#include "studio/detail/enum_text.h"
#include "studio/fields.h"

namespace refero::studio::detail {

/// Names of a kind's fields.
struct ColumnNames {
    std::vector<std::string> names;
    template <class T>
    void operator()(const char* name, T&) {
        names.emplace_back(name);
    }
};

template <class R>
const std::vector<std::string>& columnsOf() {
    static const std::vector<std::string> names = [] {
        ColumnNames v;
        R r;
        fields(v, r);
        return v.names;
    }();
    return names;
}

/// Binds a record's fields to the parameters of a statement, in their order.
class Binder {
  public:
    explicit Binder(SQLite::Statement& statement) : statement_(statement) {}

    template <class T>
    void operator()(const char*, T& field) {
        bind(++index_, field);
    }

  private:
    void bind(int i, const std::string& v) { statement_.bind(i, v); }
    void bind(int i, double v) { statement_.bind(i, v); }
    void bind(int i, int v) { statement_.bind(i, v); }
    void bind(int i, bool v) { statement_.bind(i, v ? 1 : 0); }
    void bind(int i, std::int64_t v) { statement_.bind(i, v); }
    template <plan::Kind kind>
    void bind(int i, plan::Id<kind> v) {
        bind(i, v.number());
    }
    template <class T>
    void bind(int i, const std::optional<T>& v) {
        if (v) {
            bind(i, *v);
        } else {
            statement_.bind(i);
        }
    }
    template <Enumeration E>
    void bind(int i, E v) {
        statement_.bind(i, std::string(name(v)));
    }

    SQLite::Statement& statement_;
    int index_ = 0;
};

/// Reads a record's fields from a row, in their order; throws where a choice has a name that is unknown.
class RowReader {
  public:
    explicit RowReader(SQLite::Statement& row) : row_(row) {}

    template <class T>
    void operator()(const char*, T& field) {
        read(row_.getColumn(index_++), field);
    }

  private:
    static void read(const SQLite::Column& c, std::string& v) { v = c.getString(); }
    static void read(const SQLite::Column& c, double& v) { v = c.getDouble(); }
    static void read(const SQLite::Column& c, int& v) { v = c.getInt(); }
    static void read(const SQLite::Column& c, bool& v) { v = c.getInt() != 0; }
    static void read(const SQLite::Column& c, std::int64_t& v) { v = c.getInt64(); }
    template <plan::Kind kind>
    static void read(const SQLite::Column& c, plan::Id<kind>& v) {
        v = c.getInt64();
    }
    template <class T>
    static void read(const SQLite::Column& c, std::optional<T>& v) {
        if (c.isNull()) return v.reset();
        read(c, v.emplace());
    }
    template <Enumeration E>
    static void read(const SQLite::Column& c, E& v) {
        const auto known = parsed(c.getString(), E{});
        if (!known) throw std::runtime_error(known.error().message);
        v = *known;
    }

    SQLite::Statement& row_;
    int index_ = 0;
};

/// "INSERT OR REPLACE INTO setup (id, ...) VALUES (?, ...)".
template <class R>
std::string upsertText() {
    std::string names, marks;
    for (const std::string& n : columnsOf<R>()) {
        names += (names.empty() ? "" : ", ") + n;
        marks += marks.empty() ? "?" : ", ?";
    }
    return "INSERT OR REPLACE INTO " + std::string(kindName<R>()) + " (" + names + ") VALUES (" + marks + ")";
}

template <class R>
std::string selectText() {
    std::string names;
    for (const std::string& n : columnsOf<R>()) names += (names.empty() ? "" : ", ") + n;
    return "SELECT " + names + " FROM " + std::string(kindName<R>()) + " ORDER BY id";
}

}  // namespace refero::studio::detail
