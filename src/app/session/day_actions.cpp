// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/day_actions.h"

#include <QDir>
#include <algorithm>
#include <utility>

#include "app/session/handover_actions.h"
#include "app/session/reading_actions.h"
#include "app/session/session.h"
#include "workflow/chart_shot.h"
#include "workflow/due_correction.h"
#include "workflow/proposals.h"

namespace refero {

using studio::Edit;
using studio::Id;
using workflow::Receiver;
using What = workflow::SetupOutcome::What;

struct DayActions::Run {
    std::deque<Id> setups;
    std::vector<Receiver> receivers;
    QString folder;
    struct Delivery {
        Id setup;
        Receiver receiver;
    };
    std::deque<Delivery> deliveries;
    bool planned = false;  // the deliveries are known
    bool giving = false;   // the first of them is on its way; others may be given by hand meanwhile
    std::stop_source stop;
};

// What one setup's job gives.
struct DayActions::Made {
    std::optional<workflow::ChartShot> shot{};
    std::optional<Correction> correction{};
    bool mended = false;
    QString why{};
};

namespace {

// Reads what was not read, and builds what is due; any thread.
template <class Made>
Made made(workflow::Setup setup, const std::optional<workflow::Setup>& leader, const plan::Shoot& shoot,
          const workflow::ShotContext& context, workflow::FrameCache& frames, const std::stop_token& stop) {
    Made out;
    if (setup.chartFrame.empty() && !setup.reading) return out;
    if (!setup.reading) {
        workflow::ReadShotOptions how;
        how.hash = true;
        how.frames = &frames;
        out.shot = workflow::readShot(setup.chartFrame, context, how, stop);
        if (!out.shot->reading) {
            out.why = text(out.shot->reading.error().message);
            return out;
        }
        setup.reading = *out.shot->reading;
    }
    const auto due = workflow::dueCorrection(setup, leader ? &*leader : nullptr, shoot, {});
    if (!due) {
        out.why = text(due.error().message);
    } else if (due->what == What::done) {
        auto c = due->run(stop);
        if (c)
            out.correction = *std::move(c);
        else
            out.why = text(c.error().message);
    } else if (due->what == What::reshoot && !setup.correction) {
        auto mended = workflow::mendedCorrection(setup, shoot, stop);
        if (!mended) return out;
        out.why = text(mended->why);
        out.mended = mended->correction.has_value();
        out.correction = std::move(mended->correction);
    }
    return out;
}

bool has(const workflow::Setup& s, Receiver receiver) {
    return std::any_of(s.handedOver.begin(), s.handedOver.end(), [&](const workflow::HandedOver& h) {
        return h.receiver == workflow::title(receiver) && !h.stale;
    });
}

}  // namespace

DayActions::DayActions(Session& session) : QObject(&session), session_(session) {
    connect(&session, &Session::studioChanged, this, [this] {
        if (run_) run_->stop.request_stop();
        run_.reset();
        lines_.clear();
        step_ = 0;
    });
    connect(&session.handover(), &HandoverActions::given, this, &DayActions::delivered);
    connect(&session.handover().frameQueue(), &FrameQueue::finished, this, [this] {
        if (run_ && run_->planned) nextDelivery();
    });
}

DayActions::~DayActions() {
    if (run_) run_->stop.request_stop();
}

DayActions::Found DayActions::found() const {
    Found out;
    for (const auto& [id, f] : session_.contents().all<studio::Frame>())
        out.frames += f.shoot == session_.shootId();
    for (const plan::SetupProposal& p : workflow::proposals(session_.contents(), session_.shootId())) {
        if (p.setup != 0) continue;
        ++out.lights;
        out.chartShots += p.chartFrame != 0;
        out.unread += p.chartFrame != 0;
        out.toBuild += p.chartFrame != 0;
    }
    for (const Setup& s : session_.setups()) {
        ++out.lights;
        out.chartShots += !s.chartFrame.empty();
        out.unread += !s.chartFrame.empty() && !s.reading;
        if (s.reading)
            ++(s.reading->verdict == Verdict::pass     ? out.good
               : s.reading->verdict == Verdict::review ? out.look
                                                       : out.again);
        const bool follows = !s.leaderChanged.empty();
        out.toBuild += follows || (!s.correction && !s.chartFrame.empty());
    }
    return out;
}

void DayActions::run(std::vector<Receiver> receivers, const QString& folder) {
    if (run_ || !session_.studio()) return;
    step_ = 0;
    run_ = std::make_shared<Run>();
    run_->receivers = std::move(receivers);
    run_->folder = folder;
    if (const auto all = workflow::proposals(session_.contents(), session_.shootId()); !all.empty()) {
        const auto ids = workflow::accept(*session_.studio(), session_.shootId(), all);
        session_.rebuild();
        session_.undo().refresh();
        if (!ids) {
            emit session_.refused(text(ids.error().message));
            return end(true);
        }
        step_ = session_.studio()->done().back().id;
    }
    lines_.clear();
    for (const Setup& s : session_.setups()) {
        lines_.emplace_back().setup = s.id;
        if (s.reading) lines_.back().verdict = s.reading->verdict;
        if (s.correction) lines_.back().left = s.correction->summary.after.mean;
        run_->setups.push_back(s.id);
    }
    nextSetup();
}

void DayActions::nextSetup() {
    if (run_->stop.stop_requested()) return end(true);
    if (run_->setups.empty()) return nextDelivery();
    const Id id = run_->setups.front();
    run_->setups.pop_front();
    const Setup* s = session_.setup(static_cast<int>(id));
    Line* l = line(id);
    if (!s || !l) return nextSetup();
    const Setup* leader = workflow::leaderOf(*s, session_.setups());
    l->doing = s->reading ? tr("Building the correction") : tr("Reading the chart");
    emit changed();
    session_.background(
        [setup = workflow::Setup(*s), led = leader ? std::optional<workflow::Setup>(*leader) : std::nullopt,
         shoot = session_.day().shoot, context = session_.reading().contextOf(static_cast<int>(id)),
         frames = session_.sharedFrames(), mine = run_->stop.get_token()](const std::stop_token& closing) {
            // Stopped by the person, or because the window goes.
            std::stop_source either;
            const auto ask = [&] { either.request_stop(); };
            const std::stop_callback one(mine, ask), other(closing, ask);
            return made<Made>(setup, led, shoot, context, *frames, either.get_token());
        },
        [this, id, run = run_](Made m) {
            if (run_ != run) return;
            if (!run->stop.stop_requested()) keep(id, std::move(m));
            nextSetup();
        },
        Urgency::soon);
}

void DayActions::keep(Id id, Made m) {
    Line* l = line(id);
    const Setup* s = session_.setup(static_cast<int>(id));
    if (!s || !l) return;
    l->doing.clear();
    l->why = m.why;
    l->mended = m.mended;
    Edit edit = session_.studio()->edit(tr("Do the day's work").toStdString());
    bool any = false;
    if (m.shot && m.shot->frame) {
        if (const auto kept = workflow::keepShot(edit, session_.contents(), id, *m.shot)) {
            session_.state().know(*kept, *m.shot->reading);
            any = true;
        }
        if (m.shot->reading) l->verdict = m.shot->reading->verdict;
    }
    // The reading must be there before what is built on it.
    if (any && !keepEdit(edit)) return;
    if (m.correction) {
        Edit built = session_.studio()->edit(tr("Do the day's work").toStdString());
        const auto kept = workflow::keepCorrection(built, session_.contents(), id, *m.correction);
        if (!kept) {
            l->why = text(kept.error().message);
        } else {
            session_.state().know(*kept, *m.correction);
            l->left = m.correction->summary.after.mean;
            keepEdit(built);
        }
    }
    emit changed();
}

// All of a run is one step: the first begins it, the others belong to it.
bool DayActions::keepEdit(const Edit& edit) {
    const Status kept = step_ == 0 ? session_.studio()->commit(edit) : session_.studio()->amend(edit, step_);
    if (!kept) {
        emit session_.refused(text(kept.error().message));
        return false;
    }
    if (step_ == 0) step_ = session_.studio()->done().back().id;
    session_.rebuild();
    session_.undo().refresh();
    return true;
}

void DayActions::nextDelivery() {
    if (!run_->planned) {
        run_->planned = true;
        for (const Setup& s : session_.setups())
            for (const Receiver r : run_->receivers) {
                if (!s.correction) continue;
                if (has(s, r)) {
                    if (Line* l = line(s.id)) ++l->receivers;
                } else {
                    run_->deliveries.push_back({s.id, r});
                }
            }
    }
    if (run_->stop.stop_requested()) return end(true);
    if (session_.handover().giving() || session_.handover().frameQueue().state() != FrameQueue::State::idle)
        return;
    if (run_->deliveries.empty()) return end(false);
    const auto [id, receiver] = run_->deliveries.front();
    const Setup* s = session_.setup(static_cast<int>(id));
    Line* l = line(id);
    const QString folder = QDir(run_->folder).filePath(text(std::string(workflow::name(receiver))));
    if (!s || !s->correction || !l || !QDir().mkpath(folder)) {
        if (l && s) l->why = tr("The folder %1 cannot be made.").arg(folder);
        run_->deliveries.pop_front();
        return nextDelivery();
    }
    l->doing = tr("Handing over to: %1").arg(text(std::string(workflow::title(receiver))));
    emit changed();
    workflow::Delivery delivery = workflow::deliveryFor(receiver, *s->correction);
    delivery.collisions = io::Collision::number;
    run_->giving = true;
    session_.handover().give(static_cast<int>(id), delivery, folder);
}

void DayActions::delivered(int id, const QStringList& problems) {
    if (!run_ || !run_->planned) return;
    if (!std::exchange(run_->giving, false)) return nextDelivery();
    run_->deliveries.pop_front();
    if (Line* l = line(id)) {
        l->doing.clear();
        if (problems.isEmpty())
            ++l->receivers;
        else
            l->why = problems.join(QLatin1Char(' '));
    }
    emit changed();
    // Its frames may still be at work; the next one waits for them.
    nextDelivery();
}

void DayActions::stop() {
    if (!run_) return;
    run_->stop.request_stop();
    if (run_->planned) {
        session_.handover().frameQueue().cancel();
        if (!session_.handover().giving()) end(true);
    }
}

void DayActions::end(bool stopped) {
    run_.reset();
    for (Line& l : lines_) l.doing.clear();
    emit changed();
    emit finished(stopped);
}

bool DayActions::canTakeBack() const {
    return !run_ && step_ != 0 && session_.studio() && !session_.studio()->done().empty() &&
           session_.studio()->done().back().id == step_;
}

void DayActions::takeBack() {
    if (!canTakeBack()) return;
    session_.undo().undo();
    lines_.clear();
    step_ = 0;
    emit changed();
}

DayActions::Line* DayActions::line(Id setup) {
    const auto at =
        std::find_if(lines_.begin(), lines_.end(), [&](const Line& l) { return l.setup == setup; });
    return at == lines_.end() ? nullptr : &*at;
}

}  // namespace refero
