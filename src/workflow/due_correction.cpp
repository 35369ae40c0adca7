// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/due_correction.h"

#include "core/fit/fit_checks.h"
#include "core/say/say.h"
#include "workflow/correction.h"

namespace refero::workflow {
namespace {

using What = SetupOutcome::What;

Result<DueCorrection> dueMatch(const Setup& setup, const Following& led, const Setup* leader,
                               const plan::Shoot& shoot, const DueOptions& options) {
    if (led.upToDate && !options.again) return DueCorrection{What::already, {}, {}};
    if (!leader) return failure(led.why);
    auto task = pairingTask(*leader, setup, shoot, choicesOf(setup), leaderTransformOf(setup));
    if (!task) return tl::unexpected(task.error());
    return DueCorrection{What::done, say("Match %1 again", setup.body),
                         [task = *std::move(task)](const std::stop_token& stop) -> Result<Correction> {
                             auto match = task.run(stop);
                             if (!match) return tl::unexpected(match.error());
                             return std::move(match->match.correction);
                         }};
}

}  // namespace

Result<DueCorrection> dueCorrection(const Setup& s, const Setup* leader, const plan::Shoot& shoot,
                                    const DueOptions& options) {
    if (const auto led = following(s, leader)) return dueMatch(s, *led, leader, shoot, options);
    if (!s.reading) return DueCorrection{What::nothing, {}, {}};
    if (s.correction && !options.again) return DueCorrection{What::already, {}, {}};
    if (s.reading->verdict == Verdict::reshoot && !options.anyway)
        return DueCorrection{What::reshoot, {}, {}};
    const auto before = s.correction ? std::optional(CorrectionChoices::of(*s.correction)) : std::nullopt;
    return DueCorrection{What::done, say("Build correction for %1", s.light),
                         [task = correctionTask(s, shoot, options.wish, before)](
                             const std::stop_token& stop) { return task.run(stop); }};
}

Result<MendedCorrection> mendedCorrection(const Setup& s, const plan::Shoot& shoot,
                                          const std::stop_token& stop) {
    auto c = correctionTask(s, shoot, {}).run(stop);
    if (!c) {
        if (c.error().kind == ErrorKind::stopped) return tl::unexpected(c.error());
        return MendedCorrection{
            {},
            say("The chart is to be shot again, and nothing can be built on this shot: %1",
                c.error().message)};
    }
    if (c->treatments.empty() || worst(judged(*c)) == Verdict::reshoot)
        return MendedCorrection{{}, say("The chart is to be shot again; nothing is built on this shot.")};
    return MendedCorrection{
        *std::move(c), say("The chart is to be shot again if that is possible; its faults were mended.")};
}

}  // namespace refero::workflow
