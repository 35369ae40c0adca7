// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is lent, seen and done in the window: the library's page, borrowing, and what to set in the camera.
#include <QComboBox>
#include <QLabel>
#include <QSpinBox>
#include <QTableView>
#include <algorithm>

#include "app/meters/camera_notes.h"
#include "app/meters/meter_panel.h"
#include "app/plan/plan_station.h"
#include "app/session/correction_actions.h"
#include "app/session/reading_actions.h"
#include "app/settings/own_settings.h"
#include "window_fixture.h"
#include "workflow/shelf.h"

namespace refero {
namespace {

class LibraryInTheWindow : public WindowTest {
  protected:
    static void SetUpTestSuite() {
        WindowTest::SetUpTestSuite();
        const auto shoot = [](const char* name, const char* taken, const char* light, bool chart,
                              double exposure = 0.75) {
            sim::Shot s = test::plainShot();
            s.file = name;
            s.taken = taken;
            s.light = light;
            s.exposure = exposure;
            if (!chart) s.chart.reset();
            shootOnce(s);
        };
        shoot("lib-1.dng", "2026:05:14 10:00:00", "d65", true);
        shoot("lib-2.dng", "2026:05:14 15:00:00", "daylight-6000", false);
        shoot("lib-dark.dng", "2026:05:14 10:00:00", "daylight-5500", true, 0.25);
    }
    void SetUp() override {
        ownSettings().remove(QStringLiteral("day/receivers"));
        ownSettings().remove(QStringLiteral("day/folder"));
        WindowTest::SetUp();
    }
    void bring(const QStringList& names) {
        window->showStation(MainWindow::StationId::frames);
        QStringList paths;
        for (const QString& n : names) paths << frame(n.toUtf8().constData());
        window->openFrames(paths);
        ASSERT_TRUE(eventually([&] { return find<look::Button>("doDay")->isVisible(); }));
        QTest::mouseClick(find<look::Button>("doDay"), Qt::LeftButton);
        ASSERT_TRUE(eventually([&] { return !find<QLabel>("dayState")->text().isEmpty(); }));
    }
};

TEST_F(LibraryInTheWindow, ALightWithoutAChartShotIsLentToAndTheListSaysSo) {
    bring({QStringLiteral("lib-1.dng"), QStringLiteral("lib-2.dng")});
    ASSERT_EQ(session().setups().size(), 2U);
    const refero::Setup* lent = nullptr;
    for (const refero::Setup& s : session().setups())
        if (s.correction && s.correction->loan) lent = &s;
    ASSERT_TRUE(lent);
    EXPECT_EQ(lent->due(), QStringLiteral("Colours lent"));
    EXPECT_TRUE(find<QLabel>("dayState")->text().contains(QLatin1String("lent")))
        << qPrintable(find<QLabel>("dayState")->text());
    // In Correction it says whose colours they are, and accuses nobody.
    session().select(static_cast<int>(lent->id));
    window->showStation(MainWindow::StationId::correction);
    EXPECT_TRUE(eventually([&] {
        for (const QLabel* l : window->findChildren<QLabel*>())
            if (l->isVisible() && l->text().contains(QLatin1String("Its colours are from the library")))
                return true;
        return false;
    }));

    // Taken away, it can be borrowed by hand, and given back.
    const auto id = lent->id;
    ASSERT_TRUE(session().perform(QStringLiteral("Take away"), [&](studio::Edit& e) -> Status {
        e.removeCorrections(id);
        return {};
    }));
    ASSERT_TRUE(session().correction().canBorrow(id));
    session().correction().borrow(id);
    ASSERT_TRUE(eventually([&] { return session().setup(id)->correction.has_value(); }));
    session().undo().undo();
    EXPECT_FALSE(session().setup(id)->correction);
}

TEST_F(LibraryInTheWindow, TheLibraryShowsWhatThereIsAndGoesOutAndIn) {
    window->showStation(MainWindow::StationId::plan);
    find<PlanStation>("planStation")->showPage(PlanStation::Page::library);
    EXPECT_TRUE(eventually(
        [&] { return find<QLabel>("libraryTitle")->text() == QLatin1String("The library is empty"); }));
    bring({QStringLiteral("lib-1.dng")});
    window->showStation(MainWindow::StationId::plan);
    find<PlanStation>("planStation")->showPage(PlanStation::Page::library);
    auto* groups = find<QTableView>("libraryGroups");
    ASSERT_TRUE(eventually([&] { return groups->model()->rowCount() == 1; }));
    EXPECT_EQ(groups->model()->index(0, 0).data().toString(), QStringLiteral("Heron"));
    EXPECT_EQ(find<QTableView>("libraryItems")->model()->rowCount(), 1);
    answers.target = QString::fromStdString(own_ / "all.refero-library.json");
    QTest::mouseClick(find<look::Button>("libraryOut"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return std::filesystem::exists(answers.target.toStdString()); }));
    // Brought in where it is already, nothing is new.
    answers.file = answers.target;
    QTest::mouseClick(find<look::Button>("libraryIn"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] {
        const auto labels = window->findChildren<QLabel*>();
        return std::any_of(labels.begin(), labels.end(), [](const QLabel* l) {
            return l->text() == QLatin1String("New in the library: 0");
        });
    }));
    EXPECT_TRUE(session().contents().all<studio::ShelfRecord>().empty());
}

TEST_F(LibraryInTheWindow, TheCameraIsToldWhatToSetAndItsOwnScaleIsLearned) {
    session().addFrame(frame("lib-dark.dng"));
    ASSERT_TRUE(eventually([&] { return !session().setups().empty() && session().setups()[0].reading; }));
    window->showStation(MainWindow::StationId::reading);
    find<MeterPanel>("meterPanel")->showMeter(MeterPanel::Meter::camera);
    auto* notes = find<QLabel>("cameraNotes");
    ASSERT_TRUE(eventually([&] { return notes->text().contains(QLatin1String(" K and ")); }))
        << qPrintable(notes->text());
    EXPECT_TRUE(notes->text().startsWith(QLatin1String("Open up by 1 2/3 stops")))
        << qPrintable(notes->text());
    EXPECT_TRUE(notes->text().contains(QLatin1String("own matrix")));
    auto* kelvin = find<QSpinBox>("dialledKelvin");
    kelvin->setValue(5200);
    emit kelvin->editingFinished();
    const auto dials = [&] {
        const int at = static_cast<int>(notes->text().indexOf(QLatin1String(" K and ")));
        return at < 4 ? 0 : notes->text().mid(at - 4, 4).toInt();
    };
    ASSERT_TRUE(eventually([&] { return std::abs(dials() - 5200) <= 20; }))
        << qPrintable(notes->text()) << ": the frame that was dialled right tells the scale";
    session().undo().undo();
    EXPECT_TRUE(eventually([&] { return notes->text().contains(QLatin1String("own matrix")); }));
}

// A curve file goes where it belongs by being dropped, and is offered wherever an encoding is chosen.
TEST_F(LibraryInTheWindow, ALogCurveThatIsDroppedIsInTheKitAndOffered) {
    session().addFrame(frame("lib-1.dng"));
    ASSERT_TRUE(eventually([&] { return !session().setups().empty() && session().setups()[0].reading; }));
    const std::string file = own_ / "mine.log.json";
    test::put(file, R"({"name": "Marsh log", "base": 10, "logarithm_slope": 0.25, "logarithm_offset": 0.4,
                        "linear_slope": 5, "linear_offset": 0.05})");
    window->openFrames({QString::fromStdString(file)});
    ASSERT_EQ(session().day().kit.curves.size(), 1U);
    EXPECT_EQ(session().day().kit.curves[0].label, "Marsh log");
    EXPECT_NE(session().day().kit.curves[0].body, 0) << "of the body at hand";
    window->showStation(MainWindow::StationId::reading);
    auto* encoding = find<QComboBox>("encodingChoice");
    EXPECT_TRUE(eventually([&] { return encoding->findText(QStringLiteral("Marsh log")) >= 0; }));
    session().undo().undo();
    EXPECT_TRUE(session().day().kit.curves.empty()) << "one step";
    const std::string broken = own_ / "broken.log.json";
    test::put(broken, "{\"name\": 3}");
    window->openFrames({QString::fromStdString(broken)});
    EXPECT_TRUE(session().day().kit.curves.empty());
}

}  // namespace
}  // namespace refero
