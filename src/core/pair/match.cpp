// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/pair/match.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <chrono>
#include <cmath>
#include <numeric>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/colour/shown_picture.h"
#include "core/fit/candidate.h"
#include "core/fit/samples.h"
#include "core/fit/training.h"
#include "core/read/treatment.h"

namespace refero {
namespace {

// Of the surfaces that look nearest to it for the follower: what a plane through the leader's colours leaves.
double spreadAbout(const Vector3& straight, const TrainingView& view) {
    constexpr std::size_t kNear = 24;
    const auto roots = [](const Vector3& v) -> Vector3 { return v.cwiseMax(0).cwiseSqrt(); };
    const Vector3 here = roots(straight);
    std::vector<std::size_t> order(view.rgb.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    const auto distance = [&](std::size_t i) { return (roots(view.rgb[i]) - here).squaredNorm(); };
    std::vector<double> distances(order.size());
    for (std::size_t i = 0; i < order.size(); ++i) distances[i] = distance(i);
    std::partial_sort(order.begin(), order.begin() + kNear, order.end(),
                      [&](std::size_t a, std::size_t b) { return distances[a] < distances[b]; });
    Eigen::Matrix<double, kNear, 4> places;
    Eigen::Matrix<double, kNear, 3> colours;
    for (std::size_t k = 0; k < kNear; ++k) {
        const auto row = static_cast<Eigen::Index>(k);
        places.row(row) << 1, (roots(view.rgb[order[k]]) - here).transpose();
        colours.row(row) = toRoots(view.set->reference()[order[k]].vector()).transpose();
    }
    const Eigen::Matrix<double, 4, 4> power =
        places.transpose() * places + 1e-8 * Eigen::Matrix<double, 4, 4>::Identity();
    const Eigen::Matrix<double, 4, 3> plane = power.ldlt().solve(places.transpose() * colours);
    double sum = 0;
    for (Eigen::Index row = 0; row < places.rows(); ++row) {
        const Vector3 said = (places.row(row) * plane).transpose();
        sum += ciede2000(toLab(Xyz::from(fromRoots(Vector3(colours.row(row).transpose()))), white::d50),
                         toLab(Xyz::from(fromRoots(said)), white::d50));
    }
    // A plane of four numbers a channel takes its share of the spread along.
    return sum / static_cast<double>(kNear) * std::sqrt(kNear / (kNear - 4.0));
}

Unreachable unreachableBy(const Correction& c, std::span<const Reading> follower, const FitOptions& fit) {
    if (!fit.aim->training) return {};
    std::vector<Reading> mended;
    for (const Reading& r : follower)
        mended.push_back(fit.asShot ? r : treated(r, TreatmentTarget::picture).reading);
    const auto chart =
        prepared(mended, {fit.intent, fit.referenceLight, fit.maxClipped, fit.weights,
                          c.greyCurves ? CurveUse::always : CurveUse::never, fit.known, fit.aim});
    if (!chart || chart->samples.reflectances.empty()) return {};
    const TrainingView view = TrainingView::of(fit.aim->training.get(), chart->samples);
    Unreachable out;
    if (view.rgb.empty()) return out;
    for (std::size_t i = 0; i < chart->samples.size(); ++i)
        out[chart->reading.patches[chart->samples.index[i]].id] = spreadAbout(chart->samples.rgb[i], view);
    return out;
}

Status ofTwoFrames(const Leader& leader, std::span<const Reading> follower) {
    if (follower.empty()) return failure("A match needs a reading of the camera that follows.");
    for (const Reading& r : follower)
        if (r.framePath == leader.reading.framePath)
            return failure(r.framePath +
                           " is on both sides, and a frame looks like itself. Give a chart shot "
                           "of the other camera.");
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
    whole->name += " to " + led;

    Match out;
    out.leaderView = fitOptions.aim->view;
    out.unreachable = unreachableBy(*whole, follower, fitOptions);
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
