// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/reading_actions.h"
#include "window_fixture.h"

namespace refero {
namespace {

class ReadingInTheWindow : public WindowTest {};

TEST_F(ReadingInTheWindow, FirstSaysWhatWouldBringItToLife) {
    EXPECT_TRUE(find<QWidget>("emptyState")->isVisible());
    answers.frames = {frame("good.tif")};
    QTest::mouseClick(find<look::Button>("emptyOpen"), Qt::LeftButton);
    EXPECT_TRUE(session().current()->busy);
    EXPECT_TRUE(find<QWidget>("readingStation")->isVisible());
    ASSERT_TRUE(eventually([&] { return session().current()->reading.has_value(); }));
}

TEST_F(ReadingInTheWindow, FindsReadsAndJudgesAFrame) {
    ASSERT_TRUE(open("good.tif"));
    const auto& s = *session().current();
    ASSERT_TRUE(s.reading) << s.error.toStdString();
    EXPECT_EQ(s.reading->chart.id, "fen-24");
    EXPECT_EQ(s.body, "Heron");
    EXPECT_EQ(find<PatchTable>("patchTable")->patches().rowCount(), 24);
    EXPECT_EQ(visible<QWidget>("verdict")->accessibleName(), QStringLiteral("Good"));
    EXPECT_EQ(find<QComboBox>("chartChoice")->currentText(), QStringLiteral("Fen 24"));
    EXPECT_TRUE(eventually([&] { return find<FrameView>("frameView")->hasPicture(); }));
    EXPECT_EQ(visible<look::Button>("nextStep")->text(), QStringLiteral("Build the correction"));
}

TEST_F(ReadingInTheWindow, SaysShootAgainWhereTheShotIsBad) {
    ASSERT_TRUE(open("hot.tif"));
    ASSERT_TRUE(session().current()->reading);
    EXPECT_EQ(visible<QWidget>("verdict")->accessibleName(), QStringLiteral("Shoot again"));
    EXPECT_EQ(session().current()->due(), QStringLiteral("Shoot the chart again"));
}

TEST_F(ReadingInTheWindow, NamesAFileThatIsNoPicture) {
    ASSERT_TRUE(open("text.tif"));
    EXPECT_FALSE(session().current()->reading);
    EXPECT_TRUE(session().current()->error.contains(QStringLiteral("text.tif")));
    EXPECT_EQ(visible<QWidget>("verdict")->accessibleName(), QStringLiteral("Not readable"));
    ASSERT_TRUE(open("good.tif")) << "and the window goes on";
    EXPECT_TRUE(session().current()->reading);
}

TEST_F(ReadingInTheWindow, WithoutAChartTheCornersAreSetByHand) {
    ASSERT_TRUE(open("subject.tif"));
    EXPECT_EQ(visible<QWidget>("verdict")->accessibleName(), QStringLiteral("No chart found"));
    QTest::mouseClick(visible<look::Button>("nextStep"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return session().current()->reading.has_value(); }));
    EXPECT_TRUE(find<FrameView>("frameView")->corners());
    EXPECT_NE(session().current()->reading->verdict, Verdict::pass) << "tiles are no chart";
}

TEST_F(ReadingInTheWindow, CornersAreDraggedAndTheReadingFollows) {
    ASSERT_TRUE(open("good.tif"));
    auto* view = find<FrameView>("frameView");
    ASSERT_TRUE(eventually([&] { return view->hasPicture(); }));
    const Quad before = session().current()->reading->corners;
    const QPointF at = view->toView({before[1].x(), before[1].y()});
    // What is wrong then opens the findings, and the picture is smaller.
    const double scale = view->scale();
    QTest::mousePress(view, Qt::LeftButton, {}, at.toPoint());
    QTest::mouseMove(view, (at + QPointF(12, -8)).toPoint());
    QTest::mouseRelease(view, Qt::LeftButton, {}, (at + QPointF(12, -8)).toPoint());
    ASSERT_TRUE(eventually([&] { return session().current()->reading->corners != before; }));
    const Point moved = session().current()->reading->corners[1] - before[1];
    EXPECT_NEAR(moved.x(), 12 / scale, 3);
    EXPECT_NEAR(moved.y(), -8 / scale, 3);
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Move the top right corner"));

    QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(session().current()->reading->corners, before);
    EXPECT_NEAR((*view->corners())[1].x(), before[1].x(), 1e-9) << "the view follows";
    QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    EXPECT_NE(session().current()->reading->corners, before);
}

TEST_F(ReadingInTheWindow, CornersAreNudgedByKeys) {
    ASSERT_TRUE(open("good.tif"));
    auto* view = find<FrameView>("frameView");
    ASSERT_TRUE(eventually([&] { return view->hasPicture(); }));
    const Quad before = session().current()->reading->corners;
    const auto nudged = [&](Qt::KeyboardModifiers modifiers, double by) {
        const int steps = session().undo().count();
        const double x = session().current()->reading->corners[3].x();
        QTest::keyClick(view, Qt::Key_Right, modifiers);
        ASSERT_TRUE(eventually([&] { return session().undo().count() == steps + 1; }));
        EXPECT_NEAR(session().current()->reading->corners[3].x() - x, by, 1e-9);
    };
    QTest::keyClick(view, Qt::Key_4);
    EXPECT_EQ(view->selectedCorner(), 3);
    nudged(Qt::NoModifier, 1);
    nudged(Qt::ShiftModifier, 10);
    nudged(Qt::AltModifier, 0.1);
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Nudge the bottom left corner"));
    EXPECT_EQ(session().current()->reading->corners[0], before[0]);
}

TEST_F(ReadingInTheWindow, CornersThatCannotBeAreRefusedInWordsAndTheReadingIsKept) {
    ASSERT_TRUE(open("good.tif"));
    const Quad before = session().current()->reading->corners;
    Quad outside = before;
    for (Point& p : outside) p.x() += 5000;
    session().reading().setCorners(session().currentId(), outside, QStringLiteral("Move away"));
    ASSERT_TRUE(eventually([&] { return !session().current()->error.isEmpty(); }));
    EXPECT_EQ(session().current()->reading->corners, before);
    EXPECT_TRUE(
        visible<QWidget>("verdictLine")->accessibleName().contains(QStringLiteral("outside the frame")))
        << "the reason is on the screen";
}

TEST_F(ReadingInTheWindow, StatingAnotherEncodingReadsAgain) {
    ASSERT_TRUE(open("good.tif"));
    const double before = session().current()->reading->patches[1].rgb.y();
    auto* choice = find<QComboBox>("encodingChoice");
    const int srgb = choice->findText(QStringLiteral("srgb"));
    choice->setCurrentIndex(srgb);
    emit choice->activated(srgb);
    ASSERT_TRUE(eventually([&] { return !session().current()->busy; }));
    ASSERT_TRUE(session().current()->frame);
    ASSERT_TRUE(session().current()->reading)
        << "the corners are known, so the chart need not be found again";
    EXPECT_EQ(session().current()->frame->encoding, Encoding::srgb);
    EXPECT_NEAR(session().current()->reading->patches[1].rgb.y(), decode(Encoding::srgb, before), 0.02);
    QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
    ASSERT_TRUE(eventually([&] { return !session().current()->busy && session().current()->reading; }));
    EXPECT_NEAR(session().current()->reading->patches[1].rgb.y(), before, 1e-6);
}

// A click is not lost because the picture is still on its way.
TEST_F(ReadingInTheWindow, AnEncodingStatedWhileItsFrameIsLoadedIsHeard) {
    ASSERT_TRUE(open("good.tif"));
    const auto id = session().currentId();
    session().reading().setEncodings({id}, Encoding::srgb);
    ASSERT_TRUE(session().current()->busy);
    session().reading().setEncodings({id}, Encoding::rec709);
    ASSERT_TRUE(eventually([&] { return !session().current()->busy; }));
    EXPECT_EQ(session().current()->reading->encoding, Transfer(Encoding::rec709)) << "the last word counts";
    EXPECT_EQ(session().current()->frame->encoding, Transfer(Encoding::rec709));
}

TEST_F(ReadingInTheWindow, CurveFileIsOfferedAndKeptInTheChoice) {
    ASSERT_TRUE(open("good.tif"));
    const double before = session().current()->reading->patches[1].rgb.y();
    auto* choice = find<QComboBox>("encodingChoice");
    const auto pickFile = [&] { emit choice->activated(choice->count() - 1); };
    pickFile();  // and backs out
    EXPECT_EQ(choice->currentText(), QStringLiteral("linear"));
    test::TemporaryFolder folder;
    test::put(folder / "words.csv", "no curve\nat all\n");
    answers.file = QString::fromStdString(folder / "words.csv");
    pickFile();
    ASSERT_TRUE(eventually([&] { return !session().current()->error.isEmpty(); }));
    EXPECT_TRUE(session().current()->reading) << "a refused curve changes nothing";
    test::put(folder / "own.csv", "0,0\n0.5,0.2\n1,1\n");
    answers.file = QString::fromStdString(folder / "own.csv");
    pickFile();
    ASSERT_TRUE(eventually(
        [&] { return choice->currentText() == QStringLiteral("own.csv") && !session().current()->busy; }));
    ASSERT_TRUE(session().current()->reading);
    const Transfer curve = session().current()->frame->encoding;
    EXPECT_NEAR(session().current()->reading->patches[1].rgb.y(), curve.decode(before), 0.02);
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("State encoding own.csv"));
}

TEST_F(ReadingInTheWindow, TableIsCopiedAsText) {
    ASSERT_TRUE(open("good.tif"));
    auto* table = find<PatchTable>("patchTable");
    const QString text = table->asText();
    EXPECT_EQ(text.count(QLatin1Char('\n')), 25);
    EXPECT_TRUE(text.startsWith(QStringLiteral("Patch\tR %\t")));
    EXPECT_TRUE(text.contains(QStringLiteral("B2  Chalk\t")));
    QAbstractItemModelTester tester(&table->patches(), QAbstractItemModelTester::FailureReportingMode::Fatal);
}

TEST_F(ReadingInTheWindow, AsksForAnEncodingThatTheFileDoesNotStateWithWhatTheGreysSay) {
    sim::Shot shot = test::plainShot();
    shot.file = "plain.png";  // has no place to state it
    shot.encoding = Encoding::rec709;
    ASSERT_TRUE(sim::shootToFile(shot, own_.path()));
    window->openFrames({QString::fromStdString(own_ / "plain.png")});
    ASSERT_TRUE(eventually([&] { return session().current()->reading.has_value(); }));
    EXPECT_EQ(session().current()->reading->encodingSource, EncodingSource::assumed);
    auto* answer = visible<look::Button>("encodingAnswer");
    EXPECT_EQ(answer->text(), QStringLiteral("More likely rec709"))
        << "sRGB is what such files are taken for";
    EXPECT_TRUE(answer->toolTip().contains(QStringLiteral("stops")));
    QTest::mouseClick(answer, Qt::LeftButton);
    ASSERT_TRUE(
        eventually([&] { return session().current()->reading->encodingSource == EncodingSource::stated; }));
    EXPECT_EQ(session().current()->reading->encoding, Transfer(Encoding::rec709));
    EXPECT_TRUE(eventually([&] { return !find<QWidget>("encodingQuestion")->isVisible(); }));
}

// Findings, ledger and plan say the same, also after a limit was changed at its finding.
TEST_F(ReadingInTheWindow, ALimitChangedAtItsFindingIsKnownToLedgerAndPlan) {
    ASSERT_TRUE(open("hot.tif"));
    const auto id = session().currentId();
    ASSERT_EQ(session().setup(id)->reading->verdict, Verdict::reshoot);
    EXPECT_EQ(session().setup(id)->due(), QStringLiteral("Shoot the chart again"));
    const auto allowAll = [&] {
        for (const Check& c : session().setup(id)->reading->checks)
            if (c.verdict != Verdict::pass) {
                session().reading().allow(c, c.value);
                return true;
            }
        return false;
    };
    for (int n = 0; n < 20 && allowAll(); ++n) {
    }
    EXPECT_EQ(session().setup(id)->reading->verdict, Verdict::pass);
    EXPECT_EQ(session().setup(id)->due(), QStringLiteral("Read, not corrected"));
    EXPECT_EQ(session().setup(id)->plan.state, plan::DueState::done);
    session().undo().setIndex(1);
    EXPECT_EQ(session().setup(id)->due(), QStringLiteral("Shoot the chart again")) << "and back";
}

// A frame is on loan to the setup that is looked at; the cache keeps others while there is room.
TEST_F(ReadingInTheWindow, OnlyTheSetupAtHandHoldsItsFrame) {
    ASSERT_TRUE(open("good.tif"));
    const auto first = session().currentId();
    ASSERT_TRUE(open("hot.tif"));
    const auto second = session().currentId();
    ASSERT_TRUE(eventually([&] { return session().setup(second)->frame != nullptr; }));
    EXPECT_FALSE(session().setup(first)->frame);
    session().select(first);
    EXPECT_TRUE(session().setup(first)->frame) << "it is still in the cache: no wait";
    EXPECT_FALSE(session().setup(second)->frame);
    EXPECT_LE(session().frames().bytes(), session().frames().budget());
}

}  // namespace
}  // namespace refero
