// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <QAbstractItemView>
#include <QCheckBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QSlider>
#include <QTableView>

#include "app/correction/correction_station.h"
#include "app/findings/findings.h"
#include "app/judging/colours_page.h"
#include "app/judging/compare_view.h"
#include "app/judging/finish_page.h"
#include "app/judging/judging_view.h"
#include "app/judging/snapshots_page.h"
#include "app/judging/stages_page.h"
#include "app/judging/warmth_ladder.h"
#include "app/meters/scope_view.h"
#include "app/session/correction_actions.h"
#include "app/session/reading_actions.h"
#include "core/assess/levels.h"
#include "core/colour/difference.h"
#include "window_fixture.h"

namespace refero {
namespace {

class Judging : public WindowTest {
  protected:
    CompareView& compare() { return *find<CompareView>("compareView"); }
    CorrectionStation& station() { return *find<CorrectionStation>("correctionStation"); }
    bool drawn() {
        return eventually([&] { return compare().hasPicture(); });
    }
    bool shows(CompareView::Layout layout) {
        return eventually([&] { return compare().layoutOfPanes() == layout && compare().hasPicture(); });
    }
    void choose(const char* object, int index) {
        auto* box = find<QComboBox>(object);
        box->setCurrentIndex(index);
        emit box->activated(index);
    }
    const Correction& correction() { return *session().current()->correction; }
    // Of a pane's picture, in 0..255.
    static double meanRed(const CompareView::Pane& pane) {
        const QImage& small = pane.levels.back();
        double sum = 0;
        for (int y = 0; y < small.height(); ++y)
            for (int x = 0; x < small.width(); ++x) sum += qRed(small.pixel(x, y));
        return sum / (small.width() * small.height());
    }
};

TEST_F(Judging, ShowsTwoSideBySideFourUpAndTheDifference) {
    ASSERT_TRUE(openAndCorrect());
    ASSERT_TRUE(drawn());
    EXPECT_EQ(compare().layoutOfPanes(), CompareView::Layout::wipe);
    ASSERT_EQ(compare().panes().size(), 2u);
    EXPECT_EQ(compare().panes()[0].title, QStringLiteral("Balance alone"));
    EXPECT_EQ(compare().panes()[1].title, QStringLiteral("Corrected"));

    choose("judgingMode", 1);
    ASSERT_TRUE(shows(CompareView::Layout::sideBySide));
    // One zoom for both: what is under the pointer stays there, in each half alike.
    const double before = compare().scale();
    QWheelEvent wheel(QPointF(compare().width() * 0.75, 100), compare().mapToGlobal(QPointF(10, 10)), {},
                      {0, 240}, Qt::NoButton, Qt::NoModifier, Qt::NoScrollPhase, false);
    QApplication::sendEvent(&compare(), &wheel);
    EXPECT_GT(compare().scale(), 1.2 * before);
    compare().fit();
    EXPECT_LE(compare().scale() * 900, compare().width()) << "a pane is half as wide as the view";

    choose("judgingMode", 2);
    ASSERT_TRUE(shows(CompareView::Layout::fourUp));
    ASSERT_EQ(compare().panes().size(), 4u);
    EXPECT_EQ(compare().panes()[1].title, QStringLiteral("As recorded"));
    EXPECT_NE(compare().panes()[3].title.indexOf(QStringLiteral("CIEDE2000")), -1);

    choose("judgingMode", 3);
    ASSERT_TRUE(shows(CompareView::Layout::alone));
    const QString told = compare().panes()[0].title;
    EXPECT_NE(told.indexOf(QStringLiteral("mean")), -1);
    // The chart alone says how far balance is off; the picture agrees with it in size.
    EXPECT_NE(told.indexOf(QStringLiteral("Balance alone")), -1);

    choose("judgingMode", 0);
    ASSERT_TRUE(shows(CompareView::Layout::wipe));
}

TEST_F(Judging, HoldsTheCorrectionAgainstTheRecordingAndItself) {
    ASSERT_TRUE(openAndCorrect());
    ASSERT_TRUE(drawn());
    choose("againstChoice", 1);
    ASSERT_TRUE(eventually([&] { return compare().panes()[0].title == QStringLiteral("As recorded"); }));
    // Without a finish there is nothing to hold it against; with one there is.
    EXPECT_EQ(find<QComboBox>("againstChoice")->findText(QStringLiteral("Without finish")), -1);
    session().correction().setFinish(session().currentId(), {.warmthSteps = 4});
    EXPECT_NE(find<QComboBox>("againstChoice")->findText(QStringLiteral("Without finish")), -1);
}

TEST_F(Judging, WarnsOfWhatASpaceCannotShow) {
    ASSERT_TRUE(openAndCorrect());
    ASSERT_TRUE(drawn());
    session().correction().setFinish(session().currentId(), {.exposureStops = 2, .saturation = 2});
    choose("warningChoice", 1);
    ASSERT_TRUE(
        eventually([&] { return compare().panes()[1].title.contains(QStringLiteral("outside sRGB")); }));
    const QString srgb = compare().panes()[1].title;
    choose("warningChoice", 3);
    ASSERT_TRUE(eventually([&] { return compare().panes()[1].title.contains(QStringLiteral("2020")); }));
    const auto share = [](const QString& title) {
        const auto at = title.indexOf(QStringLiteral("· ")) + 2;
        return title.mid(at, title.indexOf(QLatin1Char(' '), at) - at).toDouble();
    };
    EXPECT_GT(share(srgb), share(compare().panes()[1].title)) << "a larger space holds more";
}

TEST_F(Judging, AReadyFinishIsKeptAndCanBeUndone) {
    ASSERT_TRUE(openAndCorrect());
    ASSERT_TRUE(drawn());
    station().showPage(CorrectionStation::Page::finish);
    const Spread figures = correction().summary.after;
    QTest::mouseClick(visible<look::Button>("finishRounded"), Qt::LeftButton);
    EXPECT_EQ(correction().finish, *finishByName("rounded"));
    EXPECT_EQ(correction().summary.after.mean, figures.mean) << "no figure counts it";
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Finish: Rounded"));
    session().undo().undo();
    EXPECT_TRUE(correction().finish.isNone());
    EXPECT_EQ(find<QSlider>("finishContrast")->value(), 0) << "the page follows";
}

// Reading the chart anew takes the correction away; what was chosen by taste is not asked for twice.
TEST_F(Judging, AFinishStaysWhenTheChartIsReadAnew) {
    ASSERT_TRUE(openAndCorrect());
    const auto id = session().currentId();
    session().correction().setFinish(id, {.warmthSteps = 2, .contrast = 0.25});
    session().correction().judgeBy(id, fitLimitSets().back());
    session().reading().setCorners(id, session().setup(id)->reading->corners,
                                   QStringLiteral("Move a corner"));
    ASSERT_TRUE(eventually([&] { return !session().setup(id)->correction; }));
    session().correction().build(id, {});
    ASSERT_TRUE(eventually([&] { return session().setup(id)->correction.has_value(); }));
    EXPECT_EQ(correction().finish.warmthSteps, 2);
    EXPECT_EQ(correction().finish.contrast, 0.25);
    EXPECT_EQ(correction().limits.name, fitLimitSets().back().name);
}

TEST_F(Judging, TheLadderOfWarmthIsMovedByKeysAndMouse) {
    ASSERT_TRUE(openAndCorrect());
    ASSERT_TRUE(drawn());
    station().showPage(CorrectionStation::Page::finish);
    auto* ladder = visible<WarmthLadder>("warmthLadder");
    ASSERT_TRUE(ladder);
    const double red = meanRed(compare().panes()[1]);
    ladder->setFocus();
    QTest::keyClick(ladder, Qt::Key_Right);
    QTest::keyClick(ladder, Qt::Key_Right);
    EXPECT_EQ(correction().finish.warmthSteps, 2);
    QTest::keyClick(ladder, Qt::Key_Left, Qt::ShiftModifier);
    EXPECT_EQ(correction().finish.warmthSteps, 1.5);
    // Dragged, the picture follows at once, but only what is let go is kept.
    QTest::mousePress(ladder, Qt::LeftButton, {}, QPoint(ladder->width() - 20, 15));
    EXPECT_EQ(ladder->steps(), 6);
    EXPECT_EQ(correction().finish.warmthSteps, 1.5);
    ASSERT_TRUE(eventually([&] { return meanRed(compare().panes()[1]) > red + 2; })) << "warmer is redder";
    QTest::mouseRelease(ladder, Qt::LeftButton, {}, QPoint(ladder->width() - 20, 15));
    EXPECT_EQ(correction().finish.warmthSteps, 6);
    QTest::keyClick(ladder, Qt::Key_0);
    EXPECT_EQ(correction().finish.warmthSteps, 0);
}

TEST_F(Judging, AHeldKeyIsOneStep) {
    ASSERT_TRUE(openAndCorrect());
    ASSERT_TRUE(drawn());
    station().showPage(CorrectionStation::Page::finish);
    const auto hold = [](QWidget* on, int times) {
        on->setFocus();
        QTest::keyPress(on, Qt::Key_Right);
        for (int i = 1; i < times; ++i) {
            QKeyEvent again(QEvent::KeyPress, Qt::Key_Right, Qt::NoModifier, QString(), true);
            QApplication::sendEvent(on, &again);
            QKeyEvent up(QEvent::KeyRelease, Qt::Key_Right, Qt::NoModifier, QString(), true);
            QApplication::sendEvent(on, &up);
        }
    };
    auto* contrast = visible<QSlider>("finishContrast");
    auto* ladder = visible<WarmthLadder>("warmthLadder");
    hold(contrast, 8);
    EXPECT_EQ(contrast->value(), 8) << "the page follows the key";
    EXPECT_EQ(correction().finish.contrast, 0) << "only what is let go is kept";
    QTest::keyRelease(contrast, Qt::Key_Right);
    EXPECT_NEAR(correction().finish.contrast, 0.4, 1e-9);
    hold(ladder, 3);
    // Looking elsewhere lets go as well.
    contrast->setFocus();
    EXPECT_EQ(correction().finish.warmthSteps, 3);
    session().undo().undo();
    EXPECT_EQ(correction().finish.warmthSteps, 0);
    EXPECT_NEAR(correction().finish.contrast, 0.4, 1e-9);
    session().undo().undo();
    EXPECT_TRUE(correction().finish.isNone());
}

TEST_F(Judging, AFinishStaysWhenTheCorrectionIsBuiltAnew) {
    ASSERT_TRUE(openAndCorrect());
    session().correction().setFinish(session().currentId(), {.contrast = 0.25});
    choose("modelChoice", 2);
    ASSERT_TRUE(eventually([&] { return correction().model == Model::matrix; }));
    EXPECT_EQ(correction().finish.contrast, 0.25);
}

TEST_F(Judging, ThePleasingIntentBringsAFinishAndTakesItAlong) {
    ASSERT_TRUE(openAndCorrect());
    choose("intentChoice", 3);
    ASSERT_TRUE(eventually([&] { return correction().intent == Intent::pleasing; }));
    EXPECT_EQ(correction().finish, *finishByName("rounded"));
    choose("intentChoice", 0);
    ASSERT_TRUE(eventually([&] { return correction().intent == Intent::colorimetric; }));
    EXPECT_TRUE(correction().finish.isNone());
}

TEST_F(Judging, SnapshotsAreKeptNamedHeldAgainstTakenAndRemoved) {
    ASSERT_TRUE(openAndCorrect());
    ASSERT_TRUE(drawn());
    const Model first = correction().model;
    QTest::mouseClick(visible<look::Button>("keepSnapshot"), Qt::LeftButton);
    ASSERT_EQ(session().current()->snapshots.size(), 1u);
    QTest::mouseClick(visible<look::Button>("keepSnapshot"), Qt::LeftButton);
    ASSERT_EQ(session().current()->snapshots.size(), 2u);
    EXPECT_NE(session().current()->snapshots[0].name, session().current()->snapshots[1].name);
    choose("modelChoice", 1);
    ASSERT_TRUE(eventually([&] { return correction().model == Model::balance; }));
    ASSERT_EQ(session().current()->snapshots.size(), 2u) << "they outlive the correction that they were of";

    station().showPage(CorrectionStation::Page::snapshots);
    auto* list = visible<QTableView>("snapshotList");
    ASSERT_EQ(list->model()->rowCount(), 2);
    ASSERT_TRUE(list->model()->setData(list->model()->index(0, 0), QStringLiteral("For the tiles")));
    ASSERT_TRUE(eventually([&] { return session().current()->snapshots[0].name == "For the tiles"; }));
    list->selectRow(0);
    QTest::mouseClick(visible<look::Button>("snapshotAgainst"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return compare().panes()[0].title == QStringLiteral("For the tiles"); }));
    QTest::mouseClick(visible<look::Button>("snapshotTake"), Qt::LeftButton);
    EXPECT_EQ(correction().model, first);
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Go back to For the tiles"));
    QTest::mouseClick(visible<look::Button>("snapshotRemove"), Qt::LeftButton);
    EXPECT_EQ(session().current()->snapshots.size(), 1u);
    session().undo().undo();
    EXPECT_EQ(session().current()->snapshots.size(), 2u);
}

TEST_F(Judging, ScopesOfBothAreShown) {
    ASSERT_TRUE(openAndCorrect());
    ASSERT_TRUE(drawn());
    station().showPage(CorrectionStation::Page::scopes);
    auto* first = visible<ScopeView>("scopeFirst");
    auto* last = visible<ScopeView>("scopeLast");
    ASSERT_TRUE(first && last);
    const auto count = [](const ScopeView* s) {
        std::uint64_t sum = 0;
        for (const auto n : s->scopes().luma) sum += n;
        return sum;
    };
    ASSERT_TRUE(eventually([&] { return count(first) > 1000 && count(last) > 1000; }));
    EXPECT_NE(first->scopes().vectorscope, last->scopes().vectorscope);
}

TEST_F(Judging, IsJudgedByTheLimitsOfTheUseAndSaysSo) {
    ASSERT_TRUE(openAndCorrect());
    EXPECT_EQ(correction().limits.name, "Product");
    choose("fitLimitsChoice", 2);
    EXPECT_EQ(correction().limits.name, "Event");
    // From a finding's menu: what was allowed is kept with the correction, and goes when it is given back.
    const double good = correction().limits.mean.high;
    Check mean;
    mean.id = "mean";
    emit station().findChild<Findings*>()->limitWanted(mean, 4.5);
    EXPECT_GE(correction().limits.mean.high, 4.5);
    emit station().findChild<Findings*>()->limitWanted(mean, std::nullopt);
    EXPECT_EQ(correction().limits.mean.high, good);
    session().undo().undo();
    session().undo().undo();
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Judge the correction as Event"));
    session().undo().undo();
    EXPECT_EQ(find<QComboBox>("fitLimitsChoice")->currentText(), QStringLiteral("Product"));
}

// One control uses the shot as it was shot, and back.
TEST_F(Judging, MendingIsSwitchedOffByOneControl) {
    ASSERT_TRUE(openAndCorrect());
    auto* mend = find<QCheckBox>("mendChoice");
    ASSERT_TRUE(mend->isChecked());
    EXPECT_FALSE(correction().asShot);
    const bool mended = !correction().treatments.empty();
    QTest::mouseClick(mend, Qt::LeftButton, {}, QPoint(8, mend->height() / 2));
    ASSERT_TRUE(eventually([&] { return correction().asShot; }));
    EXPECT_TRUE(correction().treatments.empty());
    EXPECT_NE(StagesPage::stagesOf(correction())[2].what.indexOf(QStringLiteral("as it was shot")), -1);
    QTest::mouseClick(mend, Qt::LeftButton, {}, QPoint(8, mend->height() / 2));
    ASSERT_TRUE(eventually([&] { return !correction().asShot; }));
    EXPECT_EQ(!correction().treatments.empty(), mended);
}

TEST_F(Judging, TheStagesAreTold) {
    ASSERT_TRUE(openAndCorrect());
    const auto stages = StagesPage::stagesOf(correction());
    ASSERT_EQ(stages.size(), 9u);
    EXPECT_EQ(stages[0].what, QStringLiteral("linear"));
    EXPECT_NE(stages[3].what.indexOf(QStringLiteral("green 1.000")), -1);
    EXPECT_FALSE(stages[6].there) << "no finish";
    EXPECT_NE(stages[7].what.indexOf(QStringLiteral("good.tif")), -1);
    EXPECT_NE(stages[7].what.indexOf(QStringLiteral("Refero")), -1);
    station().showPage(CorrectionStation::Page::stages);
    EXPECT_GE(find<QWidget>("stagesPage")->findChildren<QLabel*>().size(), 16);
}

// What people do for the cloth of a job: draw over it, enter what the instrument read, look, let it count.
TEST_F(Judging, ThisJobsColoursAreDrawnEnteredCheckedAndCounted) {
    ASSERT_TRUE(openAndCorrect());
    ASSERT_TRUE(drawn());
    const auto at = [&](double x, double y) {
        const QPointF frame(x * compare().panes()[0].levels[0].width(),
                            y * compare().panes()[0].levels[0].height());
        return compare().toView(frame).toPoint();
    };
    QTest::mousePress(&compare(), Qt::LeftButton, Qt::ShiftModifier, at(0.02, 0.02));
    QTest::mouseMove(&compare(), at(0.06, 0.06));
    QTest::mouseRelease(&compare(), Qt::LeftButton, Qt::ShiftModifier, at(0.06, 0.06));
    auto* name = visible<QLineEdit>("colourName");
    ASSERT_TRUE(name) << "the page is shown by itself";
    EXPECT_FALSE(find<look::Button>("addColour")->isEnabled()) << "nothing is entered yet";
    QTest::keyClicks(name, QStringLiteral("Cloth"));
    QTest::keyClicks(find<QLineEdit>("colourL"), QStringLiteral("48,5"));
    QTest::keyClicks(find<QLineEdit>("colourA"), QStringLiteral("-3"));
    QTest::keyClicks(find<QLineEdit>("colourB"), QStringLiteral("6.5"));
    QTest::mouseClick(find<look::Button>("addColour"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return session().current()->colours.size() == 1; }));
    const workflow::OwnColour own = session().current()->colours[0];
    EXPECT_EQ(own.colour.name, "Cloth");
    EXPECT_EQ(own.colour.labD50.L, 48.5);
    EXPECT_EQ(own.colour.labD50.a, -3);
    EXPECT_GT(own.colour.pixels, 100u);
    EXPECT_FALSE(own.counts) << "it is checked only, until a person lets it count";
    auto* list = find<QTableView>("coloursList");
    ASSERT_EQ(list->model()->rowCount(), 1);
    const double off = list->model()->index(0, ColoursModel::difference).data().toDouble();
    EXPECT_NEAR(off, ciede2000(own.colour.labD50, correction().toLab(own.colour.rgb)), 0.006);

    QTest::mouseClick(find<look::Button>("proveColours"), Qt::LeftButton);
    ASSERT_EQ(correction().verifications.size(), 1u);
    EXPECT_NEAR(correction().verifications[0].differences.mean, off, 0.006);

    QTest::mouseClick(find<look::Button>("countColour"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return correction().patches.size() == 25; })) << "built anew, with it";
    EXPECT_TRUE(correction().patches.back().known);
    ASSERT_TRUE(eventually([&] {
        return list->model()->index(0, ColoursModel::difference).data().toDouble() < off;
    })) << "it comes nearer";

    // A second one of that name is refused in words, and nothing is lost of what was typed.
    QTest::mousePress(&compare(), Qt::LeftButton, Qt::ShiftModifier, at(0.02, 0.02));
    QTest::mouseMove(&compare(), at(0.06, 0.06));
    QTest::mouseRelease(&compare(), Qt::LeftButton, Qt::ShiftModifier, at(0.06, 0.06));
    QTest::keyClicks(name, QStringLiteral("Cloth"));
    for (const char* field : {"colourL", "colourA", "colourB"})
        QTest::keyClicks(find<QLineEdit>(field), QStringLiteral("5"));
    QTest::mouseClick(find<look::Button>("addColour"), Qt::LeftButton);
    ASSERT_TRUE(eventually(
        [&] { return find<QLabel>("coloursSay")->text().contains(QStringLiteral("another name")); }));
    EXPECT_EQ(name->text(), QStringLiteral("Cloth"));

    QTest::mouseClick(find<look::Button>("removeColour"), Qt::LeftButton);
    EXPECT_TRUE(session().current()->colours.empty());
    session().undo().undo();
    EXPECT_EQ(session().current()->colours.size(), 1u);
}

TEST_F(Judging, LevelsAreSetByHandFromTheChartsGreys) {
    ASSERT_TRUE(openAndCorrect());
    ASSERT_TRUE(drawn());
    station().showPage(CorrectionStation::Page::levels);
    auto* grey = visible<QComboBox>("levelWhite");
    auto* percent = find<QDoubleSpinBox>("levelWhitePercent");
    EXPECT_FALSE(percent->isVisible());
    grey->setCurrentIndex(1);  // the lightest
    emit grey->activated(1);
    ASSERT_TRUE(correction().finish.levels.white);
    EXPECT_NEAR(correction().finish.levels.white->shows, correction().finish.levels.white->light, 1e-3)
        << "it begins where it is";
    ASSERT_TRUE(eventually([&] { return percent->isVisible(); }));
    const QImage before = compare().grab().toImage();
    percent->setFocus();
    percent->selectAll();
    QTest::keyClicks(percent, QStringLiteral("80"));
    QTest::keyClick(percent, Qt::Key_Return);
    ASSERT_TRUE(eventually([&] {
        return std::abs(signalPercent(OutputSpace::bt1886, correction().finish.levels.white->shows) - 80) <
               0.1;
    }));
    EXPECT_TRUE(eventually([&] { return compare().grab().toImage() != before; }));
    EXPECT_GT(visible<QAbstractItemView>("levelEffects")->model()->rowCount(), 3);
    // Darker than the black that is set by a grey: refused with a word, and nothing of it kept.
    auto* black = visible<QComboBox>("levelBlack");
    black->setCurrentIndex(black->count() - 1);
    emit black->activated(black->count() - 1);
    ASSERT_TRUE(correction().finish.levels.black);
    const Levels kept = correction().finish.levels;
    auto* dark = visible<QDoubleSpinBox>("levelBlackPercent");
    dark->setValue(95);
    EXPECT_TRUE(find<QLabel>("levelsSaid")->text().contains(QStringLiteral("rise")));
    QTest::qWait(700);
    EXPECT_EQ(correction().finish.levels, kept);
    session().undo().undo();
    session().undo().undo();
    session().undo().undo();
    EXPECT_TRUE(correction().finish.isNone());
    EXPECT_EQ(visible<QComboBox>("levelWhite")->currentIndex(), 0) << "the page follows";
}

}  // namespace
}  // namespace refero
