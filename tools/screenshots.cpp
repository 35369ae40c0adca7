// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Remakes docs/screenshots/ from the demo: drives the real window, without a monitor where there is none.
#include <poppler/cpp/poppler-document.h>
#include <poppler/cpp/poppler-page-renderer.h>
#include <poppler/cpp/poppler-page.h>

#include <QAbstractButton>
#include <QAction>
#include <QApplication>
#include <QComboBox>
#include <QDir>
#include <QElapsedTimer>
#include <QEventLoop>
#include <QPainter>
#include <QTableView>
#include <QTemporaryDir>
#include <QTest>
#include <QTimer>
#include <chrono>
#include <cstdio>
#include <functional>
#include <future>
#include <memory>
#include <utility>

#include "app/correction/correction_station.h"
#include "app/frames/contact_sheet.h"
#include "app/frames/frames_station.h"
#include "app/handover/receivers.h"
#include "app/help/help_window.h"
#include "app/jobs/stand_back.h"
#include "app/judging/compare_view.h"
#include "app/judging/judging_view.h"
#include "app/language/language.h"
#include "app/look/tokens.h"
#include "app/main_window.h"
#include "app/meters/meter_panel.h"
#include "app/onset/on_set_page.h"
#include "app/onset/verdict_board.h"
#include "app/pictures/frame_view.h"
#include "app/plan/plan_station.h"
#include "app/session/bench_actions.h"
#include "app/session/correction_actions.h"
#include "app/session/day_actions.h"
#include "app/session/handover_actions.h"
#include "app/session/intake_actions.h"
#include "app/session/reading_actions.h"
#include "app/station/figures_panel.h"
#include "core/chart/chart_data.h"
#include "io/chart_file.h"
#include "sim/shoot.h"
#include "workflow/delivery_items.h"

namespace {

using namespace refero;

constexpr std::size_t kDemoFrames = 14;
constexpr int kMoment = 20;  // ms between two actions of a person
// Setups of the demo, in their order.
constexpr std::size_t kTiles = 0, kMarks = 2, kShelf = 3, kKiln = 5, kHand = 7;

// As the program's own loop runs: QTest's sleeps ten milliseconds at a time, which would count as silence.
void settle(int milliseconds) {
    QEventLoop loop;
    QTimer::singleShot(milliseconds, Qt::PreciseTimer, &loop, &QEventLoop::quit);
    loop.exec();
}

bool waitFor(const std::function<bool()>& condition, int seconds) {
    QElapsedTimer timer;
    timer.start();
    while (!condition()) {
        if (timer.elapsed() > seconds * 1000) return false;
        settle(20);
    }
    settle(60);
    return true;
}

// Not on the window's thread, whose silence is measured.
bool shotAside(const sim::Shot& shot, const QString& folder) {
    auto done = std::async(std::launch::async,
                           [&] { return sim::shootToFile(shot, folder.toStdString()).has_value(); });
    return waitFor([&] { return done.wait_for(std::chrono::seconds(0)) == std::future_status::ready; }, 60) &&
           done.get();
}

// How long the window answers nothing: a timer that wants to be heard every two milliseconds.
class Heartbeat : public QObject {
  public:
    Heartbeat() {
        since_.start();
        startTimer(2, Qt::PreciseTimer);
    }
    /// The longest silence since the last call, ms.
    qint64 longest() {
        since_.restart();
        return std::exchange(longest_, 0);
    }

  protected:
    void timerEvent(QTimerEvent*) override { longest_ = std::max(longest_, since_.restart()); }

  private:
    QElapsedTimer since_;
    qint64 longest_ = 0;
};

class Shooter {
  public:
    Shooter(MainWindow& window, QString folder) : window_(window), folder_(std::move(folder)) {}

    bool demoReady() {
        return waitFor(
            [&] {
                const auto& all = window_.session().setups();
                std::size_t pictures = 0;
                for (const Setup& s : all) pictures += s.pictures.size();
                return pictures == kDemoFrames && std::all_of(all.begin(), all.end(), [](const Setup& s) {
                           return !s.busy && (s.reading || s.chartFrame.empty());
                       });
            },
            300);
    }
    bool corrected(std::size_t index) {
        const auto id = window_.session().setups()[index].id;
        window_.session().select(id);
        settle(kMoment);
        window_.session().correction().build(id, {});
        return waitFor([&] { return window_.session().setup(id)->correction.has_value(); }, 30);
    }
    bool pictureReady() {
        if (window_.station() == MainWindow::StationId::reading)
            return waitFor([&] { return window_.findChild<FrameView*>()->hasPicture(); }, 30);
        return waitFor(
            [&] { return window_.findChild<CompareView*>(QStringLiteral("compareView"))->hasPicture(); }, 30);
    }
    // A frame with a shadow and a thumb on it, for the setup that has none yet.
    bool badShot() {
        static QTemporaryDir folder;
        sim::Shot shot;
        shot.file = "linen-chart.tif";
        shot.camera = "heron";
        shot.width = 2400;
        shot.height = 1600;
        shot.chart = "fen-24";
        shot.pose = {0.16, {0.48, 0.52}, -4, 8, 40};
        shot.set = sim::Set::shelf;
        shot.light = "d65";
        shot.exposure = 0.8;
        shot.falloffStops = 1.2;
        shot.blurPixels = 0.8;
        shot.mishaps.shadow = sim::Shadow{{95, 95}, 170, 0.7, 5};
        shot.mishaps.fingers = {sim::Finger{{215, 160}, 80, 26}};
        if (!shotAside(shot, folder.path())) return false;
        auto& session = window_.session();
        for (const Setup& setup : session.setups())
            if (setup.chartFrame.empty() && setup.light.find("Linen") != std::string::npos) {
                const auto id = setup.id;
                session.select(id);
                settle(kMoment);
                session.reading().addChartFrame(id, folder.filePath(QStringLiteral("linen-chart.tif")));
                return waitFor([&] { return session.setup(id)->reading.has_value(); }, 30) && pictureReady();
            }
        return false;
    }
    // A chart that nobody has described: the Fen 24's colours in three rows of eight.
    bool unknownChart() {
        static const QTemporaryDir folder;
        ChartColours colours;
        for (const Patch& p : io::shippedCharts().front().patches)
            colours.colours.push_back({p.id, p.name, p.labD50, p.reflectance});
        ChartGrid grid;
        grid.rows = 3;
        grid.columns = 8;
        grid.gapMm = 9;
        const auto chart = chartOnGrid(colours, grid, "strip", "Strip", "made up");
        const QString design = folder.filePath(QStringLiteral("strip.chart.json"));
        if (!chart || !io::writeChart(*chart, design.toStdString())) return false;
        sim::Shot shot;
        shot.file = "own-chart.tif";
        shot.camera = "heron";
        shot.width = 2400;
        shot.height = 1600;
        shot.chart = design.toStdString();
        shot.pose = {0.2, {0.5, 0.52}, -5, 6, 40};
        shot.set = sim::Set::shelf;
        shot.light = "daylight-5400";
        shot.exposure = 0.75;
        if (!shotAside(shot, folder.path())) return false;
        window_.openFrames({folder.filePath(QStringLiteral("own-chart.tif"))});
        auto* unknown = window_.findChild<QWidget*>(QStringLiteral("unknownChart"));
        return waitFor([&] { return unknown->isVisible(); }, 30) && pictureReady();
    }
    // The demo's camera test, and three made-up transforms on the tiles' chart shot.
    bool bench() {
        window_.session().select(window_.session().setups()[kTiles].id);
        settle(kMoment);
        window_.showStation(MainWindow::StationId::test);
        settle(kMoment);
        BenchActions& bench = window_.session().bench();
        const auto press = [&](const char* name) {
            QTest::mouseClick(window_.findChild<QAbstractButton*>(QLatin1String(name)), Qt::LeftButton);
            settle(kMoment);
        };
        press("demoSeries");
        if (!waitFor([&] { return bench.series() && bench.shots().size() == 10; }, 120)) return false;
        settle(2500);
        take("test-series");
        press("toTransforms");
        if (!waitFor([&] { return !bench.trials().empty() && bench.trials()[0].result; }, 60)) return false;
        press("demoTransforms");
        const auto tried = [&] {
            const auto& all = bench.trials();
            return all.size() == 4 &&
                   std::all_of(all.begin(), all.end(), [](const auto& t) { return t.result != nullptr; });
        };
        if (!waitFor(tried, 120)) return false;
        auto* table = window_.findChild<QTableView*>(QStringLiteral("transformTable"));
        table->selectRow(1);
        settle(2500);
        take("test-transforms");
        return true;
    }
    /// The window, or another one.
    void take(const char* name, QWidget* of = nullptr) {
        settle(150);
        std::printf("%s: the longest silence until here %lld ms\n", name,
                    static_cast<long long>(heart_.longest()));
        const QString path = folder_ + QLatin1Char('/') + QLatin1String(name) + QStringLiteral(".png");
        if (!(of ? of : &window_)->grab().save(path))
            std::fprintf(stderr, "%s was not written\n", qPrintable(path));
        heart_.longest();
    }

  private:
    MainWindow& window_;
    QString folder_;
    Heartbeat heart_;
};

QImage firstPage(const QString& file) {
    const std::unique_ptr<poppler::document> document(poppler::document::load_from_file(file.toStdString()));
    if (!document) return {};
    const std::unique_ptr<poppler::page> page(document->create_page(0));
    poppler::page_renderer renderer;
    renderer.set_render_hint(poppler::page_renderer::text_antialiasing);
    renderer.set_render_hint(poppler::page_renderer::antialiasing);
    poppler::image image = renderer.render_page(page.get(), 100, 100);
    return QImage(reinterpret_cast<const uchar*>(image.const_data()), image.width(), image.height(),
                  image.bytes_per_row(), QImage::Format_ARGB32)
        .convertToFormat(QImage::Format_RGB32);
}

// The first page of what was handed over last as that.
QImage paperOf(const Setup& setup, const char* format) {
    for (const workflow::HandedOver& h : setup.handedOver)
        if (h.format == format) return firstPage(text(h.path));
    return {};
}

QImage sideBySide(const QImage& left, const QImage& right) {
    constexpr int kGap = 24;
    QImage out(left.width() + right.width() + 3 * kGap, std::max(left.height(), right.height()) + 2 * kGap,
               QImage::Format_RGB32);
    out.fill(refero::look::palette().viewing);
    QPainter p(&out);
    p.drawImage(kGap, kGap, left);
    p.drawImage(left.width() + 2 * kGap, kGap, right);
    return out;
}

int shoot(MainWindow& window, const QString& folder) {
    Shooter s(window, folder);
    s.take("start");
    window.startDemo();
    settle(400);
    if (!s.demoReady()) return 1;
    auto& session = window.session();
    // What says that this is a demo has been read.
    QTest::mouseClick(window.findChild<QAbstractButton*>(QStringLiteral("noticeSeen")), Qt::LeftButton);
    settle(kMoment);
    session.select(session.setups()[kShelf].id);
    settle(kMoment);
    window.showStation(MainWindow::StationId::plan);
    settle(kMoment);
    s.take("plan");
    auto* plan = window.findChild<PlanStation*>();
    session.select(session.setups()[kTiles].id);
    settle(kMoment);
    window.showStation(MainWindow::StationId::frames);
    settle(kMoment);
    auto* sheet = window.findChild<ContactSheet*>();
    sheet->choose({sheet->groups()[0].frames[1].id});
    settle(8000);  // for the thumbnails
    s.take("frames");
    auto* run = window.findChild<QAbstractButton*>(QStringLiteral("doDay"));
    QTest::mouseClick(run, Qt::LeftButton);
    settle(kMoment);
    if (!waitFor([&] { return !session.dayWork().running() && session.dayWork().canTakeBack(); }, 120))
        return 1;
    s.take("card");
    session.dayWork().takeBack();
    settle(kMoment);
    QTest::mouseClick(window.findChild<QAbstractButton*>(QStringLiteral("leaveDay")), Qt::LeftButton);
    settle(kMoment);
    window.showStation(MainWindow::StationId::reading);
    settle(kMoment);
    if (!s.pictureReady()) return 1;
    s.take("reading");
    window.findChild<QAction*>(QStringLiteral("helpAction"))->trigger();
    settle(kMoment);
    auto* help = window.findChild<HelpWindow*>();
    settle(600);
    s.take("help", help);
    help->hide();
    auto* figures = window.findChild<FiguresPanel*>(QStringLiteral("readingPanel"));
    figures->setFolded(false);
    auto* meters = window.findChild<MeterPanel*>();
    meters->showMeter(MeterPanel::Meter::greys);
    auto* frameView = window.findChild<FrameView*>();
    for (const QPointF share : {QPointF(0.10, 0.14), QPointF(0.74, 0.42), QPointF(0.24, 0.53)}) {
        const QSizeF size(session.current()->frame->image.width(), session.current()->frame->image.height());
        const QRectF region(share.x() * size.width(), share.y() * size.height(), size.width() * 0.05,
                            size.height() * 0.05);
        frameView->setRegion(region);
        emit frameView->regionDrawn(region);
    }
    s.take("reading-greys");
    frameView->setRegion({});
    auto* levels = window.findChild<QComboBox*>(QStringLiteral("viewChoice"));
    levels->setCurrentIndex(1);
    meters->showMeter(MeterPanel::Meter::ladder);
    frameView->setFocus();
    frameView->choosePatch(4);
    settle(2500);
    s.take("reading-levels");
    frameView->choosePatch(-1);
    levels->setCurrentIndex(0);
    meters->showMeter(MeterPanel::Meter::evenness);
    figures->setFolded(true);
    if (!s.badShot()) return 1;
    s.take("reading-bad");
    session.undo().undo();
    meters->showMeter(MeterPanel::Meter::ladder);

    if (!s.unknownChart()) return 1;
    s.take("unknown-chart");
    session.undo().undo();
    session.select(session.setups()[kTiles].id);
    settle(kMoment);

    if (!s.corrected(kTiles) || !s.corrected(kKiln) || !s.corrected(kMarks)) return 1;
    window.showStation(MainWindow::StationId::plan);
    settle(kMoment);
    plan->showPage(PlanStation::Page::library);
    auto* library = window.findChild<QTableView*>(QStringLiteral("libraryGroups"));
    if (!waitFor([&] { return library->model()->rowCount() > 2; }, 60)) return 1;
    s.take("library");
    plan->showPage(PlanStation::Page::day);
    session.select(session.setups()[kTiles].id);
    settle(kMoment);
    window.showStation(MainWindow::StationId::correction);
    settle(kMoment);
    if (!s.pictureReady()) return 1;
    settle(1200);
    auto* correction = window.findChild<CorrectionStation*>();
    using Page = CorrectionStation::Page;
    s.take("correction");
    // The matrix as it is, and the same with a finish, beside balance alone.
    session.correction().keepSnapshot(session.currentId());
    settle(kMoment);
    Finish finish = *finishByName("rounded");
    finish.warmthSteps = 2;
    session.correction().setFinish(session.currentId(), finish);
    settle(kMoment);
    correction->judging().showMode(JudgingWish::Mode::fourUp);
    settle(kMoment);
    auto* aside = window.findChild<FiguresPanel*>(QStringLiteral("correctionPanel"));
    aside->setSide(FiguresPanel::Side::right);
    settle(kMoment);
    correction->showPage(Page::finish);
    settle(2500);
    s.take("four-up");

    // The second camera in the kiln room follows the first.
    session.select(session.setups()[kHand].id);
    settle(kMoment);
    window.showStation(MainWindow::StationId::pairing);
    settle(kMoment);
    auto* steps = window.findChild<QTableView*>(QStringLiteral("pairSteps"));
    auto* both = window.findChild<CompareView*>(QStringLiteral("pairedView"));
    if (!waitFor([&] { return steps->model()->rowCount() > 5 && both->panes().size() == 2; }, 60)) return 1;
    auto* pairs = window.findChild<FiguresPanel*>(QStringLiteral("pairingPanel"));
    pairs->setSide(FiguresPanel::Side::right);
    pairs->setFolded(false);
    settle(1500);
    s.take("pairing");
    const std::function<void()> back[] = {
        [&] { aside->setSide(FiguresPanel::Side::below); },
        [&] { aside->setFolded(true); },
        [&] { correction->judging().showMode(JudgingWish::Mode::wipe); },
        [&] { session.undo().undo(); },
        [&] { session.undo().undo(); },
        [&] { correction->showPage(Page::patches); },
    };
    for (const auto& action : back) {
        action();
        settle(kMoment);
    }

    if (!s.bench()) return 1;

    const QTemporaryDir cable;
    QDir(cable.path()).mkdir(QStringLiteral("tether"));
    window.showStation(MainWindow::StationId::frames);
    settle(kMoment);
    window.findChild<FramesStation*>()->showOnSet();
    auto* onSet = window.findChild<OnSetPage*>();
    onSet->watch(cable.filePath(QStringLiteral("tether")));
    auto* board = window.findChild<VerdictBoard*>();
    for (const char* verdict : {"Shoot again", "Shoot again", "Good"}) {
        const int before = int(onSet->judgedSoFar());
        QTest::mouseClick(window.findChild<QAbstractButton*>(QStringLiteral("releaseCamera")),
                          Qt::LeftButton);
        settle(kMoment);
        if (!waitFor([&] { return onSet->judgedSoFar() > before; }, 60)) return 1;
        std::printf("on set: %s, expected %s, %lld ms\n", qPrintable(board->headline()), verdict,
                    static_cast<long long>(onSet->lastMilliseconds()));
        if (before == 0) s.take("on-set");
    }
    onSet->watch({});
    // The good one takes the place of the setup's reading, and the correction goes with the old one.
    if (!waitFor(
            [&] {
                const Setup& tiles = session.setups()[kTiles];
                return !session.intake().running() && !tiles.busy && tiles.reading &&
                       tiles.reading->framePath.find("T0003") != std::string::npos;
            },
            60) ||
        !s.corrected(kTiles))
        return 1;

    // What the raw developer and the editor get, then the archive, while its frames are at work.
    const QTemporaryDir away;
    session.select(session.setups()[kTiles].id);
    settle(kMoment);
    window.showStation(MainWindow::StationId::handover);
    settle(kMoment);
    const auto given = [&](refero::Receiver r) {
        const auto& setup = *session.current();
        QTest::mouseClick(window.findChild<QAbstractButton*>(QLatin1String(refero::info(r).object)),
                          Qt::LeftButton);
        settle(kMoment);
        const auto before = setup.handedOver.size();
        session.handover().give(setup.id, refero::workflow::deliveryFor(r, *setup.correction), away.path());
        return waitFor(
            [&] { return !session.handover().giving() && session.current()->handedOver.size() > before; },
            60);
    };
    if (!given(refero::Receiver::rawDeveloper) || !given(refero::Receiver::editor) ||
        !given(refero::Receiver::archive))
        return 1;
    settle(800);
    window.findChild<QAction*>(QStringLiteral("surroundAction"))->trigger();
    s.take("handover-booth");
    session.handover().frameQueue().cancel();
    const QImage papers =
        sideBySide(paperOf(*session.current(), "report"), paperOf(*session.current(), "recipe"));
    return papers.save(folder + QStringLiteral("/report-and-recipe.png")) ? 0 : 1;
}

}  // namespace

int main(int argc, char** argv) {
    if (qEnvironmentVariableIsEmpty("DISPLAY") && qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    QApplication app(argc, argv);
    if (argc < 2 || argc > 3) {
        std::fprintf(stderr, "usage: refero-screenshots FOLDER [LANGUAGE]\n");
        return 2;
    }
    refero::goFirst();
    refero::language::speak(argc > 2 ? QString::fromLatin1(argv[2]) : QStringLiteral("en"));
    refero::look::dress();
    refero::Dialogs dialogs;
    const QTemporaryDir own;
    auto studio = refero::studio::Studio::create(own.filePath(QStringLiteral("own.refero")).toStdString());
    if (!studio) return 1;
    refero::MainWindow window(dialogs, *std::move(studio));
    window.resize(1280, 800);
    window.show();
    return shoot(window, QString::fromLocal8Bit(argv[1]));
}
