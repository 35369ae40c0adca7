// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/settings/own_settings.h"

#include <QFile>

#include "app/jobs/job.h"
#include "window_fixture.h"

namespace refero {
namespace {

class OwnSettings : public WindowTest {
  protected:
    static QByteArray onDisk() {
        QFile file(ownSettings().fileName());
        return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
    }
    void TearDown() override {
        ownSettings().remove(QStringLiteral("tried"));
        WindowTest::TearDown();
    }
};

TEST_F(OwnSettings, AreKnownAtOnceAndWrittenInTheBackground) {
    ownSettings().setValue(QStringLiteral("tried"), QStringLiteral("first-of-all"));
    QCoreApplication::sendPostedEvents();
    EXPECT_EQ(ownSettings().value(QStringLiteral("tried")).toString(), QStringLiteral("first-of-all"));
    EXPECT_FALSE(onDisk().contains("first-of-all")) << "nothing waited for the disk";
    EXPECT_TRUE(eventually([&] { return onDisk().contains("first-of-all"); }, 10000));
}

TEST_F(OwnSettings, OfManyChangesTheLastIsWritten) {
    for (int i = 0; i < 100; ++i) {
        ownSettings().setValue(QStringLiteral("tried"), QStringLiteral("width-%1-px").arg(i));
        QCoreApplication::sendPostedEvents();
    }
    EXPECT_TRUE(eventually([&] { return onDisk().contains("width-99-px"); }, 10000));
    EXPECT_FALSE(onDisk().contains("width-0-px"));
}

// A window that goes takes its queued jobs with it.
TEST_F(OwnSettings, AreWrittenAlsoWhereTheWindowGoesMeanwhile) {
    ownSettings().setValue(QStringLiteral("tried"), QStringLiteral("before-it-went"));
    QCoreApplication::sendPostedEvents();
    window.reset();
    jobs::stopAll();
    EXPECT_TRUE(eventually([&] { return onDisk().contains("before-it-went"); }, 10000));
    ownSettings().setValue(QStringLiteral("tried"), QStringLiteral("and-again"));
    EXPECT_TRUE(eventually([&] { return onDisk().contains("and-again"); }, 10000));
}

}  // namespace
}  // namespace refero
