// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/correction_actions.h"

#include <QFileInfo>
#include <algorithm>

#include "app/session/session.h"
#include "core/say/say.h"
#include "io/correction_file.h"
#include "words/fit_words.h"
#include "workflow/chart_shot.h"
#include "workflow/correction.h"
#include "workflow/loan.h"

namespace refero {

using studio::Edit;

CorrectionActions::CorrectionActions(Session& session) : QObject(&session), session_(session) {}

void CorrectionActions::build(studio::SetupId id, const FitOptions& options) {
    const Setup* s = session_.setup(id);
    if (!s || !s->reading) return;
    session_.background(
        [task = workflow::correctionTask(*s, session_.day().shoot, options, session_.hand(id).choices)](
            const std::stop_token& stop) { return task.run(stop); },
        [this, id](const Result<Correction>& c) {
            const Setup* now = session_.setup(id);
            if (now && now->reading) keep(id, say("Build correction for %1", now->light), c);
        },
        Urgency::now);
}

void CorrectionActions::keep(studio::SetupId id, const std::string& step, const Result<Correction>& c) {
    if (!c) return session_.refuse(id, text(c.error().message));
    Edit edit = session_.studio()->edit(step);
    const auto kept = workflow::keepCorrection(edit, session_.contents(), id, *c);
    if (!kept) return session_.refuse(id, text(kept.error().message));
    session_.state().know(*kept, *c);
    session_.hand(id).error.clear();
    session_.commit(edit);
}

bool CorrectionActions::canBorrow(studio::SetupId id) const {
    const Setup* s = session_.setup(id);
    return s && workflow::wantsLoan(session_.contents(), session_.setup(s->plan.shotOf), *s);
}

void CorrectionActions::borrow(studio::SetupId id) {
    const Setup* s = session_.setup(id);
    if (!s) return;
    auto task = workflow::loanTask(session_.contents(), session_.setup(s->plan.shotOf), *s);
    if (!task) return;
    session_.background([task = *std::move(task), parser = session_.parsedCorrections()](
                            const std::stop_token& stop) { return task.run(*parser, stop); },
                        [this, id](const Result<Correction>& c) {
                            const Setup* now = session_.setup(id);
                            if (!now) return;
                            if (!c) return session_.refuse(id, text(c.error().message));
                            Edit edit = session_.studio()->edit(say("Lend a correction to %1", now->light));
                            const auto kept = workflow::keepCorrection(edit, session_.contents(), id, *c);
                            if (!kept) return session_.refuse(id, text(kept.error().message));
                            session_.state().know(*kept, *c);
                            session_.hand(id).error.clear();
                            session_.commit(edit);
                        },
                        Urgency::now);
}

void CorrectionActions::proveOn(studio::SetupId id, const QString& path) {
    const Setup* s = session_.setup(id);
    const auto* record = workflow::correctionOf(session_.contents(), id);
    if (!s || !s->correction || !s->reading || !record) return;
    // Mostly it is the same chart; any other whose colours are known proves as well.
    std::vector<Chart> charts{s->reading->chart};
    for (const Chart& c : workflow::contextOf(session_.contents(), session_.shootId(), id).charts)
        if (c.id != charts.front().id) charts.push_back(c);
    session_.background(
        [path = path.toStdString(), correction = *s->correction, charts = std::move(charts)](
            const std::stop_token& stop) { return workflow::proofOn(correction, path, charts, stop); },
        [this, id, correction = record->id](const Result<Verification>& proof) {
            const Setup* proving = session_.setup(id);
            // Another one may have been built meanwhile.
            if (!session_.contents().find<studio::CorrectionRecord>(correction) || !proving ||
                !proving->correction)
                return;
            if (!proof) return session_.refuse(id, text(proof.error().message));
            keepProof(id, *proof);
        });
}

void CorrectionActions::proveOnColours(studio::SetupId id) {
    const Setup* s = session_.setup(id);
    if (!s || !s->correction) return;
    std::vector<KnownColour> unseen;
    for (const workflow::OwnColour& c : s->colours)
        if (!c.counts) unseen.push_back(c.colour);
    const auto proof = verified(*s->correction, unseen);
    if (!proof) return session_.refuse(id, text(proof.error().message));
    keepProof(id, *proof);
}

void CorrectionActions::keepProof(studio::SetupId id, const Verification& proof) {
    const QString where = QFileInfo(text(proof.framePath)).fileName();
    change(id, tr("Check the correction on %1").arg(where),
           [&](Correction& c) { workflow::addProof(c, proof); });
}

// Changes what is kept with the correction, without fitting it again.
void CorrectionActions::change(studio::SetupId id, const QString& step,
                               const std::function<void(Correction&)>& change) {
    const Setup* s = session_.setup(id);
    const auto* record = workflow::correctionOf(session_.contents(), id);
    if (!s || !s->correction || !record) return;
    Correction changed = *s->correction;
    change(changed);
    studio::CorrectionRecord kept = *record;
    kept.document = io::toJson(changed).dump();
    if (kept.document == record->document) return;
    Edit edit = session_.studio()->edit(step.toStdString());
    edit.put(kept);
    session_.hand(id).error.clear();
    session_.commit(edit);
}

void CorrectionActions::setFinish(studio::SetupId id, const Finish& finish) {
    if (!finish.validate()) return;
    change(id, tr("Finish: %1").arg(text(inWords(finish))), [&](Correction& c) { c.finish = finish; });
}

void CorrectionActions::judgeBy(studio::SetupId id, const FitLimits& limits) {
    change(id, tr("Judge the correction as %1").arg(told(limits.name)),
           [&](Correction& c) { c.limits = limits; });
}

void CorrectionActions::keepSnapshot(studio::SetupId id) {
    const Setup* s = session_.setup(id);
    const auto* record = workflow::correctionOf(session_.contents(), id);
    if (!s || !s->correction || !record) return;
    const QString plain = text(words::label(s->correction->model) + ", " + inWords(s->correction->finish));
    std::string label = plain.toStdString();
    const auto taken = [&] {
        return std::any_of(s->snapshots.begin(), s->snapshots.end(),
                           [&](const workflow::Snapshot& other) { return other.name == label; });
    };
    for (int n = 2; taken(); ++n) label = QStringLiteral("%1 (%2)").arg(plain).arg(n).toStdString();
    Edit edit = session_.studio()->edit(say("Keep %1", label));
    edit.add(studio::SnapshotRecord{0, id, plan::isoText(plan::now()), label, record->document});
    session_.commit(edit);
}

void CorrectionActions::renameSnapshot(studio::SnapshotId snapshot, const QString& name) {
    const auto* record = session_.contents().find<studio::SnapshotRecord>(snapshot);
    if (!record || name.trimmed().isEmpty() || record->label == name.trimmed().toStdString()) return;
    studio::SnapshotRecord renamed = *record;
    renamed.label = name.trimmed().toStdString();
    Edit edit = session_.studio()->edit(say("Name the snapshot %1", renamed.label));
    edit.put(renamed);
    session_.commit(edit);
}

void CorrectionActions::removeSnapshot(studio::SnapshotId snapshot) {
    const auto* record = session_.contents().find<studio::SnapshotRecord>(snapshot);
    if (!record) return;
    Edit edit = session_.studio()->edit(say("Take out the snapshot %1", record->label));
    edit.remove<studio::SnapshotRecord>(snapshot);
    session_.commit(edit);
}

void CorrectionActions::takeSnapshot(studio::SnapshotId snapshot) {
    const auto* record = session_.contents().find<studio::SnapshotRecord>(snapshot);
    if (!record) return;
    const auto kept = io::parseCorrection(record->document, "The snapshot");
    if (!kept) return;
    const auto id = record->setup;
    Edit edit = session_.studio()->edit(say("Go back to %1", record->label));
    if (!workflow::keepCorrection(edit, session_.contents(), id, *kept)) return;
    session_.hand(id).error.clear();
    session_.commit(edit);
}

void CorrectionActions::addColour(studio::SetupId id, const QString& path, const QRectF& place,
                                  const QString& name, const Lab& lab,
                                  const std::function<void(const QString&)>& done) {
    const Setup* s = session_.setup(id);
    if (!s || !s->correction || !s->reading) return;
    const workflow::DrawnPlace drawn{{place.left(), place.top()}, {place.right(), place.bottom()}};
    session_.background(
        [setup = workflow::Setup(*s), path = path.toStdString(), drawn, lab,
         name = name.trimmed().toStdString()] {
            return workflow::measureKnown(setup, path, drawn, name, lab);
        },
        [this, id, done](const Result<KnownColour>& k) {
            if (!k) return done(text(k.error().message));
            Edit edit = session_.studio()->edit(say("Add the known colour %1", k->name));
            edit.add(workflow::knownRecord(id, *k));
            session_.commit(edit);
            done({});
        });
}

void CorrectionActions::countColour(studio::KnownColourId colour, bool counts) {
    const auto* record = session_.contents().find<studio::KnownRecord>(colour);
    if (!record || record->counts == counts) return;
    studio::KnownRecord changed = *record;
    changed.counts = counts;
    Edit edit = session_.studio()->edit(counts ? say("Count %1", record->label)
                                               : say("Check only %1", record->label));
    edit.put(changed);
    session_.commit(edit);
}

void CorrectionActions::removeColour(studio::KnownColourId colour) {
    const auto* record = session_.contents().find<studio::KnownRecord>(colour);
    if (!record) return;
    Edit edit = session_.studio()->edit(say("Take out the known colour %1", record->label));
    edit.remove<studio::KnownRecord>(colour);
    session_.commit(edit);
}

void CorrectionActions::addPicture(studio::SetupId id, const QString& path) {
    if (!session_.contents().find<plan::Setup>(id)) return;
    Edit edit = session_.studio()->edit(say("Add picture %1", QFileInfo(path).fileName().toStdString()));
    edit.add(workflow::frameFor(session_.contents(), session_.shootId(), id, path.toStdString(),
                                studio::FrameRole::subject, say("Added to this setup by hand.")));
    session_.commit(edit);
    session_.select(id);
}

}  // namespace refero
