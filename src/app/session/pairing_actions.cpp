// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/pairing_actions.h"

#include "app/session/session.h"
#include "core/say/say.h"
#include "workflow/correction.h"

namespace refero {

using studio::Edit;

PairingActions::PairingActions(Session& session) : QObject(&session), session_(session) {
    connect(&session, &Session::studioChanged, this, [this] { matches_.clear(); });
}

void PairingActions::find(studio::SetupId leader, studio::SetupId follower, const MatchOptions& options,
                          const std::optional<workflow::LeaderTransform>& through) {
    const Setup *a = session_.setup(leader), *b = session_.setup(follower);
    if (!a || !b) return;
    sure_.request_stop();
    const int job = ++jobs_[follower];
    auto made = workflow::pairingTask(*a, *b, session_.day().shoot, options, through);
    if (!made) {
        matches_.erase(follower);
        return emit failed(follower, text(made.error().message));
    }
    const auto task = std::make_shared<const workflow::PairingTask>(*std::move(made));
    session_.background([task](const std::stop_token& stop) { return task->run(stop); },
                        [this, follower, job, task](const Result<workflow::FoundMatch>& m) {
                            if (jobs_[follower] != job) return;
                            if (!m) {
                                matches_.erase(follower);
                                return emit failed(follower, text(m.error().message));
                            }
                            matches_[follower] = std::make_shared<const workflow::FoundMatch>(*m);
                            emit found(follower);
                            if (jobs_[follower] == job) makeSure(follower, *task);
                        },
                        Urgency::now);
}

// The same match once more, with the readings drawn anew. Nobody waits for it.
void PairingActions::makeSure(studio::SetupId follower, const workflow::PairingTask& found) {
    workflow::PairingTask task = found;
    task.options.fit.resamples = workflow::kResamples;
    sure_ = std::stop_source();
    session_.background(
        [task = std::move(task), given = sure_.get_token()](const std::stop_token& ended) {
            std::stop_source either;
            const auto stop = [&] { either.request_stop(); };
            const std::stop_callback one(given, stop), other(ended, stop);
            return task.run(either.get_token());
        },
        [this, follower, job = jobs_[follower]](const Result<workflow::FoundMatch>& m) {
            if (jobs_[follower] != job || !m || !m->match.correction.certainty) return;
            matches_[follower] = std::make_shared<const workflow::FoundMatch>(*m);
            emit madeSure(follower);
        },
        Urgency::later);
}

std::shared_ptr<const Match> PairingActions::match(studio::SetupId follower) const {
    const auto at = matches_.find(follower);
    return at == matches_.end() ? nullptr : std::shared_ptr<const Match>(at->second, &at->second->match);
}

std::shared_ptr<const workflow::SeenThrough> PairingActions::leaderThrough(studio::SetupId follower) const {
    const auto at = matches_.find(follower);
    return at == matches_.end() ? nullptr : at->second->leaderThrough;
}

void PairingActions::keep(studio::SetupId follower) {
    const Setup* s = session_.setup(follower);
    const auto m = match(follower);
    if (!s || !s->reading || !m) return;
    const std::string& led = m->correction.aim.body;
    Edit edit =
        session_.studio()->edit(say("Match %1 to %2", s->body, led.empty() ? say("the leader") : led));
    const auto record = workflow::keepCorrection(edit, session_.contents(), follower, m->correction);
    if (!record) return session_.refuse(follower, text(record.error().message));
    session_.state().know(*record, m->correction);
    session_.hand(follower).error.clear();
    if (session_.commit(edit)) emit kept(follower);
}

void PairingActions::matchAll(studio::SetupId leader, const std::vector<studio::SetupId>& followers,
                              const std::optional<workflow::LeaderTransform>& through) {
    std::vector<std::pair<studio::SetupId, workflow::PairingTask>> tasks;
    const Setup* a = session_.setup(leader);
    for (const studio::SetupId id : followers) {
        const Setup* b = session_.setup(id);
        if (!a || !b) continue;
        auto task = workflow::pairingTask(*a, *b, session_.day().shoot, {}, through);
        if (!task) return emit failed(id, text(task.error().message));
        tasks.emplace_back(id, *std::move(task));
    }
    using Found = std::vector<std::pair<int, Result<workflow::FoundMatch>>>;
    session_.background(
        [tasks = std::move(tasks)](const std::stop_token& stop) {
            Found out;
            for (const auto& [id, task] : tasks) out.emplace_back(id, task.run(stop));
            return out;
        },
        [this](const Found& found) {
            Edit edit = session_.studio()->edit(say("Match all cameras of the scene"));
            for (const auto& [id, m] : found) {
                if (!m) return emit failed(id, text(m.error().message));
                if (!workflow::keepCorrection(edit, session_.contents(), id, m->match.correction)) continue;
                matches_[id] = std::make_shared<const workflow::FoundMatch>(*m);
            }
            if (!session_.commit(edit)) return;
            for (const auto& each : found) emit kept(each.first);
        },
        Urgency::now);
}

}  // namespace refero
