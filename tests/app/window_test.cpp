// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <QAction>
#include <QComboBox>
#include <QListView>
#include <QMimeData>
#include <QThreadPool>
#include <QWheelEvent>

#include "app/ledger/ledger.h"
#include "app/look/tokens.h"
#include "app/session/intake_actions.h"
#include "window_fixture.h"

namespace refero {
namespace {

class Window : public WindowTest {};

TEST_F(Window, ChromeIsExactlyNeutralAndReadable) {
    for (const look::Surround s : {look::Surround::dim, look::Surround::booth}) {
        look::setSurround(s);
        const auto& p = look::palette();
        for (const QColor& c : {p.ground, p.panel, p.raised, p.line, p.quiet, p.text, p.loud, p.viewing}) {
            EXPECT_EQ(c.red(), c.green());
            EXPECT_EQ(c.green(), c.blue());
        }
        // WCAG 2.1, 1.4.3: at least 4.5 : 1, luminance after IEC 61966-2-1.
        const auto luminance = [](const QColor& c) { return decode(Encoding::srgb, c.redF()); };
        const auto contrast = [&](const QColor& a, const QColor& b) {
            const double la = luminance(a) + 0.05, lb = luminance(b) + 0.05;
            return std::max(la, lb) / std::min(la, lb);
        };
        for (const QColor& ground : {p.ground, p.panel, p.raised})
            for (const QColor& ink : {p.text, p.loud, p.quiet})
                EXPECT_GE(contrast(ground, ink), 4.5)
                    << ink.name().toStdString() << " on " << ground.name().toStdString();
    }
    look::setSurround(look::Surround::dim);
}

TEST_F(Window, EveryControlHasANameForThoseWhoDoNotSee) {
    ASSERT_TRUE(openAndCorrect());
    for (QWidget* w : window->findChildren<QWidget*>()) {
        const bool control = qobject_cast<QAbstractButton*>(w) || qobject_cast<QComboBox*>(w) ||
                             qobject_cast<QAbstractItemView*>(w) || qobject_cast<PictureView*>(w);
        if (!control || w->objectName().startsWith(QStringLiteral("qt_")) || w->window() != window.get())
            continue;
        if (qobject_cast<QComboBox*>(w->parentWidget()) ||
            (w->parentWidget() && w->parentWidget()->inherits("QComboBoxPrivateContainer")))
            continue;
        if (w->inherits("QTableCornerButton") || w->inherits("QHeaderView")) continue;
        EXPECT_FALSE(w->accessibleName().isEmpty())
            << w->metaObject()->className() << " " << w->objectName().toStdString();
    }
}

TEST_F(Window, ALongMessageHasALineOfItsOwnAndDoesNotWidenTheWindow) {
    const int wide = window->width();
    const QString message = QStringLiteral("The studio of this name is damaged. ").repeated(12);
    window->tell(message);
    QTest::qWait(20);
    EXPECT_EQ(find<QLabel>("notice")->text(), message);
    EXPECT_TRUE(find<QLabel>("notice")->isVisible());
    EXPECT_EQ(window->width(), wide);
    EXPECT_LT(window->minimumSizeHint().width(), 1200);
    window->tell(QStringLiteral("Copied"));
    EXPECT_FALSE(find<QLabel>("notice")->isVisible());
    EXPECT_EQ(find<QLabel>("progress")->text(), QStringLiteral("Copied"));
}

TEST_F(Window, LedgerListsSetupsAndPointsEveryStationAtTheChosenOne) {
    ASSERT_TRUE(open("good.tif"));
    ASSERT_TRUE(open("hot.tif"));
    auto* list = find<QListView>("setupList");
    ASSERT_EQ(list->model()->rowCount(), 2);
    QAbstractItemModelTester tester(list->model(), QAbstractItemModelTester::FailureReportingMode::Fatal);
    list->setCurrentIndex(list->model()->index(0, 0));
    EXPECT_EQ(session().current()->light, "good");
    EXPECT_EQ(visible<QWidget>("verdict")->accessibleName(), QStringLiteral("Good"));
    EXPECT_TRUE(list->model()
                    ->index(1, 0)
                    .data(Qt::AccessibleTextRole)
                    .toString()
                    .contains(QStringLiteral("Shoot the chart again")));
}

TEST_F(Window, SetupsAreNamedTakenOutAndBroughtBack) {
    ASSERT_TRUE(open("good.tif"));
    ASSERT_TRUE(open("hot.tif"));
    auto* list = find<QListView>("setupList");
    answers.names = std::pair(QStringLiteral("Kiln room"), QStringLiteral("Incandescent"));
    QTest::keyClick(list, Qt::Key_F2);
    EXPECT_EQ(session().current()->place, "Kiln room");
    QTest::keyClick(list, Qt::Key_Delete);
    EXPECT_EQ(session().setups().size(), 1u);
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Take out Incandescent"));
    session().undo().undo();
    ASSERT_EQ(session().setups().size(), 2u);
    EXPECT_EQ(session().setups()[1].light, "Incandescent");
    EXPECT_TRUE(session().setups()[1].reading) << "with its reading";
    while (session().undo().canUndo()) session().undo().undo();
    EXPECT_TRUE(session().setups().empty());
    EXPECT_TRUE(find<QWidget>("emptyState")->isVisible());
    while (session().undo().canRedo()) session().undo().redo();
    EXPECT_EQ(session().setups().size(), 1u);
    EXPECT_TRUE(eventually([&] { return session().setups()[0].reading.has_value(); }))
        << "a frame opened again is read again";
}

TEST_F(Window, AClickBesideTheRowsLeavesTheSetupMarked) {
    ASSERT_TRUE(open("good.tif"));
    auto* list = find<QListView>("setupList");
    QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, QPoint(60, list->viewport()->height() - 10));
    EXPECT_TRUE(list->selectionModel()->isSelected(list->model()->index(0, 0)));
}

TEST_F(Window, FramesAreDroppedAnywhere) {
    QMimeData mime;
    mime.setUrls({QUrl::fromLocalFile(frame("good.tif")), QUrl::fromLocalFile(frame("hot.tif"))});
    QDragEnterEvent enter({200, 200}, Qt::CopyAction, &mime, Qt::LeftButton, {});
    QApplication::sendEvent(window.get(), &enter);
    EXPECT_TRUE(enter.isAccepted());
    QDropEvent drop(QPointF(200, 200), Qt::CopyAction, &mime, Qt::LeftButton, {});
    QApplication::sendEvent(window.get(), &drop);
    // Several go the way of a folder: they come in, and speak for setups.
    ASSERT_TRUE(eventually([&] { return session().contents().all<studio::Frame>().size() == 2; }));
    ASSERT_TRUE(eventually([&] { return !session().intake().running(); }));
    EXPECT_TRUE(find<QWidget>("contactSheet")->isVisible());
    EXPECT_TRUE(session().setups().empty());
    EXPECT_FALSE(session().intake().proposals().empty());
}

TEST_F(Window, StationsAreReachedByKeyAndViewingHidesTheRest) {
    ASSERT_TRUE(openAndCorrect());
    QTest::keyClick(window.get(), Qt::Key_3, Qt::ControlModifier);
    EXPECT_TRUE(find<QWidget>("readingStation")->isVisible());
    QTest::keyClick(window.get(), Qt::Key_4, Qt::ControlModifier);
    EXPECT_TRUE(find<QWidget>("correctionStation")->isVisible());
    window->setViewingOnly(true);
    EXPECT_FALSE(find<QWidget>("ledger")->isVisible());
    EXPECT_TRUE(find<QWidget>("compareView")->isVisible());
    window->setViewingOnly(false);
    EXPECT_TRUE(find<QWidget>("ledger")->isVisible());
}

TEST_F(Window, SurvivesBeingClosedInTheMiddleOfWork) {
    for (const char* name : {"good.tif", "hot.tif"}) window->openFrames({frame(name)});
    window.reset();
    EXPECT_TRUE(QThreadPool::globalInstance()->waitForDone(20000)) << "the jobs end by themselves";
    QTest::qWait(50);  // their results arrive where nobody is any more
    openWindow();
    EXPECT_EQ(session().setups().size(), 2u) << "what was opened was kept";
    EXPECT_TRUE(eventually([&] { return session().setups()[0].reading && session().setups()[1].reading; }));
}

TEST_F(Window, WhatIsDoneIsThereAtTheNextStart) {
    ASSERT_TRUE(openAndCorrect());
    const auto colours = session().current()->correction->colours.base().coefficients();
    const auto checks = session().current()->reading->checks.size();
    window.reset();
    openWindow();
    ASSERT_EQ(session().setups().size(), 1u);
    const auto& again = session().setups()[0];
    ASSERT_TRUE(again.reading && again.correction);
    ASSERT_EQ(again.correction->colours.base().coefficients().cols(), colours.cols());
    EXPECT_LT((again.correction->colours.base().coefficients() - colours).norm(), 1e-12);
    EXPECT_EQ(again.reading->checks.size(), checks);
    EXPECT_TRUE(eventually([&] { return session().setups()[0].frame != nullptr; })) << "and its picture";
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Build correction for good"));
    QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
    EXPECT_FALSE(session().current()->correction);
}

TEST_F(Window, ASecondOneOnTheSameStudioOnlyReads) {
    ASSERT_TRUE(open("good.tif"));
    auto studio = studio::Studio::open(own_ / "studio.refero");
    ASSERT_TRUE(studio);
    MainWindow second(answers, *std::move(studio));
    second.show();
    ASSERT_EQ(second.session().setups().size(), 1u);
    second.session().remove(second.session().currentId());
    EXPECT_EQ(second.session().setups().size(), 1u);
    bool said = false;
    for (QLabel* l : second.findChildren<QLabel*>())
        said |= l->text().contains(QStringLiteral("another window"));
    EXPECT_TRUE(said);
}

TEST_F(Window, FitsAt1280By800AndWithLargerText) {
    ASSERT_TRUE(openAndCorrect());
    window->resize(1280, 800);
    QTest::qWait(20);
    EXPECT_LE(window->minimumSizeHint().width(), 1280);
    EXPECT_LE(window->minimumSizeHint().height(), 800);
    EXPECT_GE(find<QWidget>("compareView")->height(), 240) << "the picture is the main thing";
}

TEST_F(Window, EscLeadsBackFromThePictureAloneInEveryStation) {
    ASSERT_TRUE(openAndCorrect());
    for (int station = 0; station <= static_cast<int>(MainWindow::StationId::test); ++station) {
        window->showStation(static_cast<MainWindow::StationId>(station));
        find<QAction>("viewingAction")->trigger();
        EXPECT_FALSE(find<QWidget>("topBar")->isVisible());
        QTest::keyClick(window.get(), Qt::Key_Escape);
        EXPECT_TRUE(find<QWidget>("topBar")->isVisible()) << station;
    }
}

// What rolls past under the pointer is not changed; what was clicked is.
TEST_F(Window, TheWheelChangesNothingThatWasNotClicked) {
    ASSERT_TRUE(open("good.tif"));
    window->showStation(MainWindow::StationId::plan);
    auto* policy = visible<QComboBox>("policyChoice");
    const auto roll = [&] {
        QWheelEvent wheel(QPointF(policy->rect().center()),
                          policy->mapToGlobal(QPointF(policy->rect().center())), {}, {0, -120}, Qt::NoButton,
                          Qt::NoModifier, Qt::NoScrollPhase, false);
        QApplication::sendEvent(policy, &wheel);
    };
    find<QWidget>("setupEditor")->setFocus();
    const int before = policy->currentIndex();
    roll();
    EXPECT_EQ(policy->currentIndex(), before);
    EXPECT_FALSE(policy->hasFocus());
    policy->setFocus();
    roll();
    EXPECT_NE(policy->currentIndex(), before);
}

// Made smaller by its border, a window stops at what its pages need: also those that nobody looks at.
TEST_F(Window, CanBeMadeSmallInSteps) {
    ASSERT_TRUE(openAndCorrect());
    window->resize(1400, 900);
    window->showStation(MainWindow::StationId::handover);
    QTest::qWait(50);
    window->resize(1190, 640);
    QTest::qWait(50);
    EXPECT_LE(window->minimumSizeHint().width(), 1024);
    window->resize(1280, 800);
    QTest::qWait(50);
    EXPECT_GT(window->minimumSizeHint().width(), 1024) << "all of it is there again";
}

// 1280 x 800 at a scale of 125 %.
TEST_F(Window, FitsASmallScreenInEveryStation) {
    ASSERT_TRUE(openAndCorrect());
    window->resize(1024, 640);
    for (const auto station :
         {MainWindow::StationId::plan, MainWindow::StationId::frames, MainWindow::StationId::reading,
          MainWindow::StationId::correction, MainWindow::StationId::pairing, MainWindow::StationId::handover,
          MainWindow::StationId::test}) {
        window->showStation(station);
        QTest::qWait(50);
        EXPECT_EQ(window->size(), QSize(1024, 640));
        EXPECT_LE(window->minimumSizeHint().width(), 1024);
        EXPECT_LE(window->minimumSizeHint().height(), 640);
    }
}

}  // namespace
}  // namespace refero
