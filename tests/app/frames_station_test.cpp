// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/frames/frames_station.h"

#include <QApplication>
#include <QDragEnterEvent>
#include <QDropEvent>
#include <QFileInfo>
#include <QLineEdit>
#include <QListView>
#include <QMimeData>
#include <QScrollBar>

#include "app/forms/duration_text.h"
#include "app/frames/frame_viewer.h"
#include "app/session/intake_actions.h"
#include "window_fixture.h"
#include "workflow/shoots.h"

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
            const auto shoot = workflow::newShoot(edit);
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
        const auto c = QObject::connect(&session().intake(), &IntakeActions::finished, [&] { done = true; });
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
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Import 3 files"));
    session().undo().undo();
    EXPECT_TRUE(session().studio()->contents().all<studio::Frame>().empty()) << "one step, reading and all";
    EXPECT_FALSE(session().setups()[0].reading);
}

TEST_F(Frames, AreTakenOutAsOneStepButNotWhatWasRead) {
    ASSERT_TRUE(bringIn({frame("good.tif"), frame("subject.tif")}));
    ASSERT_TRUE(eventually([&] { return session().setups()[0].reading.has_value(); }));
    const int steps = session().undo().count();
    QTest::keyClick(&sheet(), Qt::Key_A, Qt::ControlModifier);
    QTest::keyClick(&sheet(), Qt::Key_Delete);
    EXPECT_EQ(in("Tiles"), 1u) << "the chart shot that was read stays";
    EXPECT_EQ(find<QLabel>("notice")->text(), QStringLiteral("1 frame stays: its setup was read from it."));
    EXPECT_EQ(session().undo().count(), steps + 1);
    EXPECT_TRUE(QFileInfo::exists(frame("subject.tif"))) << "the file is where it was";
    session().undo().undo();
    EXPECT_EQ(in("Tiles"), 2u);
}

TEST_F(Frames, AreDroppedOnASetupInTheLedgerAndDraggedOutAsFiles) {
    ASSERT_TRUE(bringIn({frame("subject.tif")}));
    auto* list = find<QListView>("setupList");
    const auto other = list->visualRect(list->model()->index(1, 0)).center();
    QMimeData mime;
    mime.setData(ContactSheet::mimeType(), QByteArray::number(sheet().groups()[0].frames[0].id) + ' ');
    QDragEnterEvent enter(other, Qt::MoveAction, &mime, Qt::LeftButton, {});
    QApplication::sendEvent(list->viewport(), &enter);
    EXPECT_TRUE(enter.isAccepted());
    QDropEvent drop(other, Qt::MoveAction, &mime, Qt::LeftButton, {});
    QApplication::sendEvent(list->viewport(), &drop);
    EXPECT_EQ(in("Other"), 1u);
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Put a frame into Other"));
    // The window does not take its own frames for new ones.
    mime.setUrls({QUrl::fromLocalFile(frame("subject.tif"))});
    QDragEnterEvent over(QPoint(600, 20), Qt::MoveAction, &mime, Qt::LeftButton, {});
    over.ignore();
    QApplication::sendEvent(window.get(), &over);
    EXPECT_FALSE(over.isAccepted());
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
    EXPECT_EQ(in("Proposed: Heron, 60 mm"), 2u);
    QTest::keyClick(&sheet(), Qt::Key_A, Qt::ControlModifier);
    QTest::mouseClick(visible<look::Button>("beginSetup"), Qt::LeftButton);
    ASSERT_EQ(session().setups().size(), 1u);
    EXPECT_EQ(session().setups()[0].body, "Heron");
    EXPECT_EQ(session().setups()[0].lens, "60 mm");
    EXPECT_EQ(in("Setup 1"), 2u);
    EXPECT_TRUE(eventually([&] { return session().setups()[0].reading.has_value(); }))
        << "its chart frame is read";
}

TEST_F(Frames, AFolderDroppedAnywhereComesInAndStopsWhenTold) {
    window->showStation(MainWindow::StationId::plan);
    bool done = false;
    int brought = -1;
    QObject::connect(&session().intake(), &IntakeActions::finished, [&](int n) { done = true, brought = n; });
    window->openFrames({QFileInfo(frame("good.tif")).path()});
    EXPECT_EQ(window->station(), MainWindow::StationId::frames);
    QString refused;
    QObject::connect(&session(), &Session::refused, [&](const QString& why) { refused = why; });
    window->openFrames({frame("hot.tif")});
    EXPECT_TRUE(refused.contains(QStringLiteral("still coming in"))) << "one card after the other";
    QTest::mouseClick(visible<look::Button>("stopIntake"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return done; }));
    EXPECT_LT(brought, 3);
    EXPECT_FALSE(session().intake().running());
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

TEST_F(Frames, AreSeenLargeWithWhatWasRecordedUnderThePointer) {
    ASSERT_TRUE(bringIn({frame("good.tif"), frame("subject.tif")}));
    QTest::mouseClick(sheet().viewport(), Qt::LeftButton, {}, at(0));
    QTest::keyClick(&sheet(), Qt::Key_Return);
    auto* view = visible<PointedView>("viewerPicture");
    ASSERT_TRUE(eventually([&] { return view->hasPicture(); }));
    EXPECT_EQ(visible<QLabel>("viewerTitle")->text(), QStringLiteral("good.tif"));
    EXPECT_TRUE(
        visible<QLabel>("viewerFacts")->text().startsWith(QStringLiteral("1 of 2, 1500 x 1000, linear")))
        << qPrintable(visible<QLabel>("viewerFacts")->text());
    EXPECT_TRUE(
        visible<QLabel>("viewerDisplay")->text().contains(QStringLiteral("No profile for this display")))
        << "said aloud";
    // The readout is the file's own value, read by itself.
    const auto file = io::readFrame(frame("good.tif").toStdString());
    ASSERT_TRUE(file);
    QTest::mouseMove(view, view->toView(QPointF(200.5, 300.5)).toPoint());
    const QPointF there = view->toFrame(QPointF(view->toView(QPointF(200.5, 300.5)).toPoint()));
    const int x = static_cast<int>(there.x()), y = static_cast<int>(there.y());
    double red = 0;
    for (int j = -2; j <= 2; ++j)
        for (int i2 = -2; i2 <= 2; ++i2) red += file->image.pixel(x + i2, y + j)[0] / 25.0;
    const auto says = [&] { return visible<QLabel>("viewerFigures")->text(); };
    EXPECT_TRUE(eventually([&] {
        return says().contains(
            QStringLiteral("x %1  y %2   recorded R %3").arg(x).arg(y).arg(100 * red, 0, 'f', 1));
    })) << qPrintable(says());
    QTest::keyClick(view, Qt::Key_1);
    EXPECT_DOUBLE_EQ(view->scale() * view->devicePixelRatioF(), 1) << "to the pixel";
    QTest::keyClick(view, Qt::Key_1);
    EXPECT_LT(view->scale(), 1) << "and back";
    QTest::keyClick(view, Qt::Key_Right);
    EXPECT_TRUE(
        eventually([&] { return visible<QLabel>("viewerTitle")->text() == QLatin1String("subject.tif"); }));
    QTest::keyClick(view, Qt::Key_Escape);
    EXPECT_TRUE(eventually([&] { return sheet().isVisible(); }));
    EXPECT_EQ(sheet().chosen().size(), 1u);
    EXPECT_EQ(session().studio()->contents().find<studio::Frame>(sheet().chosen()[0])->role,
              studio::FrameRole::subject)
        << "the sheet went on with it";
}

TEST_F(Frames, AreOrderedAndFiltered) {
    ASSERT_TRUE(bringIn({frame("subject.tif"), frame("hot.tif"), frame("good.tif")}));
    const auto first = [&] { return sheet().groups()[0].frames[0].title; };
    const auto order = [&](int i) {
        auto* box = find<QComboBox>("framesOrder");
        box->setCurrentIndex(i);
        emit box->activated(i);
    };
    order(1);
    EXPECT_EQ(first(), QStringLiteral("good.tif"));
    order(2);
    EXPECT_NE(first(), QStringLiteral("subject.tif")) << "charts first";
    auto* shown = find<QComboBox>("framesShown");
    shown->setCurrentIndex(4);
    emit shown->activated(4);
    EXPECT_EQ(sheet().layOut().count(), 0) << "no grey cards";
}

TEST_F(Frames, AWrongClockIsSetForTheWholeBodyAndUndone) {
    ASSERT_TRUE(bringIn({frame("good.tif"), frame("subject.tif")}));
    QTest::mouseClick(sheet().viewport(), Qt::LeftButton, {}, at(0));
    const auto taken = [&] {
        std::vector<std::string> out;
        for (const auto& [id, f] : session().studio()->contents().all<studio::Frame>())
            out.push_back(f.taken);
        return out;
    };
    const auto before = taken();
    if (before[0].empty()) GTEST_SKIP() << "the frames say no time";
    auto* field = visible<QLineEdit>("cameraClock");
    field->setText(QStringLiteral("nonsense"));
    QTest::keyClick(field, Qt::Key_Return);
    EXPECT_EQ(taken(), before);
    field->setText(QStringLiteral("1:00:30"));
    QTest::keyClick(field, Qt::Key_Return);
    for (std::size_t i = 0; i < before.size(); ++i)
        EXPECT_EQ(*plan::momentFrom(taken()[i]) - *plan::momentFrom(before[i]), std::chrono::seconds(3630));
    session().undo().undo();
    EXPECT_EQ(taken(), before);
}

TEST_F(Frames, AreCopiedAndTheCopiesAreTheShoots) {
    answers.folder = QString::fromStdString(own_ / "disk");
    auto* where = find<QComboBox>("framesWhere");
    where->setCurrentIndex(1);
    emit where->activated(1);
    ASSERT_TRUE(bringIn({frame("subject.tif")}));
    const auto& all = session().studio()->contents().all<studio::Frame>();
    ASSERT_EQ(all.size(), 1u);
    EXPECT_EQ(all.begin()->second.path, own_ / "disk/subject.tif");
    EXPECT_EQ(test::contentOf(own_ / "disk/subject.tif"),
              test::contentOf(frame("subject.tif").toStdString()));
}

TEST(DurationText, GoesBothWaysAndRefusesInWords) {
    for (const int s : {0, 1, 59, 60, 3599, 3630, -200, 90000, -86400})
        EXPECT_EQ(*durationFrom(durationText(s)), s);
    EXPECT_EQ(*durationFrom(QStringLiteral("3:20")), 200);
    EXPECT_EQ(*durationFrom(QStringLiteral("+200")), 200);
    EXPECT_EQ(*durationFrom(QStringLiteral("")), 0);
    for (const char* bad : {"x", "1:2:3:4", "0:60:00", "1:-3:0", "99999999999", "1:", ":5"})
        EXPECT_FALSE(durationFrom(QLatin1String(bad))) << bad;
}

}  // namespace
}  // namespace refero
