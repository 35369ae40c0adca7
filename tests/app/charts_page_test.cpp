// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/charts/charts_page.h"

#include <QLineEdit>
#include <QListView>
#include <QPlainTextEdit>

#include "app/charts/chart_picture.h"
#include "app/charts/copy_panel.h"
#include "app/kit/curve_plot.h"
#include "app/session/reading_actions.h"
#include "core/colour/difference.h"
#include "io/chart_data/chart_data_file.h"
#include "studio/charts.h"
#include "window_fixture.h"

namespace refero {
namespace {

class Charts : public WindowTest {
  protected:
    void SetUp() override {
        openWindow();
        ASSERT_TRUE(session().perform(QStringLiteral("Plan"), [&](studio::Edit& edit) -> Status {
            edit.add(plan::ChartCopy{0, "Pocket copy", "fen-24", 1});
            return {};
        }));
        window->showStation(MainWindow::StationId::plan);
        click("ChartsPage");
    }
    void click(const char* name) { QTest::mouseClick(visible<QAbstractButton>(name), Qt::LeftButton); }
    void chooseLine(const QString& part) {
        auto* list = find<QListView>("chartList");
        for (int i = 0; i < list->model()->rowCount(); ++i)
            if (list->model()->index(i, 0).data().toString().contains(part))
                return list->setCurrentIndex(list->model()->index(i, 0));
        ADD_FAILURE() << "no line with " << qPrintable(part);
    }
    void type(const char* field, const char* text) {
        auto* edit = visible<QLineEdit>(field);
        edit->setText(QLatin1String(text));
        QTest::keyClick(edit, Qt::Key_Return);
    }
    const plan::ChartCopy& copy() {
        return session().studio()->contents().all<plan::ChartCopy>().begin()->second;
    }
};

TEST_F(Charts, AChartIsMadeFromPastedDataWithALivePicture) {
    click("newChart");
    auto* picture = visible<ChartPicture>("chartPicture");
    EXPECT_FALSE(picture->chart());
    auto* paste = visible<QPlainTextEdit>("chartPaste");
    paste->setPlainText(QStringLiteral("not a table"));
    EXPECT_FALSE(picture->chart());
    EXPECT_FALSE(find<QLabel>("chartMessage")->text().isEmpty()) << "says why";
    QString table = QStringLiteral("SAMPLE_ID\tLAB_L\tLAB_A\tLAB_B\n");
    for (int i = 0; i < 12; ++i) table += QStringLiteral("A%1\t%2\t0\t0\n").arg(i + 1).arg(95 - 7 * i);
    paste->setPlainText(table);
    ASSERT_TRUE(picture->chart());
    EXPECT_EQ(picture->chart()->patches.size(), 12u);
    EXPECT_TRUE(visible<QLabel>("chartMethod")->text().contains(QStringLiteral("12 neutral")))
        << qPrintable(visible<QLabel>("chartMethod")->text());
    const double width = picture->chart()->outlineMm.x();
    type("gridGap", "20");
    EXPECT_GT(picture->chart()->outlineMm.x(), width) << "the picture follows";
    type("gridRows", "2");
    EXPECT_EQ(visible<QLineEdit>("gridColumns")->text(), QStringLiteral("6")) << "rows give columns";
    type("gridRows", "999");
    EXPECT_EQ(picture->chart()->patches.size(), 12u) << "what cannot be changes nothing";
    type("gridName", "Twelve greys");
    click("keepChart");
    ASSERT_EQ(session().reading().charts().size(), io::shippedCharts().size() + 1);
    EXPECT_EQ(session().reading().charts().back().id, "twelve-greys");
    EXPECT_EQ(visible<QLabel>("chartTitle")->text(), QStringLiteral("Twelve greys"));
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Keep the chart Twelve greys"));
    // A second one of that name is refused, and says so.
    click("newChart");
    visible<QPlainTextEdit>("chartPaste")->setPlainText(table);
    type("gridName", "Twelve greys");
    click("keepChart");
    EXPECT_TRUE(visible<QLabel>("chartMessage")->text().contains(QStringLiteral("twelve-greys")));
    click("leaveChart");
    chooseLine(QStringLiteral("Twelve greys"));
    click("removeChart");
    EXPECT_EQ(session().reading().charts().size(), io::shippedCharts().size() + 1)
        << "its copy is still in the kit";
    session().undo().undo();
    EXPECT_EQ(session().reading().charts().size(), io::shippedCharts().size());
}

// ISO 13655: values under two conditions are asked about, not taken as they come.
TEST_F(Charts, DataMeasuredUnderTwoConditionsAreAskedAbout) {
    click("newChart");
    const auto spectrum = [](const char* of, const char* values) {
        return QStringLiteral(
                   "<ReflectanceSpectrum ColorSpecification=\"%1\" StartWL=\"400\">%2</ReflectanceSpectrum>")
            .arg(QLatin1String(of), QLatin1String(values));
    };
    const auto specification = [](const char* id) {
        return QStringLiteral(
                   "<ColorSpecification Id=\"%1\"><MeasurementSpec><WavelengthRange Increment=\"100\"/>"
                   "<DeviceIllumination>%1</DeviceIllumination></MeasurementSpec></ColorSpecification>")
            .arg(QLatin1String(id));
    };
    visible<QPlainTextEdit>("chartPaste")
        ->setPlainText(
            QStringLiteral("<CxF><Resources><ObjectCollection><Object Name=\"A1\"><ColorValues>") +
            spectrum("M0", "0.5 0.5 0.5 0.5") + spectrum("M1", "0.6 0.5 0.5 0.5") +
            QStringLiteral("</ColorValues></Object></ObjectCollection><ColorSpecificationCollection>") +
            specification("M0") + specification("M1") +
            QStringLiteral("</ColorSpecificationCollection></Resources></CxF>"));
    auto* picture = visible<ChartPicture>("chartPicture");
    EXPECT_FALSE(picture->chart());
    EXPECT_TRUE(find<QLabel>("chartMessage")->text().contains(QStringLiteral("M0, M1")));
    auto* condition = visible<QComboBox>("chartCondition");
    condition->setFocus();
    QTest::keyClick(condition, Qt::Key_Down);
    QTest::keyClick(condition, Qt::Key_Down);
    QTest::keyClick(condition, Qt::Key_Up);
    emit condition->activated(condition->currentIndex());
    ASSERT_TRUE(picture->chart()) << qPrintable(find<QLabel>("chartMessage")->text());
    EXPECT_EQ(picture->chart()->condition, "M0");
}

TEST_F(Charts, ACopyIsMeasuredPatchByPatchAndItsReadingsUseItsValues) {
    chooseLine(QStringLiteral("Pocket copy"));
    click("measureCopy");
    auto* panel = visible<CopyPanel>("copyPanel");
    EXPECT_EQ(visible<QLabel>("patchNow")->text(), QStringLiteral("White tile"));
    click("measurePatch");
    EXPECT_EQ(panel->measurement()->measured(), 0u) << "not before the tile";
    const auto total = panel->measurement()->design().patches.size();
    // Space does what is next: the tile or the patch.
    while (!panel->measurement()->complete()) {
        const auto before = panel->measurement()->measured();
        const bool tile = visible<QLabel>("patchNow")->text() == QLatin1String("White tile");
        QTest::keyClick(panel, Qt::Key_Space);
        ASSERT_TRUE(eventually([&] {
            return tile ? visible<QLabel>("patchNow")->text() != QLatin1String("White tile")
                        : panel->measurement()->measured() > before;
        }));
    }
    EXPECT_EQ(panel->measurement()->measured(), total);
    click("keepCopy");
    ASSERT_FALSE(copy().values.empty());
    EXPECT_TRUE(
        QString::fromStdString(copy().reference).startsWith(QStringLiteral("Simulated spectrophotometer")));
    const auto own = studio::chartOfCopy(session().studio()->contents(), copy().id);
    ASSERT_TRUE(own);
    double sum = 0;
    for (std::size_t i = 0; i < own->patches.size(); ++i)
        sum += ciede2000(own->patches[i].labD50, io::shippedCharts()[0].patches[i].labD50);
    EXPECT_GT(sum / double(own->patches.size()), 0.3) << "it has aged";
    EXPECT_TRUE(visible<QLabel>("chartFacts")->text().contains(QStringLiteral("differs from its design")));
    // A setup planned with this copy is read with its values.
    ASSERT_TRUE(session().perform(QStringLiteral("Setup"), [&](studio::Edit& edit) -> Status {
        plan::Setup s;
        s.shoot = session().shootFor(edit);
        s.label = "Tiles";
        s.chart = copy().id;
        s.conditions.place = 0;
        edit.add(s);
        return {};
    }));
    session().reading().addChartFrame(session().setups().back().id, frame("good.tif"));
    ASSERT_TRUE(eventually([&] { return session().setups().back().reading.has_value(); }));
    EXPECT_EQ(session().setups().back().reading->chart.source, own->source);
    EXPECT_NEAR(session().setups().back().reading->chart.patches[3].labD50.L, own->patches[3].labD50.L, 1e-6);
}

TEST_F(Charts, DataGoesOutAndComesBackOntoACopy) {
    chooseLine(QStringLiteral("Fen 24"));
    answers.target = QString::fromStdString(own_ / "fen.txt");
    click("exportChart");
    const auto data = io::readChartData(own_ / "fen.txt");
    ASSERT_TRUE(data) << data.error().message;
    EXPECT_EQ(data->samples.size(), io::shippedCharts()[0].patches.size());
    chooseLine(QStringLiteral("Pocket copy"));
    answers.file = answers.target;
    click("copyValues");
    EXPECT_FALSE(copy().values.empty());
    session().undo().undo();
    EXPECT_TRUE(copy().values.empty());
    test::put(own_ / "few.csv", "ID,LAB_L,LAB_A,LAB_B\nA,50,0,0\nB,60,0,0\n");
    answers.file = QString::fromStdString(own_ / "few.csv");
    click("copyValues");
    EXPECT_TRUE(copy().values.empty()) << "two colours are not a chart's";
}

TEST_F(Charts, ALogRecordingIsKeptPlottedAndRefused) {
    click("KitPage");
    click("add3");
    auto* plot = visible<CurvePlot>("curvePlot");
    EXPECT_TRUE(plot->words().contains(QStringLiteral("Mid-grey at")));
    type("curveLabel", "Film log");
    // Constants of ACEScct (Academy S-2016-001).
    type("curveBase", "2");
    type("curveLogSlope", "0.0570776");
    type("curveLogOffset", "0.5547945");
    type("curveLinearOffset", "0");
    type("curveLinearSlope", "1");
    EXPECT_TRUE(plot->words().startsWith(QStringLiteral("Mid-grey at 41.4 %"))) << qPrintable(plot->words());
    type("curveBase", "0");
    const auto& curves = session().studio()->contents().all<plan::RecordingCurve>();
    ASSERT_EQ(curves.size(), 1u);
    EXPECT_EQ(curves.begin()->second.curve.base, 2) << "what cannot be is not kept";
}

}  // namespace
}  // namespace refero
