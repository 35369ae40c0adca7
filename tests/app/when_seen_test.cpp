// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/station/when_seen.h"

#include <gtest/gtest.h>

#include <QTest>

namespace refero {
namespace {

TEST(WhenSeen, APageThatIsSeenFollowsAtOnceAndAHiddenOneInAnEventOfItsOwn) {
    QWidget page;
    int updates = 0;
    auto& following = *new WhenSeen(&page, [&] { ++updates; });  // the page's
    following.ask();
    following.ask();
    EXPECT_EQ(updates, 0) << "hidden: not in the way of what is seen";
    QTest::qWait(1);
    EXPECT_EQ(updates, 1) << "once for both";

    following.ask();
    page.show();
    EXPECT_EQ(updates, 2) << "what is shown is never out of date";
    QTest::qWait(1);
    EXPECT_EQ(updates, 2);

    following.ask();
    EXPECT_EQ(updates, 3);
    page.hide();
    following.ask();
    EXPECT_EQ(updates, 3);
}

}  // namespace
}  // namespace refero
