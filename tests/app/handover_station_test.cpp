// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <QCheckBox>
#include <QLineEdit>
#include <QProgressBar>
#include <algorithm>
#include <cmath>

#include "app/frames/contact_sheet.h"
#include "app/handover/handover_station.h"
#include "app/handover/receiver_card.h"
#include "app/session/correction_actions.h"
#include "app/session/handover_actions.h"
#include "app/tables/row_table.h"
#include "io/json.h"
#include "io/report/report.h"
#include "window_fixture.h"
#include "workflow/delivery_items.h"

namespace refero {
namespace {

class HandoverInTheWindow : public WindowTest {
  protected:
    bool ready() {
        if (!openAndCorrect()) return false;
        window->showStation(MainWindow::StationId::handover);
        answers.folder = QString::fromStdString(folder.path().string());
        return true;
    }
    void choose(const char* card) { QTest::mouseClick(find<ReceiverCard>(card), Qt::LeftButton); }
    bool handOver() {
        const auto before = session().current()->handedOver.size();
        QTest::mouseClick(visible<look::Button>("parcelButton"), Qt::LeftButton);
        return eventually([&] {
            return !session().handover().giving() && session().current()->handedOver.size() > before;
        });
    }
    /// Names of what stands in the folder, by ending.
    std::map<std::string, int> endings() const {
        std::map<std::string, int> out;
        for (const auto& e : std::filesystem::directory_iterator(folder.path()))
            ++out[e.path().extension().string()];
        return out;
    }
    QString cell(RowTable* table, int row, int column) {
        return table->model()->index(row, column).data().toString();
    }
    test::TemporaryFolder folder;
};

TEST_F(HandoverInTheWindow, WithoutACorrectionItPointsTheWay) {
    window->showStation(MainWindow::StationId::plan);
    ASSERT_TRUE(open("good.tif"));
    window->showStation(MainWindow::StationId::handover);
    EXPECT_TRUE(find<QLabel>("handoverEmpty")->text().contains(QStringLiteral("no correction yet")));
    QTest::mouseClick(visible<look::Button>("handoverToCorrection"), Qt::LeftButton);
    EXPECT_EQ(window->station(), MainWindow::StationId::correction);
}

// What somebody does who has never seen the program, in that order: what is loudest on the screen.
TEST_F(HandoverInTheWindow, FromTheEmptyWindowToALutInSixActions) {
    int actions = 0;
    const auto press = [&](QWidget* widget) {
        ++actions;
        QTest::mouseClick(widget, Qt::LeftButton);
    };
    answers.folder = QString::fromStdString(folder.path().string());
    ++actions;  // a chart shot is dropped
    ASSERT_TRUE(open("good.tif"));
    press(visible<look::Button>("nextStep"));  // Build the correction
    ASSERT_TRUE(eventually([&] { return session().current()->correction.has_value(); }));
    ASSERT_TRUE(eventually([&] { return window->station() == MainWindow::StationId::correction; }));
    press(visible<look::Button>("nextStep"));  // Hand over
    ASSERT_TRUE(eventually([&] { return window->station() == MainWindow::StationId::handover; }));
    press(find<ReceiverCard>("receiverEditor"));
    ++actions;  // the folder is chosen where it is asked for, below
    ++actions;
    ASSERT_TRUE(handOver());
    EXPECT_EQ(endings()[".cube"], 1);
    EXPECT_EQ(actions, 6);
}

TEST_F(HandoverInTheWindow, SaysWhatEachFileCannotHoldBeforeItIsWritten) {
    ASSERT_TRUE(ready());
    choose("receiverRaw");
    auto* list = find<RowTable>("parcelList");
    QAbstractItemModelTester tester(list->model());
    ASSERT_EQ(list->model()->rowCount(), 2);
    ASSERT_TRUE(eventually([&] { return !cell(list, 0, 1).isEmpty() && !cell(list, 1, 1).isEmpty(); }));
    EXPECT_TRUE(find<QLabel>("receiverWhy")->text().contains(QStringLiteral("develops the frames")));
    EXPECT_EQ(endings().size(), 0u) << "nothing was written yet";
    EXPECT_FALSE(find<QWidget>("framesChoice")->isVisible()) << "this receiver gets no frames";
}

TEST_F(HandoverInTheWindow, GivesTheRawDeveloperProvedProfilesAndKeepsTheRecord) {
    ASSERT_TRUE(ready());
    choose("receiverRaw");
    ASSERT_TRUE(handOver()) << find<QLabel>("parcelProblems")->text().toStdString();
    ASSERT_TRUE(eventually([&] { return !session().handover().giving(); }));
    auto* past = find<RowTable>("handoverHistory");
    QAbstractItemModelTester tester(past->model());
    EXPECT_EQ(past->model()->rowCount(), 2);
    EXPECT_EQ(cell(past, 0, 1), QStringLiteral("Raw developer"));
    EXPECT_EQ(cell(past, 0, 4), QStringLiteral("Up to date"));
    EXPECT_TRUE(cell(find<RowTable>("parcelList"), 0, 2).contains(QStringLiteral("read it back")));
    const workflow::HandedOver& h = session().current()->handedOver.front();
    EXPECT_TRUE(std::filesystem::exists(h.path));
    EXPECT_EQ(session().current()->due(), QStringLiteral("Done"));
}

TEST_F(HandoverInTheWindow, OffersTheFinishsContrastAsTheBaseCurve) {
    ASSERT_TRUE(ready());
    choose("receiverRaw");
    EXPECT_FALSE(find<QComboBox>("baseCurve")->isVisible()) << "there is no finish";
    session().correction().setFinish(session().currentId(), *finishByName("rounded"));
    const bool raw = session().current()->correction->inputEncoding == Encoding::linear;
    EXPECT_EQ(find<QComboBox>("baseCurve")->isVisible(), raw);
    if (!raw) GTEST_SKIP() << "encoded frames take no camera profile";
    auto* curve = find<QComboBox>("baseCurve");
    curve->setCurrentIndex(1);
    emit curve->activated(1);
    auto* list = find<RowTable>("parcelList");
    EXPECT_TRUE(eventually([&] { return cell(list, 0, 1).contains(QStringLiteral("base tone curve")); }))
        << cell(list, 0, 1).toStdString();
    ASSERT_TRUE(handOver());
    EXPECT_EQ(endings()[".dcp"], 1);
}

TEST_F(HandoverInTheWindow, GivesTheClientPicturesAndAReport) {
    ASSERT_TRUE(ready());
    session().correction().addPicture(session().currentId(), frame("subject.tif"));
    ASSERT_TRUE(eventually([&] { return session().current()->pictures.size() == 2; }));
    choose("receiverClient");
    EXPECT_TRUE(find<QLabel>("framesNote")->text().contains(QStringLiteral("1 frame as JPEG")))
        << find<QLabel>("framesNote")->text().toStdString();
    ASSERT_TRUE(handOver());
    ASSERT_TRUE(
        eventually([&] { return session().handover().frameQueue().state() == FrameQueue::State::idle; }));
    EXPECT_EQ(endings()[".jpg"], 1);
    EXPECT_EQ(endings()[".html"], 1);
    EXPECT_EQ(endings()[".pdf"], 1);
    EXPECT_TRUE(std::filesystem::exists(folder / "subject.jpg"));
    // The report goes out at once, and names the frames with their checksums when they are done.
    const auto report = [&] {
        for (const auto& e : std::filesystem::directory_iterator(folder.path()))
            if (e.path().extension() == ".html") return test::contentOf(e.path().string());
        return std::string();
    };
    const auto jpeg = io::reportedFile(folder / "subject.jpg");
    ASSERT_TRUE(jpeg);
    EXPECT_TRUE(eventually([&] { return report().find(jpeg->sha256) != std::string::npos; }));
    ASSERT_TRUE(eventually([&] {
        const auto& all = session().studio()->contents().all<studio::HandoverRecord>();
        return std::any_of(all.begin(), all.end(), [](const auto& each) {
            const studio::HandoverRecord& h = each.second;
            const auto now = io::reportedFile(h.path);
            return h.format == "report" && now && now->sha256 == h.sha256;
        });
    })) << "the record is of the report as it stands";
    ASSERT_TRUE(eventually([&] {
        return cell(find<RowTable>("handoverHistory"), 0, 2) == QStringLiteral("1 of 1 frames");
    })) << cell(find<RowTable>("handoverHistory"), 0, 2).toStdString();
}

// Whatever is there already is asked about once, for all of it.
TEST_F(HandoverInTheWindow, AsksOnceAboutFilesThatAreThere) {
    ASSERT_TRUE(ready());
    session().correction().addPicture(session().currentId(), frame("subject.tif"));
    ASSERT_TRUE(eventually([&] { return session().current()->pictures.size() == 2; }));
    choose("receiverClient");
    ASSERT_TRUE(handOver());
    const auto idle = [&] {
        return eventually([&] {
            return !session().handover().giving() &&
                   session().handover().frameQueue().state() == FrameQueue::State::idle;
        });
    };
    ASSERT_TRUE(idle());
    EXPECT_FALSE(find<QWidget>("inTheWay")->isVisible()) << "the folder was empty";
    const auto ask = [&] {
        QTest::mouseClick(visible<look::Button>("parcelButton"), Qt::LeftButton);
        return eventually([&] { return find<QWidget>("inTheWay")->isVisible(); });
    };
    const auto answer = [&](const char* button) {
        const auto before = session().current()->handedOver.size();
        QTest::mouseClick(find<look::Button>(button), Qt::LeftButton);
        return eventually([&] { return session().current()->handedOver.size() > before; }) && idle();
    };
    ASSERT_TRUE(ask());
    EXPECT_TRUE(find<QLabel>("inTheWayText")->text().contains(QStringLiteral("3 files")))
        << find<QLabel>("inTheWayText")->text().toStdString();
    EXPECT_FALSE(find<look::Button>("parcelButton")->isEnabled()) << "one question at a time";
    QTest::mouseClick(find<look::Button>("notNow"), Qt::LeftButton);
    EXPECT_FALSE(find<QWidget>("inTheWay")->isVisible());
    EXPECT_TRUE(find<look::Button>("parcelButton")->isEnabled());
    EXPECT_EQ(endings()[".jpg"], 1);
    ASSERT_TRUE(ask());
    ASSERT_TRUE(answer("keepBoth"));
    EXPECT_EQ(endings()[".jpg"], 2);
    EXPECT_EQ(endings()[".pdf"], 2);
    EXPECT_TRUE(std::filesystem::exists(folder / "subject 2.jpg"));
    ASSERT_TRUE(ask());
    test::put(folder / "subject.jpg", "old");
    ASSERT_TRUE(answer("replaceThem"));
    EXPECT_EQ(endings()[".jpg"], 2);
    EXPECT_GT(std::filesystem::file_size(folder / "subject.jpg"), 1000u);
    ASSERT_TRUE(ask());
    test::put(folder / "subject.jpg", "mine");
    ASSERT_TRUE(answer("leaveThem"));
    EXPECT_EQ(test::contentOf(folder / "subject.jpg"), "mine");
    EXPECT_EQ(endings()[".pdf"], 2);
}

// A chart fades: the report says how old the copy was.
TEST_F(HandoverInTheWindow, TheReportTellsTheLightAndTheChartCopyWithItsAge) {
    const test::TemporaryFolder card;
    sim::Shot shot = test::plainShot();
    shot.file = "dated.tif";
    shot.taken = "2026:05:14 09:12:08";
    ASSERT_TRUE(sim::shootToFile(shot, card.path()));
    window->openFrames({QString::fromStdString(card / "dated.tif")});
    ASSERT_TRUE(eventually([&] { return session().current() && session().current()->reading; }));
    const auto id = session().currentId();
    session().correction().build(id, {});
    ASSERT_TRUE(eventually([&] { return session().setup(id)->correction.has_value(); }));
    window->showStation(MainWindow::StationId::handover);
    answers.folder = QString::fromStdString(folder.path().string());
    ASSERT_TRUE(session().perform(QStringLiteral("Which copy"), [&](studio::Edit& edit) -> Status {
        plan::ChartCopy copy;
        copy.label = "Board 7";
        copy.madeOn = "2024-11-20";
        plan::Setup setup = *session().studio()->contents().find<plan::Setup>(id);
        setup.chart = edit.add(copy);
        plan::Lamp lamp;
        lamp.label = "Long panel";
        setup.conditions.lamp = edit.add(lamp);
        setup.conditions.powerPercent = 62.5;
        setup.conditions.modifier = "silk";
        edit.put(setup);
        return {};
    }));
    ASSERT_TRUE(session().current()->correction);
    choose("receiverClient");
    ASSERT_TRUE(handOver());
    std::string html;
    for (const auto& e : std::filesystem::directory_iterator(folder.path()))
        if (e.path().extension() == ".html") html = test::contentOf(e.path().string());
    EXPECT_NE(html.find("Long panel at 62.5 %, silk"), std::string::npos);
    EXPECT_NE(html.find("Board 7"), std::string::npos);
    EXPECT_NE(html.find("2024-11-20"), std::string::npos);
    // From 20 November 2024 to 14 May 2026 it is six days short of a year and a half.
    EXPECT_NE(html.find("17 months; to be replaced after 24"), std::string::npos);
}

TEST_F(HandoverInTheWindow, NamesTheFramesThatFailed) {
    ASSERT_TRUE(ready());
    const test::TemporaryFolder card;
    std::filesystem::copy_file(frame("subject.tif").toStdString(), card / "gone.tif");
    session().correction().addPicture(session().currentId(), QString::fromStdString(card / "gone.tif"));
    ASSERT_TRUE(eventually([&] { return session().current()->pictures.size() == 2; }));
    std::filesystem::remove(card / "gone.tif");
    choose("receiverArchive");
    ASSERT_TRUE(handOver());
    auto* problems = find<QLabel>("queueProblems");
    ASSERT_TRUE(eventually([&] { return problems->isVisible(); }));
    EXPECT_TRUE(problems->text().contains(QStringLiteral("gone.tif"))) << problems->text().toStdString();
    EXPECT_TRUE(find<QLabel>("queueText")->text().contains(QStringLiteral("1 failed")));
}

TEST_F(HandoverInTheWindow, ShowsThePlateThroughItsViewBeforeItGoes) {
    ASSERT_TRUE(ready());
    session().correction().addPicture(session().currentId(), frame("subject.tif"));
    ASSERT_TRUE(eventually([&] { return session().current()->pictures.size() == 2; }));
    choose("receiverCompositor");
    ASSERT_TRUE(handOver());
    ASSERT_TRUE(eventually([&] {
        return !session().handover().giving() &&
               session().handover().frameQueue().state() == FrameQueue::State::idle;
    }));
    auto* list = find<RowTable>("parcelList");
    ASSERT_EQ(list->model()->rowCount(), 2);
    EXPECT_TRUE(cell(list, 1, 2).contains(QStringLiteral("from the graded picture")))
        << cell(list, 1, 2).toStdString();
    EXPECT_EQ(endings()[".png"], 1);
    EXPECT_EQ(endings()[".exr"], 2) << "the plate, and the one that was looked at";
    const auto& all = session().current()->handedOver;
    EXPECT_TRUE(std::any_of(all.begin(), all.end(),
                            [](const workflow::HandedOver& h) { return h.format == workflow::kCheckFrame; }));
}

// The rules may be overruled; why is written beside every such frame of the job.
TEST_F(HandoverInTheWindow, AnotherCorrectionTakesAReasonAndRecordsIt) {
    ASSERT_TRUE(ready());
    const auto first = session().currentId();
    session().correction().addPicture(first, frame("subject.tif"));
    ASSERT_TRUE(eventually([&] { return session().current()->pictures.size() == 2; }));
    ASSERT_TRUE(open("hot.tif"));
    const auto second = session().currentId();
    ASSERT_NE(first, second);
    session().correction().build(second, {});
    ASSERT_TRUE(eventually([&] { return session().setup(second)->correction.has_value(); }));
    session().select(first);
    choose("receiverClient");
    auto* by = find<QComboBox>("frameCorrection");
    ASSERT_EQ(by->count(), 3) << "its own, and one for each setup";
    EXPECT_FALSE(find<QLineEdit>("chosenBecause")->isVisible());
    const auto& corrections = session().studio()->contents().all<studio::CorrectionRecord>();
    const auto of = [&](studio::SetupId setup) {
        for (const auto& [id, c] : corrections)
            if (c.setup == setup) return static_cast<qlonglong>(id);
        return qlonglong{0};
    };
    const auto pick = [&](int index) {
        by->setCurrentIndex(index);
        emit by->activated(index);
    };
    pick(by->findData(QVariant::fromValue(of(first))));
    EXPECT_FALSE(find<QLineEdit>("chosenBecause")->isVisible()) << "that is what the rules say";
    EXPECT_TRUE(find<look::Button>("parcelButton")->isEnabled());
    pick(by->findData(QVariant::fromValue(of(second))));
    auto* because = find<QLineEdit>("chosenBecause");
    ASSERT_TRUE(eventually([&] { return because->isVisible(); }));
    EXPECT_FALSE(find<look::Button>("parcelButton")->isEnabled());
    EXPECT_TRUE(find<QLabel>("framesNote")->text().contains(QStringLiteral("say why")));
    QTest::keyClicks(because, QStringLiteral("The lamp had warmed up by then."));
    EXPECT_TRUE(find<look::Button>("parcelButton")->isEnabled());
    ASSERT_TRUE(handOver());
    ASSERT_TRUE(eventually([&] {
        return !session().handover().giving() &&
               session().handover().frameQueue().state() == FrameQueue::State::idle;
    }));
    const auto job = io::Json::parse(test::contentOf(folder / "Frames for client.refero-job.json"));
    ASSERT_EQ(job.at("frames").size(), 1u);
    EXPECT_EQ(job.at("frames")[0].at("correction").get<std::string>(), std::to_string(of(second)));
    const std::string said = job.at("frames")[0].at("because");
    EXPECT_NE(said.find("The lamp had warmed up by then."), std::string::npos);
    EXPECT_NE(said.find("By the rules:"), std::string::npos);
}

TEST_F(HandoverInTheWindow, FramesThatAreChosenUnderFramesGoOutAlone) {
    ASSERT_TRUE(ready());
    session().correction().addPicture(session().currentId(), frame("subject.tif"));
    ASSERT_TRUE(eventually([&] { return session().current()->pictures.size() == 2; }));
    window->showStation(MainWindow::StationId::frames);
    studio::FrameId subject = 0;
    for (const auto& [id, f] : session().studio()->contents().all<studio::Frame>())
        if (f.role != studio::FrameRole::chart) subject = id;
    auto* sheet = window->findChild<ContactSheet*>();
    ASSERT_TRUE(sheet);
    for (const auto& [id, f] : session().studio()->contents().all<studio::Frame>())
        if (f.role == studio::FrameRole::chart) {
            sheet->choose({id.number()});
            EXPECT_FALSE(find<look::Button>("handOverChosen")->isVisible()) << "charts are no pictures";
        }
    sheet->choose({subject.number()});
    QTest::mouseClick(visible<look::Button>("handOverChosen"), Qt::LeftButton);
    EXPECT_TRUE(find<HandoverStation>("handoverStation")->isVisible());
    EXPECT_EQ(find<QComboBox>("framesChoice")->currentText(), QStringLiteral("Chosen (1)"));
    EXPECT_TRUE(find<QLabel>("framesNote")->text().startsWith(QStringLiteral("1 frame as")))
        << find<QLabel>("framesNote")->text().toStdString();
}

TEST_F(HandoverInTheWindow, WhatWentOutTurnsStaleWhenTheCorrectionChanges) {
    ASSERT_TRUE(ready());
    choose("receiverEditor");
    ASSERT_TRUE(handOver());
    ASSERT_TRUE(eventually([&] { return !session().handover().giving(); }));
    EXPECT_EQ(endings()[".cube"], 1);
    for (const char* ending : {".txt", ".csv", ".pdf"}) EXPECT_EQ(endings()[ending], 1) << "the recipe";
    const auto id = session().currentId();
    Finish finish;
    finish.contrast = 0.4;
    session().correction().setFinish(id, finish);
    ASSERT_TRUE(session().current()->handedOver.front().stale);
    EXPECT_EQ(cell(find<RowTable>("handoverHistory"), 0, 4), QStringLiteral("Out of date"));
    EXPECT_EQ(session().current()->due(), QStringLiteral("Changed since it went out"));
    session().undo().undo();
    EXPECT_FALSE(session().current()->handedOver.front().stale) << "it is again what went out";
    EXPECT_EQ(session().current()->due(), QStringLiteral("Done"));
}

TEST_F(HandoverInTheWindow, RefusesAKindOfFileThatCannotHoldTheSpace) {
    ASSERT_TRUE(ready());
    choose("receiverCompositor");
    auto* kind = find<QComboBox>("frameKindChoice");
    kind->setCurrentIndex(0);
    emit kind->activated(0);
    EXPECT_TRUE(find<QLabel>("framesNote")->text().contains(QStringLiteral(".exr")));
    EXPECT_FALSE(find<look::Button>("parcelButton")->isEnabled());
    choose("receiverArchive");
    EXPECT_TRUE(find<look::Button>("parcelButton")->isEnabled());
    auto* name = find<QLineEdit>("frameName");
    name->setText(QStringLiteral("{nonsense}"));
    emit name->textEdited(name->text());
    EXPECT_TRUE(find<QLabel>("framesNote")->text().contains(QStringLiteral("not known")));
    EXPECT_FALSE(find<look::Button>("parcelButton")->isEnabled());
    choose("receiverRaw");
    EXPECT_TRUE(find<look::Button>("parcelButton")->isEnabled())
        << "who gets no frames needs no name for them";
}

TEST_F(HandoverInTheWindow, OneFileGoesOutWithTheProofShown) {
    ASSERT_TRUE(ready());
    choose("receiverOneFile");
    answers.target = QString::fromStdString(folder / "out.icc");
    auto* format = find<QComboBox>("formatChoice");
    format->setCurrentIndex(1);
    QTest::mouseClick(visible<look::Button>("parcelButton"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return session().current()->handover.has_value(); }))
        << find<QLabel>("handoverOutcome")->text().toStdString();
    EXPECT_TRUE(answers.suggested.contains(QStringLiteral("Heron"))) << "the name says what it is for";
    EXPECT_TRUE(std::filesystem::exists(folder / "out.icc"));
    const QString outcome = find<QLabel>("handoverOutcome")->text();
    EXPECT_TRUE(outcome.contains(QStringLiteral("Little CMS"))) << outcome.toStdString();
    EXPECT_EQ(session().current()->due(), QStringLiteral("Done"));
}

TEST_F(HandoverInTheWindow, ALutGoesOutWithEachFinishAndACard) {
    ASSERT_TRUE(ready());
    choose("receiverOneFile");
    answers.target = QString::fromStdString(folder / "look.cube");
    EXPECT_EQ(find<QComboBox>("sharedChoice")->count(), 1) << "nobody is there to share with";
    for (const char* box : {"everyFinish", "exposureCard"}) {
        auto* b = visible<QCheckBox>(box);
        QTest::mouseClick(b, Qt::LeftButton, {}, QPoint(8, b->height() / 2));
        ASSERT_TRUE(b->isChecked()) << box;
    }
    QTest::mouseClick(visible<look::Button>("parcelButton"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return session().current()->handedOver.size() == 2; }))
        << find<QLabel>("handoverOutcome")->text().toStdString();
    for (const char* file :
         {"look, base.cube", "look, rounded.cube", "look, base, card.pdf", "look, rounded, card.pdf"})
        EXPECT_TRUE(std::filesystem::exists(folder / file)) << file;
    for (const workflow::HandedOver& h : session().current()->handedOver) EXPECT_FALSE(h.stale) << h.path;
    // A profile after the LUT would bring the level twice, where it brings it at all.
    find<QComboBox>("formatChoice")->setCurrentIndex(1);
    EXPECT_FALSE(find<QCheckBox>("everyFinish")->isVisible());
    const bool moves = std::abs(std::log2(session().current()->correction->level)) >= 0.1;
    EXPECT_TRUE(eventually([&] {
        return find<QLabel>("handoverLoss")->text().contains(QStringLiteral("twice")) == moves;
    })) << find<QLabel>("handoverLoss")->text().toStdString();
}

TEST_F(HandoverInTheWindow, SetupsOfOneBodyShareALut) {
    ASSERT_TRUE(ready());
    const auto first = session().currentId();
    session().addFrame(frame("hot.tif"));
    ASSERT_TRUE(eventually([&] {
        return std::all_of(session().setups().begin(), session().setups().end(),
                           [](const auto& s) { return s.reading.has_value(); });
    }));
    session().select(first);
    window->showStation(MainWindow::StationId::handover);
    choose("receiverOneFile");
    answers.target = QString::fromStdString(folder / "shared.cube");
    auto* of = visible<QComboBox>("sharedChoice");
    ASSERT_EQ(of->count(), 2);
    of->setCurrentIndex(1);
    emit of->activated(1);
    QTest::mouseClick(visible<look::Button>("parcelButton"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return session().current()->handedOver.size() == 1; }))
        << find<QLabel>("handoverOutcome")->text().toStdString();
    EXPECT_TRUE(find<QLabel>("handoverOutcome")->text().contains(QStringLiteral("Shared by 2")))
        << find<QLabel>("handoverOutcome")->text().toStdString();
}

TEST_F(HandoverInTheWindow, AFileThatFailsSaysSoAndLeavesNothing) {
    ASSERT_TRUE(ready());
    choose("receiverOneFile");
    answers.target = QStringLiteral("/nowhere/out.icc");
    find<QComboBox>("formatChoice")->setCurrentIndex(1);
    QTest::mouseClick(visible<look::Button>("parcelButton"), Qt::LeftButton);
    ASSERT_TRUE(eventually(
        [&] { return find<QLabel>("handoverOutcome")->text().contains(QStringLiteral("/nowhere")); }));
    EXPECT_FALSE(session().current()->handover);
    answers.target.clear();
    QTest::mouseClick(visible<look::Button>("parcelButton"), Qt::LeftButton);
    EXPECT_FALSE(session().current()->handover) << "backing out of the box does nothing";
}

TEST_F(HandoverInTheWindow, SaysWhatCouldNotBeWritten) {
    ASSERT_TRUE(ready());
    answers.folder = QStringLiteral("/nowhere");
    choose("receiverRaw");
    QTest::mouseClick(visible<look::Button>("parcelButton"), Qt::LeftButton);
    ASSERT_TRUE(eventually(
        [&] { return find<QLabel>("parcelProblems")->text().contains(QStringLiteral("/nowhere")); }));
    EXPECT_TRUE(session().current()->handedOver.empty());
    EXPECT_TRUE(find<look::Button>("parcelButton")->isEnabled());
}

// The queue alone: it pauses between bands, goes on, and can be left.
TEST_F(HandoverInTheWindow, FramesPauseAndGoOn) {
    ASSERT_TRUE(ready());
    io::BatchJob job;
    job.folder = folder / "out";
    job.name = "{n}";
    job.corrections["x"] = *session().current()->correction;
    for (int i = 0; i < 24; ++i) job.frames.push_back({frame("subject.tif").toStdString(), "x"});
    const std::string path = folder / "job.json";
    test::put(path, io::batchJobText(job));
    FrameQueue& q = session().handover().frameQueue();
    q.run(QString::fromStdString(path));
    ASSERT_TRUE(eventually([&] { return q.done() > 0; }));
    EXPECT_TRUE(visible<QProgressBar>("queueBar"));
    QTest::mouseClick(visible<look::Button>("queuePause"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return q.state() == FrameQueue::State::paused; }));
    const int paused = q.done();
    EXPECT_LT(paused, 24);
    QTest::qWait(100);
    EXPECT_EQ(q.done(), paused) << "nothing goes on by itself";
    EXPECT_TRUE(find<QLabel>("queueText")->text().contains(QStringLiteral("paused")));
    QTest::mouseClick(visible<look::Button>("queuePause"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return q.state() == FrameQueue::State::idle; }));
    EXPECT_EQ(q.done(), 24);
    EXPECT_EQ(q.failed(), 0);
}

}  // namespace
}  // namespace refero
