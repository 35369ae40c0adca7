// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <QAction>
#include <QLabel>
#include <QTableView>

#include "app/correction/correction_station.h"
#include "app/plots/certainty_view.h"
#include "app/session/correction_actions.h"
#include "app/station/figures_panel.h"
#include "app/tables/contender_model.h"
#include "app/tables/difference_model.h"
#include "window_fixture.h"

namespace refero {
namespace {

class CorrectionInTheWindow : public WindowTest {};

TEST_F(CorrectionInTheWindow, BuildsFromTheReadingWithOneButton) {
    ASSERT_TRUE(openAndCorrect());
    EXPECT_TRUE(find<QWidget>("correctionStation")->isVisible());
    const Correction& c = *session().current()->correction;
    EXPECT_NE(c.model, Model::balance);
    EXPECT_TRUE(c.certainty);
    EXPECT_LT(c.summary.after.mean, 1);
    EXPECT_EQ(visible<QWidget>("verdict")->accessibleName(), QStringLiteral("Good"));
    auto* list = find<QTableView>("differenceList");
    ASSERT_EQ(list->model()->rowCount(), 24);
    double last = 1e9;
    for (int row = 0; row < 24; ++row) {
        const double d = list->model()->index(row, 3).data().toDouble();
        EXPECT_LE(d, last) << "largest first";
        last = d;
    }
    QAbstractItemModelTester tester(list->model(), QAbstractItemModelTester::FailureReportingMode::Fatal);
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Build correction for good"));
    session().undo().undo();
    EXPECT_FALSE(session().current()->correction);
    session().undo().redo();
    EXPECT_TRUE(session().current()->correction);
}

TEST_F(CorrectionInTheWindow, AnotherModelIsBuiltAtOnce) {
    ASSERT_TRUE(openAndCorrect());
    auto* model = find<QComboBox>("modelChoice");
    model->setCurrentIndex(1);
    emit model->activated(1);
    ASSERT_TRUE(eventually([&] { return session().current()->correction->model == Model::balance; }));
    auto* intent = find<QComboBox>("intentChoice");
    model->setCurrentIndex(2);
    intent->setCurrentIndex(2);
    emit intent->activated(2);
    ASSERT_TRUE(eventually([&] { return session().current()->correction->intent == Intent::skin; }));
}

TEST_F(CorrectionInTheWindow, ThisJobsColoursAreFavouredFromTheList) {
    ASSERT_TRUE(openAndCorrect());
    find<CorrectionStation>("correctionStation")->showPage(CorrectionStation::Page::patches);
    auto* list = find<QTableView>("differenceList");
    list->selectRow(0);
    const QString id = list->currentIndex().data(DifferenceModel::kIdRole).toString();
    const auto weightOf = [&]() -> double {
        const auto& c = session().current()->correction;
        if (!c) return 0;
        for (const PatchResult& p : c->patches)
            if (p.id == id.toStdString()) return p.weight;
        return 0;
    };
    EXPECT_EQ(weightOf(), 1);
    list->setFocus();
    QTest::keyClick(list, Qt::Key_Plus);
    ASSERT_TRUE(eventually([&] { return weightOf() == 2; }));
    ASSERT_TRUE(eventually([&] {
        return list->currentIndex().data(DifferenceModel::kIdRole).toString() == id;
    })) << "the patch stays chosen";
    find<QAction>("countOnce")->trigger();
    ASSERT_TRUE(eventually([&] { return weightOf() == 1; }));
    // Built again from nothing, what was favoured in another correction is not.
    session().undo().undo();
    EXPECT_EQ(weightOf(), 2);
    session().undo().undo();
    session().undo().undo();
    ASSERT_FALSE(session().current()->correction);
    QTest::mouseClick(visible<look::Button>("nextStep"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return weightOf() > 0; }));
    EXPECT_EQ(weightOf(), 1);
}

TEST_F(CorrectionInTheWindow, TellsWhatElseWasTriedAndHowSureItIs) {
    ASSERT_TRUE(openAndCorrect());
    find<CorrectionStation>("correctionStation")->showPage(CorrectionStation::Page::patches);
    const Correction& c = *session().current()->correction;
    EXPECT_TRUE(visible<QWidget>("differenceList"));
    auto* models = find<QTableView>("contenderList");
    find<QComboBox>("pageChoice")->setCurrentIndex(2);
    EXPECT_TRUE(models->isVisible());
    ASSERT_EQ(models->model()->rowCount(), static_cast<int>(c.considered.size()));
    EXPECT_EQ(models->model()->index(0, 0).data().toString(), inWords(c.model));
    EXPECT_EQ(models->model()->index(0, 2).data().toString(),
              QString::number(c.summary.repeatedFolds, 'f', 2));
    QAbstractItemModelTester tester(models->model(), QAbstractItemModelTester::FailureReportingMode::Fatal);

    find<QComboBox>("pageChoice")->setCurrentIndex(1);
    auto* certainty = find<CertaintyView>("certaintyView");
    EXPECT_TRUE(certainty->isVisible());
    ASSERT_GE(certainty->rows().size(), 6u) << "four figures and the groups";
    const auto& mean = certainty->rows()[0];
    EXPECT_EQ(mean.after.value, c.summary.after.mean);
    ASSERT_TRUE(mean.after.interval);
    EXPECT_EQ(mean.after.interval->high, c.certainty->after.mean.high);
    EXPECT_NE(certainty->accessibleDescription().indexOf(QStringLiteral("Mean: before")), -1);
    EXPECT_FALSE(certainty->grab().isNull());
    EXPECT_NE(find<QLabel>("priceLabel")->text().indexOf(QStringLiteral("Noise in colour")), -1);
}

TEST_F(CorrectionInTheWindow, IsCheckedOnAnotherShot) {
    ASSERT_TRUE(openAndCorrect());
    find<QComboBox>("pageChoice")->setCurrentIndex(7);
    EXPECT_NE(find<QLabel>("proofOutcome")->text().indexOf(QStringLiteral("no other chart frame")), -1);
    EXPECT_FALSE(find<QWidget>("proveButton")->isVisible());
    const QString path = frame("good.tif");
    const auto id = session().currentId();
    session().correction().proveOn(id, frame("hot.tif"));
    ASSERT_TRUE(eventually([&] {
        const auto* s = session().setup(id);
        return s && s->correction && (!s->correction->verifications.empty() || !s->error.isEmpty());
    }));
    const auto& s = *session().setup(id);
    ASSERT_FALSE(s.correction->verifications.empty()) << s.error.toStdString();
    EXPECT_NE(find<QLabel>("proofOutcome")->text().indexOf(QStringLiteral("hot.tif")), -1);
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Check the correction on hot.tif"));
    session().undo().undo();
    EXPECT_TRUE(session().setup(id)->correction->verifications.empty());
    // Its own frame proves nothing, and says so.
    session().correction().proveOn(id, path);
    ASSERT_TRUE(eventually([&] { return !session().setup(id)->error.isEmpty(); }));
    EXPECT_NE(session().setup(id)->error.indexOf(QStringLiteral("built from")), -1);
}

TEST_F(CorrectionInTheWindow, WipesAndFlicks) {
    ASSERT_TRUE(openAndCorrect());
    auto* view = find<CompareView>("compareView");
    ASSERT_TRUE(eventually([&] { return view->hasPicture(); }));
    const QPoint edge(view->width() / 2, view->height() / 3);
    QTest::mousePress(view, Qt::LeftButton, {}, edge);
    QTest::mouseMove(view, QPoint(view->width() / 4, edge.y()));
    QTest::mouseRelease(view, Qt::LeftButton, {}, QPoint(view->width() / 4, edge.y()));
    EXPECT_NEAR(view->wipe(), 0.25, 0.01);
    QTest::keyClick(view, Qt::Key_Right);
    EXPECT_NEAR(view->wipe(), 0.27, 0.01);

    const QImage corrected = view->grab().toImage();
    QTest::keyPress(view, Qt::Key_F);
    EXPECT_TRUE(view->flicked());
    const QImage before = view->grab().toImage();
    QTest::keyRelease(view, Qt::Key_F);
    EXPECT_FALSE(view->flicked());
    EXPECT_NE(corrected.pixel(view->width() * 3 / 4, view->height() / 2),
              before.pixel(view->width() * 3 / 4, view->height() / 2));
}

TEST_F(CorrectionInTheWindow, FramesOpenedHereAreJudgedOn) {
    ASSERT_TRUE(openAndCorrect());
    answers.frames = {frame("subject.tif")};
    QTest::keyClick(window.get(), Qt::Key_O, Qt::ControlModifier);
    EXPECT_EQ(session().setups().size(), 1u);
    ASSERT_EQ(session().current()->pictures.size(), 2u);
    EXPECT_EQ(find<QComboBox>("pictureChoice")->count(), 2);
}

TEST_F(CorrectionInTheWindow, LeadsToTheOneHandover) {
    ASSERT_TRUE(openAndCorrect());
    QTest::mouseClick(visible<look::Button>("nextStep"), Qt::LeftButton);
    EXPECT_EQ(window->station(), MainWindow::StationId::handover);
}

// Where colour is judged the picture has at least 60 % of the window; findings that are good and figures are
// a line each, and the figures come and go by their fold, go to the other side, and stay so.
TEST_F(CorrectionInTheWindow, ThePictureHasTheRoom) {
    ASSERT_TRUE(openAndCorrect());
    window->resize(1280, 800);
    auto* panel = find<FiguresPanel>("correctionPanel");
    panel->setFolded(true);
    const auto share = [&](const QWidget* picture) {
        return double(picture->width()) * picture->height() / (window->width() * window->height());
    };
    auto* picture = find<CompareView>("compareView");
    ASSERT_TRUE(eventually([&] { return share(picture) >= 0.6; })) << share(picture);
    EXPECT_FALSE(find<QTableView>("differenceList")->isVisible());
    QTest::mouseClick(find<look::Button>("correctionFold"), Qt::LeftButton);
    EXPECT_TRUE(visible<QTableView>("differenceList"));
    QTest::mouseClick(visible<look::Button>("correctionMove"), Qt::LeftButton);
    EXPECT_EQ(panel->side(), FiguresPanel::Side::right);
    ASSERT_TRUE(eventually([&] { return picture->height() > 500; }));
    window = nullptr;
    openWindow();
    EXPECT_FALSE(find<FiguresPanel>("correctionPanel")->folded()) << "as it was left";
    EXPECT_EQ(find<FiguresPanel>("correctionPanel")->side(), FiguresPanel::Side::right);
    find<FiguresPanel>("correctionPanel")->setSide(FiguresPanel::Side::below);
    find<FiguresPanel>("correctionPanel")->setFolded(true);
    window->showStation(MainWindow::StationId::reading);
    find<FiguresPanel>("readingPanel")->setFolded(true);
    ASSERT_TRUE(eventually([&] { return session().current() && session().current()->reading; }));
    auto* frame = window->findChild<FrameView*>();
    window->resize(1280, 800);
    EXPECT_TRUE(eventually([&] { return share(frame) >= 0.6; })) << share(frame);
}

TEST_F(CorrectionInTheWindow, ScopesAreLargeEnoughToRead) {
    ASSERT_TRUE(openAndCorrect());
    window->resize(1280, 800);
    auto* station = find<CorrectionStation>("correctionStation");
    station->showPage(CorrectionStation::Page::scopes);
    auto* scope = visible<QWidget>("scopeFirst");
    EXPECT_TRUE(eventually([&] { return std::min(scope->width(), scope->height()) >= 300; }))
        << scope->width() << " x " << scope->height();
    station->showPage(CorrectionStation::Page::patches);
    find<FiguresPanel>("correctionPanel")->setFolded(true);
}

TEST_F(CorrectionInTheWindow, WithoutAReadingItPointsTheWay) {
    ASSERT_TRUE(open("text.tif"));
    window->showStation(MainWindow::StationId::correction);
    EXPECT_EQ(visible<QWidget>("verdict")->accessibleName(), QStringLiteral("No reading yet"));
    QTest::mouseClick(visible<look::Button>("nextStep"), Qt::LeftButton);
    EXPECT_EQ(window->station(), MainWindow::StationId::reading);
}

}  // namespace
}  // namespace refero
