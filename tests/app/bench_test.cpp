// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// The test bench in the window, from dropped frames to the report, and from a transform to what it does.
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QHeaderView>
#include <QLabel>
#include <QMenu>
#include <QTableView>

#include "app/bench/bench_station.h"
#include "app/bench/series_grid.h"
#include "app/bench/verdict_list.h"
#include "app/judging/compare_view.h"
#include "app/session/bench_actions.h"
#include "app/session/reading_actions.h"
#include "window_fixture.h"

namespace refero {
namespace {

class BenchInTheWindow : public WindowTest {
  protected:
    static void SetUpTestSuite() {
        WindowTest::SetUpTestSuite();
        for (int step = -2; step <= 1; ++step) {
            sim::Shot s = test::plainShot();
            s.file = "series" + std::to_string(step + 2) + ".tif";
            s.exposure = 0.7 * std::exp2(step);
            s.exposureSeconds = std::exp2(step) / 50;
            s.fNumber = 4;
            shootOnce(s);
        }
    }
    void SetUp() override {
        qputenv("REFERO_DEMO_FOLDER", QByteArray::fromStdString(own_ / "demo"));
        WindowTest::SetUp();
    }
    BenchActions& bench() { return session().bench(); }
    SeriesGrid& grid() { return *find<SeriesGrid>("seriesGrid"); }
    QStringList series() {
        QStringList out;
        for (const char* name : {"series0.tif", "series1.tif", "series2.tif", "series3.tif"})
            out << frame(name);
        return out;
    }
    void dropSeries() {
        window->showStation(MainWindow::StationId::test);
        window->openFrames(series());
        ASSERT_TRUE(eventually([&] {
            return bench().series() && bench().series()->profiles[0].steps.size() == 4;
        })) << find<QLabel>("seriesSaid")->text().toStdString();
    }
    QString verdicts(const char* list) {
        QString out;
        for (const QLabel* l : find<QWidget>(list)->findChildren<QLabel*>())
            out += l->text() + QLatin1Char('\n');
        return out;
    }
};

TEST_F(BenchInTheWindow, ADroppedSeriesIsReadJudgedAndReported) {
    dropSeries();
    EXPECT_TRUE(find<QLabel>("seriesTitle")->text().contains(QLatin1String("4 steps")));
    const Series& s = *bench().series();
    for (std::size_t k = 0; k < 4; ++k) EXPECT_NEAR(s.profiles[0].steps[k].stops, double(k) - 2, 0.03);
    EXPECT_TRUE(verdicts("seriesVerdicts").contains(QLatin1String("Usable from")));
    // Two cells, by mouse and by key.
    grid().setFocus();
    QTest::mouseClick(&grid(), Qt::LeftButton, {}, grid().cellRect({0, 3}).center());
    EXPECT_EQ(grid().chosen(), (SeriesCell{0, 3}));
    QTest::keyClick(&grid(), Qt::Key_Left);
    EXPECT_EQ(grid().chosen(), (SeriesCell{0, 2}));
    QTest::mouseClick(&grid(), Qt::LeftButton, Qt::ShiftModifier, grid().cellRect({0, 0}).center());
    EXPECT_EQ(grid().against(), (SeriesCell{0, 0}));
    auto* view = find<CompareView>("seriesView");
    ASSERT_TRUE(eventually(
        [&] { return view->panes().size() == 2 && view->panes()[1].title.contains(QLatin1String("-2")); }));
    for (int how = 0; how < 4; ++how) {
        find<QComboBox>("seriesSeen")->setCurrentIndex(how);
        EXPECT_TRUE(eventually([&] { return view->panes().size() == 2; }));
    }
    // What it says goes out as pages.
    answers.target = QString::fromStdString(own_ / "report.pdf");
    QTest::mouseClick(visible<look::Button>("seriesReport"), Qt::LeftButton);
    EXPECT_TRUE(
        eventually([&] { return find<QLabel>("seriesSaid")->text().contains(QLatin1String("report.pdf")); }));
    EXPECT_GT(std::filesystem::file_size(own_ / "report.pdf"), 5000u);
}

TEST_F(BenchInTheWindow, OtherWaysOfSeeingAreAtHandBeforeTheyAreAskedFor) {
    int drawn = 0;
    QObject::connect(&grid(), &SeriesGrid::picturesChanged, window.get(), [&] { ++drawn; });
    dropSeries();
    auto* seen = find<QComboBox>("seriesSeen");
    ASSERT_TRUE(eventually([&] { return drawn > 0; }));
    std::vector<QImage> looks(4);
    for (const int how : {3, 2, 0, 1}) {
        // At once, when the others have been made behind the one that is looked at.
        ASSERT_TRUE(eventually([&] {
            const int before = drawn;
            seen->setCurrentIndex((how + 1) % 4);
            seen->setCurrentIndex(how);
            return drawn == before + 2;
        })) << how;
        looks[static_cast<std::size_t>(how)] = grid().grab().toImage();
    }
    EXPECT_NE(looks[0], looks[1]);
    EXPECT_NE(looks[1], looks[3]);
    // What was made for another measuring is not shown.
    bench().setNormal(series()[1]);
    const int before = drawn;
    EXPECT_TRUE(eventually([&] { return drawn > before; }));
    EXPECT_NE(grid().grab().toImage(), looks[1]);
}

TEST_F(BenchInTheWindow, ToleranceAndNormalExposureAreThePersons) {
    dropSeries();
    const double before = bench().series()->profiles[0].usableHigh - bench().series()->profiles[0].usableLow;
    find<QDoubleSpinBox>("seriesTolerance")->setValue(0.5);
    EXPECT_TRUE(eventually([&] {
        const auto& p = bench().series()->profiles[0];
        return bench().series()->limits.drift == 0.5 && p.usableHigh - p.usableLow < before;
    }));
    bench().setNormal(series()[1]);
    EXPECT_TRUE(eventually([&] { return std::abs(bench().series()->profiles[0].steps[1].stops) < 1e-9; }));
    answers.name = QStringLiteral("many");
    emit grid().filterWanted({0, 0});
    EXPECT_TRUE(find<QLabel>("seriesSaid")->text().contains(QLatin1String("0 to 20")));
    answers.name = QStringLiteral("1,5");
    emit grid().filterWanted({0, 0});
    EXPECT_EQ(bench().shots()[0].ndStops, 1.5);
    EXPECT_TRUE(eventually([&] {
        const auto& notes = bench().series()->notes;
        return std::any_of(notes.begin(), notes.end(),
                           [](const SeriesNote& n) { return n.flaw == SeriesFlaw::statedDiffers; });
    })) << "the chart denies a filter that was not there";
    bench().setProfile(series()[0], "other");
    EXPECT_TRUE(eventually([&] { return bench().series()->profiles.size() == 2; }));
}

TEST_F(BenchInTheWindow, WhatIsKeptWithABodyWarnsThePlan) {
    dropSeries();
    QTest::mouseClick(visible<look::Button>("keepSeries"), Qt::LeftButton);
    const auto tests = session().contents().all<plan::ProfileTest>();
    ASSERT_EQ(tests.size(), 1u);
    const plan::ProfileTest test = tests.begin()->second;
    EXPECT_EQ(test.profile, "linear");
    EXPECT_LT(test.lowStops, test.highStops);
    plan::Setup setup;
    setup.conditions.body = test.body;
    setup.profile = "linear";
    setup.exposureStops = test.highStops + 1;
    EXPECT_NEAR(plan::beyondTest(setup, session().contents().kit()).value_or(0), 1, 1e-9);
    setup.exposureStops = test.lowStops - 0.5;
    EXPECT_NEAR(plan::beyondTest(setup, session().contents().kit()).value_or(0), -0.5, 1e-9);
    setup.profile = "never tested";
    EXPECT_FALSE(plan::beyondTest(setup, session().contents().kit()));
    ASSERT_TRUE(session().perform(QStringLiteral("Plan"), [&](studio::Edit& edit) -> Status {
        plan::Setup planned = setup;
        planned.shoot = session().shootFor(edit);
        planned.label = "Night";
        planned.profile = "linear";
        planned.exposureStops = 3;
        edit.add(planned);
        return {};
    }));
    session().select(static_cast<int>(session().setups().back().id));
    window->showStation(MainWindow::StationId::plan);
    EXPECT_TRUE(eventually([&] {
        return find<QLabel>("setupState")->text().contains(QLatin1String("lighter than the test of linear"));
    })) << find<QLabel>("setupState")->text().toStdString();
    session().undo().undo();
    session().undo().undo();
    EXPECT_TRUE(session().contents().all<plan::ProfileTest>().empty()) << "one step";
}

TEST_F(BenchInTheWindow, TransformsAreTriedOnTheChartShot) {
    ASSERT_TRUE(open("good.tif"));
    window->showStation(MainWindow::StationId::test);
    QTest::mouseClick(visible<look::Button>("toTransforms"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return bench().trials().size() == 1 && bench().trials()[0].result; }))
        << "as recorded";
    QTest::mouseClick(visible<look::Button>("demoTransforms"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] {
        return bench().trials().size() == 4 && std::all_of(bench().trials().begin(), bench().trials().end(),
                                                           [](const auto& t) { return bool(t.result); });
    }));
    const auto& trials = bench().trials();
    EXPECT_NEAR(trials[2].result->assessment.expectsStops, 1, 0.15) << trials[2].result->assessment.name;
    for (const std::size_t whole : {1u, 2u}) {
        EXPECT_TRUE(trials[whole].result->assessment.bands.empty());
        EXPECT_TRUE(trials[whole].result->assessment.reversals.empty());
    }
    EXPECT_FALSE(trials[3].result->assessment.bands.empty());
    auto* table = find<QTableView>("transformTable");
    EXPECT_EQ(table->model()->rowCount(), 4);
    // Sorted by what matters: here by the exposure that it expects.
    emit table->horizontalHeader()->sectionClicked(3);
    EXPECT_TRUE(table->model()->index(3, 0).data().toString().contains(QLatin1String("One stop over")));
    table->selectRow(3);
    EXPECT_TRUE(eventually(
        [&] { return find<QLabel>("transformTitle")->text() == QLatin1String("One stop over.cube"); }));
    auto* view = find<CompareView>("transformView");
    EXPECT_TRUE(eventually([&] { return view->panes().size() == 2; }));
    for (int page = 0; page < 4; ++page) find<QComboBox>("transformPage")->setCurrentIndex(page);
    EXPECT_EQ(find<QTableView>("transformPatches")->model()->rowCount(), 24);
    EXPECT_FALSE(find<QWidget>("transformLadder")->accessibleDescription().isEmpty());
    // What is stated counts.
    auto* space = find<QComboBox>("transformSpace");
    space->setCurrentIndex(1 + static_cast<int>(OutputSpace::displayP3));
    emit space->activated(space->currentIndex());
    EXPECT_TRUE(eventually([&] {
        const auto& t = bench().trials()[2];
        return t.result && t.result->assessment.terms.space == OutputSpace::displayP3;
    }));
    // The chart is read anew: figures of the old reading do not stay.
    EXPECT_FALSE(bench().isOutOfDate());
    session().reading().setPatches(session().currentId(),
                                   {{session().current()->reading->patches[4].id, {0, 0}, true}},
                                   QStringLiteral("Leave a patch out"));
    EXPECT_TRUE(eventually([&] {
        return !session().current()->busy && session().current()->reading->patches[4].leftOut &&
               !bench().isOutOfDate() && bench().trials()[0].result &&
               !bench().trials()[0].result->assessment.patches[4].counted;
    }));
    QTest::mouseClick(visible<look::Button>("removeTransform"), Qt::LeftButton);
    EXPECT_EQ(bench().trials().size(), 3u);
}

TEST_F(BenchInTheWindow, WhatCannotBeReadOrTriedSaysWhy) {
    ASSERT_TRUE(open("good.tif"));
    window->showStation(MainWindow::StationId::test);
    test::put(own_ / "torn.cube", "LUT_3D_SIZE 2\n0 0 nan\n");
    window->openFrames({QString::fromStdString(own_ / "torn.cube")});
    ASSERT_TRUE(
        eventually([&] { return bench().trials().size() == 2 && !bench().trials()[1].why.isEmpty(); }));
    EXPECT_TRUE(
        eventually([&] { return find<QLabel>("transformSaid")->text().contains(QLatin1String("nan")); }));
    QTest::mouseClick(visible<look::Button>("toSeries"), Qt::LeftButton);
    window->openFrames({frame("text.tif"), frame("subject.tif")});
    ASSERT_TRUE(eventually([&] { return bench().shots().size() == 2 && !bench().reading(); }));
    EXPECT_FALSE(find<QLabel>("seriesSaid")->text().isEmpty());
    QTest::mouseClick(visible<look::Button>("clearSeries"), Qt::LeftButton);
    EXPECT_TRUE(bench().shots().empty());
}

TEST_F(BenchInTheWindow, TheDemosSeriesHasTwoProfiles) {
    window->showStation(MainWindow::StationId::test);
    QTest::mouseClick(visible<look::Button>("demoSeries"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return bench().series() && bench().shots().size() == 10; }));
    EXPECT_EQ(bench().series()->profiles.size(), 2u);
    EXPECT_TRUE(eventually([&] { return bench().series()->pairs.size() == 1; })) << "behind the grid";
    EXPECT_TRUE(eventually([&] {
                    return find<QLabel>("seriesTitle")->text().contains(QLatin1String("2 profiles"));
                }) ||
                find<QLabel>("seriesTitle")->text().contains(QLatin1String("10 steps")));
}

// A correction of ours, and chart shots that show themselves, stand among the transforms of others.
TEST_F(BenchInTheWindow, OurCorrectionAndPicturesInOtherStylesAreContestants) {
    sim::Shot style = test::plainShot();
    style.file = "style.png";
    style.encoding = Encoding::srgb;
    style.toneSkew = {1.1, 1.1, 1.15};
    shootOnce(style);
    ASSERT_TRUE(openAndCorrect());
    window->showStation(MainWindow::StationId::test);
    window->findChild<BenchStation*>()->showPage(BenchStation::Page::transforms);
    const auto trial = [&](const QString& title) -> const BenchActions::Trial* {
        for (const BenchActions::Trial& t : bench().trials())
            if (t.title == title && t.result) return &t;
        return nullptr;
    };
    QTest::mouseClick(visible<look::Button>("addOwnTransform"), Qt::LeftButton);
    auto* menu = window->findChild<QMenu*>(QStringLiteral("ownTransforms"));
    ASSERT_TRUE(menu && !menu->actions().isEmpty());
    menu->actions().front()->trigger();
    menu->close();
    const QString ours =
        QStringLiteral("Correction of ") + QString::fromStdString(session().current()->light);
    ASSERT_TRUE(eventually([&] { return trial(ours) != nullptr; }));
    EXPECT_NEAR(trial(ours)->result->assessment.mean, session().current()->correction->summary.after.mean,
                0.1);
    window->openFrames({frame("style.png")});
    ASSERT_TRUE(eventually([&] { return trial(QStringLiteral("style.png")) != nullptr; }));
    EXPECT_TRUE(trial(QStringLiteral("style.png"))->own);
    EXPECT_GT(trial(QStringLiteral("style.png"))->result->assessment.meanLevelled,
              trial(ours)->result->assessment.meanLevelled);
    EXPECT_EQ(session().setups().size(), 1U) << "it is no frame of the shoot";
    auto* view = window->findChild<CompareView*>(QStringLiteral("transformView"));
    EXPECT_TRUE(eventually([&] {
        return view->panes().size() == 2 && view->panes().front().title == QLatin1String("style.png");
    }));
    // A frame that shows no chart says so.
    window->openFrames({frame("subject.tif")});
    EXPECT_TRUE(eventually([&] {
        return std::any_of(bench().trials().begin(), bench().trials().end(),
                           [](const BenchActions::Trial& t) {
                               return t.title == QLatin1String("subject.tif") && !t.why.isEmpty();
                           });
    }));
}

}  // namespace
}  // namespace refero
