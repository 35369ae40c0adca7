// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// From a photograph of a chart that nobody has described, and its data, to a reading.
#include <QListView>
#include <QPlainTextEdit>

#include "app/session/reading_actions.h"
#include "app/session/unknown_charts.h"
#include "io/chart_data/chart_data_file.h"
#include "studio/charts.h"
#include "window_fixture.h"

namespace refero {
namespace {

class UnknownChartInTheWindow : public WindowTest {
  protected:
    static void SetUpTestSuite() {
        WindowTest::SetUpTestSuite();
        ChartColours colours;
        const Chart fen = *io::chartByNameOrPath("fen-24");
        for (const Patch& p : fen.patches) colours.colours.push_back({p.id, p.name, p.labD50, p.reflectance});
        ChartGrid grid;
        grid.rows = 3;
        grid.columns = 8;
        grid.gapMm = 9;
        const auto chart = chartOnGrid(colours, grid, "strip", "Strip", "made up");
        ASSERT_TRUE(chart);
        ASSERT_TRUE(io::writeChart(*chart, std::filesystem::path(frames() / "strip.chart.json")));
        ASSERT_TRUE(io::writeChartData(dataOf(*chart), std::filesystem::path(frames() / "strip.txt")));
        sim::Shot shot = test::plainShot();
        shot.file = "strip.tif";
        shot.lens = "60 mm";
        shot.chart = frames() / "strip.chart.json";
        shot.pose.coverage = 0.25;
        shootOnce(shot);
        for (const char* name : {"strip-2.tif", "strip-3.tif"}) {
            shot.file = name;
            shot.pose.turnDegrees += 5;
            shot.seed += 1;
            shootOnce(shot);
        }
    }

    void openUnknown() {
        ASSERT_TRUE(open("strip.tif"));
        ASSERT_TRUE(eventually([&] { return find<QWidget>("unknownChart")->isVisible(); }));
    }
    std::size_t ownCharts() { return session().contents().all<studio::ChartDesign>().size(); }
};

TEST_F(UnknownChartInTheWindow, IsOutlinedAndAskedFor) {
    openUnknown();
    EXPECT_EQ(visible<QWidget>("verdict")->accessibleName(), QStringLiteral("Not a known chart"));
    EXPECT_TRUE(eventually([&] {
        for (const QLabel* l : window->findChildren<QLabel*>())
            if (l->isVisible() &&
                l->text().startsWith(QStringLiteral("This looks like a chart of 3 x 8 patches.")))
                return true;
        return false;
    }));
    EXPECT_EQ(visible<look::Button>("nextStep")->text(), QStringLiteral("Open its data"));
    EXPECT_EQ(find<FrameView>("frameView")->evidence().lines.size(), 25U) << "the chart and its patches";
}

TEST_F(UnknownChartInTheWindow, GetsItsDataAndIsReadInOneStep) {
    openUnknown();
    answers.file = frame("strip.txt");
    QTest::mouseClick(visible<look::Button>("nextStep"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return session().current()->reading.has_value(); }))
        << find<QLabel>("unknownMessage")->text().toStdString();
    EXPECT_EQ(session().current()->reading->chart.name, "strip");
    EXPECT_EQ(session().current()->reading->verdict, Verdict::pass);
    EXPECT_FALSE(find<QWidget>("unknownChart")->isVisible());
    EXPECT_EQ(ownCharts(), 1U);
    // One step, taken back as one; and in later frames it is found by itself.
    ASSERT_TRUE(open("strip.tif"));
    EXPECT_TRUE(session().current()->reading) << "as a shipped one";
}

TEST_F(UnknownChartInTheWindow, DataMayBeDroppedOrPasted) {
    openUnknown();
    window->openFrames({frame("text.tif") + QStringLiteral(".none.csv")});
    EXPECT_TRUE(eventually([&] { return find<QLabel>("unknownMessage")->isVisible(); })) << "no such file";
    const auto text = io::toText(dataOf(*io::readChart(std::filesystem::path(frames() / "strip.chart.json"))),
                                 io::ChartDataFormat::table);
    find<QPlainTextEdit>("unknownPaste")->setPlainText(QString::fromStdString(text));
    QTest::mouseClick(visible<look::Button>("unknownTake"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return session().current()->reading.has_value(); }));
    EXPECT_EQ(session().current()->reading->chart.name, "My chart");
}

TEST_F(UnknownChartInTheWindow, ItsLayoutAloneIsKeptAndCompletedLater) {
    openUnknown();
    QTest::mouseClick(visible<look::Button>("unknownLayoutOnly"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return session().current()->reading.has_value(); }));
    EXPECT_TRUE(session().current()->reading->chart.estimatedColours);
    window->showStation(MainWindow::StationId::plan);
    visible<QAbstractButton>("ChartsPage")->click();
    auto* list = find<QListView>("chartList");
    for (int row = 0; row < list->model()->rowCount(); ++row)
        if (list->model()->index(row, 0).data().toString() == QStringLiteral("My chart"))
            list->setCurrentIndex(list->model()->index(row, 0));
    answers.file = frame("strip.txt");
    auto* give = find<look::Button>("copyValues");
    EXPECT_EQ(give->text(), QStringLiteral("Give its data"));
    give->click();
    ASSERT_TRUE(eventually([&] {
        const auto& r = session().current()->reading;
        return r && !r->chart.estimatedColours;
    }));
    EXPECT_EQ(session().current()->reading->chart.id, "my-chart") << "it stays the same chart";
    EXPECT_EQ(session().current()->reading->patches.front().id, "A1");
}

// A newcomer's card: nothing known is in it, and the chart is offered; its data given, the others are found.
TEST_F(UnknownChartInTheWindow, OnACardIsOfferedAndThenFoundInItsOtherFrames) {
    window->showStation(MainWindow::StationId::frames);
    window->openFrames({frame("strip.tif"), frame("strip-2.tif"), frame("strip-3.tif")});
    auto* give = find<look::Button>("unknownGive");
    ASSERT_TRUE(eventually([&] { return give->isVisible(); }));
    EXPECT_TRUE(
        find<QLabel>("unknownSeen")->text().contains(QStringLiteral("looks like a chart of 3 x 8 patches")))
        << find<QLabel>("unknownSeen")->text().toStdString();
    QTest::mouseClick(give, Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return find<QWidget>("unknownChart")->isVisible(); }));
    answers.file = frame("strip.txt");
    QTest::mouseClick(visible<look::Button>("nextStep"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return session().current()->reading.has_value(); }));
    ASSERT_TRUE(eventually([&] { return !session().unknownCharts().again().open; }));
    int shown = 0;
    for (const auto& [id, f] : session().contents().all<studio::Frame>()) shown += f.chart == "strip";
    EXPECT_EQ(shown, 2) << "the two that were not opened";
    window->showStation(MainWindow::StationId::frames);
    EXPECT_FALSE(give->isVisible());
}

TEST_F(UnknownChartInTheWindow, WhatIsNoChartIsDismissed) {
    window->showStation(MainWindow::StationId::frames);
    window->openFrames({frame("strip.tif"), frame("strip-2.tif")});
    auto* dismiss = find<look::Button>("unknownDismiss");
    ASSERT_TRUE(eventually([&] { return dismiss->isVisible(); }));
    const QString first = find<QLabel>("unknownSeen")->text();
    QTest::mouseClick(dismiss, Qt::LeftButton);
    ASSERT_TRUE(eventually([&] {
        return dismiss->isVisible() && find<QLabel>("unknownSeen")->text() != first;
    })) << "the next one is offered";
    QTest::mouseClick(dismiss, Qt::LeftButton);
    EXPECT_FALSE(dismiss->isVisible());
}

TEST_F(UnknownChartInTheWindow, AKnownChartMayStillBeLaidByHand) {
    openUnknown();
    QTest::mouseClick(visible<look::Button>("unknownByHand"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return session().current()->reading.has_value(); }));
    EXPECT_EQ(session().current()->reading->chart.id, "fen-24");
}

}  // namespace
}  // namespace refero
