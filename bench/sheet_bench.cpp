// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// A contact sheet of 5,000 frames: until the first screen has its pictures, and the longest time that one
// painting takes while all of it is scrolled through. As a peer: Qt's own list of icons over the same files
// in the same run, which has its pictures loaded as they are painted.
#include <QApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QListView>
#include <QPixmapCache>
#include <QScrollBar>
#include <QStandardItemModel>
#include <QTemporaryDir>
#include <QTest>
#include <algorithm>
#include <cstdio>
#include <vector>

#include "app/frames/contact_sheet.h"
#include "app/language/language.h"
#include "app/look/tokens.h"

namespace {

using namespace refero;

constexpr int kFrames = 5000, kGroups = 10;

double milliseconds(const QElapsedTimer& t) {
    return double(t.nsecsElapsed()) / 1e6;
}

// From top to bottom a third of a screen at a time, as a wheel does; each painting is timed with what the
// event loop does before it.
void scroll(const char* name, QAbstractScrollArea& area) {
    std::vector<double> times;
    QScrollBar* bar = area.verticalScrollBar();
    const int step = std::max(1, area.viewport()->height() / 3);
    for (int at = 0; at <= bar->maximum(); at += step) {
        QElapsedTimer timer;
        timer.start();
        bar->setValue(at);
        QApplication::processEvents();
        area.viewport()->repaint();
        times.push_back(milliseconds(timer));
    }
    std::sort(times.begin(), times.end());
    std::printf("%-28s %zu steps: median %.1f ms, 99 %% %.1f ms, longest %.1f ms\n", name, times.size(),
                times[times.size() / 2], times[times.size() * 99 / 100], times.back());
}

}  // namespace

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    language::speak(QStringLiteral("en"));
    look::dress();
    const QTemporaryDir folder;
    qputenv("REFERO_THUMBNAIL_FOLDER", folder.path().toUtf8());
    for (int i = 0; i < 40; ++i) {
        QImage image(192, 128, QImage::Format_RGB32);
        for (int y = 0; y < 128; ++y)
            for (int x = 0; x < 192; ++x) image.setPixel(x, y, qRgb(x, 2 * y, (x * y + 37 * i) & 255));
        image.save(folder.filePath(QStringLiteral("motif-%1.jpg").arg(i)), "JPG", 90);
    }
    std::vector<SheetGroup> groups(kGroups);
    for (int i = 0; i < kFrames; ++i) {
        const QString key = QStringLiteral("%1").arg(i, 64, 16, QLatin1Char('0'));
        QFile::link(folder.filePath(QStringLiteral("motif-%1.jpg").arg(i % 40)),
                    folder.filePath(key + QStringLiteral(".jpg")));
        SheetGroup& g = groups[std::size_t(i * kGroups / kFrames)];
        g.setup = i * kGroups / kFrames + 1;
        g.title = QStringLiteral("Setup %1").arg(g.setup);
        g.frames.push_back({i + 1,
                            folder.filePath(QStringLiteral("none-%1.tif").arg(i)),
                            key,
                            QStringLiteral("F%1.dng").arg(i),
                            {},
                            i % 400 == 0,
                            i % 90 == 0});
    }
    ContactSheet sheet;
    sheet.resize(900, 700);
    QElapsedTimer timer;
    timer.start();
    sheet.setGroups(groups);
    sheet.show();
    // A picture is there when its middle is no placeholder any more.
    const auto first = [&] {
        const QImage shot = sheet.viewport()->grab().toImage();
        const auto [from, to] = sheet.layOut().between(0, sheet.viewport()->height());
        for (int i = from; i < to; ++i) {
            const QPoint at = sheet.layOut().cell(i).center() - QPoint(0, 14);
            if (shot.rect().contains(at) && shot.pixelColor(at) == look::palette().panel) return false;
        }
        return true;
    };
    double oneThere = -1;
    while (!first()) {
        QApplication::processEvents(QEventLoop::AllEvents, 5);
        if (timer.elapsed() > 20000) break;
    }
    oneThere = milliseconds(timer);
    std::printf("5,000 frames shown, first screen with all its pictures after %.0f ms\n", oneThere);
    scroll("contact sheet", sheet);

    QListView list;
    QStandardItemModel model;
    for (int i = 0; i < kFrames; ++i) {
        auto* item = new QStandardItem(
            QIcon(folder.filePath(QStringLiteral("%1.jpg").arg(i, 64, 16, QLatin1Char('0')))),
            QStringLiteral("F%1.dng").arg(i));
        model.appendRow(item);
    }
    list.setModel(&model);
    list.setViewMode(QListView::IconMode);
    list.setIconSize({144, 104});
    list.setUniformItemSizes(true);
    list.resize(900, 700);
    list.show();
    QApplication::processEvents();
    scroll("Qt's list of icons", list);
    return 0;
}
