// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/frames/frames_station.h"

#include <QMimeData>
#include <QScrollBar>

#include "window_fixture.h"

namespace refero {
namespace {

TEST(SheetLayout, CellsLieUnderTheirHeadings) {
    SheetLayout l;
    l.lay({5, 0, 2}, SheetLayout::kLeft + 3 * SheetLayout::kCellWidth + 20);
    EXPECT_EQ(l.columns(), 3);
    EXPECT_EQ(l.count(), 7);
    EXPECT_EQ(l.cell(3).topLeft(),
              QPoint(SheetLayout::kLeft, SheetLayout::kHeading + SheetLayout::kCellHeight));
    EXPECT_EQ(l.heading(1).top(), SheetLayout::kHeading + 2 * SheetLayout::kCellHeight);
    EXPECT_EQ(l.cell(5).top(), l.heading(2).bottom() + 1) << "the empty group has a heading alone";
    for (int i = 0; i < 7; ++i) EXPECT_EQ(l.cellAt(l.cell(i).center()), i);
    EXPECT_FALSE(l.cellAt(l.heading(0).center()));
    EXPECT_FALSE(l.cellAt(l.cell(4).center() + QPoint(SheetLayout::kCellWidth, 0)))
        << "beside the last of a row";
    EXPECT_EQ(l.vertically(1, 1), 4);
    EXPECT_EQ(l.vertically(4, 1), 6) << "over a heading";
    EXPECT_EQ(l.vertically(0, -1), 0);
    EXPECT_EQ(l.between(0, l.height()), std::pair(0, 7));
    EXPECT_EQ(l.between(0, 10).second, 3) << "only the first row";
    l.lay({}, 10);
    EXPECT_EQ(l.height(), 0);
    EXPECT_EQ(l.between(0, 100), std::pair(0, 0));
}

class Frames : public WindowTest {
  protected:
    void SetUp() override {
        qputenv("REFERO_THUMBNAIL_FOLDER", QByteArray::fromStdString(own_ / "thumbnails"));
        openWindow();
        auto kept = session().perform(QStringLiteral("Plan"), [&](studio::Edit& edit) -> Status {
            const auto shoot = session().newShoot(edit);
            plan::Lens lens{0, "60 mm", "", 60, 60};
            plan::Setup s;
            s.shoot = shoot;
            s.label = "Tiles";
            s.conditions.body = edit.add(plan::Body{0, "Heron"});
            s.conditions.lens = edit.add(lens);
            edit.add(s);
            s.label = "Other";
            s.position = 1;
            s.conditions.body = edit.add(plan::Body{0, "Dunlin"});
            edit.add(s);
            return {};
        });
        ASSERT_TRUE(kept);
        window->showStation(MainWindow::StationId::frames);
    }
    bool bringIn(const QStringList& paths) {
        bool done = false;
        const auto c = QObject::connect(&session(), &Session::intakeFinished, [&] { done = true; });
        window->openFrames(paths);
        const bool in = eventually([&] { return done; });
        QObject::disconnect(c);
        return in;
    }
    ContactSheet& sheet() { return *find<ContactSheet>("contactSheet"); }
    std::size_t in(const char* label) {
        for (const SheetGroup& g : sheet().groups())
            if (g.title == QLatin1String(label)) return g.frames.size();
        return 0;
    }
    QPoint at(int index) {
        return sheet().layOut().cell(index).center() - QPoint(0, sheet().verticalScrollBar()->value());
    }
};

TEST_F(Frames, ComeInSortedWithTheChartFoundAndReadAndProblemsNamed) {
    ASSERT_TRUE(bringIn({frame("good.tif"), frame("subject.tif"), frame("text.tif")}));
    EXPECT_EQ(in("Tiles"), 2u);
    EXPECT_TRUE(visible<QLabel>("frameProblems")->text().contains(QStringLiteral("text.tif")));
    EXPECT_EQ(visible<QLabel>("framesCount")->text(),
              QStringLiteral("2 frames, 1 with a chart, 0 in no setup, 0 doubtful"));
    EXPECT_TRUE(eventually([&] { return session().setups()[0].reading.has_value(); }))
        << "its chart is read by itself";
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Bring in 3 files"));
    session().undo().undo();
    EXPECT_TRUE(session().studio()->contents().all<studio::Frame>().empty()) << "one step, reading and all";
    EXPECT_FALSE(session().setups()[0].reading);
}

TEST_F(Frames, AreChosenWithMouseAndKeyboardAndMovedByHand) {
    ASSERT_TRUE(bringIn({frame("good.tif"), frame("subject.tif"), frame("hot.tif")}));
    ASSERT_EQ(in("Tiles"), 3u);
    QTest::mouseClick(sheet().viewport(), Qt::LeftButton, {}, at(0));
    EXPECT_EQ(sheet().chosen().size(), 1u);
    EXPECT_EQ(visible<QLabel>("frameReason")->text(),
              QStringLiteral("The only setup with this body and lens."));
    QTest::keyClick(&sheet(), Qt::Key_Right, Qt::ShiftModifier);
    EXPECT_EQ(sheet().chosen().size(), 2u);
    QTest::mouseClick(sheet().viewport(), Qt::LeftButton, Qt::ControlModifier, at(0));
    EXPECT_EQ(sheet().chosen().size(), 1u);
    QTest::keyClick(&sheet(), Qt::Key_A, Qt::ControlModifier);
    EXPECT_EQ(sheet().chosen().size(), 3u);
    QTest::mouseClick(sheet().viewport(), Qt::LeftButton, {}, at(2));
    auto* box = visible<QComboBox>("frameSetup");
    box->setCurrentIndex(box->findText(QStringLiteral("Other")));
    emit box->activated(box->currentIndex());
    EXPECT_EQ(in("Tiles"), 2u);
    EXPECT_EQ(in("Other"), 1u);
    EXPECT_TRUE(visible<QLabel>("frameDoubt")->text().contains(QStringLiteral("is not the setup's, Dunlin")))
        << qPrintable(visible<QLabel>("frameDoubt")->text());
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Put a frame into Other"));
    auto* shown = find<QComboBox>("framesShown");
    shown->setCurrentIndex(3);
    emit shown->activated(3);
    EXPECT_EQ(sheet().layOut().count(), 1) << "the doubtful one";
    session().undo().undo();
    EXPECT_EQ(sheet().layOut().count(), 0);
}

TEST_F(Frames, AreDroppedOntoAnotherSetup) {
    ASSERT_TRUE(bringIn({frame("subject.tif")}));
    const auto id = sheet().groups()[0].frames[0].id;
    const auto other = sheet().groups()[1].setup;
    QMimeData data;
    data.setData(ContactSheet::mimeType(), QByteArray::number(id));
    EXPECT_EQ(ContactSheet::framesIn(&data), std::vector<qint64>{id});
    emit sheet().moveWanted(ContactSheet::framesIn(&data), other);
    EXPECT_EQ(in("Other"), 1u);
}

TEST_F(Frames, WithoutAPlanASetupIsBegunWithThem) {
    session().undo().undo();
    ASSERT_TRUE(session().setups().empty());
    ASSERT_TRUE(bringIn({frame("good.tif"), frame("subject.tif")}));
    EXPECT_EQ(in("In no setup"), 2u);
    QTest::keyClick(&sheet(), Qt::Key_A, Qt::ControlModifier);
    QTest::mouseClick(visible<look::Button>("beginSetup"), Qt::LeftButton);
    ASSERT_EQ(session().setups().size(), 1u);
    EXPECT_EQ(session().setups()[0].body, QStringLiteral("Heron"));
    EXPECT_EQ(session().setups()[0].lens, QStringLiteral("60 mm"));
    EXPECT_EQ(in("Setup 1"), 2u);
    EXPECT_TRUE(eventually([&] { return session().setups()[0].reading.has_value(); }))
        << "its chart frame is read";
}

TEST_F(Frames, AFolderDroppedAnywhereComesInAndStopsWhenTold) {
    window->showStation(MainWindow::StationId::plan);
    bool done = false;
    int brought = -1;
    QObject::connect(&session(), &Session::intakeFinished, [&](int n) { done = true, brought = n; });
    window->openFrames({QFileInfo(frame("good.tif")).path()});
    EXPECT_EQ(window->station(), MainWindow::StationId::frames);
    QString refused;
    QObject::connect(&session(), &Session::refused, [&](const QString& why) { refused = why; });
    window->openFrames({frame("hot.tif")});
    EXPECT_TRUE(refused.contains(QStringLiteral("still coming in"))) << "one card after the other";
    QTest::mouseClick(visible<look::Button>("stopIntake"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return done; }));
    EXPECT_LT(brought, 3);
    EXPECT_FALSE(session().bringingIn());
}

TEST_F(Frames, ThumbnailsAreMadeOnceAndKeptByContent) {
    Thumbnails first;
    bool ready = false;
    QObject::connect(&first, &Thumbnails::ready, [&] { ready = true; });
    EXPECT_TRUE(first.of(frame("subject.tif"), QStringLiteral("abc")).isNull());
    ASSERT_TRUE(eventually([&] { return ready; }));
    const QPixmap made = first.of(frame("subject.tif"), QStringLiteral("abc"));
    EXPECT_EQ(std::max(made.width(), made.height()), Thumbnails::kLongSide);
    EXPECT_TRUE(QFileInfo::exists(Thumbnails::folder() + QStringLiteral("/abc.jpg")));
    // Another one takes it from the disk, even where the picture is gone.
    Thumbnails second;
    ready = false;
    QObject::connect(&second, &Thumbnails::ready, [&] { ready = true; });
    second.of(QStringLiteral("/gone.tif"), QStringLiteral("abc"));
    ASSERT_TRUE(eventually([&] { return ready; }));
    EXPECT_FALSE(second.of(QStringLiteral("/gone.tif"), QStringLiteral("abc")).isNull());
    ready = false;
    second.of(frame("text.tif"), QStringLiteral("text"));
    ASSERT_TRUE(eventually([&] { return ready; }));
    EXPECT_TRUE(second.of(frame("text.tif"), QStringLiteral("text")).isNull()) << "and it is not tried again";
}

}  // namespace
}  // namespace refero
