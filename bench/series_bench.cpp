// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// A camera test of four profiles by nine steps in frames of 12 megapixels: from the last chart that is read
// to the grid on the screen, and every later change of it until it is painted. As a peer: Qt scaling pictures
// of the same size and number to the same cells, in the same run.
#include <QApplication>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QElapsedTimer>
#include <QFileInfo>
#include <QTemporaryDir>
#include <algorithm>
#include <cmath>
#include <cstdio>

#include "app/bench/series_grid.h"
#include "app/bench/series_page.h"
#include "app/language/language.h"
#include "app/look/tokens.h"
#include "app/main_window.h"
#include "app/session/bench_actions.h"
#include "sim/shoot.h"

namespace {

using namespace refero;

constexpr const char* kProfiles[] = {"Raw", "Picture", "Flat", "Wide"};
constexpr int kSteps = 9, kCell = 200;

// Shot where they are not there yet.
QStringList frames(const QString& folder) {
    QStringList out;
    for (std::size_t p = 0; p < std::size(kProfiles); ++p)
        for (int step = -4; step < kSteps - 4; ++step) {
            sim::Shot s;
            s.file = std::string(kProfiles[p]) + (step < 0 ? "_m" : "_p") + std::to_string(std::abs(step)) +
                     ".tif";
            s.width = 4000;
            s.height = 3000;
            s.chart = "fen-24";
            s.pose.coverage = 0.2;
            s.exposure = 0.5 * std::exp2(step / 2.0);
            s.exposureSeconds = std::exp2(step / 2.0) / 50;
            s.fNumber = 5.6;
            s.iso = 100;
            if (p > 0) s.encoding = Encoding::srgb;
            if (p > 1) s.toneSkew = Vector3::Constant(p == 2 ? 0.9 : 1.1);
            const QString path = folder + QLatin1Char('/') + QString::fromStdString(s.file);
            if (!QFileInfo::exists(path))
                if (const auto ok = sim::shootToFile(s, folder.toStdString()); !ok) std::abort();
            out << path;
        }
    return out;
}

}  // namespace

int main(int argc, char** argv) {
    if (qEnvironmentVariableIsEmpty("DISPLAY") && qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    QApplication app(argc, argv);
    language::speak(QStringLiteral("en"));
    look::dress();
    Dialogs dialogs;
    const QTemporaryDir own;
    auto studio = studio::Studio::create(own.filePath(QStringLiteral("own.refero")).toStdString());
    if (!studio) return 1;
    MainWindow window(dialogs, *std::move(studio));
    window.resize(1280, 800);
    window.show();
    window.showStation(MainWindow::StationId::test);
    const QStringList all = frames(argc > 1 ? QString::fromLocal8Bit(argv[1]) : own.path());
    auto* grid = window.findChild<SeriesGrid*>();
    BenchActions& bench = window.session().bench();

    QElapsedTimer timer;
    // The page says what is drawn last.
    qint64 read = 0, analysed = 0, drawn = 0;
    int pictures = 0, series = 0;
    QObject::connect(&bench, &BenchActions::progress, [&](int done, int of) {
        if (done == of) read = timer.elapsed();
    });
    QObject::connect(&bench, &BenchActions::seriesChanged, [&] {
        analysed = timer.elapsed();
        ++series;
    });
    QObject::connect(grid, &SeriesGrid::picturesChanged, [&] {
        drawn = timer.elapsed();
        ++pictures;
    });
    const auto until = [&](const int& count, const auto& change) {
        const int before = count;
        timer.restart();
        change();
        while (count == before) QApplication::processEvents(QEventLoop::WaitForMoreEvents);
        grid->grab();
        return timer.elapsed();
    };
    timer.start();
    bench.bringIn(all);
    const auto complete = [&] {
        std::size_t steps = 0;
        if (const auto& s = bench.series())
            for (const SeriesProfile& p : s->profiles) steps += p.steps.size();
        return steps + 2 >= static_cast<std::size_t>(all.size()) && !bench.reading();
    };
    while (!complete() || drawn < analysed) QApplication::processEvents(QEventLoop::WaitForMoreEvents);
    grid->grab();
    std::printf("36 frames of 12 megapixels read and their charts found: %.1f s, %.2f s each\n", read / 1e3,
                static_cast<double>(read) / 1e3 / static_cast<double>(all.size()));
    std::printf("from the last chart to the analysis: %.2f s, to the grid on the screen: %.2f s\n",
                (analysed - read) / 1e3, (timer.elapsed() - read) / 1e3);
    // A person looks before asking for another way.
    for (timer.restart(); timer.elapsed() < 1000;) QApplication::processEvents(QEventLoop::AllEvents, 20);
    auto* seen = window.findChild<QComboBox*>(QStringLiteral("seriesSeen"));
    for (const int how : {0, 2, 3, 1})
        std::printf("seen as %-26s %lld ms\n", qPrintable(seen->itemText(how)),
                    static_cast<long long>(until(pictures, [&] { seen->setCurrentIndex(how); })));
    auto* tolerance = window.findChild<QDoubleSpinBox*>(QStringLiteral("seriesTolerance"));
    std::printf(
        "another tolerance:                 %lld ms\n",
        static_cast<long long>(until(series, [&] { tolerance->setValue(tolerance->value() + 0.5); })));

    QImage picture(640, 480, QImage::Format_RGB32);
    picture.fill(Qt::darkGray);
    timer.restart();
    for (int i = 0; i < all.size(); ++i)
        if (picture.scaled(kCell, kCell, Qt::KeepAspectRatio, Qt::SmoothTransformation).isNull()) return 1;
    std::printf("Qt alone, scaling 36 crops:        %lld ms\n", static_cast<long long>(timer.elapsed()));
    return 0;
}
