// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/pairing.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <utility>

#include "core/colour/difference.h"
#include "core/read/spot.h"
#include "core/say/say.h"
#include "io/correction_file.h"
#include "io/files/content_hash.h"
#include "io/reading_file.h"

namespace refero::workflow {
namespace {

bool seenThroughCorrection(const Setup& setup) {
    return setup.correction && setup.reading && !showsItself(*setup.reading);
}

std::string lookFingerprint(Reading plain, const Correction* through) {
    // Verdicts and limits are not part of how it looks.
    plain.checks.clear();
    plain.subjects.clear();
    plain.limits.clear();
    plain.verdict = Verdict::pass;
    std::string all = io::toJson(plain).dump();
    if (through) all += io::fingerprint(*through);
    return io::textHash(all);
}

Result<Vector3> leadersMean(const Marked& in) {
    const auto area = areaReading(in.image, in.place.from, in.place.to);
    if (!area) return failure(say("That place is not in the leader's picture."));
    return area->mean;
}

}  // namespace

Result<FoundMatch> PairingTask::run(const std::stop_token& stop) const {
    MatchOptions all = options;
    all.fit.stop = stop;
    TransformedLeader leads{leader, nullptr};
    if (through) {
        auto transformed = leaderThrough(leader.reading, *through);
        if (!transformed) return tl::unexpected(transformed.error());
        leads = *std::move(transformed);
    }
    auto match = matched(leads.leader, std::span(&follower, 1), all);
    if (!match) return tl::unexpected(match.error());
    match->correction.name = name;
    match->correction.built = plan::isoText(plan::now());
    const std::string own = lookFingerprint(leader.reading, leader.through ? &*leader.through : nullptr);
    match->correction.aim.fingerprint = through ? io::textHash(own + fingerprintOf(*through)) : own;
    return FoundMatch{*std::move(match), std::move(leads.seen)};
}

Result<PairingTask> pairingTask(const Setup& leader, const Setup& follower, const plan::Shoot& shoot,
                                MatchOptions wish, std::optional<LeaderTransform> through) {
    if (leader.id == follower.id)
        return failure(say("A setup cannot follow itself. Choose another that leads."));
    for (const Setup* s : {&leader, &follower})
        if (!s->reading)
            return failure(
                say("%1, %2 has no chart reading yet, so that it can neither lead nor follow. Read its chart "
                    "shot first.",
                    s->body, s->light));
    PairingTask task{{*leader.reading, {}}, *follower.reading, std::move(wish), {}};
    if (!through && seenThroughCorrection(leader)) task.leader.through = leader.correction;
    task.through = std::move(through);
    if (const auto limits = fitLimitsByName(shoot.limits)) task.options.fit.limits = *limits;
    const std::string led = leader.body.empty() ? leader.light : leader.body;
    task.name = say("%1, to %2", correctionName(follower, follower.reading->taken), led);
    return task;
}

MatchOptions choicesOf(const Setup& follower) {
    // Documents do not keep how surely a marked colour was read: as well as a plain patch, it is taken.
    constexpr double kDeviation = 1e-3;
    constexpr std::size_t kPixels = 1000;
    MatchOptions out;
    if (!follower.correction || follower.correction->aim.kind != AimKind::reading) return out;
    const Correction& c = *follower.correction;
    for (const std::string& id : c.aim.heldBack)
        if (const auto step = pairStepById(id)) out.held[*step] = true;
    out.fit.weights = c.weights;
    out.fit.intent = c.intent;
    out.fit.asShot = c.asShot;
    for (const PatchResult& p : c.patches)
        if (p.known)
            out.fit.known.push_back({p.id, follower.reading ? follower.reading->framePath : std::string(),
                                     p.rgb, Vector3::Constant(kDeviation), kPixels, p.reference, p.weight});
    return out;
}

std::string leaderFingerprint(const Setup& leader, bool throughOwn) {
    if (!leader.reading) return {};
    const bool through = throughOwn && seenThroughCorrection(leader);
    return lookFingerprint(*leader.reading, through ? &*leader.correction : nullptr);
}

bool leads(const Setup& leader, const Setup& follower) {
    return follower.correction && follower.correction->aim.kind == AimKind::reading &&
           leader.id != follower.id && leader.reading &&
           leader.reading->framePath == follower.correction->aim.framePath;
}

std::optional<Following> following(const Setup& follower, const Setup* leader) {
    if (!follower.correction || follower.correction->aim.kind != AimKind::reading) return {};
    if (!leader)
        return Following{0, false,
                         say("The chart shot that it was matched to is not part of this shoot any more.")};
    const auto through = leaderTransformOf(follower);
    const std::string file = through ? fingerprintOf(*through) : std::string();
    // A match that was made holds where the transform's file has moved on to another place.
    if (through && file.empty()) return Following{leader->id, true, {}};
    const std::string own = leaderFingerprint(*leader, !through);
    if ((through ? io::textHash(own + file) : own) != follower.correction->aim.fingerprint)
        return Following{leader->id, false,
                         say("The leading camera's reading, its correction or the transform that it is seen "
                             "through has changed since. Match again.")};
    return Following{leader->id, true, {}};
}

SeenChart seenNow(const Setup& setup) {
    return setup.correction ? seenThrough(*setup.reading, *setup.correction) : asShown(*setup.reading);
}

SeenChart seenBesideReference(const Setup& s) {
    const bool own = s.correction && s.correction->aim.kind == AimKind::reference && !showsItself(*s.reading);
    return own ? seenThrough(*s.reading, *s.correction) : asShownLevelled(*s.reading);
}

Result<Lab> colourMarked(const Marked& in, const Correction& view) {
    return leadersMean(in).map([&](const Vector3& mean) { return view.toLab(mean); });
}

Result<Lab> colourMarked(const Marked& in, const SeenThrough& view) {
    return leadersMean(in).map([&](const Vector3& mean) { return view.lab(mean); });
}

Result<KnownColour> colourMarked(const Marked& in, const std::string& path, const std::string& name,
                                 const Lab& asLeaderShows) {
    constexpr double kCounts = 4;
    const auto area = areaReading(in.image, in.place.from, in.place.to);
    if (!area) return failure(say("That place is not in the follower's picture."));
    return KnownColour{name, path, area->mean, area->deviation, area->pixels, asLeaderShows, kCounts};
}

std::vector<PairFigures> pairFigures(std::span<const Setup* const> setups) {
    std::vector<PairFigures> out;
    for (std::size_t i = 0; i < setups.size(); ++i)
        for (std::size_t k = i + 1; k < setups.size(); ++k) {
            const Setup &a = *setups[i], &b = *setups[k];
            if (!a.reading || !b.reading || a.reading->chart.id != b.reading->chart.id) continue;
            const SeenChart before[] = {asShown(*a.reading), asShown(*b.reading)};
            // A picture that leads stays as it is.
            const auto now = [](const Setup& s) {
                const bool led = s.correction && s.correction->aim.kind == AimKind::reading;
                return showsItself(*s.reading) && !led ? asShown(*s.reading) : seenNow(s);
            };
            const SeenChart after[] = {now(a), now(b)};
            PairFigures f{a.id, b.id, 0, 0, 0};
            const std::size_t patches = std::min(a.reading->patches.size(), b.reading->patches.size());
            for (std::size_t p = 0; p < patches; ++p) {
                const PatchReading &one = a.reading->patches[p], &other = b.reading->patches[p];
                if (one.leftOut || other.leftOut || one.clipped > 0.01 || other.clipped > 0.01) continue;
                f.before += ciede2000(before[0].lab(one.rgb), before[1].lab(other.rgb));
                f.after += ciede2000(after[0].lab(one.rgb), after[1].lab(other.rgb));
                ++f.patches;
            }
            if (f.patches == 0) continue;
            f.before /= static_cast<double>(f.patches);
            f.after /= static_cast<double>(f.patches);
            out.push_back(f);
        }
    return out;
}

std::string counterpart(std::span<const TimedPicture> others, const TimedPicture& one) {
    const TimedPicture* best = nullptr;
    const auto apart = [&](const TimedPicture& p) {
        return p.seconds && one.seconds ? std::abs(*p.seconds - *one.seconds)
                                        : std::numeric_limits<double>::infinity();
    };
    const auto sameSlate = [&](const TimedPicture& p) { return !one.slate.empty() && p.slate == one.slate; };
    for (const TimedPicture& p : others)
        if (!best || std::pair(!sameSlate(p), apart(p)) < std::pair(!sameSlate(*best), apart(*best)))
            best = &p;
    return best ? best->path : std::string();
}

double momentBeside(const TimedPicture& one, double moment, const TimedPicture& other) {
    if (!one.seconds || !other.seconds) return moment;
    const double at = *one.seconds + moment - *other.seconds;
    return at >= 0 ? at : moment;
}

}  // namespace refero::workflow
