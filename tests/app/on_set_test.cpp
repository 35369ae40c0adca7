// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/onset/on_set_page.h"

#include <QCheckBox>
#include <QLabel>
#include <QSignalSpy>

#include "app/onset/verdict_board.h"
#include "app/session/day_actions.h"
#include "app/session/watched_folder.h"
#include "app/settings/day_settings.h"
#include "app/settings/own_settings.h"
#include "window_fixture.h"

namespace refero {
namespace {

namespace fs = std::filesystem;

class OnSet : public WindowTest {
  protected:
    void SetUp() override {
        openWindow();
        qputenv("REFERO_THUMBNAIL_FOLDER", QByteArray::fromStdString(own_ / "thumbnails"));
        fs::create_directories(tether);
        test::put(tether / "old.tif", "was there before");
        window->showStation(MainWindow::StationId::frames);
        QTest::keyClick(window.get(), Qt::Key_2, Qt::ControlModifier | Qt::ShiftModifier);
        answers.folder = QString::fromStdString(tether.string());
        QTest::mouseClick(visible<QAbstractButton>("watchFolder"), Qt::LeftButton);
    }
    void TearDown() override {
        for (const char* key : {"day/receivers", "day/folder", "onset/handOn", "onset/sounds"})
            ownSettings().remove(QLatin1String(key));
        WindowTest::TearDown();
    }
    VerdictBoard& board() { return *visible<VerdictBoard>("verdictBoard"); }
    OnSetPage& page() { return *find<OnSetPage>("onSetPage"); }
    void drop(const char* from, const char* as) {
        fs::copy_file(frame(from).toStdString(), tether / ".part");
        fs::rename(tether / ".part", tether / as);
    }
    fs::path tether = fs::path(own_ / "tether");
};

TEST_F(OnSet, AChartShotIsJudgedAsSoonAsItIsThere) {
    EXPECT_EQ(board().headline(), QStringLiteral("Waiting"));
    drop("hot.tif", "1.tif");
    ASSERT_TRUE(eventually([&] { return page().lastMilliseconds() >= 0; }));
    EXPECT_EQ(board().headline(), QStringLiteral("Shoot again")) << qPrintable(board().text());
    EXPECT_FALSE(board().text().isEmpty()) << "and what to do";
    ASSERT_TRUE(eventually([&] { return session().studio()->contents().all<studio::Frame>().size() == 1; }));
    drop("good.tif", "2.tif");
    ASSERT_TRUE(eventually([&] { return board().headline() == QLatin1String("Good"); }))
        << qPrintable(board().headline() + board().text());
    drop("subject.tif", "3.tif");
    ASSERT_TRUE(eventually([&] { return board().headline() == QLatin1String("No chart"); }));
    ASSERT_TRUE(eventually([&] { return session().studio()->contents().all<studio::Frame>().size() == 3; }))
        << "all came in, the old one did not";
    test::put(tether / "4.tif", "torn");
    ASSERT_TRUE(eventually([&] { return board().headline() == QLatin1String("Not readable"); }));
    QTest::keyClick(&page(), Qt::Key_Escape);
    EXPECT_TRUE(eventually([&] { return find<QWidget>("contactSheet")->isVisible(); }));
    EXPECT_FALSE(page().folder().isEmpty()) << "the watch goes on";
}

TEST_F(OnSet, ABetterShotTakesThePlaceOfTheOneBefore) {
    ASSERT_TRUE(session().perform(QStringLiteral("Plan"), [&](studio::Edit& edit) -> Status {
        plan::Setup s;
        s.shoot = session().shootFor(edit);
        s.label = "Tiles";
        s.conditions.body = edit.add(plan::Body{0, "Heron"});
        s.conditions.lens = edit.add(plan::Lens{0, "60 mm", "", 60, 60});
        edit.add(s);
        return {};
    }));
    const auto verdict = [&] {
        const auto& r = session().setups()[0].reading;
        return r ? std::optional(r->verdict) : std::nullopt;
    };
    drop("hot.tif", "1.tif");
    ASSERT_TRUE(eventually([&] { return verdict() == Verdict::reshoot; }));
    drop("good.tif", "2.tif");
    EXPECT_TRUE(eventually([&] { return verdict() == Verdict::pass; })) << "read anew from the better frame";
    EXPECT_EQ(session().setups()[0].reading->framePath, (tether / "2.tif").string());
    drop("hot.tif", "3.tif");  // the same content as the first: nothing new
    EXPECT_TRUE(eventually([&] { return board().headline() == QLatin1String("Shoot again"); }));
    QTest::qWait(300);
    EXPECT_EQ(verdict(), Verdict::pass) << "a worse one does not";
    EXPECT_TRUE(eventually([&] { return session().setups()[0].correction.has_value(); }))
        << "a good shot is corrected with at once";
}

TEST_F(OnSet, SaysWhoseShotItIsTheTwoWorstFindingsAndTheStopsInThirds) {
    QSignalSpy sounds(&page(), &OnSetPage::sounded);
    drop("hot.tif", "1.tif");
    ASSERT_TRUE(eventually([&] { return board().headline() == QLatin1String("Shoot again"); }));
    EXPECT_TRUE(sounds.isEmpty()) << "off by default";
    EXPECT_TRUE(board().text().startsWith(QLatin1String("Close down by "))) << qPrintable(board().text());
    EXPECT_TRUE(board().text().contains(QLatin1String("/3 stop")) ||
                board().text().contains(QLatin1String(" stop")))
        << qPrintable(board().text());
    find<QCheckBox>("soundsOnSet")->setChecked(true);
    drop("good.tif", "2.tif");
    ASSERT_TRUE(eventually([&] { return board().headline() == QLatin1String("Good"); }));
    ASSERT_EQ(sounds.size(), 1);
    EXPECT_EQ(sounds.front().front().toInt(), 1) << "one for a good shot";
    find<QCheckBox>("soundsOnSet")->setChecked(false);
}

TEST_F(OnSet, WhoWantsFramesHandedOverSaysToWhomAndWhere) {
    auto* box = find<QCheckBox>("handOnOnSet");
    QTest::mouseClick(box, Qt::LeftButton, {}, {6, box->height() / 2});
    EXPECT_FALSE(box->isChecked()) << "nobody is to get anything";
    EXPECT_TRUE(find<QLabel>("watchedWhere")->text().contains(QLatin1String("Ctrl+Shift+D")));
    rememberReceivers({workflow::Receiver::client});
    answers.folder.clear();
    QTest::mouseClick(box, Qt::LeftButton, {}, {6, box->height() / 2});
    EXPECT_FALSE(box->isChecked()) << "the person backed out";
    answers.folder = QString::fromStdString(own_.path().string());
    QTest::mouseClick(box, Qt::LeftButton, {}, {6, box->height() / 2});
    EXPECT_TRUE(box->isChecked());
    EXPECT_EQ(dayWishes().folder, answers.folder);
}

// What follows a good chart shot goes out as it comes, to those who got something last.
TEST_F(OnSet, FramesThatFollowAreHandedOverAsTheyCome) {
    const fs::path out = fs::path(own_ / "out");
    fs::create_directories(out);
    rememberReceivers({workflow::Receiver::client});
    rememberDayFolder(QString::fromStdString(out.string()));
    find<QCheckBox>("handOnOnSet")->setChecked(true);
    drop("good.tif", "1.tif");
    ASSERT_TRUE(eventually([&] {
        return !session().setups().empty() && session().setups()[0].correction &&
               !session().dayWork().running();
    }));
    drop("subject.tif", "2.tif");
    const auto pictures = [&] {
        std::size_t n = 0;
        for (const auto& entry : fs::recursive_directory_iterator(out))
            n += entry.path().extension() == ".jpg";
        return n;
    };
    EXPECT_TRUE(eventually([&] { return pictures() == 1; }))
        << pictures() << " pictures, " << session().setups().size() << " setups, "
        << session().contents().all<studio::Frame>().size() << " frames, "
        << session().dayWork().lines().back().why.toStdString();
    find<QCheckBox>("handOnOnSet")->setChecked(false);
    ASSERT_TRUE(eventually([&] { return !session().dayWork().running(); }));
}

TEST_F(OnSet, TheStandInShootsIntoTheFolder) {
    auto* release = visible<QAbstractButton>("releaseCamera");
    QTest::mouseClick(release, Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return page().lastMilliseconds() >= 0; }));
    EXPECT_EQ(board().headline(), QStringLiteral("Shoot again")) << "the first is far too dark";
    QTest::mouseClick(visible<QAbstractButton>("endWatch"), Qt::LeftButton);
    EXPECT_TRUE(page().folder().isEmpty());
    EXPECT_EQ(board().headline(), QStringLiteral("On set"));
}

TEST(WatchedFolder, WaitsUntilAFileIsWholeAndSaysWhenTheFolderIsGone) {
    const test::TemporaryFolder folder;
    const fs::path in = folder.path() / "in";
    fs::create_directories(in);
    WatchedFolder watched;
    QSignalSpy arrived(&watched, &WatchedFolder::arrived), lost(&watched, &WatchedFolder::lost);
    watched.watch(QString::fromStdString(in.string()));
    test::put(in / ".side.tif", "hidden");
    std::ofstream growing(in / "a.tif");
    for (int i = 0; i < 6; ++i) {
        growing << "some more" << std::flush;
        QTest::qWait(WatchedFolder::kLookEveryMs / 2);
    }
    EXPECT_TRUE(arrived.isEmpty()) << "still growing";
    growing.close();
    EXPECT_TRUE(eventually([&] { return arrived.size() == 1; }));
    QTest::qWait(3 * WatchedFolder::kLookEveryMs);
    EXPECT_EQ(arrived.size(), 1) << "once";
    fs::remove_all(in);
    EXPECT_TRUE(eventually([&] { return lost.size() == 1; }));
}

}  // namespace
}  // namespace refero
