// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// The part of a session that brings frames in.
#include <QElapsedTimer>
#include <QFileInfo>

#include "app/frames/thumbnails.h"
#include "app/session/kit_lookup.h"
#include "app/session/session_background.h"
#include "io/media_path.h"
#include "io/read_frame.h"
#include "io/utf8.h"

namespace refero {

struct Session::Intake {
    std::vector<io::MediaItem> items;
    studio::LookOptions look;
    std::size_t next = 0;
    bool stopped = false;
    std::int64_t step = 0;  ///< that all of it belongs to; 0 before the first frame is in
    std::vector<studio::Id> frames;
    std::vector<studio::Arrival> waiting;  ///< looked at, not in yet
    QStringList problems;
    QElapsedTimer clock, sinceKept;
};

namespace {

// Keeping and showing take some milliseconds for each batch, however large it is.
constexpr std::size_t kBatch = 16;
constexpr qint64 kKeepEveryMs = 400;

}  // namespace

void Session::bringInFiles(const QStringList& paths, const QString& copyTo) {
    if (intake_)
        return emit refused(QStringLiteral("Other frames are still coming in; bring these in after them."));
    auto intake = std::make_shared<Intake>();
    intake_ = intake;
    intake->look = {charts(), copyTo.toStdString()};
    emit intakeProgress(0, 0, -1);
    std::vector<std::filesystem::path> dropped;
    for (const QString& p : paths) dropped.emplace_back(p.toStdString());
    inBackground([dropped] { return io::mediaItems(studio::filesBehind(dropped)); },
                 [this, intake](std::vector<io::MediaItem> items) {
                     if (intake != intake_) return;
                     intake->items = std::move(items);
                     intake->clock.start();
                     intake->sinceKept.start();
                     lookAtNext();
                 });
}

void Session::stopBringingIn() {
    if (intake_) intake_->stopped = true;
}

void Session::lookAtNext() {
    const auto intake = intake_;
    const auto all = static_cast<int>(intake->items.size()), done = static_cast<int>(intake->next);
    if (intake->stopped || done == all) return finishIntake();
    const qint64 left = done > 0 ? intake->clock.elapsed() * (all - done) / done : -1;
    emit intakeProgress(done, all, left);
    inBackground(
        [item = intake->items[intake->next], look = intake->look] {
            studio::Arrival a = studio::lookAt(item, look);
            Thumbnails::keep(thumbnailKey(a.sha256, a.path), std::exchange(a.small, {}));
            return a;
        },
        [this, intake](studio::Arrival arrival) {
            if (intake != intake_) return;
            ++intake->next;
            intake->waiting.push_back(std::move(arrival));
            if (intake->waiting.size() >= kBatch || intake->sinceKept.elapsed() > kKeepEveryMs)
                takeIn(std::exchange(intake->waiting, {}));
            lookAtNext();
        });
}

void Session::takeIn(std::vector<studio::Arrival> arrivals) {
    const auto intake = intake_;
    intake->sinceKept.restart();
    if (arrivals.empty()) return;
    const auto count = intake->items.size();
    studio::Edit edit =
        studio_->edit(count == 1 ? "Bring in " + intake->items.front().files.front().filename().string()
                                 : "Bring in " + std::to_string(count) + " files");
    plan::Day day = day_;
    day.shoot.id = shootFor(edit);
    const auto before = edit.changes().size();
    for (const studio::Brought& b : studio::bringIn(edit, studio_->contents(), day, arrivals)) {
        if (b.frame == 0)
            intake->problems << QString::fromStdString(io::printable(b.path.filename().string()) + ": " +
                                                       b.reason);
        if (b.frame != 0 && !studio_->contents().find<studio::Frame>(b.frame))
            intake->frames.push_back(b.frame);
    }
    if (edit.changes().size() == before) return;
    const Status kept = intake->step == 0 ? studio_->commit(edit) : studio_->amend(edit, intake->step);
    if (!kept) {
        emit refused(QString::fromStdString(kept.error().message));
        intake->stopped = true;
        return;
    }
    if (intake->step == 0) intake->step = studio_->done().back().id;
    history_.refresh();
    rebuild();
}

void Session::finishIntake() {
    const auto intake = intake_;
    takeIn(std::exchange(intake->waiting, {}));
    // A slip that came late speaks for frames that came before it.
    studio::Edit edit = studio_->edit("Sort the frames");
    studio::sortAgain(edit, studio_->contents(), day_, intake->frames);
    if (!edit.changes().empty() && intake->step != 0)
        if (const Status kept = studio_->amend(edit, intake->step); !kept)
            emit refused(QString::fromStdString(kept.error().message));
    intake_.reset();
    rebuild();
    emit intakeFinished(static_cast<int>(intake->frames.size()), intake->problems);
}

void Session::beginSetupWith(const std::vector<studio::Id>& frames) {
    const studio::Contents& contents = studio_->contents();
    const auto* first = frames.empty() ? nullptr : contents.find<studio::Frame>(frames.front());
    if (!first) return;
    studio::Id id = 0;
    const QString name = QStringLiteral("Begin a setup with %1 frames").arg(frames.size());
    const Status kept = perform(name, [&](studio::Edit& edit) -> Status {
        plan::Setup s;
        s.shoot = shootFor(edit);
        s.position = static_cast<int>(contents.setupsOf(s.shoot).size());
        s.label = "Setup " + std::to_string(s.position + 1);
        s.conditions.place = placeFor(edit, s.shoot, QStringLiteral("No place yet"));
        s.conditions.body = bodyFor(edit, contents, first->body);
        s.conditions.lens = lensFor(edit, contents, first->lens, first->focalLengthMm);
        id = edit.add(s);
        for (const studio::Id frame : frames)
            if (const auto* known = contents.find<studio::Frame>(frame)) {
                studio::Frame f = *known;
                f.setup = id;
                f.because = "Its setup was begun with it.";
                f.doubt.clear();
                edit.put(f);
            }
        return {};
    });
    if (!kept) return emit refused(QString::fromStdString(kept.error().message));
    select(static_cast<int>(id));
}

void Session::putFrames(const std::vector<studio::Id>& frames, studio::Id setup) {
    const Setup* s = this->setup(static_cast<int>(setup));
    const QString where = s ? s->light : QStringLiteral("no setup");
    const QString what = frames.size() == 1
                             ? QStringLiteral("Put a frame into %1").arg(where)
                             : QStringLiteral("Put %1 frames into %2").arg(frames.size()).arg(where);
    const Status kept = perform(what, [&](studio::Edit& edit) -> Status {
        for (const studio::Id id : frames) studio::putByHand(edit, studio_->contents(), day_, id, setup);
        return {};
    });
    if (!kept) emit refused(QString::fromStdString(kept.error().message));
}

// Looked at like a new arrival, so that what the moment shows is known.
void Session::takeMoment(studio::Id frame, double seconds) {
    const auto* f = studio_->contents().find<studio::Frame>(frame);
    if (!f) return;
    const std::string path = io::atMoment(io::mediaPath(f->path).file, seconds);
    inBackground(
        [path, charts = charts()] {
            const auto picture = io::readFrame(path);
            return picture ? io::readAnyChart(*picture, charts) : tl::unexpected(picture.error());
        },
        [this, frame, path](const Result<Reading>& reading) {
            const auto* now = studio_->contents().find<studio::Frame>(frame);
            if (!now) return;
            studio::Frame moved = *now;
            moved.path = path;
            moved.role = reading ? studio::FrameRole::chart : studio::FrameRole::subject;
            moved.chart = reading ? reading->chart.id : std::string();
            moved.certainty = reading ? reading->agreement : 0;
            const Status kept =
                perform(QStringLiteral("Take another moment of the clip"), [&](studio::Edit& edit) -> Status {
                    edit.put(moved);
                    return {};
                });
            if (!kept) return emit refused(QString::fromStdString(kept.error().message));
            if (reading && moved.setup != 0) readFrame(static_cast<int>(moved.setup));
        });
}

void Session::setCameraClock(studio::Id frame, int seconds) {
    const auto* f = studio_->contents().find<studio::Frame>(frame);
    if (!f || f->clockSeconds == seconds) return;
    const Status kept = perform(QStringLiteral("Set the clock of %1").arg(QString::fromStdString(f->body)),
                                [&](studio::Edit& edit) -> Status {
                                    studio::setClock(edit, studio_->contents(), day_, frame, seconds);
                                    return {};
                                });
    if (!kept) emit refused(QString::fromStdString(kept.error().message));
}

}  // namespace refero
