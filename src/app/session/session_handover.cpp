// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// The part of a session that hands over: single files, all that a receiver gets, and frames.
#include <QFileInfo>
#include <map>

#include "app/session/job.h"
#include "app/session/session.h"
#include "app/session/session_background.h"
#include "core/grade/recipe.h"
#include "io/correction_file.h"
#include "io/report/report.h"
#include "io/safe_write.h"

namespace refero {
namespace {

using studio::Edit;
using studio::HandoverRecord;

// What went out, or why it did not.
struct Gone {
    HandoverRecord record;
    QString told;
};

HandoverRecord recordOf(const io::Handover& h, io::Format format) {
    HandoverRecord r;
    r.format = std::string(name(format));
    r.encoding = std::string(h.encoding.name());
    r.path = h.path.string();
    r.engine = h.proof.engine;
    r.colours = static_cast<int>(h.proof.colours);
    r.largestDifference = h.proof.largest;
    r.meanDifference = h.proof.mean;
    return r;
}

// Its size and its checksum, for the report and for whoever finds it later; and what the correction was like.
void seal(HandoverRecord& r, const Correction& c) {
    r.fingerprint = io::fingerprint(c);
    if (const auto f = io::reportedFile(r.path)) {
        r.bytes = static_cast<std::int64_t>(f->bytes);
        r.sha256 = f->sha256;
    }
}

QString readBack(const HandoverRecord& r) {
    if (r.colours == 0) return QStringLiteral("Reads back as written");
    return QStringLiteral("%1 read it back: %2 on average, %3 at most")
        .arg(QString::fromStdString(r.engine))
        .arg(r.meanDifference, 0, 'f', 2)
        .arg(r.largestDifference, 0, 'f', 2);
}

// A name for files that have no feed of their own to tell.
std::string plainName(const Correction& c, const char* what) {
    io::ExportOptions json;
    json.format = io::Format::json;
    const std::string named = io::suggestedName(c, json);
    return named.substr(0, named.size() - 5) + what;
}

Result<Gone> exported(const Correction& c, const QString& folder, const io::ExportOptions& o) {
    const std::string path = folder.toStdString() + "/" + io::suggestedName(c, o);
    const auto done = io::exportCorrection(c, path, o);
    if (!done) return tl::unexpected(done.error());
    Gone out{recordOf(*done, o.format), {}};
    seal(out.record, c);
    out.told = readBack(out.record);
    return out;
}

Result<Gone> written(const std::string& path, const std::string& text, const char* format,
                     const Correction& c) {
    if (auto ok = io::writeFile(path, text); !ok) return tl::unexpected(ok.error());
    Gone out;
    out.record.format = format;
    out.record.path = path;
    seal(out.record, c);
    out.told = QStringLiteral("Written");
    return out;
}

Result<Gone> recipeOf(const Correction& c, const QString& folder) {
    const auto recipe = recipeFor(c);
    if (!recipe) return tl::unexpected(recipe.error());
    const std::string base = folder.toStdString() + "/";
    if (auto ok = io::writeFile(base + plainName(c, ", recipe.csv"), recipeTable(*recipe)); !ok)
        return tl::unexpected(ok.error());
    auto out = written(base + plainName(c, ", recipe.txt"), recipeText(*recipe, c), "recipe", c);
    if (out)
        out->told = QStringLiteral("Leaves %1 on average, %2 at most")
                        .arg(recipe->left, 0, 'f', 1)
                        .arg(recipe->largest, 0, 'f', 1);
    return out;
}

}  // namespace

// What is being given: one item after the other.
struct Session::Giving {
    int id = 0, next = 0;
    Parcel parcel;
    QString folder;
    Correction correction;
    std::optional<Reading> reading;
    FramePointer frame;
    std::vector<std::pair<std::string, std::string>> facts;
    std::vector<io::ReportedFile> files;
    QStringList problems;
};

// The job's document with its corrections in it, under a name that is free; its path.
Result<std::string> Session::jobWritten(const Giving& g, io::BatchJob job,
                                        const std::map<std::string, std::string>& documents) {
    for (const auto& [key, document] : documents) {
        auto c = io::parseCorrection(document, "The correction");
        if (!c) return tl::unexpected(c.error());
        job.corrections.emplace(key, *std::move(c));
    }
    if (auto ok = job.validate(); !ok) return tl::unexpected(ok.error());
    QString path;
    const QString stem = g.folder + QStringLiteral("/Frames for ") + g.parcel.receiver.toLower();
    for (int n = 1; path.isEmpty() || QFileInfo::exists(path); ++n)
        path = stem + (n > 1 ? QStringLiteral(" %1").arg(n) : QString()) + QStringLiteral(".refero-job.json");
    if (auto ok = io::writeFile(path.toStdString(), io::batchJobText(job)); !ok)
        return tl::unexpected(ok.error());
    return path.toStdString();
}

void Session::foresee(int id, const io::ExportOptions& options,
                      const std::function<void(const Result<io::Foreseen>&)>& done) {
    const Setup* s = setup(id);
    if (!s || !s->correction) return;
    inBackground([correction = *s->correction, options] { return io::foresee(correction, options); }, done);
}

// What has left the house is not undone, so this is no step.
void Session::recordHandover(int id, HandoverRecord record) {
    const auto* now = correctionOf(studio_->contents(), id);
    record.setup = id;
    record.correction = now ? now->id : 0;
    record.made = plan::isoText(plan::now());
    Edit edit = studio_->edit("Hand over " + std::filesystem::path(record.path).filename().string());
    edit.add(std::move(record));
    if (const Status kept = studio_->record(edit); !kept)
        emit refused(QString::fromStdString(kept.error().message));
    rebuild();
}

void Session::handOver(int id, const QString& target, const io::ExportOptions& options) {
    const Setup* s = setup(id);
    if (!s || !s->correction) return;
    inBackground(
        [correction = *s->correction, path = target.toStdString(), options] {
            return io::exportCorrection(correction, path, options).map([&](const io::Handover& done) {
                HandoverRecord r = recordOf(done, options.format);
                seal(r, correction);
                return r;
            });
        },
        [this, id](Result<HandoverRecord> record) {
            if (record) recordHandover(id, *std::move(record));
            emit handedOver(id, record ? QString() : QString::fromStdString(record.error().message));
        });
}

void Session::give(int id, const Parcel& parcel, const QString& folder) {
    const Setup* s = setup(id);
    if (!s || !s->correction || giving_) return;
    giving_ = std::make_shared<Giving>();
    giving_->id = id;
    giving_->parcel = parcel;
    giving_->folder = folder;
    giving_->correction = *s->correction;
    giving_->reading = s->reading;
    giving_->frame = s->frame;
    const auto put = [&](const char* what, const QString& value) {
        if (!value.isEmpty()) giving_->facts.emplace_back(what, value.toStdString());
    };
    put("Shoot", shoot());
    put("Place", s->place);
    put("Light", s->light);
    if (const auto* record = studio_->contents().find<plan::Setup>(id))
        if (const auto* copy = studio_->contents().find<plan::ChartCopy>(record->chart)) {
            put("Chart copy", QString::fromStdString(copy->label));
            put("Copy made on", QString::fromStdString(copy->madeOn));
            put("Its values", QString::fromStdString(copy->reference));
        }
    for (auto& fact : io::factsOf(*s->correction)) giving_->facts.push_back(std::move(fact));
    giveNext();
}

void Session::giveNext() {
    const auto g = giving_;
    const int item = g->next;
    if (item == g->parcel.items()) return giveFrames();
    emit parcelTold(item, QStringLiteral("Writing"));
    const auto exports = static_cast<int>(g->parcel.exports.size());
    inBackground(
        [g, item, exports]() -> Result<Gone> {
            if (item < exports)
                return exported(g->correction, g->folder, g->parcel.exports[static_cast<std::size_t>(item)]);
            if (g->parcel.recipe && item == exports) return recipeOf(g->correction, g->folder);
            io::ReportContent r{g->correction.name, g->facts, g->correction, g->reading, {}, g->files};
            // A report without its picture is still one.
            if (g->frame)
                if (auto picture = io::chartPicture(*g->frame, g->correction))
                    r.picture = *std::move(picture);
            return written(g->folder.toStdString() + "/" + plainName(g->correction, ", report.html"),
                           io::reportHtml(r), "report", g->correction);
        },
        [this, g, item](Result<Gone> gone) {
            if (giving_ != g) return;
            if (gone) {
                g->files.push_back({std::filesystem::path(gone->record.path).filename().string(),
                                    gone->record.format, gone->told.toStdString(), gone->record.sha256,
                                    static_cast<std::uintmax_t>(gone->record.bytes)});
                gone->record.receiver = g->parcel.receiver.toStdString();
                recordHandover(g->id, gone->record);
            } else {
                g->problems << QString::fromStdString(gone.error().message);
            }
            emit parcelTold(item, gone ? gone->told : g->problems.back());
            ++g->next;
            giveNext();
        });
}

studio::FramesToRender Session::framesFor(int id, bool wholeShoot) const {
    return studio::framesToRender(studio_->contents(), day_, wholeShoot ? 0 : id);
}

// The document stands beside the frames: anyone can go on with it.
void Session::giveFrames() {
    const auto g = giving_;
    const auto done = [this, g] {
        giving_ = nullptr;
        emit parcelGiven(g->id, g->problems);
    };
    const studio::FramesToRender frames =
        g->parcel.frames ? framesFor(g->id, g->parcel.frames->wholeShoot) : studio::FramesToRender{};
    if (frames.frames.empty()) return done();
    io::BatchJob job;
    job.folder = g->folder.toStdString();
    job.name = g->parcel.frames->name.toStdString();
    job.output = g->parcel.frames->output;
    job.collisions = g->parcel.frames->collisions;
    const studio::Contents& contents = studio_->contents();
    std::map<std::string, std::string> documents;
    for (const studio::FrameToRender& f : frames.frames) {
        const std::string key = std::to_string(f.correction);
        documents.try_emplace(key, contents.all<studio::CorrectionRecord>().at(f.correction).document);
        const studio::Frame& frame = contents.all<studio::Frame>().at(f.frame);
        io::BatchFrame one{frame.path, key};
        if (f.coverage != plan::Coverage::valid) one.because = f.reason;
        if (const Setup* s = setup(static_cast<int>(frame.setup)))
            one.fields = {{"setup", s->light.toStdString()},
                          {"light", s->light.toStdString()},
                          {"place", s->place.toStdString()},
                          {"body", s->body.toStdString()},
                          {"date", frame.taken.substr(0, 10)}};
        job.frames.push_back(std::move(one));
    }
    HandoverRecord r;
    r.receiver = g->parcel.receiver.toStdString();
    r.format = "frames";
    r.encoding = std::string(info(job.output.space).name);
    r.note = "0 of " + std::to_string(job.frames.size()) + " frames";
    inBackground(
        [g, job = std::move(job), documents = std::move(documents), r]() mutable {
            return jobWritten(*g, std::move(job), documents).map([&](const std::string& path) {
                r.path = path;
                r.fingerprint = io::fingerprint(g->correction);
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
            recordHandover(g->id, *std::move(record));
            if (queue_->state() == FrameQueue::State::idle)
                queue_->run(path);
            else
                g->problems << QStringLiteral(
                    "Other frames are at work. When they are done, choose these under What went out and go "
                    "on "
                    "with them.");
            done();
        });
}

void Session::framesFinished(const QString& job, int done, int failed, int all, const QString& error) {
    if (!studio_) return;
    for (const auto& [id, h] : studio_->contents().all<HandoverRecord>()) {
        if (h.path != job.toStdString()) continue;
        HandoverRecord changed = h;
        changed.note = std::to_string(done) + " of " + std::to_string(all) + " frames";
        if (failed > 0) changed.note += ", " + std::to_string(failed) + " failed";
        if (!error.isEmpty()) changed.note = error.toStdString();
        Edit edit = studio_->edit("Frames of " + QFileInfo(job).fileName().toStdString());
        edit.put(changed);
        if (const Status kept = studio_->record(edit); !kept)
            emit refused(QString::fromStdString(kept.error().message));
        return rebuild();
    }
}

void Session::goOnWith(int handover) {
    const auto* h = studio_->contents().find<HandoverRecord>(handover);
    if (h && h->format == "frames") queue_->run(QString::fromStdString(h->path));
}

}  // namespace refero
