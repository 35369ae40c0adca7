// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// The tab key goes through a page as one reads it: along a row, then down.
#include <QAction>

#include "window_fixture.h"

namespace refero {
namespace {

using FocusOrder = WindowTest;

bool takesTab(const QWidget* w) {
    return w->isVisible() && w->isEnabled() && (w->focusPolicy() & Qt::TabFocus) && !w->focusProxy() &&
           !w->visibleRegion().isEmpty();
}

// In their parent, so that panels beside each other are gone through one after the other.
bool before(const QRect& later, const QRect& earlier) {
    const bool sameRow = later.top() < earlier.bottom() && earlier.top() < later.bottom();
    const bool sameColumn = later.left() < earlier.right() && earlier.left() < later.right();
    return (sameRow && later.right() <= earlier.left()) || (sameColumn && later.bottom() <= earlier.top());
}

std::string said(const QWidget* w) {
    return (QString(QLatin1String(w->metaObject()->className())) + QLatin1Char(' ') + w->objectName() +
            QLatin1Char(' ') + w->accessibleName())
        .toStdString();
}

TEST_F(FocusOrder, FollowsTheEyeOnEveryPage) {
    ASSERT_TRUE(openAndCorrect());
    window->resize(1280, 800);
    int pairs = 0;
    for (const char* page : kPageActions) {
        find<QAction>(page)->trigger();
        QTest::qWait(150);
        std::vector<QWidget*> chain;
        for (QWidget* w = window->nextInFocusChain(); w && w != window.get(); w = w->nextInFocusChain())
            if (takesTab(w)) chain.push_back(w);
        EXPECT_GT(chain.size(), 5u) << page;
        for (std::size_t i = 0; i < chain.size(); ++i)
            for (std::size_t k = i + 1; k < chain.size(); ++k) {
                if (chain[i]->parentWidget() != chain[k]->parentWidget()) continue;
                ++pairs;
                EXPECT_FALSE(before(chain[k]->geometry(), chain[i]->geometry()))
                    << page << ": " << said(chain[i]) << " comes before " << said(chain[k]);
            }
    }
    EXPECT_GT(pairs, 200);
}

}  // namespace
}  // namespace refero
