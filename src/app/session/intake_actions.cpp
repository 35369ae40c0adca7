// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/intake_actions.h"

#include <QElapsedTimer>
#include <QFileInfo>
#include <optional>
#include <utility>

#include "app/look/text.h"
#include "app/pictures/thumbnails.h"
#include "app/session/reading_actions.h"
#include "app/session/session.h"
#include "app/session/unknown_charts.h"
#include "core/say/say.h"
#include "io/media_path.h"
#include "workflow/chart_shot.h"
#include "workflow/intake.h"
#include "workflow/proposals.h"
#include "workflow/shoots.h"

namespace refero {
namespace {

using studio::Edit;

// Keeping and showing take some milliseconds for each batch, however large it is.
constexpr std::size_t kBatch = 16;
constexpr qint64 kKeepEveryMs = 400;

}  // namespace

struct IntakeActions::Run {
    std::optional<workflow::Intake> intake;  ///< nothing while the folders are gone through
    std::size_t next = 0;
    bool stopped = false;
    std::vector<studio::Arrival> waiting;  ///< looked at, not in yet
    QElapsedTimer clock, sinceKept;
};

IntakeActions::IntakeActions(Session& session) : QObject(&session), session_(session) {
    connect(&session, &Session::studioChanged, this, [this] {
        changes_.clear();  // ids are another studio's now
        if (std::exchange(run_, nullptr)) emit finished(0, {});
    });
}

IntakeActions::~IntakeActions() = default;

void IntakeActions::bringIn(const QStringList& paths, const QString& copyTo) {
    if (run_)
        return emit session_.refused(tr("Other frames are still coming in; bring these in after them."));
    run_ = std::make_shared<Run>();
    emit progress(0, 0, -1);
    std::vector<std::filesystem::path> dropped;
    for (const QString& p : paths) dropped.emplace_back(p.toStdString());
    studio::LookOptions look{session_.reading().charts(), copyTo.toStdString()};
    session_.background([dropped] { return workflow::Intake::itemsBehind(dropped); },
                        [this, run = run_, look = std::move(look)](std::vector<io::MediaItem> items) {
                            if (run != run_) return;
                            run->intake.emplace(std::move(items), look);
                            run->clock.start();
                            run->sinceKept.start();
                            lookAtNext();
                        });
}

void IntakeActions::stop() {
    if (run_) run_->stopped = true;
}

void IntakeActions::lookAtNext() {
    const auto run = run_;
    const auto all = static_cast<int>(run->intake->size()), done = static_cast<int>(run->next);
    if (run->stopped || done == all) return finish();
    const qint64 left = done > 0 ? run->clock.elapsed() * (all - done) / done : -1;
    emit progress(done, all, left);
    session_.background(
        [run, item = run->next] {
            studio::Arrival a = run->intake->look(item);
            Thumbnails::keep(thumbnailKey(a.sha256, a.path), std::exchange(a.small, {}));
            return a;
        },
        [this, run](studio::Arrival arrival) {
            if (run != run_) return;
            ++run->next;
            run->waiting.push_back(std::move(arrival));
            if (run->waiting.size() >= kBatch || run->sinceKept.elapsed() > kKeepEveryMs) keep();
            lookAtNext();
        });
}

void IntakeActions::keep() {
    const auto run = run_;
    run->sinceKept.restart();
    const auto arrivals = std::exchange(run->waiting, {});
    if (arrivals.empty()) return;
    if (const Status kept = run->intake->keep(*session_.studio(), session_.day(), arrivals); !kept) {
        emit session_.refused(text(kept.error().message));
        run->stopped = true;
        return;
    }
    session_.undo().refresh();
    session_.rebuild();
}

void IntakeActions::finish() {
    const auto run = run_;
    keep();
    if (const Status kept = run->intake->finish(*session_.studio(), session_.day()); !kept)
        emit session_.refused(text(kept.error().message));
    run_.reset();
    session_.rebuild();
    QStringList problems;
    for (const std::string& p : run->intake->problems()) problems << text(p);
    emit finished(static_cast<int>(run->intake->frames().size()), problems);
    session_.unknownCharts().look();
}

void IntakeActions::arrived(studio::SetupId id, const QString& path, studio::FrameRole role) {
    if (!session_.contents().find<plan::Setup>(id)) return;
    Edit edit = session_.studio()->edit(say("Frame %1 came in", QFileInfo(path).fileName().toStdString()));
    edit.add(workflow::frameFor(session_.contents(), session_.shootId(), id, path.toStdString(), role,
                                say("It came in for this setup.")));
    session_.record(edit);
}

void IntakeActions::beginSetupWith(const std::vector<studio::FrameId>& frames) {
    studio::SetupId id = 0;
    const QString name = tr("New setup from %n frames", nullptr, static_cast<int>(frames.size()));
    const Status kept = session_.perform(name, [&](Edit& edit) -> Status {
        if (frames.empty()) return {};
        id = workflow::addSetupWith(edit, session_.contents(), session_.shootFor(edit), frames);
        return {};
    });
    if (!kept) return emit session_.refused(text(kept.error().message));
    if (id != 0) session_.select(id);
}

std::vector<plan::SetupProposal> IntakeActions::proposals() const {
    return workflow::proposals(session_.contents(), session_.shootId(), changes_);
}

void IntakeActions::joinProposal(const std::vector<studio::FrameId>& frames, std::size_t proposal) {
    const auto all = proposals();
    if (proposal >= all.size()) return;
    changes_.push_back({frames, all[proposal].frames.front()});
    emit proposalsChanged();
}

void IntakeActions::splitProposal(const std::vector<studio::FrameId>& frames) {
    changes_.push_back({frames, 0});
    emit proposalsChanged();
}

void IntakeActions::acceptProposals(std::optional<std::size_t> one) {
    auto all = proposals();
    if (one && *one < all.size()) all = {all[*one]};
    if (all.empty()) return;
    const auto ids = workflow::accept(*session_.studio(), session_.shootId(), all);
    session_.rebuild();
    session_.undo().refresh();
    if (!ids) return emit session_.refused(text(ids.error().message));
    session_.select(static_cast<int>(ids->front()));
    for (const studio::SetupId id : *ids)
        if (const Setup* s = session_.setup(id); s && !s->chartFrame.empty())
            session_.reading().readNewest(id);
}

void IntakeActions::putFrames(const std::vector<studio::FrameId>& frames, studio::SetupId setup) {
    const Setup* s = session_.setup(setup);
    const QString where = s ? text(s->light) : told("no setup");
    const QString what = frames.size() == 1 ? tr("Put a frame into %1").arg(where)
                                            : tr("Put %1 frames into %2").arg(frames.size()).arg(where);
    const Status kept = session_.perform(what, [&](Edit& edit) -> Status {
        for (const studio::FrameId id : frames)
            studio::putByHand(edit, session_.contents(), session_.day(), id, setup);
        return {};
    });
    if (!kept) emit session_.refused(text(kept.error().message));
}

void IntakeActions::removeFrames(const std::vector<studio::FrameId>& frames) {
    const auto isRead = [&](studio::FrameId id) {
        const auto& readings = session_.contents().all<studio::ReadingRecord>();
        return std::any_of(readings.begin(), readings.end(),
                           [&](const auto& r) { return r.second.frame == id; });
    };
    std::vector<studio::FrameId> leaving;
    for (const studio::FrameId id : frames)
        if (!isRead(id)) leaving.push_back(id);
    if (leaving.size() < frames.size())
        emit session_.refused(tr("%n frames stay: their setups were read from them.", nullptr,
                                 static_cast<int>(frames.size() - leaving.size())));
    if (leaving.empty()) return;
    const Status kept = session_.perform(tr("Take %n frames out", nullptr, static_cast<int>(leaving.size())),
                                         [&](Edit& edit) -> Status {
                                             for (const studio::FrameId id : leaving)
                                                 edit.remove<studio::Frame>(id);
                                             return {};
                                         });
    if (!kept) emit session_.refused(text(kept.error().message));
}

// Looked at like a new arrival, so that what the moment shows is known.
void IntakeActions::takeMoment(studio::FrameId frame, double seconds) {
    const auto* f = session_.contents().find<studio::Frame>(frame);
    if (!f) return;
    const std::string path = io::atMoment(io::mediaPath(f->path).file, seconds);
    session_.background(
        [path, context = session_.reading().contextOf(f->setup)](const std::stop_token& stop) {
            return workflow::readShot(path, context, {}, stop);
        },
        [this, frame, path](const workflow::ChartShot& shot) {
            const auto* now = session_.contents().find<studio::Frame>(frame);
            if (!now) return;
            const auto& reading = shot.reading;
            studio::Frame moved = *now;
            moved.path = path;
            moved.role = reading ? studio::FrameRole::chart : studio::FrameRole::subject;
            moved.chart = reading ? reading->chart.id : std::string();
            moved.certainty = reading ? reading->agreement : 0;
            const Status kept =
                session_.perform(tr("Take another moment of the clip"), [&](Edit& edit) -> Status {
                    edit.put(moved);
                    return {};
                });
            if (!kept) return emit session_.refused(text(kept.error().message));
            if (reading && moved.setup != 0) session_.reading().readNewest(moved.setup);
        });
}

void IntakeActions::setCameraClock(studio::FrameId frame, int seconds) {
    const auto* f = session_.contents().find<studio::Frame>(frame);
    if (!f || f->clockSeconds == seconds) return;
    const Status kept =
        session_.perform(tr("Set the clock of %1").arg(text(f->body)), [&](Edit& edit) -> Status {
            studio::setClock(edit, session_.contents(), session_.day(), frame, seconds);
            return {};
        });
    if (!kept) emit session_.refused(text(kept.error().message));
}

}  // namespace refero
