// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a desktop is told over D-Bus, heard by a stand-in for its service on a bus of the test's own.
#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusVariant>
#include <QDBusVirtualObject>
#include <QListWidget>
#include <QProcess>
#include <cmath>

#include "app/dialogs/problem_lines.h"
#include "app/look/tokens.h"
#include "app/notify/desktop_contrast.h"
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
               QStringLiteral("dbus-monitor --session \"interface='org.freedesktop.Notifications'\" "
                              "\"interface='com.canonical.Unity.LauncherEntry'\" & m=$!; sleep 1; "
                              "env -u GTEST_TOTAL_SHARDS -u GTEST_SHARD_INDEX REFERO_NOTICE=1 '%1' "
                              "--gtest_filter=DesktopNotice.Says; sleep 1; kill $m")
                   .arg(QCoreApplication::applicationFilePath())});
    ASSERT_TRUE(run.waitForFinished(60000));
    const QString heard = QString::fromUtf8(run.readAll());
    EXPECT_TRUE(heard.contains(QStringLiteral("member=Notify"))) << heard.toStdString();
    EXPECT_TRUE(heard.contains(QStringLiteral("12 of 12 frames are handed over"))) << heard.toStdString();
    EXPECT_TRUE(heard.contains(QStringLiteral("application://refero.desktop"))) << heard.toStdString();
    EXPECT_TRUE(heard.contains(QStringLiteral("double 0.25"))) << heard.toStdString();
    EXPECT_TRUE(heard.contains(QStringLiteral("boolean false"))) << "and taken away in the end";
}

// The other half of the test above; by itself there may be no desktop, and nothing may happen.
TEST(DesktopNotice, Says) {
    DesktopNotice::progress(3, 12);
    DesktopNotice::send(QStringLiteral("12 of 12 frames are handed over"), {});
    DesktopNotice::progress(0, 0);
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

// W3C, Web Content Accessibility Guidelines 2.1, relative luminance and contrast ratio.
double contrast(const QColor& a, const QColor& b) {
    const auto luminance = [](const QColor& c) {
        const auto light = [](double v) {
            return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
        };
        return 0.2126 * light(c.redF()) + 0.7152 * light(c.greenF()) + 0.0722 * light(c.blueF());
    };
    const double one = luminance(a), other = luminance(b);
    return (std::max(one, other) + 0.05) / (std::min(one, other) + 0.05);
}

// The same, 1.4.3: text 4.5 : 1; 1.4.11: what tells a state 3 : 1.
TEST(Contrast, OfTextIsEnoughInBothSurroundsAndOfWhatIsChosenWhereTheDesktopAsks) {
    for (const bool high : {false, true})
        for (const look::Surround s : {look::Surround::dim, look::Surround::booth}) {
            look::setHighContrast(high);
            look::setSurround(s);
            const look::Palette& p = look::palette();
            for (const QColor& ground : {p.ground, p.panel, p.raised}) {
                for (const QColor& text : {p.text, p.quiet, p.loud})
                    EXPECT_GE(contrast(text, ground), 4.5) << high;
                if (high) {
                    EXPECT_GE(contrast(p.line, ground), 3);
                    EXPECT_GE(contrast(p.text, ground), 12);
                }
            }
            EXPECT_GE(contrast(p.loud, p.line), 4.5) << "text that is chosen";
            EXPECT_EQ(qApp->palette().color(QPalette::WindowText), p.text) << "the application wears it";
        }
    look::setHighContrast(false);
    look::setSurround(look::Surround::dim);
}

/// The portal's settings, as a desktop serves them.
class Portal : public QDBusVirtualObject {
  public:
    QString introspect(const QString&) const override { return {}; }
    bool handleMessage(const QDBusMessage& message, const QDBusConnection& bus) override {
        const bool asked = message.member() == QLatin1String("Read") &&
                           message.arguments() == QVariantList{QStringLiteral("org.freedesktop.appearance"),
                                                               QStringLiteral("contrast")};
        // The value is packed twice, as the portal does it.
        return bus.send(message.createReply(
            QVariant::fromValue(QDBusVariant(QVariant::fromValue(QDBusVariant(asked ? 1U : 7U))))));
    }
};

// In a process and on a bus of its own, as above.
TEST(DesktopContrast, IsFollowed) {
    QProcess run;
    run.setProcessChannelMode(QProcess::MergedChannels);
    run.start(QStringLiteral("dbus-run-session"),
              {QStringLiteral("--"), QStringLiteral("sh"), QStringLiteral("-c"),
               QStringLiteral("env -u GTEST_TOTAL_SHARDS -u GTEST_SHARD_INDEX REFERO_PORTAL=1 '%1' "
                              "--gtest_filter=DesktopContrast.FollowsAPortal")
                   .arg(QCoreApplication::applicationFilePath())});
    ASSERT_TRUE(run.waitForFinished(60000));
    EXPECT_EQ(run.exitCode(), 0) << run.readAll().toStdString();
}

TEST(DesktopContrast, FollowsAPortal) {
    if (qEnvironmentVariableIsEmpty("REFERO_PORTAL")) {
        const DesktopContrast alone(nullptr);
        QTest::qWait(50);
        EXPECT_FALSE(look::highContrast()) << "no desktop, no wish";
        return;
    }
    Portal portal;
    // Another program, as the bus sees it.
    QDBusConnection bus =
        QDBusConnection::connectToBus(QDBusConnection::SessionBus, QStringLiteral("portal"));
    ASSERT_TRUE(bus.registerService(QStringLiteral("org.freedesktop.portal.Desktop")));
    const QString path = QStringLiteral("/org/freedesktop/portal/desktop");
    ASSERT_TRUE(bus.registerVirtualObject(path, &portal));
    const DesktopContrast contrast(nullptr);
    EXPECT_TRUE(eventually([] { return look::highContrast(); }));
    QDBusMessage changed = QDBusMessage::createSignal(path, QStringLiteral("org.freedesktop.portal.Settings"),
                                                      QStringLiteral("SettingChanged"));
    changed << QStringLiteral("org.freedesktop.appearance") << QStringLiteral("contrast")
            << QVariant::fromValue(QDBusVariant(0U));
    ASSERT_TRUE(bus.send(changed));
    EXPECT_TRUE(eventually([] { return !look::highContrast(); }));
}

}  // namespace
}  // namespace refero
