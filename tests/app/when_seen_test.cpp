// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/station/when_seen.h"

#include <gtest/gtest.h>

#include <QTest>
#include <algorithm>
#include <memory>
#include <vector>

namespace refero {
namespace {

TEST(WhenSeen, APageThatIsSeenFollowsAtOnceAndAHiddenOneInAnEventOfItsOwn) {
    QWidget page;
    int updates = 0;
    auto& following = *new WhenSeen(&page, [&] { ++updates; });  // the page's
    following.ask();
    following.ask();
    EXPECT_EQ(updates, 0) << "hidden: not in the way of what is seen";
    QTest::qWait(200);
    EXPECT_EQ(updates, 1) << "once for both";

    following.ask();
    page.show();
    EXPECT_EQ(updates, 2) << "what is shown is never out of date";
    QTest::qWait(200);
    EXPECT_EQ(updates, 2);

    following.ask();
    EXPECT_EQ(updates, 3);
    page.hide();
    following.ask();
    EXPECT_EQ(updates, 3);
}

// Ten pages that follow one change leave room for the person between them. A machine that stands still
// meanwhile finds several due: then it is tried again.
TEST(WhenSeen, HiddenPagesFollowOneByOne) {
    std::vector<std::unique_ptr<QWidget>> pages;
    std::vector<WhenSeen*> all;
    int updates = 0;
    for (int i = 0; i < 10; ++i) {
        pages.push_back(std::make_unique<QWidget>());
        all.push_back(new WhenSeen(pages.back().get(), [&] { ++updates; }));
    }
    int most = 10;
    for (int i = 0; i < 20 && most > 2; ++i) {
        updates = most = 0;
        for (WhenSeen* w : all) w->ask();
        while (updates < 10) {
            const int before = updates;
            QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents);
            most = std::max(most, updates - before);
        }
    }
    EXPECT_LE(most, 2);
}

}  // namespace
}  // namespace refero
