// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// From two dropped chart shots to a LUT for the camera that follows, by mouse and keyboard.
#include <QAbstractItemView>
#include <QCheckBox>
#include <QSignalSpy>
#include <QStackedWidget>

#include "app/pairing/pairing_station.h"
#include "app/plots/certainty_view.h"
#include "app/plots/pair_ladder.h"
#include "app/session/pairing_actions.h"
#include "app/tables/row_table.h"
#include "app/window_fixture.h"
#include "core/fit/fit.h"
#include "io/handover/handover.h"
#include "workflow/pairing.h"

namespace refero {
namespace {

class PairingWindow : public WindowTest {
  protected:
    static void SetUpTestSuite() {
        WindowTest::SetUpTestSuite();
        sim::Shot s = test::plainShot();
        s.encoding = Encoding::srgb;
        s.file = "lead.png";
        s.camera = "heron";
        s.toneSkew = {1.12, 1.1, 1.16};
        shootOnce(s);
        s.file = "follow.png";
        s.camera = "bittern";
        s.toneSkew = {0.95, 0.95, 0.93};
        shootOnce(s);
    }

    // Both chart shots come in; the follower is at hand.
    bool bringIn() {
        if (!open("lead.png")) return false;
        lead = session().currentId();
        session().addFrame(frame("follow.png"));
        follow = session().setups().back().id == lead ? static_cast<int>(session().setups().front().id)
                                                      : static_cast<int>(session().setups().back().id);
        session().select(follow);
        return eventually([&] { return session().setup(follow)->reading && session().setup(lead)->reading; });
    }
    bool matched() {
        window->showStation(MainWindow::StationId::pairing);
        return eventually([&] { return find<RowTable>("pairSteps")->model()->rowCount() > 5; });
    }
    QString cell(const char* table, int row, int column) {
        return find<RowTable>(table)->model()->index(row, column).data().toString();
    }

    studio::SetupId lead = 0, follow = 0;
};

TEST_F(PairingWindow, SaysWhatItNeedsBeforeThereAreTwo) {
    ASSERT_TRUE(open("lead.png"));
    window->showStation(MainWindow::StationId::pairing);
    ASSERT_TRUE(
        eventually([&] { return find<QLabel>("pairTitle")->text() == QLatin1String("Nobody leads yet"); }));
    EXPECT_FALSE(find<look::Button>("matchAll")->isEnabled());
}

TEST_F(PairingWindow, FromTwoChartShotsToALut) {
    ASSERT_TRUE(bringIn());
    ASSERT_TRUE(matched());
    EXPECT_GT(cell("pairSteps", 0, 1).toDouble(), 3) << "as they are";
    EXPECT_EQ(cell("pairSteps", 3, 0), QStringLiteral("Contrast"));
    auto* steps = find<RowTable>("pairSteps");
    const int last = steps->model()->rowCount() - 1;
    EXPECT_LT(cell("pairSteps", last, 1).toDouble(), 1.5);
    ASSERT_TRUE(eventually(
        [&] { return window->findChild<CompareView*>(QStringLiteral("pairedView"))->hasPicture(); }));

    QTest::mouseClick(visible<look::Button>("keepMatch"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return session().setup(follow)->correction.has_value(); }));
    EXPECT_EQ(session().setup(follow)->correction->aim.kind, AimKind::reading);
    EXPECT_FALSE(session().setup(lead)->correction) << "the leader stays as it is";
    ASSERT_TRUE(
        eventually([&] { return find<look::Button>("keepMatch")->text() == QLatin1String("Hand it over"); }));

    // Its correction goes out like any other.
    io::ExportOptions o;
    o.format = io::Format::cube;
    o.size = 65;
    o.space = OutputSpace::srgb;
    const std::string lut = own_ / "follow.cube";
    const auto made = io::exportCorrection(*session().setup(follow)->correction, lut, o);
    ASSERT_TRUE(made) << made.error().message;
    EXPECT_TRUE(std::filesystem::exists(lut));

    // One step, which can be undone.
    session().undo().undo();
    EXPECT_FALSE(session().setup(follow)->correction);
}

TEST_F(PairingWindow, AStepIsHeldBackAndSeenOnTheGreys) {
    ASSERT_TRUE(bringIn());
    ASSERT_TRUE(matched());
    auto* steps = find<RowTable>("pairSteps");
    auto* ladder = find<PairLadder>("pairLadder");
    const double whole = cell("pairSteps", steps->model()->rowCount() - 1, 1).toDouble();
    steps->setFocus();
    steps->setCurrentIndex(steps->model()->index(3, 0));  // contrast
    EXPECT_FALSE(ladder->steps().empty());
    QTest::keyClick(steps, Qt::Key_Space);
    ASSERT_TRUE(eventually(
        [&] { return cell("pairSteps", steps->model()->rowCount() - 1, 1).toDouble() > 1.5 * whole; }));
    EXPECT_EQ(session().pairing().match(follow)->correction.aim.heldBack,
              std::vector<std::string>{"contrast"});
    // After nothing the ladder shows the cameras as they are.
    steps->setCurrentIndex(steps->model()->index(0, 0));
    const auto greys = ladder->steps();
    ASSERT_FALSE(greys.empty());
    double apart = 0;
    for (const auto& s : greys) apart = std::max(apart, std::abs(s.leader - s.follower));
    EXPECT_GT(apart, 2);
}

TEST_F(PairingWindow, PatchesCanBeWeighedAndSkinFavoured) {
    ASSERT_TRUE(bringIn());
    ASSERT_TRUE(matched());
    window->findChild<PairingStation*>()->showPage(PairingStation::Page::patches);
    auto* patches = visible<RowTable>("pairPatches");
    patches->selectRow(0);
    const QString id = patches->currentIndex().siblingAtColumn(0).data().toString();
    patches->setFocus();
    QTest::keyClick(patches, Qt::Key_Plus);
    ASSERT_TRUE(eventually([&] {
        const auto m = session().pairing().match(follow);
        return m && m->correction.weights.contains(id.toStdString());
    }));
    window->findChild<PairingStation*>()->showPage(PairingStation::Page::steps);
    QTest::mouseClick(visible<QCheckBox>("pairSkin"), Qt::LeftButton, {}, QPoint(8, 8));
    ASSERT_TRUE(
        eventually([&] { return session().pairing().match(follow)->correction.intent == Intent::skin; }));
}

TEST_F(PairingWindow, BothAreSeenAsWipeCheckerAndAlone) {
    ASSERT_TRUE(bringIn());
    ASSERT_TRUE(matched());
    auto* view = window->findChild<CompareView*>(QStringLiteral("pairedView"));
    auto* layout = find<QComboBox>("pairLayout");
    ASSERT_TRUE(eventually([&] { return view->panes().size() == 2; }));
    const struct {
        int index;
        CompareView::Layout layout;
        std::size_t panes;
    } all[] = {{1, CompareView::Layout::checker, 2},
               {2, CompareView::Layout::sideBySide, 2},
               {3, CompareView::Layout::alone, 1},
               {0, CompareView::Layout::wipe, 2}};
    for (const auto& each : all) {
        layout->setCurrentIndex(each.index);
        emit layout->activated(each.index);
        EXPECT_TRUE(eventually([&] {
            return view->layoutOfPanes() == each.layout && view->panes().size() == each.panes;
        })) << each.index;
    }
    // Held, F shows the leader at once.
    view->setFocus();
    const QImage before = view->grab().toImage();
    QTest::keyPress(view, Qt::Key_F);
    EXPECT_TRUE(view->flicked());
    EXPECT_NE(view->grab().toImage(), before);
    QTest::keyRelease(view, Qt::Key_F);
    EXPECT_FALSE(view->flicked());
}

// 1280 x 800 at a scale of 125 %, on every page.
TEST_F(PairingWindow, FitsASmallScreen) {
    ASSERT_TRUE(bringIn());
    ASSERT_TRUE(matched());
    window->resize(1024, 640);
    for (int page = 0; page < 7; ++page) {
        window->findChild<PairingStation*>()->showPage(static_cast<PairingStation::Page>(page));
        QTest::qWait(50);
        EXPECT_EQ(window->size(), QSize(1024, 640)) << page;

        EXPECT_LE(window->minimumSizeHint().width(), 1024) << page;
        EXPECT_LE(window->minimumSizeHint().height(), 640) << page;
    }
}

TEST_F(PairingWindow, AColourMarkedInBothCounts) {
    ASSERT_TRUE(bringIn());
    ASSERT_TRUE(matched());
    auto* view = window->findChild<CompareView*>(QStringLiteral("pairedView"));
    auto* layout = find<QComboBox>("pairLayout");
    for (const int alone : {3, 4}) {
        layout->setCurrentIndex(alone);
        emit layout->activated(alone);
        ASSERT_TRUE(eventually([&] { return view->panes().size() == 1; }));
        QTest::qWait(50);
        const QPoint from = view->rect().center() + QPoint(-120, -100), to = from + QPoint(24, 20);
        QTest::mousePress(view, Qt::LeftButton, Qt::ShiftModifier, from);
        QTest::mouseMove(view, to);
        QTest::mouseRelease(view, Qt::LeftButton, Qt::ShiftModifier, to);
    }
    EXPECT_TRUE(eventually([&] {
        const auto m = session().pairing().match(follow);
        return m && std::any_of(m->correction.patches.begin(), m->correction.patches.end(),
                                [](const PatchResult& p) { return p.known; });
    })) << find<QLabel>("markedColour")->text().toStdString();
}

TEST_F(PairingWindow, AllCamerasAndTheTruthAreTold) {
    ASSERT_TRUE(bringIn());
    ASSERT_TRUE(matched());
    QTest::mouseClick(visible<look::Button>("matchAll"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return session().setup(follow)->correction.has_value(); }));
    window->findChild<PairingStation*>()->showPage(PairingStation::Page::cameras);
    auto* cameras = visible<RowTable>("pairCameras");
    ASSERT_EQ(cameras->model()->rowCount(), 1);
    EXPECT_LT(cell("pairCameras", 0, 2).toDouble(), cell("pairCameras", 0, 1).toDouble());
    window->findChild<PairingStation*>()->showPage(PairingStation::Page::truth);
    EXPECT_GT(visible<RowTable>("pairTruth")->model()->rowCount(), 5);
    EXPECT_FALSE(find<QLabel>("pairMerged")->text().isEmpty());
}

// A match is looked at first and made sure of in the background.
TEST_F(PairingWindow, HowSureItIsFollows) {
    ASSERT_TRUE(bringIn());
    ASSERT_TRUE(matched());
    window->findChild<PairingStation*>()->showPage(PairingStation::Page::certainty);
    ASSERT_TRUE(eventually([&] {
        const auto m = session().pairing().match(follow);
        return m && m->correction.certainty;
    }));
    const auto* view = visible<CertaintyView>("pairCertainty");
    EXPECT_TRUE(eventually([&] {
        return std::any_of(view->rows().begin(), view->rows().end(),
                           [](const CertaintyView::Row& r) { return r.after.interval.has_value(); });
    }));
    EXPECT_TRUE(find<QLabel>("pairSure")->text().contains(QLatin1String("95 %")));
    QTest::mouseClick(visible<look::Button>("keepMatch"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return session().setup(follow)->correction.has_value(); }));
    EXPECT_TRUE(session().setup(follow)->correction->certainty) << "it is kept with the match";
}

// Somebody's look on the leading camera is what the follower gets; the choice outlives the window.
TEST_F(PairingWindow, TheLeaderIsSeenThroughATransform) {
    ASSERT_TRUE(open("good.tif"));
    lead = session().currentId();
    session().addFrame(frame("follow.png"));
    follow = session().setups().back().id == lead ? static_cast<int>(session().setups().front().id)
                                                  : static_cast<int>(session().setups().back().id);
    session().select(follow);
    ASSERT_TRUE(
        eventually([&] { return session().setup(follow)->reading && session().setup(lead)->reading; }));
    ASSERT_TRUE(matched());
    const double plain = session().pairing().match(follow)->correction.summary.before.mean;

    auto look = fit(std::span(&*session().setup(lead)->reading, 1));
    ASSERT_TRUE(look);
    look->finish.contrast = 1;
    look->finish.saturation = 0.4;
    io::ExportOptions o;
    o.format = io::Format::cube;
    o.size = 65;
    const std::string lut = own_ / "pale.cube";
    ASSERT_TRUE(io::exportCorrection(*look, lut, o));
    answers.file = QString::fromStdString(lut);
    auto* seen = find<QComboBox>("leaderSeen");
    EXPECT_FALSE(find<QComboBox>("leaderGives")->isVisible());
    seen->setCurrentIndex(seen->count() - 1);
    emit seen->activated(seen->count() - 1);
    ASSERT_TRUE(eventually([&] { return session().pairing().leaderThrough(follow) != nullptr; }));
    EXPECT_TRUE(seen->currentText().contains(QLatin1String("pale.cube")));
    EXPECT_TRUE(find<QComboBox>("leaderGives")->isVisible());
    EXPECT_GT(std::abs(session().pairing().match(follow)->correction.summary.before.mean - plain), 1)
        << "it is another picture that is wanted";
    auto* view = window->findChild<CompareView*>(QStringLiteral("pairedView"));
    ASSERT_TRUE(eventually([&] {
        return view->panes().size() == 2 && view->panes().front().title.contains(QLatin1String("pale.cube"));
    }));
    QTest::mouseClick(visible<look::Button>("keepMatch"), Qt::LeftButton);
    ASSERT_TRUE(eventually([&] { return session().setup(follow)->correction.has_value(); }));

    window.reset();
    openWindow();
    session().select(follow);
    ASSERT_TRUE(matched());
    EXPECT_TRUE(find<QComboBox>("leaderSeen")->currentText().contains(QLatin1String("pale.cube")));
    ASSERT_TRUE(
        eventually([&] { return find<look::Button>("keepMatch")->text() == QLatin1String("Hand it over"); }));
}

}  // namespace
}  // namespace refero
