// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/series/series_verdicts.h"

#include <algorithm>
#include <cmath>

#include "core/fit/fit_limits.h"

namespace refero {
namespace {

// Common practice: a stop of error either way and one for what changes in a shot.
constexpr double kGoodRange = 3, kTolerableRange = 1.5;
constexpr double kGoodOffset = 1.0 / 3, kTolerableOffset = 1;
constexpr double kGoodCurve = 1.0 / 6, kTolerableCurve = 0.5;
constexpr double kGoodCost = 1, kTolerableCost = 2;

Verdict atMost(double value, double good, double tolerable) {
    return value <= good ? Verdict::pass : value <= tolerable ? Verdict::review : Verdict::reshoot;
}

class Verdicts {
  public:
    explicit Verdicts(const Series& series) : s_(series) {}

    std::vector<SeriesVerdict> all() {
        for (std::size_t i = 0; i < s_.profiles.size(); ++i) ofProfile(i);
        if (s_.profiles.size() > 1) {
            const std::size_t c = s_.closest();
            add(SeriesFinding::closest, Verdict::pass, s_.profiles[c].baseStep().asShown, 0, c);
        }
        for (const ProfilePair& p : s_.pairs) ofPair(p);
        return std::move(out_);
    }

  private:
    SeriesVerdict& add(SeriesFinding finding, Verdict verdict, double value, double limit,
                       std::size_t profile) {
        SeriesVerdict& v = out_.emplace_back();
        v.finding = finding;
        v.verdict = verdict;
        v.value = value;
        v.limit = limit;
        v.profile = profile;
        return v;
    }

    void ofProfile(std::size_t i) {
        const SeriesProfile& p = s_.profiles[i];
        if (p.steps.size() > 1) {
            const double wide = p.usableHigh - p.usableLow;
            // What ends with the shots may be wider.
            const bool open = p.lowEnd == RangeEnd::notReached || p.highEnd == RangeEnd::notReached;
            add(SeriesFinding::range,
                open && wide < kGoodRange ? Verdict::review : atMost(-wide, -kGoodRange, -kTolerableRange),
                wide, kGoodRange, i);
            const double off = p.bestOffset - p.baseStep().stops;
            add(SeriesFinding::offset, atMost(std::abs(off), kGoodOffset, kTolerableOffset), off, kGoodOffset,
                i);
        }
        if (p.stated)
            add(SeriesFinding::curve, atMost(std::abs(p.stated->offset), kGoodCurve, kTolerableCurve),
                p.stated->offset, kGoodCurve, i);
        drift(i, SeriesFinding::unders, underStep(p));
        drift(i, SeriesFinding::overs, overStep(p));
        const double noise = p.baseStep().chromaNoise;
        if (noise > 0)
            add(SeriesFinding::noise, atMost(noise, s_.limits.chromaNoise / 2, s_.limits.chromaNoise), noise,
                s_.limits.chromaNoise, i);
        if (p.range) add(SeriesFinding::depth, Verdict::pass, p.range->stops, 0, i);
    }

    void drift(std::size_t i, SeriesFinding which, const SeriesStep* step) {
        if (!step || step->drift.groups.empty()) return;
        const double apart = std::abs(step->stops - s_.profiles[i].baseStep().stops);
        if (apart < 0.25) return;
        const double each = step->drift.mean / apart;
        SeriesVerdict& v =
            add(which, atMost(each, s_.limits.drift / 2, s_.limits.drift), each, s_.limits.drift / 2, i);
        v.group = std::max_element(
                      step->drift.groups.begin(), step->drift.groups.end(),
                      [](const GroupDrift& a, const GroupDrift& b) { return a.difference < b.difference; })
                      ->group;
    }

    void ofPair(const ProfilePair& p) {
        static const FitLimits limits;
        if (p.left)
            add(SeriesFinding::meeting, atMost(*p.left, limits.mean.high, 2 * limits.mean.high), *p.left,
                limits.mean.high, p.a)
                .other = p.b;
        // Told of the noisier one.
        if (std::abs(p.noiseStops) > 1.0 / 6) {
            SeriesVerdict& v =
                add(SeriesFinding::cost, atMost(std::abs(p.noiseStops), kGoodCost, kTolerableCost),
                    std::abs(p.noiseStops), kGoodCost, p.noiseStops > 0 ? p.a : p.b);
            v.other = p.noiseStops > 0 ? p.b : p.a;
        }
    }

    const Series& s_;
    std::vector<SeriesVerdict> out_;
};

}  // namespace

std::string_view name(SeriesFinding f) {
    static constexpr std::array<std::string_view, 10> kNames{"range", "offset", "curve",   "unders",  "overs",
                                                             "noise", "depth",  "closest", "meeting", "cost"};
    return kNames[static_cast<std::size_t>(f)];
}

const SeriesStep* underStep(const SeriesProfile& p) {
    const SeriesStep* out = p.base > 0 ? &p.steps[p.base - 1] : nullptr;
    for (std::size_t k = p.base; k-- > 0;)
        if (p.steps[k].stops >= p.usableLow) out = &p.steps[k];
    return out;
}

const SeriesStep* overStep(const SeriesProfile& p) {
    const SeriesStep* out = p.base + 1 < p.steps.size() ? &p.steps[p.base + 1] : nullptr;
    for (std::size_t k = p.base + 1; k < p.steps.size(); ++k)
        if (p.steps[k].stops <= p.usableHigh) out = &p.steps[k];
    return out;
}

std::vector<SeriesVerdict> verdictsOf(const Series& series) {
    return Verdicts(series).all();
}

}  // namespace refero
