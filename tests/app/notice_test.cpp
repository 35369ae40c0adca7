// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a desktop is told over D-Bus, heard by a stand-in for its service on a bus of the test's own.
#include <QDBusConnection>
#include <QListWidget>
#include <QProcess>

#include "app/dialogs/problem_lines.h"
#include "app/notify/desktop_notice.h"
#include "window_fixture.h"

namespace refero {
namespace {

TEST(DesktopNotice, IsHeardByTheDesktopsService) {
    // The window's session bus is chosen at the first use in a process, so the whole of it runs in one of its
    // own.
    QProcess run;
    run.setProcessChannelMode(QProcess::MergedChannels);
    run.start(QStringLiteral("dbus-run-session"),
              {QStringLiteral("--"), QStringLiteral("sh"), QStringLiteral("-c"),
               QStringLiteral(
                   "dbus-monitor --session \"interface='org.freedesktop.Notifications'\" & m=$!; sleep 1; "
                   "env -u GTEST_TOTAL_SHARDS -u GTEST_SHARD_INDEX REFERO_NOTICE=1 '%1' "
                   "--gtest_filter=DesktopNotice.Says; sleep 1; kill $m")
                   .arg(QCoreApplication::applicationFilePath())});
    ASSERT_TRUE(run.waitForFinished(60000));
    const QString heard = QString::fromUtf8(run.readAll());
    EXPECT_TRUE(heard.contains(QStringLiteral("member=Notify"))) << heard.toStdString();
    EXPECT_TRUE(heard.contains(QStringLiteral("12 of 12 frames are handed over"))) << heard.toStdString();
}

// The other half of the test above; by itself there may be no desktop, and nothing may happen.
TEST(DesktopNotice, Says) {
    DesktopNotice::send(QStringLiteral("12 of 12 frames are handed over"), {});
    QTest::qWait(300);
    EXPECT_TRUE(qEnvironmentVariableIsEmpty("REFERO_NOTICE") || QDBusConnection::sessionBus().isConnected());
}

TEST(ProblemLines, NameAFewAndListAll) {
    QWidget window;
    ProblemLines lines("some", QStringLiteral("What failed"), &window);
    EXPECT_TRUE(lines.isHidden());
    lines.setProblems({QStringLiteral("a: why"), QStringLiteral("b: why")});
    EXPECT_FALSE(lines.isHidden());
    EXPECT_TRUE(lines.findChild<look::Button*>(QStringLiteral("someAll"))->isHidden());
    QStringList many;
    for (int i = 0; i < 20; ++i) many << QStringLiteral("frame %1: why").arg(i);
    lines.setProblems(many);
    EXPECT_TRUE(
        lines.findChild<QLabel*>(QStringLiteral("some"))->text().endsWith(QStringLiteral("And 17 more.")));
    lines.findChild<look::Button*>(QStringLiteral("someAll"))->click();
    auto* list = window.findChild<QListWidget*>(QStringLiteral("problemList"));
    ASSERT_TRUE(list);
    EXPECT_EQ(list->count(), 20);
}

}  // namespace
}  // namespace refero
