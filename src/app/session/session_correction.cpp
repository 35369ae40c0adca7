// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// The part of a session that corrects, proves and hands over, in the background.
#include <QFileInfo>

#include "app/session/job.h"
#include "app/session/session.h"
#include "app/session/session_background.h"
#include "core/fit/verify.h"
#include "io/correction_file.h"
#include "io/read_frame.h"

namespace refero {
namespace {

using studio::Edit;

// Of the readings' noise, for the intervals of a correction's figures; less than a second's work.
constexpr std::size_t kResamples = 100;

}  // namespace

void Session::correct(int id, const FitOptions& options) {
    const Setup* s = setup(id);
    if (!s || !s->reading) return;
    FitOptions all = options;
    all.resamples = kResamples;
    inBackground([reading = *s->reading, all] { return fit(std::span(&reading, 1), all); },
                 [this, id](Result<Correction> c) {
                     const Setup* now = setup(id);
                     const auto* reading = readingOf(studio_->contents(), id);
                     if (!now || !reading) return;
                     if (!c) return refuse(id, QString::fromStdString(c.error().message));
                     c->name = (now->body + QStringLiteral(", ") + now->lens + QStringLiteral(", ") +
                                now->light + QStringLiteral(", ") + now->place)
                                   .toStdString();
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
    inBackground(
        [path = path.toStdString(), correction = *s->correction,
         chart = s->reading->chart]() -> Result<Verification> {
            const auto frame = io::readFrame(path, correction.inputEncoding);
            if (!frame) return tl::unexpected(frame.error());
            const auto reading = io::readChartIn(*frame, {path, chart});
            if (!reading) return tl::unexpected(reading.error());
            return verified(correction, *reading);
        },
        [this, id, correction = record->id](const Result<Verification>& proof) {
            const auto* now = studio_->contents().find<studio::CorrectionRecord>(correction);
            const Setup* proving = setup(id);
            if (!now || !proving || !proving->correction) return;  // another one was built meanwhile
            if (!proof) return refuse(id, QString::fromStdString(proof.error().message));
            Correction proved = *proving->correction;
            // One proof a frame: the latest counts.
            std::erase_if(proved.verifications,
                          [&](const Verification& v) { return v.framePath == proof->framePath; });
            proved.verifications.push_back(*proof);
            studio::CorrectionRecord changed = *now;
            changed.document = io::toJson(proved).dump();
            Edit edit =
                studio_->edit("Check the correction on " +
                              QFileInfo(QString::fromStdString(proof->framePath)).fileName().toStdString());
            edit.put(changed);
            atHand_[id].error.clear();
            commit(edit);
        });
}

void Session::handOver(int id, const QString& target, const io::ExportOptions& options) {
    const Setup* s = setup(id);
    const auto* record = correctionOf(studio_->contents(), id);
    if (!s || !s->correction || !record) return;
    inBackground(
        [correction = *s->correction, path = target.toStdString(), options] {
            return io::exportCorrection(correction, path, options);
        },
        [this, id, correction = record->id, format = options.format](const Result<io::Handover>& done) {
            if (done) {
                // What has left the house is not undone, so this is no step.
                Edit edit = studio_->edit("Hand over " + done->path.filename().string());
                edit.add(studio::HandoverRecord{0, correction, plan::isoText(plan::now()),
                                                std::string(name(format)), std::string(done->encoding.name()),
                                                done->path.string(), done->proof.engine,
                                                static_cast<int>(done->proof.colours), done->proof.largest});
                if (const Status kept = studio_->record(edit); !kept)
                    emit refused(QString::fromStdString(kept.error().message));
                rebuild();
            }
            emit handedOver(id, done ? QString() : QString::fromStdString(done.error().message));
        });
}

}  // namespace refero
