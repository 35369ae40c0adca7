// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plan/plan_station.h"

#include <QAbstractItemModelTester>
#include <QLineEdit>
#include <QListView>
#include <QMimeData>
#include <QSignalSpy>

#include "app/kit/kit_lines.h"
#include "app/ledger/ledger.h"
#include "app/plan/coverage_page.h"
#include "app/plan/day_table.h"
#include "app/plan/setup_fields.h"
#include "app/plan/task_row.h"
#include "app/session/correction_actions.h"
#include "app/session/intake_actions.h"
#include "studio/record_json.h"
#include "window_fixture.h"

namespace refero {
namespace {

class Planning : public WindowTest {
  protected:
    void SetUp() override {
        openWindow();
        session().setClock([this] { return now; });
        press(window.get(), Qt::Key_1, Qt::ControlModifier);
    }
    static void press(QWidget* w, int key, Qt::KeyboardModifiers modifiers = {}) {
        QTest::keyClick(w, Qt::Key(key), modifiers);
    }
    void click(const char* button) { QTest::mouseClick(visible<QAbstractButton>(button), Qt::LeftButton); }
    /// As a person types over what is there.
    void type(const char* field, const char* text) {
        auto* edit = visible<QLineEdit>(field);
        edit->setFocus();
        edit->selectAll();
        QTest::keyClick(edit, Qt::Key_Delete);
        QTest::keyClicks(edit, QLatin1String(text));
        QTest::keyClick(edit, Qt::Key_Return);
    }
    void choose(const char* box, const char* text) {
        auto* b = visible<QComboBox>(box);
        const int i = b->findText(QLatin1String(text));
        ASSERT_GE(i, 0) << box << " has no " << text;
        b->setCurrentIndex(i);
        emit b->activated(i);
    }
    QString message(const char* field) {
        auto* l = window->findChild<QLabel*>(QLatin1String(field) + QStringLiteral("Message"));
        return l && l->isVisible() ? l->text() : QString();
    }
    const plan::Setup& setup() {
        return *session().studio()->contents().find<plan::Setup>(session().currentId());
    }
    DayTable& day() { return *find<DayTable>("dayTable"); }
    /// A body, a lens and two lights, entered on the kit page.
    void enterKit() {
        click("KitPage");
        click("add0");
        type("bodyModel", "Heron");
        click("add1");
        type("lensModel", "60 mm");
        type("lensShortest", "60");
        for (const char* lamp : {"Panel", "Flash"}) {
            click("add2");
            type("lampLabel", lamp);
        }
        click("add6");
        type("placeLabel", "Library");
        click("DayPage");
    }
    void enterDay() {
        enterKit();
        press(window.get(), Qt::Key_N, Qt::ControlModifier);
        type("setupLabel", "Tiles");
        choose("setupLamp", "Panel");
        type("setupStart", "9:00");
        type("setupEnd", "10:00");
        press(window.get(), Qt::Key_D, Qt::ControlModifier);
        type("setupLabel", "Board");
        press(window.get(), Qt::Key_D, Qt::ControlModifier);
        choose("setupLamp", "Flash");
        type("setupLabel", "Marks");
    }

    plan::Moment now = plan::momentFrom("2026-05-14T07:00:00Z").value();
};

TEST_F(Planning, ADayIsPlannedUndoneToTheBeginningAndDoneAgain) {
    enterDay();
    const auto& rows = day().day().rows();
    ASSERT_EQ(rows.size(), 3u);
    EXPECT_EQ(rows[0].label, QStringLiteral("1  Tiles"));
    EXPECT_EQ(rows[0].time, QStringLiteral("09:00 to 10:00"));
    EXPECT_TRUE(rows[0].ownChart);
    EXPECT_FALSE(rows[1].ownChart) << "nothing changed since Tiles";
    EXPECT_TRUE(rows[2].ownChart);
    EXPECT_TRUE(rows[2].why.contains(QStringLiteral("light Panel to Flash"))) << qPrintable(rows[2].why);
    EXPECT_TRUE(
        visible<QLabel>("changeSince")->text().contains(QStringLiteral("Since Board: light Panel to Flash")));
    const int steps = session().undo().count();
    EXPECT_GE(steps, 15);
    const std::string planned = studio::toJson(session().studio()->contents()).dump();
    for (int i = 0; i < steps; ++i) press(window.get(), Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(session().studio()->contents().size(), 0u);
    EXPECT_FALSE(session().undo().canUndo());
    for (int i = 0; i < steps; ++i) press(window.get(), Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    EXPECT_EQ(studio::toJson(session().studio()->contents()).dump(), planned);
    EXPECT_EQ(day().day().rows().size(), 3u);
}

TEST_F(Planning, ThePolicyDecidesWhatIsDue) {
    enterDay();
    choose("setupLamp", "Panel");
    type("setupPower", "40");
    EXPECT_FALSE(day().day().rows()[2].ownChart) << "usual: power does not count";
    choose("policyChoice", "any change");
    EXPECT_TRUE(day().day().rows()[2].ownChart);
    EXPECT_TRUE(day().day().rows()[2].why.contains(QStringLiteral("power 100 % to 40 %")));
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("New chart shot after: any change"));
}

TEST_F(Planning, ImpossibleValuesAreRefusedWithTheReasonAndNothingChanges) {
    enterDay();
    const int steps = session().undo().count();
    type("setupPower", "140");
    EXPECT_TRUE(message("setupPower").contains(QStringLiteral("0 to 100")))
        << qPrintable(message("setupPower"));
    type("setupPower", "much");
    EXPECT_TRUE(message("setupPower").contains(QStringLiteral("not a number")));
    type("setupFocal", "50");
    EXPECT_TRUE(message("setupFocal").contains(QStringLiteral("60 mm goes from 60 to 60")));
    type("setupFocal", "0");
    EXPECT_TRUE(message("setupFocal").contains(QStringLiteral("0 is not possible")));
    type("setupStart", "25:00");
    EXPECT_FALSE(message("setupStart").isEmpty());
    type("setupEnd", "8:00");
    EXPECT_TRUE(message("setupStart").contains(QStringLiteral("before it starts")))
        << qPrintable(message("setupStart"));
    type("setupLabel", "");
    EXPECT_TRUE(message("setupLabel").contains(QStringLiteral("needs a name")));
    EXPECT_EQ(session().undo().count(), steps);
    EXPECT_EQ(setup().conditions.powerPercent, 100);
    click("KitPage");
    QTest::mouseClick(find<QListView>("kitList6")->viewport(), Qt::LeftButton, {}, QPoint(40, 12));
    type("placeSpot", "120, 10");
    EXPECT_TRUE(message("placeSpot").contains(QStringLiteral("-90 to 90")))
        << qPrintable(message("placeSpot"));
    type("placeSpot", "52.4");
    EXPECT_TRUE(message("placeSpot").contains(QStringLiteral("two numbers")));
    type("placeSpot", "52.4, 0.26");
    EXPECT_TRUE(message("placeSpot").isEmpty());
    QTest::mouseClick(find<QListView>("kitList0")->viewport(), Qt::LeftButton, {}, QPoint(40, 12));
    type("sensorWidth", "0");
    EXPECT_TRUE(message("sensorWidth").contains(QStringLiteral("1 to 200")));
}

TEST_F(Planning, BarsAreDraggedDrawnAndLengthened) {
    enterDay();
    DayTable& table = day();
    const auto at = [&](int row, int minutes) {
        const QRect column = table.timeColumn();
        const QRect cell = table.visualRect(table.model()->index(row, DayModel::time));
        return QPoint(column.left() + int(table.day().axis().shareOf(minutes) * column.width()),
                      cell.top() + 17);
    };
    const auto drag = [&](QPoint from, QPoint to) {
        QTest::mousePress(table.viewport(), Qt::LeftButton, {}, from);
        QTest::mouseMove(table.viewport(), (from + to) / 2);
        QTest::mouseMove(table.viewport(), to);
        QTest::mouseRelease(table.viewport(), Qt::LeftButton, {}, to);
    };
    ASSERT_EQ(setup().label, "Marks");
    ASSERT_EQ(setup().startMinutes, 660) << "each duplicate began where its model ended";
    drag(at(2, 690), at(2, 720));
    EXPECT_EQ(setup().startMinutes, 690);
    EXPECT_EQ(setup().endMinutes, 750);
    drag(at(2, 750), at(2, 720));
    EXPECT_EQ(setup().endMinutes, 720) << "its end alone";
    EXPECT_EQ(setup().startMinutes, 690);
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Marks, time: 11:30 to 12:00"));
    type("setupStart", "");
    type("setupEnd", "");
    EXPECT_FALSE(setup().startMinutes);
    drag(at(2, 600), at(2, 660));
    EXPECT_EQ(setup().startMinutes, 600) << "drawn where there was none";
    EXPECT_EQ(setup().endMinutes, 660);
    const int steps = session().undo().count();
    QTest::mouseClick(table.viewport(), Qt::LeftButton, {}, at(0, 570));
    EXPECT_EQ(setup().label, "Tiles") << "a click chooses";
    EXPECT_EQ(session().undo().count(), steps) << "and moves nothing";
}

TEST_F(Planning, TheLedgerFiltersReordersAndCounts) {
    enterDay();
    auto& model = window->findChild<Ledger*>(QStringLiteral("ledger"))->model();
    const QAbstractItemModelTester tester(&model);
    auto* list = find<QListView>("setupList");
    press(list, Qt::Key_Up, Qt::AltModifier);
    EXPECT_EQ(day().day().rows()[1].label, QStringLiteral("2  Marks"));
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Move Marks"));
    // Dropped above the first row, as dragging does.
    const std::unique_ptr<QMimeData> data(model.mimeData({model.index(1)}));
    EXPECT_FALSE(model.canDropMimeData(data.get(), Qt::MoveAction, -1, 0, model.index(0))) << "onto a row";
    EXPECT_FALSE(model.dropMimeData(data.get(), Qt::MoveAction, 0, 0, {}));
    EXPECT_EQ(model.index(0).data(LedgerModel::LightRole), QStringLiteral("Marks"));
    QTest::keyClicks(list, QStringLiteral("b"));
    QTest::keyClicks(find<QLineEdit>("setupFilter"), QStringLiteral("oard"));
    EXPECT_EQ(model.rowCount(), 1) << "typing on the list filters it";
    EXPECT_FALSE(model.flags(model.index(0)) & Qt::ItemIsDragEnabled);
    press(find<QLineEdit>("setupFilter"), Qt::Key_Escape);
    EXPECT_EQ(model.rowCount(), 3);
    now = plan::momentFrom("2026-05-15T07:00:00Z").value();
    session().setClock([this] { return now; });
    bool said = false;
    for (QLabel* l : window->findChildren<QLabel*>())
        said = said || l->text().contains(QStringLiteral("missing"));
    EXPECT_FALSE(said) << "the shoot has today's date, not that of the test's clock";
    click("KitPage");
    QTest::mouseClick(find<QListView>("kitList7")->viewport(), Qt::LeftButton, {}, QPoint(40, 12));
    type("shootDate", "2026-05-14");
    for (QLabel* l : window->findChildren<QLabel*>())
        said = said || l->text().contains(QStringLiteral("3 setups, 3 left, 3 missing"));
    EXPECT_TRUE(said);
}

TEST_F(Planning, ASetupThatWaitsTakesTheNextFrameAsItsChart) {
    enterDay();
    press(window.get(), Qt::Key_3, Qt::ControlModifier);
    EXPECT_EQ(visible<look::Button>("nextStep")->text(), QStringLiteral("Open its chart frame"));
    const auto setups = session().setups().size();
    const auto id = session().currentId();
    answers.frames = {frame("good.tif")};
    QTest::mouseClick(visible<look::Button>("nextStep"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return session().setup(id)->reading.has_value(); }));
    EXPECT_EQ(session().setups().size(), setups) << "no setup of its own";
    EXPECT_EQ(session().setup(id)->plan.state, plan::DueState::done);
    // The lamp is changed on the set: the chart shot no longer holds, until it is said that it was always so.
    press(window.get(), Qt::Key_1, Qt::ControlModifier);
    choose("setupLamp", "Panel");
    EXPECT_EQ(session().setup(id)->plan.state, plan::DueState::stale);
    EXPECT_EQ(session().setup(id)->due(), QStringLiteral("Out of date: light Flash to Panel"));
    click("restate");
    EXPECT_EQ(session().setup(id)->plan.state, plan::DueState::done);
}

TEST_F(Planning, ASetupServedByAnotherLeadsThere) {
    enterDay();
    session().select(session().setups()[0].id);
    window->openFrames({frame("good.tif")});
    ASSERT_TRUE(eventually([&] { return session().setups()[0].reading.has_value(); }));
    const refero::Setup& board = session().setups()[1];
    EXPECT_EQ(board.plan.state, plan::DueState::done);
    EXPECT_EQ(board.due(), QStringLiteral("Served by Tiles"));
    session().select(board.id);
    press(window.get(), Qt::Key_3, Qt::ControlModifier);
    QTest::mouseClick(visible<look::Button>("nextStep"), Qt::LeftButton);
    EXPECT_EQ(session().current()->light, "Tiles");
}

TEST_F(Planning, FramesOfASetupServedByAnotherGoOutByThatCorrection) {
    enterDay();
    const auto tiles = session().setups()[0].id, board = session().setups()[1].id;
    const QString label = text(session().setup(board)->light);
    session().select(tiles);
    window->openFrames({frame("good.tif")});
    ASSERT_TRUE(eventually([&] { return session().setup(tiles)->reading.has_value(); }));
    EXPECT_EQ(session().correctedBy(tiles), tiles);
    ASSERT_EQ(session().correctedBy(board), tiles);
    session().correction().addPicture(board, frame("subject.tif"));
    ASSERT_EQ(session().currentId(), board);
    press(window.get(), Qt::Key_6, Qt::ControlModifier);
    auto* why = find<QLabel>("handoverEmpty");
    EXPECT_EQ(why->text(),
              QStringLiteral("The chart of Tiles serves %1, too; it has no correction yet.").arg(label));
    click("handoverToCorrection");
    EXPECT_EQ(session().currentId(), tiles);
    EXPECT_EQ(window->station(), MainWindow::StationId::correction);

    session().correction().build(tiles, {});
    ASSERT_TRUE(eventually([&] { return session().setup(tiles)->correction.has_value(); }));
    session().select(board);
    press(window.get(), Qt::Key_6, Qt::ControlModifier);
    EXPECT_EQ(why->text(),
              QStringLiteral("The chart of Tiles serves %1, too: its frames go out by that correction.")
                  .arg(label));
    click("handoverToCorrection");
    EXPECT_EQ(session().currentId(), tiles);
    EXPECT_EQ(window->station(), MainWindow::StationId::handover);
    EXPECT_EQ(find<QComboBox>("framesChoice")->currentText(), QStringLiteral("Chosen (1)"));
    EXPECT_TRUE(find<QLabel>("framesNote")->text().startsWith(QStringLiteral("1 frame as")))
        << find<QLabel>("framesNote")->text().toStdString();
}

TEST_F(Planning, TheChartThatFitsIsProposedAndTaken) {
    enterDay();
    EXPECT_TRUE(visible<QLabel>("framingMessage")->text().contains(QStringLiteral("how far the subject is")));
    type("setupDistance", "0.5");
    EXPECT_TRUE(visible<QLabel>("framingMessage")->text().contains(QStringLiteral("no chart in the kit")));
    click("KitPage");
    for (const char* width : {"280", "70"}) {
        click("add4");
        type("copyLabel", width);
        type("copyWidth", width);
    }
    click("DayPage");
    EXPECT_TRUE(visible<QLabel>("framingMessage")->text().contains(QStringLiteral("Take 70")))
        << qPrintable(visible<QLabel>("framingMessage")->text());
    click("takeCopy");
    EXPECT_TRUE(visible<QLabel>("framingMessage")->text().contains(QStringLiteral("Sits well")));
    type("setupDistance", "9");
    EXPECT_TRUE(visible<QLabel>("framingMessage")->text().contains(QStringLiteral("Too small")))
        << qPrintable(visible<QLabel>("framingMessage")->text());
    click("standThere");
    EXPECT_LT(setup().distanceM, 2);
    EXPECT_TRUE(visible<QLabel>("framingMessage")->text().contains(QStringLiteral("Sits well")));
    type("setupField", "600");
    // Thin lens: 36 mm of sensor over 600 mm of field is m = 0.06; f (2 + m + 1/m) = 60 x 18.727 mm.
    EXPECT_NEAR(setup().distanceM, 1.124, 0.001);
}

TEST_F(Planning, PreparationsAreTickedAndUndone) {
    enterDay();
    click("PreparePage");
    auto* row = visible<TaskRow>("task-sensitivity");
    QTest::mouseClick(row, Qt::LeftButton);
    EXPECT_TRUE(row->isChecked());
    EXPECT_TRUE(visible<QLabel>("prepareCount")->text().startsWith(QStringLiteral("1 of ")));
    press(window.get(), Qt::Key_Z, Qt::ControlModifier);
    EXPECT_FALSE(visible<TaskRow>("task-sensitivity")->isChecked());
    EXPECT_EQ(session().studio()->contents().all<studio::Tick>().size(), 0u);
}

TEST_F(Planning, CoverageSaysWhatIsStillWithoutACorrection) {
    enterDay();
    click("CoveragePage");
    EXPECT_TRUE(
        visible<QLabel>("coverageSummary")->text().contains(QStringLiteral("No frames of a subject yet")));
    session().intake().arrived(session().currentId(), frame("subject.tif"), studio::FrameRole::subject);
    EXPECT_EQ(visible<QLabel>("coverageSummary")->text(),
              QStringLiteral("1 frames: 0 with a valid correction, 0 with a weaker one, 1 with none"));
    auto* model = find<QTableView>("coverageTable")->model();
    const QAbstractItemModelTester tester(model);
    EXPECT_EQ(model->index(2, CoverageModel::none).data().toString(), QStringLiteral("1"));
}

TEST_F(Planning, WhatIsUsedStaysInTheKitAndAnotherShootIsBegun) {
    enterDay();
    click("KitPage");
    auto* lenses = find<QListView>("kitList1");
    const QAbstractItemModelTester tester(lenses->model());
    QTest::mouseClick(lenses->viewport(), Qt::LeftButton, {}, QPoint(40, 12));
    click("kitRemove");
    EXPECT_TRUE(visible<QLabel>("kitMessage")->text().contains(QStringLiteral("In use")) ||
                visible<QLabel>("kitMessage")->text().contains(QStringLiteral("in use: Tiles and 2 more")));
    EXPECT_EQ(lenses->model()->rowCount(), 1);
    click("add1");
    click("kitRemove");
    EXPECT_EQ(lenses->model()->rowCount(), 1) << "the new one is used nowhere";
    auto* shoots = find<QComboBox>("shootChoice");
    choose("shootChoice", "Begin another shoot");
    EXPECT_TRUE(session().setups().empty());
    EXPECT_EQ(shoots->count(), 3);
    shoots->setCurrentIndex(0);
    emit shoots->activated(0);
    EXPECT_EQ(session().setups().size(), 3u);
}

TEST_F(Planning, ADisplayIsCheckedToday) {
    click("KitPage");
    click("add5");
    click("kitDeed");
    const auto& all = session().studio()->contents().all<plan::Checked>();
    ASSERT_EQ(all.size(), 1u);
    EXPECT_EQ(all.begin()->second.checkedOn, QDate::currentDate().toString(Qt::ISODate).toStdString());
}

TEST_F(Planning, DaylightSaysHowLongAChartShotHolds) {
    enterDay();
    click("KitPage");
    QTest::mouseClick(find<QListView>("kitList6")->viewport(), Qt::LeftButton, {}, QPoint(40, 12));
    type("placeSpot", "52.4, 0.26");
    type("placeClock", "1");
    QTest::mouseClick(find<QListView>("kitList2")->viewport(), Qt::LeftButton, {}, QPoint(40, 38));
    choose("lampKind", "Daylight");
    QTest::mouseClick(find<QListView>("kitList7")->viewport(), Qt::LeftButton, {}, QPoint(40, 12));
    type("shootDate", "2026-05-14");
    click("DayPage");
    EXPECT_TRUE(visible<QLabel>("sunTitle")->text().contains(QStringLiteral("Sun ")))
        << qPrintable(visible<QLabel>("sunTitle")->text());
    EXPECT_TRUE(visible<QLabel>("sunText")->text().contains(QStringLiteral("holds until")));
    EXPECT_TRUE(day().day().rows()[2].until);
    const int until = *day().day().rows()[2].until;
    click("KitPage");
    type("shootMired", "2");
    type("shootStops", "0.05");
    click("DayPage");
    EXPECT_LT(*day().day().rows()[2].until, until) << "a tighter limit holds less long";
}

TEST_F(Planning, TheDayModelIsSound) {
    enterDay();
    const QAbstractItemModelTester tester(&day().day());
    session().moveSetup(session().currentId(), 0);
    EXPECT_EQ(day().day().rows()[0].label, QStringLiteral("1  Marks"));
}

}  // namespace
}  // namespace refero
