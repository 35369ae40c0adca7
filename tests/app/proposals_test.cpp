// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Frames that nobody planned for become setups by one click.
#include "app/frames/contact_sheet.h"
#include "app/frames/frames_station.h"
#include "app/session/intake_actions.h"
#include "app/window_fixture.h"

namespace refero {
namespace {

class OfferedSetups : public WindowTest {
  protected:
    static void SetUpTestSuite() {
        WindowTest::SetUpTestSuite();
        const auto shoot = [](const char* name, const char* camera, const char* taken, bool chart) {
            sim::Shot s = test::plainShot();
            s.file = name;
            s.camera = camera;
            s.lens = "50 mm";
            s.taken = taken;
            if (!chart) s.chart.reset();
            shootOnce(s);
        };
        shoot("loose-chart.dng", "heron", "2026:05:14 10:00:00", true);
        shoot("loose-1.dng", "heron", "2026:05:14 10:02:00", false);
        shoot("loose-2.dng", "bittern", "2026:05:14 10:03:00", false);
    }
};

TEST_F(OfferedSetups, AreBegunByOneClickAndTheirChartsAreRead) {
    window->showStation(MainWindow::StationId::frames);
    auto* accept = find<look::Button>("acceptSetups");
    EXPECT_FALSE(accept->isVisible()) << "nothing came in yet";
    window->openFrames({frame("loose-chart.dng"), frame("loose-1.dng"), frame("loose-2.dng")});
    ASSERT_TRUE(eventually([&] { return accept->isVisible(); }));
    EXPECT_EQ(find<QLabel>("offeredSetups")->text(),
              QStringLiteral("3 frames are in no setup. They speak for 2 lights, 1 with a chart shot."));
    EXPECT_EQ(accept->text(), QStringLiteral("Begin 2 setups"));
    EXPECT_TRUE(accept->toolTip().contains(QStringLiteral("The first frames of Heron")));
    QTest::mouseClick(accept, Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return session().setups().size() == 2; }));
    EXPECT_FALSE(accept->isVisible());
    ASSERT_TRUE(eventually([&] {
        return std::any_of(session().setups().begin(), session().setups().end(),
                           [](const refero::Setup& s) { return s.reading.has_value(); });
    }));
    for (const refero::Setup& s : session().setups())
        EXPECT_EQ(s.body, s.reading ? "Heron" : "Bittern") << "each body has its own";
    // One step.
    while (session().undo().canUndo() && session().setups().size() == 2) session().undo().undo();
    EXPECT_TRUE(session().setups().empty());
    EXPECT_TRUE(eventually([&] { return accept->isVisible(); }));
}

// Dragged apart and together before anything is kept, and begun one by one.
TEST_F(OfferedSetups, AreSplitAndJoinedByHandAndBegunOneByOne) {
    window->showStation(MainWindow::StationId::frames);
    window->openFrames({frame("loose-chart.dng"), frame("loose-1.dng"), frame("loose-2.dng")});
    ASSERT_TRUE(eventually([&] { return find<look::Button>("acceptSetups")->isVisible(); }));
    auto* sheet = find<ContactSheet>("contactSheet");
    const auto group = [&](const char* name) -> qint64 {
        for (const SheetGroup& g : sheet->groups())
            for (const SheetFrame& f : g.frames)
                if (f.path.endsWith(QLatin1String(name))) return g.setup;
        return 0;
    };
    const auto id = [&](const char* name) -> qint64 {
        for (const auto& [frame, f] : session().contents().all<studio::Frame>())
            if (f.path.ends_with(name)) return frame.number();
        return 0;
    };
    EXPECT_EQ(group("loose-chart.dng"), group("loose-1.dng"));
    EXPECT_NE(group("loose-1.dng"), group("loose-2.dng")) << "another body";
    const auto alone = std::find_if(sheet->groups().begin(), sheet->groups().end(), [](const SheetGroup& g) {
        return g.title == QLatin1String("A light of its own");
    });
    ASSERT_NE(alone, sheet->groups().end());
    emit sheet->moveWanted({id("loose-1.dng")}, alone->setup);
    EXPECT_NE(group("loose-chart.dng"), group("loose-1.dng")) << "split";
    EXPECT_EQ(find<look::Button>("acceptSetups")->text(), QStringLiteral("Begin 3 setups"));
    emit sheet->moveWanted({id("loose-1.dng")}, group("loose-2.dng"));
    EXPECT_NE(group("loose-1.dng"), group("loose-2.dng")) << "never with another body";
    emit sheet->moveWanted({id("loose-1.dng")}, group("loose-chart.dng"));
    EXPECT_EQ(group("loose-chart.dng"), group("loose-1.dng")) << "joined again";
    EXPECT_TRUE(session().setups().empty()) << "nothing is kept yet";
    // One by one.
    sheet->choose({id("loose-2.dng")});
    QTest::mouseClick(find<look::Button>("acceptOneSetup"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return session().setups().size() == 1; }));
    EXPECT_EQ(session().setups()[0].body, "Bittern");
    EXPECT_EQ(find<look::Button>("acceptSetups")->text(), QStringLiteral("Begin its setup"));
}

}  // namespace
}  // namespace refero
