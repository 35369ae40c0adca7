// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is painted is told to those who do not see it: the tree that a screen reader walks has the same
// figures.
#include <QAbstractButton>
#include <QAccessible>
#include <QRegularExpression>

#include "app/correction/correction_station.h"
#include "app/frames/contact_sheet.h"
#include "app/look/described.h"
#include "app/meters/meter_panel.h"
#include "app/meters/scope_view.h"
#include "app/plots/ab_plot.h"
#include "app/plots/ladder_plot.h"
#include "app/station/figures_panel.h"
#include "window_fixture.h"

namespace refero {
namespace {

class Readers : public WindowTest {
  protected:
    static QString told(QWidget* widget) {
        QAccessibleInterface* seen = QAccessible::queryAccessibleInterface(widget);
        return seen ? seen->text(QAccessible::Description) : QString();
    }
    /// Everything below, as a reader walks it.
    void walk(QAccessibleInterface* at, const std::function<void(QAccessibleInterface*)>& visit) {
        visit(at);
        for (int i = 0; i < at->childCount(); ++i)
            if (QAccessibleInterface* child = at->child(i)) walk(child, visit);
    }
};

TEST_F(Readers, AFrameSaysItsPatches) {
    ASSERT_TRUE(open("good.tif"));
    ASSERT_TRUE(eventually([&] { return find<FrameView>("frameView")->hasPicture(); }));
    const QString frame = told(find<FrameView>("frameView"));
    EXPECT_TRUE(frame.startsWith(QStringLiteral("Fen 24 is outlined, 24 patches."))) << frame.toStdString();
    const double green = session().current()->reading->patch("B2")->rgb.y();
    static const QRegularExpression value(QStringLiteral("B2: linear ([0-9.]+) ([0-9.]+)"));
    EXPECT_NEAR(value.match(frame).captured(2).toDouble(), green, 0.01) << frame.toStdString();
    ASSERT_TRUE(open("hot.tif"));
    ASSERT_TRUE(eventually([&] { return find<FrameView>("frameView")->hasPicture(); }));
    EXPECT_TRUE(told(find<FrameView>("frameView")).contains(QStringLiteral("marked by a finding")));
}

TEST_F(Readers, PlotsAndScopesSayTheirFigures) {
    ASSERT_TRUE(openAndCorrect());
    const QString plane = told(find<AbPlot>("abPlot"));
    const PatchResult& patch = session().current()->correction->patches.front();
    EXPECT_TRUE(plane.contains(QStringLiteral("%1 belongs at").arg(QString::fromStdString(patch.id))));
    EXPECT_TRUE(plane.contains(QString::number(patch.differenceAfter, 'f', 1)));
    window->showStation(MainWindow::StationId::reading);
    find<FiguresPanel>("readingPanel")->setFolded(false);
    EXPECT_EQ(told(window->findChild<LadderPlot*>()).count(QStringLiteral("Lightness")), 9)
        << "a grey step a sentence: " << told(window->findChild<LadderPlot*>()).toStdString();
    auto* meters = window->findChild<MeterPanel*>();
    meters->showMeter(MeterPanel::Meter::vectorscope);
    auto* scope = meters->findChild<ScopeView*>();
    ASSERT_TRUE(eventually([&] { return told(scope).contains(QStringLiteral("Red: median")); }))
        << told(scope).toStdString();
    EXPECT_TRUE(told(scope).contains(QStringLiteral("degrees")));
    find<FiguresPanel>("readingPanel")->setFolded(true);
}

// On every station: whatever has the focus has a name, whatever paints figures says them.
TEST_F(Readers, WhatIsToBeSeenCanBeRead) {
    ASSERT_TRUE(openAndCorrect());
    int described = 0;
    for (int id = 0; id <= static_cast<int>(MainWindow::StationId::test); ++id) {
        window->showStation(static_cast<MainWindow::StationId>(id));
        QTest::qWait(150);
        QAccessibleInterface* root = QAccessible::queryAccessibleInterface(window.get());
        ASSERT_TRUE(root);
        walk(root, [&](QAccessibleInterface* at) {
            auto* widget = qobject_cast<QWidget*>(at->object());
            if (!widget || !widget->isVisible()) return;
            if (dynamic_cast<look::Described*>(widget)) {
                ++described;
                EXPECT_FALSE(at->text(QAccessible::Description).isEmpty())
                    << widget->metaObject()->className() << " on station " << id;
            }
            if (at->state().focusable && qobject_cast<QAbstractButton*>(widget)) {
                EXPECT_FALSE(at->text(QAccessible::Name).isEmpty())
                    << widget->metaObject()->className() << ' ' << widget->objectName().toStdString();
            }
        });
    }
    EXPECT_GE(described, 3);
}

}  // namespace
}  // namespace refero
