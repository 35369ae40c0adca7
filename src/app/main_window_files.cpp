// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is opened or dropped goes where it belongs.
#include <QDragEnterEvent>
#include <QFileInfo>
#include <QMimeData>
#include <algorithm>

#include "app/bench/bench_station.h"
#include "app/charts/chart_data_files.h"
#include "app/frames/contact_sheet.h"
#include "app/frames/frames_station.h"
#include "app/look/text.h"
#include "app/main_window.h"
#include "app/reading/reading_station.h"
#include "app/session/correction_actions.h"
#include "app/session/reading_actions.h"
#include "app/studio_menu.h"
#include "io/curve_file.h"

namespace refero {

void MainWindow::chooseFrames() {
    openFrames(dialogs_.openFrames(this));
}

// A studio is gone over to, and what comes with it goes into that. The test bench takes what is dropped on
// it. On the Correction station a frame joins the setup as a picture to judge on. A single one is the chart
// frame of a setup that waits for it, or begins one; several go the way of a folder.
void MainWindow::openFrames(const QStringList& given) {
    const auto toStudios = [](const QString& path) { return path.endsWith(QLatin1String(".refero")); };
    if (station_ == StationId::test && std::none_of(given.begin(), given.end(), toStudios))
        return bench_->take(given);
    QStringList brought, paths;
    for (const QString& path : given) {
        if (toStudios(path))
            studios_->open(path);
        else
            brought << path;
    }
    if (change_.underWay()) return later_.append(brought);
    for (const QString& path : brought) {
        if (path.endsWith(QLatin1String(".log.json"))) {
            takeLogCurve(path);
        } else if (isChartData(path)) {
            takeChartData(path);
        } else {
            paths << path;
        }
    }
    // Frames takes whatever comes; elsewhere so do folders.
    const bool folders =
        std::any_of(paths.begin(), paths.end(), [](const QString& p) { return QFileInfo(p).isDir(); });
    const Setup* current = session_.current();
    const bool judging = station_ == StationId::correction && current && current->correction;
    const bool several = paths.size() > 1 && !judging;
    if (!paths.isEmpty() && (station_ == StationId::frames || folders || several)) {
        frames_->bringIn(paths);
        return showStation(StationId::frames);
    }
    const bool awaited = current && current->chartFrame.empty() && paths.size() == 1;
    const auto id = session_.currentId();
    for (const QString& path : paths) {
        if (judging) {
            session_.correction().addPicture(id, path);
        } else if (awaited) {
            session_.reading().addChartFrame(id, path);
        } else {
            session_.addFrame(path);
        }
    }
    if (!paths.isEmpty() && station_ == StationId::plan) showStation(StationId::reading);
}

// The data of a chart belong to the one that was seen in a frame and is not known yet.
void MainWindow::takeChartData(const QString& path) {
    if (!reading_->wantsChartData())
        return tell(
            tr("%1 holds a chart's colours. Open a photograph of that chart first, then drop it again; "
               "or open it under Plan, Charts.")
                .arg(QFileInfo(path).fileName()));
    showStation(StationId::reading);
    reading_->takeChartData(path);
}

// Into the kit, for the body of the setup at hand; it is offered wherever an encoding is chosen.
void MainWindow::takeLogCurve(const QString& path) {
    const auto curve = io::readCurve(path.toStdString());
    if (!curve) return tell(text(curve.error().message));
    if (!curve->logCurve())
        return tell(tr("%1 holds no log curve by constants.").arg(QFileInfo(path).fileName()));
    plan::RecordingCurve record;
    record.label = std::string(curve->name());
    record.curve = *curve->logCurve();
    const auto* setup = session_.contents().find<plan::Setup>(session_.currentId());
    if (setup) record.body = setup->conditions.body;
    const Status kept =
        session_.perform(tr("Enter the curve %1").arg(text(record.label)), [&](studio::Edit& edit) -> Status {
            edit.add(record);
            return {};
        });
    tell(kept ? tr("%1 is in the kit, and offered as an encoding.").arg(text(record.label))
              : text(kept.error().message));
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    // What is dragged from the sheet is here already.
    if (event->mimeData()->hasUrls() && !event->mimeData()->hasFormat(ContactSheet::mimeType()))
        event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    QStringList paths;
    for (const QUrl& url : event->mimeData()->urls())
        if (url.isLocalFile()) paths << url.toLocalFile();
    openFrames(paths);
    event->acceptProposedAction();
}

}  // namespace refero
