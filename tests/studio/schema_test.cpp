// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/schema.h"

#include <SQLiteCpp/SQLiteCpp.h>
#include <gtest/gtest.h>

#include <algorithm>

#include "studio/detail/columns.h"

namespace refero::studio {
namespace {

// A field that is added without a script for it would lose what it holds.
TEST(Schema, TablesHaveExactlyTheFieldsThatAreDescribed) {
    SQLite::Database db(":memory:", SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
    ASSERT_TRUE(migrate(db, migrations()));
    forEachKind([&]<class R>() {
        std::vector<std::string> columns;
        SQLite::Statement rows(db, "SELECT name FROM pragma_table_info(?)");
        rows.bind(1, std::string(kindName<R>()));
        while (rows.executeStep()) columns.push_back(rows.getColumn(0).getString());
        std::vector<std::string> described = detail::columnsOf<R>();
        std::sort(columns.begin(), columns.end());
        std::sort(described.begin(), described.end());
        EXPECT_EQ(columns, described) << kindName<R>();
    });
    EXPECT_EQ(db.execAndGet("PRAGMA application_id").getInt(), kApplicationId);
    EXPECT_EQ(db.execAndGet("PRAGMA user_version").getInt(), schemaVersion());
}

TEST(Schema, LaterScriptsKeepWhatEarlierOnesMade) {
    SQLite::Database db(":memory:", SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
    std::vector<std::string_view> scripts{"CREATE TABLE t (a TEXT); INSERT INTO t VALUES ('kept');"};
    ASSERT_TRUE(migrate(db, scripts));
    scripts.push_back("ALTER TABLE t ADD COLUMN b TEXT DEFAULT 'new'");
    scripts.push_back("UPDATE t SET b = b || 'er'");
    ASSERT_TRUE(migrate(db, scripts));
    EXPECT_EQ(db.execAndGet("SELECT a || b FROM t").getString(), "keptnewer");
    ASSERT_TRUE(migrate(db, scripts)) << "nothing to do";
    scripts.push_back("UPDATE t SET a = 'lost'; THIS IS NO SQL");
    EXPECT_THROW((void)migrate(db, scripts), SQLite::Exception);
    EXPECT_EQ(db.execAndGet("SELECT a FROM t").getString(), "kept") << "all of it or nothing";
    EXPECT_EQ(db.execAndGet("PRAGMA user_version").getInt(), 3);
    EXPECT_FALSE(migrate(db, std::span(scripts).first(1))) << "newer than this program";
}

TEST(Schema, StepsOfFilesBeforeVersionTenKeepTheirChanges) {
    SQLite::Database db(":memory:", SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
    ASSERT_TRUE(migrate(db, std::span(migrations()).first(9)));
    db.exec("INSERT INTO step (at, name, changes) VALUES ('then', 'Add', '[1]'), ('now', 'Do', '[2,3]')");
    ASSERT_TRUE(migrate(db, migrations()));
    EXPECT_EQ(db.execAndGet("SELECT changes FROM step_part JOIN step ON step.id = step WHERE name = 'Do'")
                  .getString(),
              "[2,3]");
    EXPECT_EQ(db.execAndGet("SELECT count(*) FROM step_part").getInt(), 2);
}

}  // namespace
}  // namespace refero::studio
