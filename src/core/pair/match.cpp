// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/pair/match.h"

#include <chrono>

#include "core/colour/shown_picture.h"
#include "core/fit/samples.h"
#include "core/read/treatment.h"
#include "core/say/say.h"

namespace refero {
namespace {

Unreachable cannotMeet(const Correction& c, const Leader& leader, std::span<const Reading> follower,
                       const FitOptions& fit) {
    const auto mend = [&](const Reading& r) {
        return fit.asShot ? r : treated(r, TreatmentTarget::picture).reading;
    };
    std::vector<Reading> mended;
    for (const Reading& r : follower) mended.push_back(mend(r));
    const auto chart =
        prepared(mended, {fit.intent, fit.referenceLight, fit.maxClipped, fit.weights,
                          c.greyCurves ? CurveUse::always : CurveUse::never, fit.known, fit.aim});
    if (!chart) return {};
    return unreachableBy(*fit.aim, mend(leader.reading), chart->reading, chart->samples);
}

Status ofTwoFrames(const Leader& leader, std::span<const Reading> follower) {
    if (follower.empty()) return failure(say("A match needs a reading of the camera that follows."));
    for (const Reading& r : follower)
        if (r.framePath == leader.reading.framePath)
            return failure(say(
                "%1 is on both sides, and a frame looks like itself. Give a chart shot of the other camera.",
                r.framePath));
    return {};
}

}  // namespace

StepSet MatchOptions::taken() const {
    StepSet out = stopAfter ? stepsUpTo(*stopAfter) : allSteps();
    for (std::size_t k = 0; k < out.size(); ++k) out[k] = out[k] && !held[k];
    return out;
}

Result<Match> matched(const Leader& leader, std::span<const Reading> follower, const MatchOptions& options) {
    const auto began = std::chrono::steady_clock::now();
    if (auto ok = ofTwoFrames(leader, follower); !ok) return tl::unexpected(ok.error());
    auto aim =
        aimOf(leader, follower.front().chart,
              {options.fit.asShot, options.fit.referenceLight, options.fit.maxClipped, options.fit.stop});
    if (!aim) return tl::unexpected(aim.error());
    FitOptions fitOptions = options.fit;
    fitOptions.finish = aim->finish;
    fitOptions.aim = std::make_shared<const Aim>(*std::move(aim));
    // Contrast is a step of its own: between pictures the greys have the first say, however little they say.
    const bool pictures = fitOptions.aim->look && shownPicture(follower.front().encoding);
    if (pictures && options.fit.greyCurves == CurveUse::automatic) fitOptions.greyCurves = CurveUse::always;
    auto whole = fit(follower, fitOptions);
    if (!whole && pictures && whole.error().kind != ErrorKind::stopped) {
        fitOptions.greyCurves = options.fit.greyCurves;
        whole = fit(follower, fitOptions);
    }
    if (!whole) return tl::unexpected(whole.error());
    const std::string led = leader.reading.body.empty() ? leader.reading.framePath : leader.reading.body;
    whole->name += say(" to %1", led);

    Match out;
    out.leaderView = fitOptions.aim->view;
    if (options.tellUnreachable) out.unreachable = cannotMeet(*whole, leader, follower, fitOptions);
    const Reading& first = follower.front();
    std::optional<PictureLook> own;
    const std::optional<Matrix3> primaries =
        whole->look ? std::optional(whole->look->xyzD50ToRgb) : std::nullopt;
    if (const auto shown = shownReading(first, primaries)) own = pictureLookOf(first, *shown);
    out.stepwise = std::make_shared<const StepwiseMatch>(*std::move(whole), own);
    const StepSet taken = options.taken();
    StepSet held{};
    for (std::size_t k = 0; k < held.size(); ++k) held[k] = !taken[k];
    out.steps = out.stepwise->figures(held);
    auto correction = out.stepwise->with(taken);
    if (!correction) return tl::unexpected(correction.error());
    out.correction = *std::move(correction);
    out.light = lightDifference(leader.reading, first);
    out.milliseconds =
        std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - began).count();
    return out;
}

}  // namespace refero
