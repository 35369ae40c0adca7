// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/handover_actions.h"

#include <QFileInfo>
#include <utility>

#include "app/look/text.h"
#include "app/session/session.h"
#include "core/say/say.h"
#include "paper/document_pdf.h"
#include "words/terms_words.h"

namespace refero {

using studio::Edit;
using studio::HandoverRecord;
using workflow::HandedItem;

struct HandoverActions::Giving {
    workflow::DeliveryRun run;
    QStringList problems;
};

HandoverActions::HandoverActions(Session& session)
    : QObject(&session), session_(session), queue_(new FrameQueue(this)) {
    connect(queue_, &FrameQueue::finished, this, &HandoverActions::framesFinished);
    connect(&session, &Session::studioChanged, this, [this] {
        giving_ = nullptr;
        reportedWith_.clear();
        queue_->cancel();
    });
}

HandoverActions::~HandoverActions() = default;

void HandoverActions::foresee(studio::SetupId id, const io::ExportOptions& options,
                              const std::function<void(const Result<io::Foreseen>&)>& done) {
    const Setup* s = session_.setup(id);
    if (!s || !s->correction) return;
    session_.background([correction = *s->correction, options] { return io::foresee(correction, options); },
                        done);
}

studio::HandoverId HandoverActions::keep(studio::SetupId id, HandoverRecord record) {
    const auto kept = workflow::recordHandover(*session_.studio(), id, std::move(record));
    if (!kept) emit session_.refused(text(kept.error().message));
    session_.rebuild();
    return kept.value_or(0);
}

void HandoverActions::handOver(studio::SetupId id, const QString& target,
                               const workflow::SingleExport& wish) {
    const Setup* s = session_.setup(id);
    if (!s || !s->correction) return;
    session_.background(
        [correction = *s->correction, path = target.toStdString(), wish](const std::stop_token& stop) {
            return workflow::exportSingle(path, correction, wish, paper::writeDocument, stop);
        },
        [this, id](Result<workflow::SingleOutcome> gone) {
            if (!gone) return emit handedOver(id, text(gone.error().message), {});
            for (HandedItem& item : gone->items) keep(id, std::move(item.record));
            emit handedOver(id, {}, text(words::poolSentence(gone->correction)));
        });
}

studio::FramesToRender HandoverActions::framesFor(studio::SetupId id,
                                                  const workflow::FramesWish& wish) const {
    return workflow::framesFor(session_.contents(), session_.day(), id, wish);
}

void HandoverActions::conflicts(studio::SetupId id, const workflow::Delivery& delivery, const QString& folder,
                                const std::function<void(const QStringList&)>& done) {
    const Setup* s = session_.setup(id);
    if (!s || !s->correction) return;
    const std::vector<workflow::Setup> setups(session_.setups().begin(), session_.setups().end());
    session_.background(
        [delivery, correction = *s->correction, folder = folder.toStdString(),
         frames = workflow::frameJob(session_.contents(), session_.day(), setups, id, delivery,
                                     folder.toStdString())] {
            QStringList out;
            for (const std::string& name : workflow::conflicts(delivery, correction, frames, folder))
                out << text(name);
            return out;
        },
        done);
}

void HandoverActions::give(studio::SetupId id, const workflow::Delivery& delivery, const QString& folder) {
    const Setup* s = session_.setup(id);
    if (!s || !s->correction || giving_) return;
    const std::vector<workflow::Setup> setups(session_.setups().begin(), session_.setups().end());
    giving_ = std::make_shared<Giving>(
        Giving{workflow::DeliveryRun(session_.contents(), session_.day(), setups, *s, delivery,
                                     folder.toStdString(), paper::writeDocument, s->frame),
               {}});
    giveNext();
}

void HandoverActions::giveNext() {
    const auto g = giving_;
    if (g->run.itemsDone()) return giveFrames();
    const auto item = static_cast<int>(g->run.next());
    emit told(item, tr("Writing"));
    session_.background(
        [g] { return g->run.make(); },
        [this, g, item](const Result<std::optional<HandedItem>>& made) {
            if (giving_ != g) return;
            if (!made) g->problems << text(made.error().message);
            if (auto record = g->run.advance(made))
                g->run.kept(keep(static_cast<int>(g->run.setup()), *std::move(record)));
            emit told(item, !made ? g->problems.back() : *made ? toldOf(**made) : tr("Left as it was there"));
            giveNext();
        });
}

void HandoverActions::end() {
    const auto g = std::exchange(giving_, nullptr);
    emit given(static_cast<int>(g->run.setup()), g->problems);
}

void HandoverActions::giveFrames() {
    const auto g = giving_;
    if (!g->run.hasFrames()) return end();
    session_.background([g] { return g->run.writeJob(); },
                        [this, g](Result<HandoverRecord> record) {
                            if (giving_ != g) return;
                            if (!record) {
                                g->problems << text(record.error().message);
                                return end();
                            }
                            const std::string path = record->path;
                            if (g->run.report() != 0)
                                reportedWith_[path] = std::make_shared<workflow::WaitingReport>(
                                    workflow::WaitingReport{g->run.takeContent(), g->run.report()});
                            keep(static_cast<int>(g->run.setup()), *std::move(record));
                            if (queue_->state() == FrameQueue::State::idle)
                                queue_->run(text(path));
                            else
                                g->problems << QStringLiteral(
                                    "Other frames are at work. When they are done, choose these under What "
                                    "went out and go on with them.");
                            end();
                        });
}

void HandoverActions::framesFinished(const QString& job, int done, int failed, int all,
                                     const QString& error) {
    if (!session_.studio()) return;
    std::optional<HandoverRecord> changed;
    for (const auto& [id, h] : session_.contents().all<HandoverRecord>())
        if (h.path == job.toStdString()) changed = h;
    if (!changed) return;
    changed->note = say("%1 of %2 frames", std::to_string(done), std::to_string(all));
    if (failed > 0) changed->note += say(", %1 failed", std::to_string(failed));
    if (!error.isEmpty()) changed->note = error.toStdString();
    Edit edit = session_.studio()->edit(say("Frames of %1", QFileInfo(job).fileName().toStdString()));
    edit.put(*changed);
    session_.record(edit);
    if (done > 0) reportFrames(*changed);
}

// It went out before its frames were done: it is written once more, with their checksums.
void HandoverActions::reportFrames(const HandoverRecord& frames) {
    std::shared_ptr<workflow::WaitingReport> waiting;
    if (const auto kept = reportedWith_.extract(frames.path)) {
        waiting = kept.mapped();
    } else if (const Setup* s = session_.setup(frames.setup)) {
        if (auto before = workflow::reportBefore(session_.contents(), session_.day(), *s, frames))
            waiting = std::make_shared<workflow::WaitingReport>(*std::move(before));
    }
    const auto* report = waiting ? session_.contents().find<HandoverRecord>(waiting->record) : nullptr;
    if (!report) return;
    waiting->content.print = paper::writeDocument;
    session_.background(
        [waiting, path = report->path, reports = queue_->reports()] {
            return workflow::rewriteReport(*waiting, path, reports);
        },
        [this, record = waiting->record](const Result<HandedItem>& made) {
            const auto* before = session_.contents().find<HandoverRecord>(record);
            if (!made) {
                emit session_.refused(text(made.error().message));
            } else if (before) {
                HandoverRecord after = *before;
                after.bytes = made->record.bytes;
                after.sha256 = made->record.sha256;
                Edit edit = session_.studio()->edit(say("Report with its frames"));
                edit.put(after);
                session_.record(edit);
            }
        });
}

void HandoverActions::goOnWith(studio::HandoverId handover) {
    const auto* h = session_.contents().find<HandoverRecord>(handover);
    if (h && h->format == workflow::kFrames) queue_->run(text(h->path));
}

QString toldOf(const HandedItem& item) {
    if (item.record.format == workflow::kReport) return HandoverActions::tr("Written");
    if (item.record.format == workflow::kRecipe)
        return HandoverActions::tr("Leaves %1 on average, %2 at most")
            .arg(decimalText(item.left, 1))
            .arg(decimalText(item.largest, 1));
    return text(workflow::proofInWords(item.record));
}

}  // namespace refero
