// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/whole_shoot.h"

#include <algorithm>
#include <array>
#include <filesystem>

#include "core/say/say.h"
#include "workflow/chart_shot.h"
#include "workflow/correction.h"
#include "workflow/due_correction.h"
#include "workflow/loan.h"
#include "workflow/shoot_state.h"
#include "workflow/shoots.h"
#include "workflow/standing.h"

namespace refero::workflow {
namespace {

using What = SetupOutcome::What;

// The latest shoot as it stands, anew for each setup: an earlier one may have changed it.
struct Shoot {
    studio::Studio& studio;
    ShootState state{};
    plan::Day day{};
    std::vector<Setup> setups{};

    const Setup* find(studio::SetupId id) const {
        const auto at =
            std::find_if(setups.begin(), setups.end(), [&](const Setup& s) { return s.id == id; });
        return at == setups.end() ? nullptr : &*at;
    }
    Status refresh() {
        if (!studio.readOnlyBecause().empty()) return failure(studio.readOnlyBecause());
        const studio::ShootId shoot = latestShoot(studio.contents());
        if (shoot == 0)
            return failure(say("The studio has no shoot yet; plan one or bring frames in first."));
        day = state.day(studio.contents(), shoot, plan::now());
        setups = state.setups(studio.contents(), day);
        return {};
    }
};

// Goes through the setups that are wanted, by their place in the day.
template <class Do>
Result<std::vector<SetupOutcome>> each(studio::Studio& studio, const ShootOptions& options, const Do& act) {
    Shoot shoot{studio};
    if (auto ok = shoot.refresh(); !ok) return tl::unexpected(ok.error());
    std::vector<SetupOutcome> out;
    for (std::size_t i = 0; i < shoot.setups.size(); ++i) {
        const studio::SetupId id = shoot.setups[i].id;
        if (!options.only.empty() &&
            std::find(options.only.begin(), options.only.end(), id) == options.only.end())
            continue;
        if (options.stop.stop_requested()) return stoppedEarly();
        if (options.told) options.told(shoot.setups[i], i + 1, shoot.setups.size());
        SetupOutcome o;
        o.setup = id;
        o.name = shoot.setups[i].light;
        if (!shoot.setups[i].place.empty()) o.name += ", " + shoot.setups[i].place;
        if (const Status done = act(shoot, shoot.setups[i], o); !done) {
            if (done.error().kind == ErrorKind::stopped) return tl::unexpected(done.error());
            o.what = What::failed;
            o.message = done.error().message;
        }
        if (auto ok = shoot.refresh(); !ok) return tl::unexpected(ok.error());
        if (shoot.setups[i].reading) o.verdict = shoot.setups[i].reading->verdict;
        if (shoot.setups[i].correction) o.after = shoot.setups[i].correction->summary.after.mean;
        out.push_back(std::move(o));
    }
    return out;
}

}  // namespace

std::string_view name(What what) {
    static constexpr std::array<std::string_view, 5> names{"done", "already", "nothing", "reshoot", "failed"};
    return names[static_cast<std::size_t>(what)];
}

Result<std::vector<SetupOutcome>> readAll(studio::Studio& studio, const ShootOptions& options) {
    return each(studio, options, [&](Shoot& shoot, const Setup& s, SetupOutcome& o) -> Status {
        o.what = s.chartFrame.empty()          ? What::nothing
                 : s.reading && !options.again ? What::already
                                               : What::done;
        if (o.what != What::done) return {};
        ReadShotOptions how;
        how.hash = true;
        const ChartShot shot =
            readShot(s.chartFrame, contextOf(studio.contents(), shoot.day.shoot.id, s.id), how, options.stop);
        if (!shot.reading) return tl::unexpected(shot.reading.error());
        studio::Edit edit = studio.edit(say("Read the frame of %1", s.light));
        keepShot(edit, studio.contents(), s.id, shot);
        if (s.reading) edit.removeCorrections(s.id);
        return studio.commit(edit);
    });
}

Result<std::vector<SetupOutcome>> correctAll(studio::Studio& studio, const FitOptions& wish, bool anyway,
                                             const ShootOptions& options) {
    return each(studio, options, [&](Shoot& shoot, const Setup& s, SetupOutcome& o) -> Status {
        const auto due =
            dueCorrection(s, leaderOf(s, shoot.setups), shoot.day.shoot, {wish, anyway, options.again});
        if (!due) return tl::unexpected(due.error());
        o.what = due->what;
        if (o.what != What::done) return {};
        const auto c = due->run(options.stop);
        if (!c) return tl::unexpected(c.error());
        studio::Edit edit = studio.edit(due->step);
        if (const auto kept = keepCorrection(edit, studio.contents(), s.id, *c); !kept)
            return tl::unexpected(kept.error());
        return studio.commit(edit);
    });
}

Result<std::vector<SetupOutcome>> lendAll(studio::Studio& studio, const ShootOptions& options) {
    ParsedCorrections parser;
    return each(studio, options, [&](Shoot& shoot, const Setup& s, SetupOutcome& o) -> Status {
        const auto task = loanTask(studio.contents(), shoot.find(s.plan.shotOf), s);
        if (!task) {
            o.what = What::nothing;
            return {};
        }
        const auto c = task->run(parser, options.stop);
        if (!c) return tl::unexpected(c.error());
        if (sameLoan(s, *c)) {
            o.what = What::already;
            return {};
        }
        studio::Edit edit = studio.edit(say("Lend a correction to %1", s.light));
        if (const auto kept = keepCorrection(edit, studio.contents(), s.id, *c); !kept)
            return tl::unexpected(kept.error());
        return studio.commit(edit);
    });
}

Result<std::vector<SetupOutcome>> handOverAll(studio::Studio& studio, Receiver receiver,
                                              const std::string& folder, io::Collision collisions,
                                              const Print& print, const ShootOptions& options) {
    return each(studio, options, [&](Shoot& shoot, const Setup& s, SetupOutcome& o) -> Status {
        const Standing standing =
            s.correction ? standingOf(studio.contents(), s, receiver) : Standing::nothing;
        o.what = !s.correction                                 ? What::nothing
                 : standing == Standing::all && !options.again ? What::already
                                                               : What::done;
        if (o.what != What::done) return {};
        Delivery delivery = deliveryFor(receiver, *s.correction);
        // Of what is there already only the new frames are added.
        delivery.collisions =
            standing == Standing::partly && !options.again ? io::Collision::skip : collisions;
        if (!print) delivery.recipe = delivery.report = false;
        const auto done = deliver(
            studio,
            DeliveryRun(studio.contents(), shoot.day, shoot.setups, s, std::move(delivery), folder, print),
            options.stop);
        if (!done) return tl::unexpected(done.error());
        for (const studio::HandoverRecord& r : done->records) o.files.push_back(r.path);
        o.job = done->job;
        std::string problems;
        for (const std::string& p : done->problems) problems += (problems.empty() ? "" : " ") + p;
        if (!problems.empty()) return failure(problems);
        return {};
    });
}

}  // namespace refero::workflow
