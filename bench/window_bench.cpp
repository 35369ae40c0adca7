// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// From the start of the program to the first picture on the screen, and the longest time for which the window
// did not answer while 24-megapixel frames were opened, corrected and compared. As a peer: an empty Qt window
// in the same run.
#include <QApplication>
#include <QElapsedTimer>
#include <QTemporaryDir>
#include <QTimer>
#include <QWidget>
#include <algorithm>
#include <cstdio>

#include "app/language/language.h"
#include "app/look/tokens.h"
#include "app/main_window.h"
#include "app/session/correction_actions.h"
#include "app/session/reading_actions.h"
#include "io/reading_file.h"
#include "large_studio.h"
#include "sim/shoot.h"

namespace {

using namespace refero;

template <class Condition>
void waitFor(const Condition& condition) {
    while (!condition()) QApplication::processEvents(QEventLoop::WaitForMoreEvents);
}

// Time of a first paint, from construction.
template <class Make>
double untilShown(const Make& make) {
    QElapsedTimer timer;
    timer.start();
    auto window = make();
    window->show();
    QApplication::processEvents();
    window->grab();
    return static_cast<double>(timer.nsecsElapsed()) / 1e6;
}

// Opening it, and an action: until it is done, and until everything on the screen is painted anew.
void largeStudioInTheWindow(MainWindow& window, const Reading& reading, const QString& file) {
    if (!studio::writeNew(file.toStdString(), largeContents(io::toJson(reading).dump()))) std::abort();
    const auto timed = [&](const char* name, const auto& work) {
        QElapsedTimer timer;
        timer.start();
        work();
        const double done = static_cast<double>(timer.nsecsElapsed()) / 1e6;
        QApplication::processEvents();
        window.grab();
        std::printf("%-34s %.0f ms, %.0f ms when all is painted anew\n", name, done,
                    static_cast<double>(timer.nsecsElapsed()) / 1e6);
    };
    Session& session = window.session();
    window.showStation(MainWindow::StationId::plan);
    std::puts("10 shoots, 200 setups, 50,000 frames, in the window:");
    timed("  opened:", [&] {
        auto opened = studio::Studio::open(file.toStdString());
        if (!opened) std::abort();
        session.use(*std::move(opened));
    });
    for (const char* name : {"  an action:", "  another:"})
        timed(name, [&] {
            auto setup = session.day().setups[3];
            setup.conditions.powerPercent /= 2;
            const Status kept = session.perform(QStringLiteral("Power"), [&](studio::Edit& edit) -> Status {
                edit.put(setup);
                return {};
            });
            if (!kept) std::abort();
        });
    timed("  undone:", [&] { session.undo().undo(); });
    timed("  another setup chosen:", [&] { session.select(session.setups()[7].id); });
    timed("  another shoot:",
          [&] { session.openShoot(session.studio()->contents().all<plan::Shoot>().begin()->first); });
}

}  // namespace

int main(int argc, char** argv) {
    if (qEnvironmentVariableIsEmpty("DISPLAY") && qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    QElapsedTimer sinceStart;
    sinceStart.start();
    QApplication app(argc, argv);
    language::speak(QStringLiteral("en"));
    look::dress();
    Dialogs dialogs;
    const QTemporaryDir own;
    auto studio = studio::Studio::create(own.filePath(QStringLiteral("own.refero")).toStdString());
    if (!studio) return 1;
    auto window = std::make_unique<MainWindow>(dialogs, *std::move(studio));
    window->show();
    QApplication::processEvents();
    window->grab();
    std::printf("start to first picture of the window: %lld ms\n",
                static_cast<long long>(sinceStart.elapsed()));
    std::printf("an empty Qt window, for comparison:   %.0f ms\n",
                untilShown([] { return std::make_unique<QWidget>(); }));

    sim::Shot shot;
    shot.file = "bench.tif";
    shot.width = 6000;
    shot.height = 4000;
    shot.set = sim::Set::tiles;
    shot.chart = "fen-24";
    const std::string folder = argc > 1 ? argv[1] : ".";
    if (auto ok = sim::shootToFile(shot, folder); !ok)
        return std::fprintf(stderr, "%s\n", ok.error().message.c_str()), 1;

    // A timer of 1 ms notes how late it comes: that is how long the window did not answer.
    QElapsedTimer beat;
    beat.start();
    double longest = 0;
    QTimer pulse;
    pulse.setTimerType(Qt::PreciseTimer);
    QObject::connect(&pulse, &QTimer::timeout, [&] {
        longest = std::max(longest, static_cast<double>(beat.nsecsElapsed()) / 1e6), beat.restart();
    });
    pulse.start(1);
    const auto phase = [&](const char* name, const auto& done) {
        longest = 0;
        beat.restart();
        waitFor(done);
        QElapsedTimer settle;
        settle.start();
        waitFor([&] { return settle.elapsed() > 2500; });
        std::printf("%-34s longest silence %.0f ms\n", name, longest);
    };
    Session& session = window->session();
    window->openFrames({QString::fromStdString(folder + "/bench.tif")});
    phase("opening and reading 24 megapixels:",
          [&] { return session.current() && session.current()->reading.has_value(); });
    session.correction().build(session.currentId(), {});
    window->showStation(MainWindow::StationId::correction);
    phase("correcting and comparing:", [&] { return session.current()->correction.has_value(); });
    Quad corners = session.current()->reading->corners;
    corners[0].x() += 3;
    session.reading().setCorners(session.currentId(), corners, QStringLiteral("Nudge"));
    phase("moving a corner:", [&] { return !session.current()->correction; });
    pulse.stop();
    largeStudioInTheWindow(*window, *session.current()->reading,
                           own.filePath(QStringLiteral("large.refero")));
    return 0;
}
