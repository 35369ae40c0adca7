// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// When and how the window paints: what is dear comes in parts, and quick ways look as the slow ones do.
#include <QPainter>
#include <QStackedWidget>
#include <cmath>

#include "app/findings/marks.h"
#include "app/plan/plan_station.h"
#include "app/station/paint_in_turn.h"
#include "window_fixture.h"

namespace refero {
namespace {

class Paintings : public QObject {
  public:
    explicit Paintings(QWidget* of) { of->installEventFilter(this); }
    int count = 0;

  protected:
    bool eventFilter(QObject*, QEvent* event) override {
        count += event->type() == QEvent::Paint;
        return false;
    }
};

class Painting : public WindowTest {};

// Between a station's being shown and its being painted, the person is heard.
TEST_F(Painting, AStationComesInAnEventOfItsOwn) {
    auto* plan = window->findChild<PlanStation*>();
    ASSERT_FALSE(plan->isVisible());
    Paintings paintings(plan);
    window->showStation(MainWindow::StationId::plan);
    EXPECT_TRUE(plan->isVisible());
    QCoreApplication::sendPostedEvents();
    EXPECT_EQ(paintings.count, 0);
    EXPECT_TRUE(eventually([&] { return paintings.count > 0; }));
    EXPECT_TRUE(plan->updatesEnabled());
}

TEST_F(Painting, AskedForTwiceItComesOnce) {
    window->showStation(MainWindow::StationId::plan);
    auto* plan = window->findChild<PlanStation*>();
    ASSERT_TRUE(eventually([&] { return plan->updatesEnabled(); }));
    QTest::qWait(50);
    Paintings paintings(plan);
    paintInTurn(*plan);
    paintInTurn(*plan);
    EXPECT_TRUE(eventually([&] { return paintings.count > 0; }));
    QTest::qWait(50);
    EXPECT_EQ(paintings.count, 1);
}

QImage stroked(const std::function<void(QPainter&)>& paint) {
    QImage image(120, 90, QImage::Format_RGB32);
    image.fill(QColor(128, 128, 128));
    QPainter painter(&image);
    painter.setRenderHint(QPainter::Antialiasing);
    paint(painter);
    return image;
}

// A patch's area line by line, against Qt's own stroke of the whole path.
TEST(DoubleLine, LooksAsTheStrokeOfThePathDoes) {
    QPainterPath path;
    path.addPolygon(QPolygonF({{20.3, 14.6}, {96.2, 22.9}, {101.7, 70.1}, {16.4, 66.8}}));
    path.closeSubpath();
    for (const double width : {1.0, 1.5, 3.0}) {
        const QImage ours = stroked([&](QPainter& p) { doubleLine(p, path, width); });
        const QImage whole = stroked([&](QPainter& p) {
            p.setPen(QPen(Qt::black, width + 2));
            p.drawPath(path);
            p.setPen(QPen(Qt::white, width));
            p.drawPath(path);
        });
        int painted = 0, other = 0, black = 0, white = 0;
        for (int y = 0; y < ours.height(); ++y)
            for (int x = 0; x < ours.width(); ++x) {
                const int a = qGray(ours.pixel(x, y)), b = qGray(whole.pixel(x, y));
                painted += b != 128;
                other += std::abs(a - b) > 40;
                black += a < 40;
                white += a > 215;
            }
        EXPECT_GT(painted, 900) << width;
        EXPECT_LE(other, painted / 20) << width;
        EXPECT_GT(black, 100) << width;
        EXPECT_GT(white, 50) << width;
    }
}

// What is curved goes the long way, and is there.
TEST(DoubleLine, ACurveIsDrawn) {
    QPainterPath ring;
    ring.addEllipse(QPointF(60, 45), 20, 20);
    const QImage image = stroked([&](QPainter& p) { doubleLine(p, ring, 2); });
    EXPECT_GT(qGray(image.pixel(80, 45)), 200);
    EXPECT_EQ(qGray(image.pixel(60, 45)), 128);
}

}  // namespace
}  // namespace refero
