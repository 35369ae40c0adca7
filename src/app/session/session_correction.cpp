// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// The part of a session that corrects, proves and hands over, in the background.
#include <QFileInfo>
#include <algorithm>

#include "app/session/job.h"
#include "app/session/session.h"
#include "app/session/session_background.h"
#include "app/views/contender_model.h"
#include "core/fit/verify.h"
#include "core/read/spot.h"
#include "io/correction_file.h"
#include "io/read_frame.h"

namespace refero {
namespace {

using studio::Edit;

// Of the readings' noise, for the intervals of a correction's figures; less than a second's work.
constexpr std::size_t kResamples = 100;

// Body, lens, light, place and the day of the chart shot.
std::string nameFor(const Setup& s, const std::string& taken) {
    QStringList parts;
    // EXIF writes days with colons, which file names cannot have everywhere.
    const QString day =
        QString::fromStdString(taken.substr(0, 10)).replace(QLatin1Char(':'), QLatin1Char('-'));
    for (const QString& part : {s.body, s.lens, s.light, s.place, day})
        if (!part.isEmpty()) parts << part;
    return parts.join(QStringLiteral(", ")).toStdString();
}

}  // namespace

void Session::correct(int id, const FitOptions& options) {
    const Setup* s = setup(id);
    if (!s || !s->reading) return;
    FitOptions all = options;
    all.resamples = kResamples;
    const auto& choices = atHand_[id].choices;
    if (choices)
        all.limits = choices->limits;
    else if (const auto limits = fitLimitsByName(day_.shoot.limits))
        all.limits = *limits;
    for (const OwnColour& c : s->colours)
        if (c.counts) all.known.push_back(c.colour);
    // What was favoured may be gone since, such as a known colour that does not count any more.
    std::erase_if(all.weights, [&](const auto& each) {
        return !s->reading->chart.patch(each.first) &&
               std::none_of(all.known.begin(), all.known.end(),
                            [&](const KnownColour& k) { return k.name == each.first; });
    });
    // A finish stays; the one that came with the pleasing intent goes with it.
    if (choices && choices->ownFinish && all.finish.isNone() && all.intent != Intent::pleasing)
        all.finish = choices->finish;
    inBackground([reading = *s->reading, all] { return fit(std::span(&reading, 1), all); },
                 [this, id](Result<Correction> c) {
                     const Setup* now = setup(id);
                     const auto* reading = readingOf(studio_->contents(), id);
                     if (!now || !reading) return;
                     if (!c) return refuse(id, QString::fromStdString(c.error().message));
                     c->name = nameFor(*now, c->taken);
                     c->built = plan::isoText(plan::now());
                     Edit edit = studio_->edit(
                         QStringLiteral("Build correction for %1").arg(now->light).toStdString());
                     edit.removeCorrections(id);
                     edit.add(studio::CorrectionRecord{
                         0, id, reading->id, plan::isoText(plan::now()), c->name, std::string(name(c->model)),
                         c->summary.after.mean, c->summary.crossValidated.mean, io::toJson(*c).dump()});
                     atHand_[id].error.clear();
                     commit(edit);
                 });
}

void Session::proveOn(int id, const QString& path) {
    const Setup* s = setup(id);
    const auto* record = correctionOf(studio_->contents(), id);
    if (!s || !s->correction || !s->reading || !record) return;
    // Mostly it is the same chart; any other whose colours are known proves as well.
    std::vector<Chart> charts{s->reading->chart};
    for (const Chart& c : chartsFor(id))
        if (c.id != charts.front().id) charts.push_back(c);
    inBackground(
        [path = path.toStdString(), correction = *s->correction,
         charts = std::move(charts)]() -> Result<Verification> {
            const auto frame = io::readFrameAssuming(correction.inputEncoding, path);
            if (!frame) return tl::unexpected(frame.error());
            const auto reading = io::readAnyChart(*frame, charts);
            if (!reading) return tl::unexpected(reading.error());
            return verified(correction, *reading);
        },
        [this, id, correction = record->id](const Result<Verification>& proof) {
            const auto* now = studio_->contents().find<studio::CorrectionRecord>(correction);
            const Setup* proving = setup(id);
            if (!now || !proving || !proving->correction) return;  // another one was built meanwhile
            if (!proof) return refuse(id, QString::fromStdString(proof.error().message));
            keepProof(id, *proof);
        });
}

void Session::keepProof(int id, const Verification& proof) {
    const QString where = QFileInfo(QString::fromStdString(proof.framePath)).fileName();
    changeCorrection(id, QStringLiteral("Check the correction on ") + where, [&](Correction& c) {
        // One proof a frame: the latest counts.
        std::erase_if(c.verifications, [&](const Verification& v) { return v.framePath == proof.framePath; });
        c.verifications.push_back(proof);
    });
}

void Session::addColour(int id, const QString& path, const QRectF& place, const QString& name, const Lab& lab,
                        const std::function<void(const QString&)>& done) {
    const Setup* s = setup(id);
    if (!s || !s->correction || !s->reading) return;
    inBackground(
        [path = path.toStdString(), place, encoding = s->correction->inputEncoding,
         known = KnownColour{name.trimmed().toStdString(), path.toStdString(), {}, {}, 0, lab},
         reading = *s->reading, others = s->colours]() -> Result<KnownColour> {
            const auto frame = io::readFrameAssuming(encoding, path);
            if (!frame) return tl::unexpected(frame.error());
            const auto area =
                areaReading(frame->image, {place.left(), place.top()}, {place.right(), place.bottom()});
            if (!area) return failure("That place is not in the frame.");
            KnownColour out = known;
            out.rgb = area->mean;
            out.deviation = area->deviation;
            out.pixels = area->pixels;
            // Beside all others, so that what could not be fitted is said now.
            std::vector<KnownColour> all;
            for (const OwnColour& other : others) all.push_back(other.colour);
            all.push_back(out);
            if (const auto usable = withKnownColours(reading, all); !usable)
                return tl::unexpected(usable.error());
            return out;
        },
        [this, id, done](const Result<KnownColour>& k) {
            if (!k) return done(QString::fromStdString(k.error().message));
            Edit edit = studio_->edit("Add the known colour " + k->name);
            edit.add(studio::KnownRecord{0, id, k->name, k->framePath, k->rgb.x(), k->rgb.y(), k->rgb.z(),
                                         k->deviation.x(), k->deviation.y(), k->deviation.z(),
                                         static_cast<std::int64_t>(k->pixels), k->labD50.L, k->labD50.a,
                                         k->labD50.b, false});
            commit(edit);
            done({});
        });
}

void Session::countColour(int colour, bool counts) {
    const auto* record = studio_->contents().find<studio::KnownRecord>(colour);
    if (!record || record->counts == counts) return;
    studio::KnownRecord changed = *record;
    changed.counts = counts;
    Edit edit = studio_->edit((counts ? "Count " : "Check only ") + record->label);
    edit.put(changed);
    commit(edit);
}

void Session::removeColour(int colour) {
    const auto* record = studio_->contents().find<studio::KnownRecord>(colour);
    if (!record) return;
    Edit edit = studio_->edit("Take out the known colour " + record->label);
    edit.remove<studio::KnownRecord>(colour);
    commit(edit);
}

void Session::proveOnColours(int id) {
    const Setup* s = setup(id);
    if (!s || !s->correction) return;
    std::vector<KnownColour> unseen;
    for (const OwnColour& c : s->colours)
        if (!c.counts) unseen.push_back(c.colour);
    const auto proof = verified(*s->correction, unseen);
    if (!proof) return refuse(id, QString::fromStdString(proof.error().message));
    keepProof(id, *proof);
}

// Changes what is kept with the correction, without fitting it again.
void Session::changeCorrection(int id, const QString& step, const std::function<void(Correction&)>& change) {
    const Setup* s = setup(id);
    const auto* record = correctionOf(studio_->contents(), id);
    if (!s || !s->correction || !record) return;
    Correction changed = *s->correction;
    change(changed);
    studio::CorrectionRecord kept = *record;
    kept.document = io::toJson(changed).dump();
    if (kept.document == record->document) return;
    Edit edit = studio_->edit(step.toStdString());
    edit.put(kept);
    atHand_[id].error.clear();
    commit(edit);
}

void Session::setFinish(int id, const Finish& finish) {
    if (!finish.validate()) return;
    changeCorrection(id, QStringLiteral("Finish: ") + QString::fromStdString(inWords(finish)),
                     [&](Correction& c) { c.finish = finish; });
}

void Session::judgeBy(int id, const FitLimits& limits) {
    changeCorrection(id, QStringLiteral("Judge the correction as ") + QString::fromStdString(limits.name),
                     [&](Correction& c) { c.limits = limits; });
}

void Session::keepSnapshot(int id) {
    const Setup* s = setup(id);
    const auto* record = correctionOf(studio_->contents(), id);
    if (!s || !s->correction || !record) return;
    const QString plain = inWords(s->correction->model) + QStringLiteral(", ") +
                          QString::fromStdString(inWords(s->correction->finish));
    QString label = plain;
    const auto taken = [&] {
        return std::any_of(s->snapshots.begin(), s->snapshots.end(),
                           [&](const Snapshot& other) { return other.name == label; });
    };
    for (int n = 2; taken(); ++n) label = QStringLiteral("%1 (%2)").arg(plain).arg(n);
    Edit edit = studio_->edit("Keep " + label.toStdString());
    edit.add(
        studio::SnapshotRecord{0, id, plan::isoText(plan::now()), label.toStdString(), record->document});
    commit(edit);
}

void Session::renameSnapshot(int snapshot, const QString& name) {
    const auto* record = studio_->contents().find<studio::SnapshotRecord>(snapshot);
    if (!record || name.trimmed().isEmpty() || record->label == name.trimmed().toStdString()) return;
    studio::SnapshotRecord renamed = *record;
    renamed.label = name.trimmed().toStdString();
    Edit edit = studio_->edit("Name the snapshot " + renamed.label);
    edit.put(renamed);
    commit(edit);
}

void Session::removeSnapshot(int snapshot) {
    const auto* record = studio_->contents().find<studio::SnapshotRecord>(snapshot);
    if (!record) return;
    Edit edit = studio_->edit("Take out the snapshot " + record->label);
    edit.remove<studio::SnapshotRecord>(snapshot);
    commit(edit);
}

void Session::takeSnapshot(int snapshot) {
    const auto* record = studio_->contents().find<studio::SnapshotRecord>(snapshot);
    const auto kept = record ? io::parseCorrection(record->document, "The snapshot")
                             : Result<Correction>(failure("The snapshot is gone."));
    if (!kept) return;
    const int id = static_cast<int>(record->setup);
    const auto* reading = readingOf(studio_->contents(), id);
    if (!reading) return;
    Edit edit = studio_->edit("Go back to " + record->label);
    edit.removeCorrections(id);
    edit.add(studio::CorrectionRecord{0, id, reading->id, plan::isoText(plan::now()), kept->name,
                                      std::string(name(kept->model)), kept->summary.after.mean,
                                      kept->summary.crossValidated.mean, record->document});
    atHand_[id].error.clear();
    commit(edit);
}

}  // namespace refero
