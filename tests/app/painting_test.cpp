// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// When and how the window paints: what is dear comes in parts, and quick ways look as the slow ones do.
#include <QAbstractButton>
#include <QAction>
#include <QPainter>
#include <QSemaphore>
#include <QStackedWidget>
#include <QThreadPool>
#include <chrono>
#include <cmath>
#include <future>
#include <random>

#include "app/findings/marks.h"
#include "app/look/tokens.h"
#include "app/pictures/draw_scaled.h"
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

// A page that is not seen keeps its colours until it is.
TEST_F(Painting, APageThatIsSeenLaterHasTheSurroundOfThen) {
    auto* frames = window->findChild<QWidget*>(QStringLiteral("framesStation"));
    auto* plan = window->findChild<PlanStation*>();
    ASSERT_NE(frames, nullptr);
    window->showStation(MainWindow::StationId::frames);
    ASSERT_TRUE(eventually([&] { return frames->isVisible(); }));
    const auto ground = [](const QWidget* w) { return w->palette().color(QPalette::Window); };
    const auto within = [](const QWidget* w) { return w->findChild<QAbstractButton*>(); };
    const QColor before = look::palette().ground;
    find<QAction>("surroundAction")->trigger();
    const QColor now = look::palette().ground;
    ASSERT_NE(before, now);
    EXPECT_EQ(ground(window.get()), now);
    EXPECT_EQ(ground(frames), now);
    EXPECT_EQ(ground(within(frames)), now);
    EXPECT_EQ(ground(within(plan)), before);
    window->showStation(MainWindow::StationId::plan);
    EXPECT_EQ(ground(plan), now);
    EXPECT_EQ(ground(within(plan)), now);
    find<QAction>("surroundAction")->trigger();
    EXPECT_EQ(ground(plan), before);
    window->showStation(MainWindow::StationId::frames);
    EXPECT_EQ(ground(within(frames)), before);
}

QImage stroked(const std::function<void(QPainter&)>& paint) {
    QImage image(120, 90, QImage::Format_RGB32);
    image.fill(QColor(128, 128, 128));
    QPainter painter(&image);
    painter.setRenderHint(QPainter::Antialiasing);
    paint(painter);
    return image;
}

QImage noise(int width, int height) {
    QImage image(width, height, QImage::Format_RGB32);
    std::minstd_rand random(7);
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x) image.setPixel(x, y, qRgb(int(random() % 256), y % 256, x % 256));
    return image;
}

QImage canvas(double ratio) {
    QImage image(QSize(900, 700), QImage::Format_RGB32);
    image.setDevicePixelRatio(ratio);
    image.fill(QColor(40, 40, 40));
    return image;
}

TEST(DrawScaled, IsWhatQtDraws) {
    const QImage picture = noise(1300, 870);
    for (const double ratio : {1.0, 1.25, 2.0})
        for (const QRectF& target : {QRectF(10, 20, 640, 480), QRectF(-200.3, -77.7, 1500.6, 1003.4),
                                     QRectF(3.4, 1.2, 333.3, 223.1), QRectF(50, 650, 400, 300)})
            for (const bool clipped : {false, true}) {
                QImage ours = canvas(ratio), theirs = canvas(ratio);
                for (QImage* image : {&ours, &theirs}) {
                    QPainter painter(image);
                    painter.setRenderHints(QPainter::SmoothPixmapTransform | QPainter::Antialiasing);
                    if (clipped) painter.setClipRect(40, 30, 300, 333);
                    if (image == &ours)
                        drawScaled(painter, target, picture);
                    else
                        painter.drawImage(target, picture);
                }
                EXPECT_EQ(ours, theirs) << ratio << " " << target.left() << " " << clipped;
            }
}

// While every thread of the pool is held, Qt's own way would wait.
TEST(DrawScaled, WaitsForNoOtherThread) {
    const QImage picture = noise(1300, 870);
    QThreadPool* pool = QThreadPool::globalInstance();
    const int threads = pool->maxThreadCount();
    QSemaphore begun, hold, ended;
    for (int i = 0; i < threads; ++i)
        pool->start([&] {
            begun.release();
            hold.acquire();
            ended.release();
        });
    begun.acquire(threads);
    auto drawn = std::async(std::launch::async, [&] {
        for (const double ratio : {1.0, 1.25, 2.0}) {
            QImage image = canvas(ratio);
            QPainter painter(&image);
            painter.setRenderHints(QPainter::SmoothPixmapTransform | QPainter::Antialiasing);
            drawScaled(painter, {10.5, 20.5, 640, 480}, picture);
        }
    });
    EXPECT_EQ(drawn.wait_for(std::chrono::seconds(20)), std::future_status::ready);
    hold.release(threads);
    ended.acquire(threads);
    drawn.wait();
    pool->waitForDone();
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
