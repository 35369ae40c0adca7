// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is done to a reading in the window: patches moved and left out, light and flat field taken out, frames
// averaged and compared.
#include <QContextMenuEvent>
#include <QMenu>

#include "app/frames/frame_viewer.h"
#include "app/meters/comparison.h"
#include "app/meters/meter_panel.h"
#include "app/session/correction_actions.h"
#include "app/session/intake_actions.h"
#include "app/session/reading_actions.h"
#include "window_fixture.h"

namespace refero {
namespace {

class Treatments : public WindowTest {
  protected:
    static void SetUpTestSuite() {
        WindowTest::SetUpTestSuite();
        sim::Shot shot = test::plainShot();
        shot.file = "later.tif";
        shot.seed = 4;
        shot.exposure = 0.75 / std::exp2(0.5);
        shootOnce(shot);
        shot.file = "uneven.tif";
        shot.exposure = 0.75;
        shot.falloffStops = 3;
        shootOnce(shot);
        shot.file = "card.tif";
        shot.chart.reset();
        shot.set = sim::Set::plain;
        shootOnce(shot);
        shot = test::plainShot();
        shot.file = "subject-warm.tif";
        shot.light = "led-3000";
        shot.set = sim::Set::plain;
        shot.chart.reset();
        shootOnce(shot);
    }
    FrameView& view() { return *find<FrameView>("frameView"); }
    bool opened(const char* name) {
        return open(name) && eventually([&] { return view().hasPicture(); });
    }
    const Reading& reading() { return *session().current()->reading; }
    std::size_t index(const char* id) {
        const auto& patches = reading().chart.patches;
        return static_cast<std::size_t>(
            std::find_if(patches.begin(), patches.end(), [&](const Patch& p) { return p.id == id; }) -
            patches.begin());
    }
    QPoint seenAt(const char* id) {
        const Point c = reading().patch(id)->centre;
        return view().toView({c.x(), c.y()}).toPoint();
    }
    bool steps(int wanted) {
        return eventually([&] { return session().undo().count() == wanted; });
    }
    // A synthetic move: the offscreen platform does not carry buttons through moves of the pointer.
    void moveTo(QWidget* w, const QPoint& at, Qt::KeyboardModifiers modifiers = {}) {
        QMouseEvent move(QEvent::MouseMove, QPointF(at), w->mapToGlobal(QPointF(at)), Qt::NoButton,
                         Qt::LeftButton, modifiers);
        QApplication::sendEvent(w, &move);
    }
};

TEST_F(Treatments, APatchIsChosenAndLeftOutByKeyboard) {
    ASSERT_TRUE(opened("good.tif"));
    const int before = session().undo().count();
    QTest::mouseClick(&view(), Qt::LeftButton, {}, seenAt("B2"));
    EXPECT_EQ(view().chosenPatch(), static_cast<int>(index("B2")));
    QTest::keyClick(&view(), Qt::Key_L);
    ASSERT_TRUE(steps(before + 1));
    EXPECT_TRUE(reading().patch("B2")->leftOut);
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Leave out B2"));
    EXPECT_TRUE(view().placement()->leftOut(index("B2")));
    EXPECT_TRUE(find<PatchTable>("patchTable")->asText().contains(QStringLiteral("B2  left out")));
    EXPECT_FALSE(reading().cornersByHand) << "a patch is no corner";
    QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
    EXPECT_FALSE(reading().patch("B2")->leftOut);
    EXPECT_FALSE(view().placement()->leftOut(index("B2"))) << "the view follows";
    // The same from the table, and on to the next with the keyboard alone.
    QTest::keyClick(&view(), Qt::Key_PageDown);
    EXPECT_EQ(view().chosenPatch(), static_cast<int>(index("B2")) + 1);
    auto* table = find<PatchTable>("patchTable");
    table->setCurrentIndex(table->model()->index(3, 0));
    EXPECT_EQ(view().chosenPatch(), 3);
    QTest::keyClick(table, Qt::Key_L);
    EXPECT_TRUE(eventually([&] { return reading().patches[3].leftOut; }));
}

TEST_F(Treatments, APatchIsDraggedNudgedAndPutBack) {
    ASSERT_TRUE(opened("good.tif"));
    const int before = session().undo().count();
    const QPoint at = seenAt("B2");
    const Point was = reading().patch("B2")->centre;
    const double scale = view().scale();
    QTest::mouseClick(&view(), Qt::LeftButton, {}, at);
    QTest::mousePress(&view(), Qt::LeftButton, {}, at);
    moveTo(&view(), at + QPoint(2, 1));
    EXPECT_TRUE(view().placement()->byHand().empty()) << "a hand that shakes moves nothing";
    moveTo(&view(), at + QPoint(9, 6));
    QTest::mouseRelease(&view(), Qt::LeftButton, {}, at + QPoint(9, 6));
    ASSERT_TRUE(steps(before + 1));
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Move B2"));
    const Point moved = reading().patch("B2")->centre - was;
    EXPECT_NEAR(moved.x(), 9 / scale, 2 / scale);
    EXPECT_NEAR(moved.y(), 6 / scale, 2 / scale);
    EXPECT_EQ(reading().corners, *view().corners());

    const Point then = reading().patch("B2")->centre;
    QTest::keyClick(&view(), Qt::Key_Right, Qt::ShiftModifier);
    ASSERT_TRUE(steps(before + 2));
    EXPECT_NEAR(reading().patch("B2")->centre.x() - then.x(), 10, 1e-6);
    QTest::keyClick(&view(), Qt::Key_R);
    ASSERT_TRUE(steps(before + 3));
    EXPECT_LT((reading().patch("B2")->centre - was).norm(), 1e-6);
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Put B2 back"));
}

TEST_F(Treatments, UnevenLightIsTakenOutAndLeftInAgain) {
    ASSERT_TRUE(opened("uneven.tif"));
    const auto id = session().currentId();
    const auto verdict = [&] { return test::verdictOf(reading(), "evenness"); };
    const Verdict before = verdict();
    ASSERT_NE(before, Verdict::pass);
    const auto spread = [&] {
        return std::abs(std::log2(reading().patch("A1")->rgb.y() / reading().patch("C7")->rgb.y()));
    };
    EXPECT_GT(spread(), 0.3);
    auto* menu = find<QMenu>("treatmentsMenu");
    emit menu->aboutToShow();
    ASSERT_GE(menu->actions().size(), 3);
    menu->actions().front()->trigger();
    ASSERT_TRUE(eventually([&] { return reading().lightTakenOut.chart; }));
    EXPECT_LT(spread(), 0.03) << "two like greys, now in the same light";
    EXPECT_LT(verdict(), before);
    emit menu->aboutToShow();
    EXPECT_TRUE(menu->actions().front()->isChecked());
    session().reading().takeOutLight(id, false);
    ASSERT_TRUE(eventually([&] { return !reading().lightTakenOut.any(); }));
    EXPECT_EQ(verdict(), before);
}

TEST_F(Treatments, AFlatFieldIsTakenOutAndTellsOfTheLens) {
    ASSERT_TRUE(opened("uneven.tif"));
    const double range = reading().light->rangeStops;
    answers.frames = {frame("card.tif")};
    auto* menu = find<QMenu>("treatmentsMenu");
    emit menu->aboutToShow();
    menu->actions()[1]->trigger();
    ASSERT_TRUE(eventually([&] { return !reading().flatField.empty(); }));
    EXPECT_LT(reading().light->rangeStops, 0.3 * range);
    const auto& lenses = session().studio()->contents().all<plan::Lens>();
    ASSERT_EQ(lenses.size(), 1u);
    EXPECT_GE(lenses.begin()->second.fallOffStops, 0);
    // A frame that is no card is refused in words, and the reading stays.
    session().reading().takeOutFlatField(session().currentId(), frame("good.tif"));
    ASSERT_TRUE(eventually([&] { return !session().current()->error.isEmpty(); }));
    EXPECT_TRUE(session().current()->error.contains(QStringLiteral("plain card")))
        << session().current()->error.toStdString();
    EXPECT_TRUE(QString::fromStdString(reading().flatField).endsWith(QStringLiteral("card.tif")));
}

TEST_F(Treatments, TheSetupsChartFramesAreAveragedAndCompared) {
    ASSERT_TRUE(opened("good.tif"));
    const auto id = session().currentId();
    auto* panel = find<MeterPanel>("meterPanel");
    panel->showMeter(MeterPanel::Meter::comparison);
    EXPECT_TRUE(panel->comparison().accessibleDescription().startsWith(QStringLiteral("There is no other")));
    session().intake().arrived(id, frame("later.tif"), studio::FrameRole::chart);
    ASSERT_EQ(session().reading().otherChartFrames(id).size(), 1u);
    ASSERT_TRUE(eventually([&] { return !panel->comparison().changes().empty(); }));
    const auto& changes = panel->comparison().changes();
    EXPECT_EQ(changes.front().what, Moved::level);
    EXPECT_NEAR(changes.front().value, 0.5, 0.02) << "the frame that is read is half a stop lighter";
    EXPECT_TRUE(panel->comparison().accessibleDescription().startsWith(QStringLiteral("Moved: level.")))
        << panel->comparison().accessibleDescription().toStdString();

    // What changes nothing of the reading asks for no other frame to be read again.
    int asked = 0;
    QObject::connect(&panel->comparison(), &Comparison::wanted, window.get(), [&] { ++asked; });
    session().rename(id, QStringLiteral("Elsewhere"), QStringLiteral("Lamp"));
    EXPECT_EQ(asked, 0);
    EXPECT_FALSE(panel->comparison().changes().empty());

    const double error = reading().patches[0].standardError().y();
    session().reading().averageFrames(id, true);
    ASSERT_TRUE(eventually([&] { return reading().averaged.size() == 2; }));
    EXPECT_LT(reading().patches[0].standardError().y(), error);
    EXPECT_EQ(test::verdictOf(reading(), "frames"), Verdict::pass);
    // A corner that is moved now moves the mean's own frame; the others are read with it again.
    Quad q = reading().corners;
    q[0].x() += 1;
    session().reading().setCorners(id, q, QStringLiteral("Move"));
    ASSERT_TRUE(eventually([&] { return reading().corners == q; }));
    EXPECT_EQ(reading().averaged.size(), 2u);
}

TEST_F(Treatments, TheFrameIsShownAsItsLevels) {
    ASSERT_TRUE(opened("hot.tif"));
    auto* choice = find<QComboBox>("viewChoice");
    EXPECT_TRUE(view().key().empty());
    const QImage before = view().grab().toImage();
    for (int i = 1; i < choice->count(); ++i) {
        choice->setCurrentIndex(i);
        EXPECT_FALSE(view().key().empty()) << choice->currentText().toStdString();
        EXPECT_TRUE(eventually([&] { return view().grab().toImage() != before; }));
    }
    choice->setCurrentIndex(0);
    EXPECT_TRUE(view().key().empty());
    EXPECT_TRUE(eventually([&] { return view().grab().toImage() == before; })) << "the picture as it was";
}

TEST_F(Treatments, AGreyMarkedInTheSubjectTellsOfAnotherLight) {
    ASSERT_TRUE(opened("good.tif"));
    const auto id = session().currentId();
    session().correction().addPicture(id, frame("subject-warm.tif"));
    studio::FrameId subject = 0;
    for (const auto& [frameId, f] : session().studio()->contents().all<studio::Frame>())
        if (f.role == studio::FrameRole::subject) subject = frameId;
    ASSERT_NE(subject, 0);
    auto* viewer = find<FrameViewer>("frameViewer");
    viewer->resize(900, 600);
    viewer->show(subject, {subject});
    auto* picture = viewer->findChild<PictureView*>(QStringLiteral("viewerPicture"));
    ASSERT_TRUE(eventually([&] { return picture->hasPicture(); }));
    const QPoint from = picture->toView({500, 400}).toPoint(), to = picture->toView({700, 550}).toPoint();
    QTest::mousePress(picture, Qt::LeftButton, Qt::ShiftModifier, from);
    moveTo(picture, to, Qt::ShiftModifier);
    QTest::mouseRelease(picture, Qt::LeftButton, Qt::ShiftModifier, to);
    ASSERT_EQ(reading().subjects.size(), 1u);
    EXPECT_EQ(test::verdictOf(reading(), "light"), Verdict::reshoot);
    EXPECT_EQ(session().undo().undoText(), QStringLiteral("Mark a grey in subject-warm.tif"));
    // A click takes it back.
    QTest::mouseClick(picture, Qt::LeftButton, Qt::ShiftModifier, from);
    EXPECT_TRUE(reading().subjects.empty());
}

}  // namespace
}  // namespace refero
