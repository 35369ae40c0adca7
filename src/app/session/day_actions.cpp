// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/day_actions.h"

#include <QDir>
#include <algorithm>
#include <tuple>
#include <utility>

#include "app/session/handover_actions.h"
#include "app/session/intake_actions.h"
#include "app/session/reading_actions.h"
#include "app/session/session.h"
#include "words/loan_words.h"
#include "workflow/correction.h"
#include "workflow/loan.h"
#include "workflow/proposals.h"
#include "workflow/setup_work.h"
#include "workflow/standing.h"

namespace refero {

using studio::Edit;
using studio::SetupId;
using workflow::Receiver;

struct DayActions::Run {
    std::deque<SetupId> setups, loans;
    bool loansKnown = false;
    std::vector<Receiver> receivers;
    QString folder;
    struct Delivery {
        SetupId setup;
        Receiver receiver;
        bool onlyNew;  // the rest is there and stays
    };
    std::deque<Delivery> deliveries;
    bool planned = false;  // the deliveries are known
    // The first of them is on its way, or its frames are; others may be given by hand meanwhile.
    bool giving = false, rendering = false;
    std::stop_source stop;
};

namespace {

// A shoot's own folder among those of others: files of two cards may have the same names.
QString folderNameOf(const plan::Shoot& shoot) {
    QString name = text(shoot.label.empty() ? shoot.code : shoot.label + " " + shoot.code);
    for (QChar& c : name)
        if (c == QLatin1Char('/') || c < QLatin1Char(' ')) c = QLatin1Char('-');
    return name.trimmed();
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
        if (!run_ || !run_->planned) return;
        run_->rendering = false;
        nextDelivery();
    });
}

DayActions::~DayActions() {
    if (run_) run_->stop.request_stop();
}

DayActions::Found DayActions::found() const {
    Found out;
    for (const auto& [id, f] : session_.contents().all<studio::Frame>())
        out.frames += f.shoot == session_.shootId();
    const auto& kept = session_.contents().all<studio::CorrectionRecord>();
    const bool lends = !kept.empty() || !session_.contents().all<studio::ShelfRecord>().empty();
    for (const plan::SetupProposal& p : session_.intake().proposals()) {
        if (p.setup != 0) continue;
        ++out.lights;
        out.chartShots += p.chartFrame != 0;
        out.unread += p.chartFrame != 0;
        out.toBuild += p.chartFrame != 0 || lends;
    }
    for (const Setup& s : session_.setups()) {
        ++out.lights;
        out.chartShots += !s.chartFrame.empty();
        out.unread += !s.chartFrame.empty() && !s.reading;
        if (s.reading)
            ++(s.reading->verdict == Verdict::pass     ? out.good
               : s.reading->verdict == Verdict::review ? out.look
                                                       : out.again);
        const bool waits =
            !s.leaderChanged.empty() ||
            (!s.correction && (!s.chartFrame.empty() ||
                               workflow::wantsLoan(session_.contents(), session_.setup(s.plan.shotOf), s)));
        out.toBuild += waits && !triedInVain(s);
    }
    return out;
}

bool DayActions::triedInVain(const Setup& s) const {
    return std::any_of(lines_.begin(), lines_.end(), [&](const Line& l) {
        return l.setup == s.id && !l.why.isEmpty() && !l.left &&
               (!s.reading || s.reading->verdict == l.verdict);
    });
}

void DayActions::run(std::vector<Receiver> receivers, const QString& folder) {
    if (run_ || !session_.studio()) return;
    step_ = 0;
    run_ = std::make_shared<Run>();
    run_->receivers = std::move(receivers);
    run_->folder = folder;
    if (const auto all = session_.intake().proposals(); !all.empty()) {
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
        if (s.correction && !s.correction->loan) lines_.back().left = s.correction->summary.after.mean;
        lines_.back().lent = s.correction && s.correction->loan;
        run_->setups.push_back(s.id);
    }
    nextSetup();
}

void DayActions::nextSetup() {
    if (run_->stop.stop_requested()) return end(true);
    if (run_->setups.empty()) return nextLoan();
    const SetupId id = run_->setups.front();
    run_->setups.pop_front();
    const Setup* s = session_.setup(id);
    Line* l = line(id);
    if (!s || !l) return nextSetup();
    const Setup* leader = workflow::leaderOf(*s, session_.setups());
    l->doing = s->reading ? tr("Building the correction") : tr("Reading the chart");
    emit changed();
    session_.background(
        [setup = workflow::Setup(*s), led = leader ? std::optional<workflow::Setup>(*leader) : std::nullopt,
         shoot = session_.day().shoot, context = session_.reading().contextOf(id),
         frames = session_.sharedFrames(), mine = run_->stop.get_token()](const std::stop_token& closing) {
            // Stopped by the person, or because the window goes.
            std::stop_source either;
            const auto ask = [&] { either.request_stop(); };
            const std::stop_callback one(mine, ask), other(closing, ask);
            return workflow::workOn(setup, led ? &*led : nullptr, shoot, context, *frames,
                                    either.get_token());
        },
        [this, id, run = run_](workflow::SetupWork work) {
            if (run_ != run) return;
            if (run->stop.stop_requested() || !keepReading(id, work)) return nextSetup();
            // In an event of its own: between the two the window answers.
            QMetaObject::invokeMethod(
                this,
                [this, id, run, work = std::move(work)] {
                    if (run_ != run) return;
                    if (work.correction) keepBuilt(id, *work.correction, work.document);
                    emit changed();
                    nextSetup();
                },
                Qt::QueuedConnection);
        },
        Urgency::soon);
}

// When all corrections are built: lights without a chart shot, one after the other.
void DayActions::nextLoan() {
    if (run_->stop.stop_requested()) return end(true);
    if (!run_->loansKnown) {
        run_->loansKnown = true;
        for (const Setup& s : session_.setups()) run_->loans.push_back(s.id);
    }
    if (run_->loans.empty()) return nextDelivery();
    const SetupId id = run_->loans.front();
    run_->loans.pop_front();
    const Setup* s = session_.setup(id);
    auto task =
        s ? workflow::loanTask(session_.contents(), session_.setup(s->plan.shotOf), *s) : std::nullopt;
    Line* l = line(id);
    if (!task || !l) return nextLoan();
    l->doing = tr("Looking for colours in the library");
    emit changed();
    session_.background(
        [task = *std::move(task), parser = session_.parsedCorrections(), before = workflow::Setup(*s),
         mine = run_->stop.get_token()](const std::stop_token&) {
            auto c = task.run(*parser, mine);
            const bool known = c && workflow::sameLoan(before, *c);
            std::string document = c && !known ? workflow::documentOf(*c) : std::string();
            return std::tuple(std::move(c), known, std::move(document));
        },
        [this, id, run = run_](const std::tuple<Result<Correction>, bool, std::string>& loan) {
            if (run_ != run) return;
            const auto& [c, known, document] = loan;
            if (!run->stop.stop_requested()) {
                if (!c)
                    tell(id, text(c.error().message));
                else if (!known)
                    keepBuilt(id, *c, document);
            }
            if (Line* now = line(id)) now->doing.clear();
            nextLoan();
        },
        Urgency::soon);
}

// True where the correction that was built may follow.
bool DayActions::keepReading(SetupId id, const workflow::SetupWork& work) {
    Line* l = line(id);
    if (!session_.setup(id) || !l) return false;
    l->doing.clear();
    l->why = text(work.why);
    l->mended = work.mended;
    if (!work.shot) return true;
    if (work.shot->reading) l->verdict = work.shot->reading->verdict;
    Edit edit = session_.studio()->edit(tr("Do the day's work").toStdString());
    if (const auto kept = workflow::keepShot(edit, session_.contents(), id, *work.shot))
        session_.state().know(*kept, *work.shot->reading);
    return edit.changes().empty() || keepEdit(edit);
}

void DayActions::keepBuilt(SetupId id, const Correction& c, const std::string& document) {
    Edit edit = session_.studio()->edit(tr("Do the day's work").toStdString());
    const auto kept = workflow::keepCorrection(edit, session_.contents(), id, c, document);
    if (!kept) return tell(id, text(kept.error().message));
    session_.state().know(*kept, c);
    if (Line* l = line(id)) {
        l->lent = c.loan.has_value();
        if (!c.loan) l->left = c.summary.after.mean;
    }
    if (c.loan) tell(id, text(words::sentence(*c.loan)));
    keepEdit(edit);
}

// Beside what was said of it before.
void DayActions::tell(SetupId id, const QString& what) {
    Line* l = line(id);
    if (l) l->why = l->why.isEmpty() ? what : tr("%1 %2", "two sentences").arg(l->why, what);
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

void DayActions::planDeliveries() {
    run_->planned = true;
    for (const Setup& s : session_.setups())
        for (const Receiver r : run_->receivers) {
            if (!s.correction) continue;
            const auto standing = workflow::standingOf(session_.contents(), s, r);
            if (standing != workflow::Standing::all)
                run_->deliveries.push_back({s.id, r, standing == workflow::Standing::partly});
            else if (Line* l = line(s.id))
                ++l->receivers;
        }
}

void DayActions::nextDelivery() {
    if (!run_->planned) planDeliveries();
    if (run_->stop.stop_requested()) return stopHere();
    if (session_.handover().giving() || session_.handover().frameQueue().state() != FrameQueue::State::idle)
        return;
    if (run_->deliveries.empty()) return end(false);
    const auto [id, receiver, onlyNew] = run_->deliveries.front();
    const Setup* s = session_.setup(id);
    Line* l = line(id);
    const QString folder = QDir(run_->folder)
                               .filePath(folderNameOf(session_.day().shoot) + QLatin1Char('/') +
                                         text(std::string(workflow::name(receiver))));
    if (!s || !s->correction || !l || !QDir().mkpath(folder)) {
        if (l && s) l->why = tr("The folder %1 cannot be made.").arg(folder);
        run_->deliveries.pop_front();
        return nextDelivery();
    }
    l->doing = tr("Handing over to: %1").arg(told(workflow::title(receiver)));
    emit changed();
    workflow::Delivery delivery = workflow::deliveryFor(receiver, *s->correction);
    delivery.collisions = onlyNew ? io::Collision::skip : io::Collision::replace;
    run_->giving = true;
    session_.handover().give(id, delivery, folder);
}

void DayActions::delivered(studio::SetupId id, const QStringList& problems) {
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
    run_->rendering = session_.handover().frameQueue().state() != FrameQueue::State::idle;
    nextDelivery();
}

void DayActions::stop() {
    if (!run_) return;
    run_->stop.request_stop();
    if (!run_->planned || run_->giving) return;  // it ends with what is at work
    stopHere();
}

// Frames that were given by hand go on; those of this run do not.
void DayActions::stopHere() {
    if (std::exchange(run_->rendering, false)) session_.handover().frameQueue().cancel();
    if (run_) end(true);
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

DayActions::Line* DayActions::line(SetupId setup) {
    const auto at =
        std::find_if(lines_.begin(), lines_.end(), [&](const Line& l) { return l.setup == setup; });
    return at == lines_.end() ? nullptr : &*at;
}

}  // namespace refero
