// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// The window's longest silence while 2,000 small pictures come in, with the contact sheet to be seen: the
// time between two turns of the event loop. As a peer: the same window with nothing to do.
#include <QApplication>
#include <QElapsedTimer>
#include <QTemporaryDir>
#include <QTimer>
#include <algorithm>
#include <cstdio>
#include <vector>

#include "app/language/language.h"
#include "app/look/tokens.h"
#include "app/main_window.h"
#include "app/session/intake_actions.h"
#include "io/frame_file.h"

namespace {

using namespace refero;

constexpr int kFiles = 2000;

// Runs the event loop until `done`, and says how long it was silent.
template <class Done>
void listen(const char* name, const Done& done) {
    std::vector<double> silences;
    QElapsedTimer since;
    QTimer tick;
    tick.setInterval(0);
    since.start();
    QObject::connect(&tick, &QTimer::timeout, [&] {
        silences.push_back(double(since.nsecsElapsed()) / 1e6);
        since.restart();
    });
    tick.start();
    while (!done()) QApplication::processEvents(QEventLoop::AllEvents, 20);
    std::sort(silences.begin(), silences.end());
    std::printf("%-24s 99.9 %% of turns within %.1f ms, longest %.1f ms\n", name,
                silences[silences.size() * 999 / 1000], silences.back());
}

}  // namespace

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    language::speak(QStringLiteral("en"));
    look::dress();
    const QTemporaryDir folder;
    qputenv("REFERO_THUMBNAIL_FOLDER", folder.filePath(QStringLiteral("thumbnails")).toUtf8());
    const std::filesystem::path card = folder.filePath(QStringLiteral("card")).toStdString();
    std::filesystem::create_directories(card);
    EncodedImage image(160, 107);
    for (int i = 0; i < kFiles; ++i) {
        for (int y = 0; y < image.height(); ++y)
            for (int x = 0; x < image.width(); ++x)
                for (int c = 0; c < 3; ++c)
                    image.pixel(x, y)[c] = float((x * (c + 2) + y * 3 + 11 * i) % 160) / 160;
        char name[32];
        std::snprintf(name, sizeof name, "%04d.jpg", i);
        if (!io::writeFrame(card / name, image, {8, Encoding::srgb, {}, {}})) return 1;
    }
    auto studio = studio::Studio::create(folder.filePath(QStringLiteral("a.refero")).toStdString());
    if (!studio) return 1;
    Dialogs dialogs;
    MainWindow window(dialogs, *std::move(studio));
    window.resize(1280, 800);
    window.show();
    window.showStation(MainWindow::StationId::frames);
    QElapsedTimer timer;
    timer.start();
    listen("nothing to do", [&] { return timer.elapsed() > 3000; });
    bool in = false;
    QObject::connect(&window.session().intake(), &IntakeActions::finished, [&] { in = true; });
    window.session().intake().bringIn({QString::fromStdString(card.string())});
    timer.restart();
    listen("2,000 pictures come in", [&] { return in; });
    std::printf("in after %.1f s\n", double(timer.elapsed()) / 1000);
    return 0;
}
