// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/series/series.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/fit/fit.h"
#include "core/pair/match.h"
#include "core/pair/nearness.h"
#include "core/read/balance.h"
#include "core/read/treatment.h"
#include "core/say/say.h"
#include "core/series/series_flaws.h"
#include "core/series/usable_range.h"

namespace refero {
namespace {

constexpr double kNearlyBlack = 0.03;   // Y: noise below is not seen as colour
constexpr double kSaturatedRed = 30;    // C*ab
constexpr double kClippedShare = 0.01;  // of a patch's pixels
constexpr double kUsualWhite = 0.8;     // of clipping, where the recording has no nominal level

Lab referenceOf(const Patch& p) {
    return toLab(referenceXyzD50(p), white::d50);
}

bool isRed(const Patch& p) {
    const Lch c = toLch(referenceOf(p));
    return p.role != Role::skin && c.C > kSaturatedRed &&
           colourGroup(p.role, referenceOf(p)) == kFirstHueGroup;
}

// ISO 15739:2013's weights, from memory, on one pixel's deviations: its filters for a viewing distance are
// left out.
double visualNoiseOf(const Correction& c, const PatchReading& p) {
    const auto luv = [&](const Vector3& rgb) {
        const Xyz xyz = c.toXyzD50(rgb);
        const double L = toLab(xyz, white::d50).L;
        const UvPrime at = uvPrime(xyz), white = uvPrime(whiteXyz(white::d50));
        return Vector3(L, 13 * L * (at.u - white.u), 13 * L * (at.v - white.v));
    };
    Matrix3 slope;
    for (int k = 0; k < 3; ++k) {
        const double step = std::max(1e-5, 0.01 * std::abs(p.rgb[k]));
        Vector3 up = p.rgb, down = p.rgb;
        up[k] += step;
        down[k] -= step;
        slope.col(k) = (luv(up) - luv(down)) / (2 * step);
    }
    const Vector3 deviation = (slope * p.covariance * slope.transpose()).diagonal().cwiseMax(0).cwiseSqrt();
    return deviation.x() + 0.852 * deviation.y() + 0.323 * deviation.z();
}

std::optional<std::size_t> midGreyOf(const Chart& chart) {
    std::optional<std::size_t> best;
    for (std::size_t i = 0; i < chart.patches.size(); ++i)
        if (chart.patches[i].role == Role::neutral &&
            (!best || std::abs(referenceOf(chart.patches[i]).L - 50) <
                          std::abs(referenceOf(chart.patches[*best]).L - 50)))
            best = i;
    return best;
}

double rootMeanSquare(const std::vector<double>& v) {
    if (v.empty()) return 0;
    return std::sqrt(std::inner_product(v.begin(), v.end(), v.begin(), 0.0) / static_cast<double>(v.size()));
}

// What of the shot says how much is lost in it, whatever is done to it.
void countLosses(SeriesStep& step, const Reading& r) {
    double counted = 0;
    for (const PatchReading& p : r.patches) {
        if (p.leftOut) continue;
        ++counted;
        step.clipped += p.clipped > kClippedShare;
        for (int c = 0; c < 3; ++c) step.clippedChannels[c] += p.clippedChannels[c] > kClippedShare;
        if (!p.clippedChannels.any()) step.blotch = std::max(step.blotch, p.blotch);
    }
    if (!(counted > 0)) return;
    step.clipped /= counted;
    step.clippedChannels /= counted;
}

// In the way of the base, so that steps differ by their exposure alone; where too little of the chart is left
// for that, in another of the same model.
void correctFully(SeriesStep& step, const Reading& r, const Correction& base, const std::stop_token& stop) {
    FitOptions o;
    o.like = &base;
    o.stop = stop;
    auto c = fit(std::span(&r, 1), o);
    if (!c && !stop.stop_requested()) {
        o.like = nullptr;
        o.model = base.model;
        c = fit(std::span(&r, 1), o);
    }
    if (!c) {
        step.why = c.error().message;
        return;
    }
    std::vector<double> left, noise, skin, red;
    const LevelledChart counted = levelled(r, r, *c, 0);
    for (std::size_t i = 0; i < r.patches.size(); ++i) {
        const PatchResult& p = c->patches[i];
        step.fullyCorrected.push_back(p.after);
        if (counted.counted[i]) left.push_back(p.differenceAfter);
        if (!p.used || toXyz(p.reference).y < kNearlyBlack) continue;
        noise.push_back(p.chromaNoise);
        if (p.role == Role::skin) skin.push_back(p.chromaNoise);
        if (isRed(r.chart.patches[i])) red.push_back(p.chromaNoise);
    }
    step.corrected = spread(left).mean;
    step.unseen = c->summary.crossValidated.mean;
    step.chromaNoise = rootMeanSquare(noise);
    if (!skin.empty()) step.skinNoise = rootMeanSquare(skin);
    if (!red.empty()) step.redNoise = rootMeanSquare(red);
    step.buried = brokenSteps(seenThrough(r, *c)).size();
    if (const auto grey = midGreyOf(r.chart)) step.visualNoise = visualNoiseOf(*c, r.patches[*grey]);
    step.own = std::make_shared<const Correction>(*std::move(c));
}

// Balance, level and contrast: what a person does with the grey scale before any colour.
void correctGreys(SeriesStep& step, const Reading& r, const std::stop_token& stop) {
    FitOptions o;
    o.model = Model::balance;
    o.greyCurves = CurveUse::always;
    o.stop = stop;
    if (auto c = fit(std::span(&r, 1), o)) step.greys = std::make_shared<const Correction>(*std::move(c));
}

double meanToReference(const LevelledChart& chart) {
    std::vector<double> left;
    for (std::size_t i = 0; i < chart.seen.size(); ++i)
        if (chart.counted[i])
            left.push_back(ciede2000(referenceOf(chart.reading->chart.patches[i]), chart.seen[i]));
    return spread(std::move(left)).mean;
}

double meanAsShown(const Reading& r) {
    const SeenChart seen = asShownLevelled(r);
    std::vector<double> left;
    for (std::size_t i = 0; i < r.patches.size(); ++i)
        if (!r.patches[i].leftOut && r.patches[i].pixels > 0)
            left.push_back(ciede2000(referenceOf(r.chart.patches[i]), seen.lab(r.patches[i].rgb)));
    return spread(std::move(left)).mean;
}

// Whether a note's stops are an exposure of the series, rather than by how much something is off.
bool isPlace(SeriesFlaw flaw) {
    return flaw == SeriesFlaw::stepMissing || flaw == SeriesFlaw::stepTwice ||
           flaw == SeriesFlaw::outOfOrder || flaw == SeriesFlaw::statedDiffers;
}

// How far a shot is from the exposure that its recording wants.
double fromNominal(const Reading& r) {
    constexpr double kClippedIsWorse = 2;  // stops: what has clipped does not tell how far
    const double white = whiteSeen(r).maxCoeff();
    if (!(white > 0)) return 1e3;
    if (!nominalWhite(r.encoding) &&
        std::any_of(r.patches.begin(), r.patches.end(),
                    [](const PatchReading& p) { return !p.leftOut && p.clipped > kClippedShare; }))
        return kClippedIsWorse + std::abs(std::log2(white / kUsualWhite));
    return std::abs(std::log2(white / nominalWhite(r.encoding).value_or(kUsualWhite)));
}

// What is known to be wrong with a reading is mended. What has clipped counts as it is: whoever exposes so
// has it in the picture.
SeriesShot mended(SeriesShot s) {
    std::vector<bool> left;
    for (const PatchReading& p : s.reading.patches) left.push_back(p.leftOut);
    s.reading = treated(std::move(s.reading)).reading;
    for (std::size_t i = 0; i < left.size(); ++i) s.reading.patches[i].leftOut = left[i];
    return s;
}

// All that limits have a say in.
void judge(SeriesProfile& p, std::span<const SeriesShot> mendedShots, const SeriesLimits& limits) {
    setUsableRange(p, mendedShots, limits);
    setBestOffset(p, limits);
    std::vector<const Reading*> readings;
    for (const SeriesStep& s : p.steps) readings.push_back(&mendedShots[s.shot].reading);
    p.range = dynamicRange(readings, limits.signalToNoise);
}

// Of `mended` shots.
void compare(ProfilePair& pair, const Series& series, std::span<const SeriesShot> shots,
             const std::stop_token& stop) {
    const SeriesProfile &a = series.profiles[pair.a], &b = series.profiles[pair.b];
    const Reading &ra = shots[a.baseStep().shot].reading, &rb = shots[b.baseStep().shot].reading;
    MatchOptions o;
    o.fit.stop = stop;
    o.tellUnreachable = false;
    const auto match =
        matched({ra, showsItself(ra) ? std::nullopt : std::optional(a.correction)}, std::span(&rb, 1), o);
    if (match) {
        pair.before = match->correction.summary.before.mean;
        pair.left = match->correction.summary.after.mean;
    } else {
        pair.why = match.error().message;
    }
    const double na = a.baseStep().chromaNoise, nb = b.baseStep().chromaNoise;
    // Photon noise halves with every two stops of light.
    if (na > 0 && nb > 0) pair.noiseStops = 2 * std::log2(nb / na);
}

void comparePairs(Series& series, std::span<const SeriesShot> shots, const std::stop_token& stop) {
    std::vector<ProfilePair> pairs;
    for (std::size_t a = 0; a < series.profiles.size(); ++a)
        for (std::size_t b = a + 1; b < series.profiles.size(); ++b) {
            pairs.emplace_back().a = a;
            pairs.back().b = b;
        }
    tbb::parallel_for(std::size_t{0}, pairs.size(), [&](std::size_t k) {
        if (!stop.stop_requested()) compare(pairs[k], series, shots, stop);
    });
    series.pairs = std::move(pairs);
}

std::vector<SeriesShot> allMended(std::span<const SeriesShot> shots) {
    std::vector<SeriesShot> out(shots.size());
    tbb::parallel_for(std::size_t{0}, out.size(), [&](std::size_t i) { out[i] = mended(shots[i]); });
    return out;
}

class Analysis {
  public:
    Analysis(std::span<const SeriesShot> shots, const SeriesOptions& options)
        : shots_(shots.begin(), shots.end()), options_(options) {}

    Result<Series> run() {
        out_.limits = options_.limits;
        std::vector<SteppedProfile> profiles;
        for (const auto& [name, shots] : byProfile()) {
            SteppedProfile p = stepped(name, shots_, shots, out_.notes);
            if (!p.shots.empty()) profiles.push_back(std::move(p));
        }
        mend();
        bringToZero(profiles);
        Error last{say("Nothing of the series is left to be compared.")};
        std::vector<Result<SeriesProfile>> all(profiles.size(), tl::unexpected(last));
        std::vector<std::vector<SeriesNote>> notes(profiles.size());
        tbb::parallel_for(std::size_t{0}, profiles.size(), [&](std::size_t k) {
            if (!options_.stop.stop_requested()) all[k] = profileOf(profiles[k], notes[k]);
        });
        for (std::size_t k = 0; k < all.size(); ++k) {
            out_.notes.insert(out_.notes.end(), notes[k].begin(), notes[k].end());
            if (all[k])
                out_.profiles.push_back(*std::move(all[k]));
            else
                last = all[k].error();
        }
        if (options_.stop.stop_requested()) return stoppedEarly();
        if (out_.profiles.empty()) return tl::unexpected(last);
        if (options_.pairs) comparePairs(out_, shots_, options_.stop);
        if (options_.stop.stop_requested()) return stoppedEarly();
        return std::move(out_);
    }

  private:
    // In the order in which they come; of one chart, the one that most shots show.
    std::vector<std::pair<std::string, std::vector<std::size_t>>> byProfile() {
        std::map<std::string, std::size_t> charts;
        for (const SeriesShot& s : shots_) ++charts[s.reading.chart.id];
        const auto most = std::max_element(charts.begin(), charts.end(),
                                           [](const auto& a, const auto& b) { return a.second < b.second; });
        std::vector<std::pair<std::string, std::vector<std::size_t>>> out;
        for (std::size_t i = 0; i < shots_.size(); ++i) {
            const Reading& r = shots_[i].reading;
            const std::string name = shots_[i].profile.empty() ? refero::profileOf(r) : shots_[i].profile;
            if (r.chart.id != most->first) {
                out_.notes.push_back({SeriesFlaw::otherChart, name, r.framePath, {}, 0, 0});
                continue;
            }
            const auto at =
                std::find_if(out.begin(), out.end(), [&](const auto& p) { return p.first == name; });
            if (at == out.end())
                out.push_back({name, {i}});
            else
                at->second.push_back(i);
        }
        return out;
    }

    void mend() { shots_ = allMended(shots_); }

    std::size_t nominalOf(const SteppedProfile& p) const {
        std::size_t best = 0;
        for (std::size_t k = 1; k < p.shots.size(); ++k)
            if (fromNominal(shots_[p.shots[k]].reading) < fromNominal(shots_[p.shots[best]].reading))
                best = k;
        return best;
    }

    // Where the camera's settings are known, a step is the same exposure in all profiles; else each profile
    // begins at its own base.
    void bringToZero(std::vector<SteppedProfile>& profiles) {
        bool common = true;
        std::optional<double> zero;
        for (SteppedProfile& p : profiles) {
            p.base = nominalOf(p);
            for (std::size_t k = 0; k < p.shots.size(); ++k) {
                common = common && p.stated[k];
                if (options_.zero == p.shots[k]) p.base = k;
            }
        }
        if (profiles.empty()) return;
        const auto holds = [&](const SteppedProfile& p) { return options_.zero == p.shots[p.base]; };
        const auto chosen = std::find_if(profiles.begin(), profiles.end(), holds);
        const SteppedProfile& first = chosen == profiles.end() ? profiles.front() : *chosen;
        out_.zero = first.shots[first.base];
        if (common) zero = first.stated[first.base];
        for (SteppedProfile& p : profiles) {
            const double base = p.told.stops[p.base];
            const double shift = zero ? *p.stated[p.base] - *zero : 0;
            for (double& s : p.told.stops) s += shift - base;
            for (SeriesNote& n : out_.notes)
                if (n.profile == p.name && isPlace(n.flaw)) n.stops += shift - base;
            const std::optional<double> from = zero ? zero : p.stated[p.base];
            for (auto& s : p.stated) s = s && from ? std::optional(*s - *from) : std::nullopt;
        }
    }

    Result<SeriesProfile> profileOf(const SteppedProfile& p, std::vector<SeriesNote>& notes) const {
        const Reading& base = shots_[p.shots[p.base]].reading;
        FitOptions o;
        o.stop = options_.stop;
        auto c = fit(std::span(&base, 1), o);
        if (!c) return tl::unexpected(c.error());
        SeriesProfile out;
        out.name = p.name;
        out.correction = *std::move(c);
        std::vector<std::size_t> order(p.shots.size());
        std::iota(order.begin(), order.end(), std::size_t{0});
        std::stable_sort(order.begin(), order.end(),
                         [&](std::size_t a, std::size_t b) { return p.told.stops[a] < p.told.stops[b]; });
        for (const std::size_t k : order) {
            if (k == p.base) out.base = out.steps.size();
            SeriesStep& step = out.steps.emplace_back();
            step.shot = p.shots[k];
            step.stops = p.told.stops[k];
            step.error = p.told.error[k];
            step.stated = p.stated[k];
        }
        measure(out);
        judge(out, shots_, options_.limits);
        describeRecording(out, notes);
        return out;
    }

    void measure(SeriesProfile& p) const {
        const Reading& base = shots_[p.baseStep().shot].reading;
        const LevelledChart start = levelled(base, base, p.correction, 0);
        const double zero = p.baseStep().stops;
        tbb::parallel_for(std::size_t{0}, p.steps.size(), [&](std::size_t k) {
            if (options_.stop.stop_requested()) return;
            SeriesStep& step = p.steps[k];
            const Reading& r = shots_[step.shot].reading;
            const LevelledChart chart = levelled(r, base, p.correction, step.stops - zero);
            step.asShown = meanAsShown(r);
            step.levelOnly = meanToReference(chart);
            step.levelled = chart.seen;
            step.level = chart.correction.level;
            step.drift = driftBetween(start, chart);
            countLosses(step, r);
            correctGreys(step, r, options_.stop);
            correctFully(step, r, p.correction, options_.stop);
        });
    }

    void describeRecording(SeriesProfile& p, std::vector<SeriesNote>& notes) const {
        std::vector<ExposedReading> exposed;
        for (const SeriesStep& s : p.steps) exposed.push_back({&shots_[s.shot].reading, s.stops});
        const Transfer& encoding = exposed.front().reading->encoding;
        p.curve = characteristicCurve(exposed);
        p.stated = curveFit(p.curve, encoding);
        for (const Transfer& curve : options_.curves) {
            if (curve == encoding) continue;
            const auto fit = curveFit(p.curve, curve);
            if (fit && (!p.nearest || fit->missed < p.nearest->missed)) p.nearest = fit;
        }
        constexpr double kPlainlyBetter = 0.5, kCodesOff = 6;
        if (p.nearest && p.stated && p.nearest->missed > kPlainlyBetter * p.stated->missed) p.nearest.reset();
        if (p.stated && p.stated->missed > kCodesOff)
            notes.push_back({SeriesFlaw::curveDiffers,
                             p.name,
                             {},
                             p.nearest ? p.nearest->curve : "",
                             0,
                             p.stated->missed});
    }

    std::vector<SeriesShot> shots_;
    const SeriesOptions& options_;
    Series out_;
};

}  // namespace

std::string profileOf(const Reading& r) {
    return r.settings.profile.empty() ? std::string(r.encoding.name()) : r.settings.profile;
}

std::string_view name(SeriesFlaw flaw) {
    static constexpr std::array<std::string_view, kSeriesFlaws.size()> kNames{
        "step-missing", "step-twice",  "out-of-order",    "stated-differs", "light-changed",
        "other-scene",  "other-chart", "no-common-patch", "curve-differs"};
    return kNames[static_cast<std::size_t>(flaw)];
}

std::string_view name(RangeEnd end) {
    return end == RangeEnd::drift ? "drift" : end == RangeEnd::noise ? "noise" : "not-reached";
}

std::size_t Series::closest() const {
    const auto nearest = std::min_element(profiles.begin(), profiles.end(),
                                          [](const SeriesProfile& a, const SeriesProfile& b) {
                                              return a.baseStep().asShown < b.baseStep().asShown;
                                          });
    return static_cast<std::size_t>(nearest - profiles.begin());
}

std::vector<std::size_t> stripPatches(const Chart& chart) {
    std::vector<std::size_t> out;
    std::optional<std::size_t> skin, red;
    for (std::size_t i = 0; i < chart.patches.size(); ++i) {
        const Patch& p = chart.patches[i];
        if (p.role == Role::skin && !skin) skin = i;
        if (isRed(p) && (!red || toLch(referenceOf(p)).C > toLch(referenceOf(chart.patches[*red])).C))
            red = i;
    }
    for (const auto& found : {skin, red, midGreyOf(chart)})
        if (found) out.push_back(*found);
    return out;
}

Series judgedBy(const Series& series, std::span<const SeriesShot> shots, const SeriesLimits& limits) {
    const std::vector<SeriesShot> all = allMended(shots);
    Series out = series;
    out.limits = limits;
    for (SeriesProfile& p : out.profiles) judge(p, all, limits);
    return out;
}

Series withPairs(const Series& series, std::span<const SeriesShot> shots, const std::stop_token& stop) {
    Series out = series;
    comparePairs(out, allMended(shots), stop);
    return out;
}

Result<Series> analysed(std::span<const SeriesShot> shots, const SeriesOptions& options) {
    if (shots.empty()) return failure(say("A series needs at least one chart shot."));
    return Analysis(shots, options).run();
}

}  // namespace refero
