// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// The part of a session that hands over: single files, all that a receiver gets, and frames.
#include <QFileInfo>
#include <map>

#include "app/session/job.h"
#include "app/session/parcel_items.h"
#include "app/session/session.h"
#include "app/session/session_background.h"
#include "app/session/waiting_report.h"
#include "io/batch/targets.h"
#include "io/correction_file.h"
#include "io/safe_write.h"

namespace refero {
namespace {

using studio::Edit;
using studio::HandoverRecord;

// The job's document with its corrections in it, under a name that is free; its path.
Result<std::string> jobWritten(const QString& folder, const QString& receiver, io::BatchJob job,
                               const std::map<std::string, std::string>& documents) {
    for (const auto& [key, document] : documents) {
        auto c = io::parseCorrection(document, "The correction");
        if (!c) return tl::unexpected(c.error());
        job.corrections.emplace(key, *std::move(c));
    }
    if (auto ok = job.validate(); !ok) return tl::unexpected(ok.error());
    QString path;
    const QString stem = folder + QStringLiteral("/Frames for ") + receiver.toLower();
    for (int n = 1; path.isEmpty() || QFileInfo::exists(path); ++n)
        path = stem + (n > 1 ? QStringLiteral(" %1").arg(n) : QString()) + QStringLiteral(".refero-job.json");
    if (auto ok = io::writeFile(path.toStdString(), io::batchJobText(job)); !ok)
        return tl::unexpected(ok.error());
    return path.toStdString();
}

}  // namespace

// What is being given: one item after the other.
struct Session::Giving {
    int id = 0;
    std::size_t next = 0;
    Parcel parcel;
    QString folder;
    std::vector<ParcelItem> items;
    ParcelContent content;
    QStringList problems;
    studio::Id report = 0;  ///< its record, once it is written
};

// Frames as a job; its corrections are still documents, which is what the studio keeps.
struct Session::FrameJob {
    io::BatchJob job;
    std::map<std::string, std::string> documents;
};

void Session::foresee(int id, const io::ExportOptions& options,
                      const std::function<void(const Result<io::Foreseen>&)>& done) {
    const Setup* s = setup(id);
    if (!s || !s->correction) return;
    inBackground([correction = *s->correction, options] { return io::foresee(correction, options); }, done);
}

// What has left the house is not undone, so this is no step.
studio::Id Session::recordHandover(int id, HandoverRecord record) {
    const auto* now = correctionOf(studio_->contents(), id);
    record.setup = id;
    record.correction = now ? now->id : 0;
    record.made = plan::isoText(plan::now());
    Edit edit = studio_->edit("Hand over " + std::filesystem::path(record.path).filename().string());
    const studio::Id added = edit.add(std::move(record));
    keepRecord(edit);
    return added;
}

void Session::keepRecord(const Edit& edit) {
    if (const Status kept = studio_->record(edit); !kept)
        emit refused(QString::fromStdString(kept.error().message));
    rebuild();
}

void Session::handOver(int id, const QString& target, const io::ExportOptions& options) {
    const Setup* s = setup(id);
    if (!s || !s->correction) return;
    inBackground([correction = *s->correction, path = target.toStdString(),
                  options] { return exportTo(path, correction, options); },
                 [this, id](Result<HandedItem> gone) {
                     if (gone) recordHandover(id, std::move(gone->record));
                     emit handedOver(id, gone ? QString() : QString::fromStdString(gone.error().message));
                 });
}

void Session::inTheWay(int id, const Parcel& parcel, const QString& folder,
                       const std::function<void(const QStringList&)>& done) {
    const Setup* s = setup(id);
    if (!s || !s->correction) return;
    inBackground(
        [items = itemsOf(parcel, *s->correction), frames = frameJob(id, parcel, folder).job, folder] {
            QStringList out;
            for (const ParcelItem& item : items) out << filesThere(item, folder);
            for (const std::string& name : io::inTheWay(frames)) out << QString::fromStdString(name);
            return out;
        },
        done);
}

// What is looked at as a plate: a frame of the setup that its own correction serves, else its chart's.
std::string Session::subjectOf(int id) const {
    const studio::Contents& contents = studio_->contents();
    for (const studio::FrameToRender& f : framesFor(id, FramesWish{}).frames)
        if (contents.all<studio::CorrectionRecord>().at(f.correction).setup == id)
            return contents.all<studio::Frame>().at(f.frame).path;
    const Setup* s = setup(id);
    return s && s->reading ? s->reading->framePath : std::string();
}

void Session::give(int id, const Parcel& parcel, const QString& folder) {
    const Setup* s = setup(id);
    if (!s || !s->correction || giving_) return;
    giving_ = std::make_shared<Giving>();
    giving_->id = id;
    giving_->parcel = parcel;
    giving_->folder = folder;
    giving_->items = itemsOf(parcel, *s->correction);
    ParcelContent& content = giving_->content;
    content = parcelContent(id);
    if (parcel.check) {
        content.plate = *parcel.check;
        content.plateFrame = subjectOf(id);
    }
    giveNext();
}

void Session::giveNext() {
    const auto g = giving_;
    if (g->next == g->items.size()) return giveFrames();
    const auto item = static_cast<int>(g->next);
    emit parcelTold(item, QStringLiteral("Writing"));
    inBackground(
        [g]() -> Result<std::optional<HandedItem>> {
            const ParcelItem& made = g->items[g->next];
            const auto place = refero::placeFor(made, g->folder, g->parcel.collisions);
            if (!place) return std::nullopt;
            if (made.kind == ParcelItem::Kind::report) makePicture(g->content);
            return makeItem(made, *place, g->content).map([](HandedItem h) {
                return std::optional(std::move(h));
            });
        },
        [this, g, item](Result<std::optional<HandedItem>> gone) {
            if (giving_ != g) return;
            if (gone && *gone) {
                const studio::HandoverRecord& r = (*gone)->record;
                if (r.format == name(io::Format::ocio)) g->content.configuration = r.path;
                g->content.files.push_back({std::filesystem::path(r.path).filename().string(), r.format,
                                            (*gone)->told.toStdString(), r.sha256,
                                            static_cast<std::uintmax_t>(r.bytes)});
                HandoverRecord kept = r;
                kept.receiver = g->parcel.receiver.toStdString();
                const studio::Id id = recordHandover(g->id, std::move(kept));
                if (g->items[g->next].kind == ParcelItem::Kind::report) g->report = id;
            } else if (!gone) {
                g->problems << QString::fromStdString(gone.error().message);
            }
            emit parcelTold(item, !gone   ? g->problems.back()
                                  : *gone ? (*gone)->told
                                          : QStringLiteral("Left as it was there"));
            ++g->next;
            giveNext();
        });
}

studio::FramesToRender Session::framesFor(int id, const FramesWish& wish) const {
    studio::FramesWanted wanted;
    wanted.setup = wish.which == FramesWish::Which::setup ? id : 0;
    if (wish.which == FramesWish::Which::these) wanted.these = wish.these;
    wanted.by = wish.by;
    return studio::framesToRender(studio_->contents(), day_, wanted);
}

Session::FrameJob Session::frameJob(int id, const Parcel& parcel, const QString& folder) const {
    FrameJob out;
    if (!parcel.frames) return out;
    out.job.folder = folder.toStdString();
    out.job.name = parcel.frames->name.toStdString();
    out.job.output = parcel.frames->output;
    out.job.collisions = parcel.collisions;
    const studio::Contents& contents = studio_->contents();
    for (const studio::FrameToRender& f : framesFor(id, *parcel.frames).frames) {
        const std::string key = std::to_string(f.correction);
        out.documents.try_emplace(key, contents.all<studio::CorrectionRecord>().at(f.correction).document);
        const studio::Frame& frame = contents.all<studio::Frame>().at(f.frame);
        io::BatchFrame one{frame.path, key};
        if (f.coverage != plan::Coverage::valid) one.because = f.reason;
        if (const Setup* s = setup(static_cast<int>(frame.setup)))
            one.fields = {{"setup", s->light.toStdString()},
                          {"light", s->light.toStdString()},
                          {"place", s->place.toStdString()},
                          {"body", s->body.toStdString()},
                          {"date", frame.taken.substr(0, 10)}};
        out.job.frames.push_back(std::move(one));
    }
    return out;
}

// The document stands beside the frames: anyone can go on with it.
void Session::giveFrames() {
    const auto g = giving_;
    const auto done = [this, g] {
        giving_ = nullptr;
        emit parcelGiven(g->id, g->problems);
    };
    FrameJob frames = frameJob(g->id, g->parcel, g->folder);
    if (frames.job.frames.empty()) return done();
    HandoverRecord r;
    r.receiver = g->parcel.receiver.toStdString();
    r.format = "frames";
    r.encoding = std::string(info(frames.job.output.space).name);
    r.note = "0 of " + std::to_string(frames.job.frames.size()) + " frames";
    inBackground(
        [g, frames = std::move(frames), r]() mutable {
            return jobWritten(g->folder, g->parcel.receiver, std::move(frames.job), frames.documents)
                .map([&](const std::string& path) {
                    r.path = path;
                    r.fingerprint = io::fingerprint(g->content.correction);
                    return r;
                });
        },
        [this, g, done](Result<HandoverRecord> record) {
            if (giving_ != g) return;
            if (!record) {
                g->problems << QString::fromStdString(record.error().message);
                return done();
            }
            const QString path = QString::fromStdString(record->path);
            if (g->report != 0)
                reportedWith_[path] =
                    std::make_shared<WaitingReport>(WaitingReport{std::move(g->content), g->report});
            recordHandover(g->id, *std::move(record));
            if (queue_->state() == FrameQueue::State::idle)
                queue_->run(path);
            else
                g->problems << QStringLiteral(
                    "Other frames are at work. When they are done, choose these under What went out and go "
                    "on with them.");
            done();
        });
}

void Session::framesFinished(const QString& job, int done, int failed, int all, const QString& error) {
    if (!studio_) return;
    std::optional<HandoverRecord> changed;
    for (const auto& [id, h] : studio_->contents().all<HandoverRecord>())
        if (h.path == job.toStdString()) changed = h;
    if (!changed) return;
    changed->note = std::to_string(done) + " of " + std::to_string(all) + " frames";
    if (failed > 0) changed->note += ", " + std::to_string(failed) + " failed";
    if (!error.isEmpty()) changed->note = error.toStdString();
    Edit edit = studio_->edit("Frames of " + QFileInfo(job).fileName().toStdString());
    edit.put(*changed);
    keepRecord(edit);
    if (done > 0) reportFrames(*changed);
}

void Session::goOnWith(int handover) {
    const auto* h = studio_->contents().find<HandoverRecord>(handover);
    if (h && h->format == "frames") queue_->run(QString::fromStdString(h->path));
}

}  // namespace refero
