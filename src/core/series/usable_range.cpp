// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/series/usable_range.h"

#include <algorithm>
#include <cmath>

namespace refero {
namespace {

constexpr double kGrid = 0.02;  // stops

struct Shares {
    double drift = 0, noise = 0;
    double largest() const { return std::max(drift, noise); }
};

Shares sharesOf(const SeriesStep& s, const SeriesLimits& limits) {
    return {s.driftShare(limits), s.corrected ? s.noiseShare(limits) : 0};
}

double between(double a, double b, double share) {
    constexpr double kLeast = 1e-3;  // of a logarithm's reach
    return std::exp(std::log(std::max(a, kLeast)) * (1 - share) + std::log(std::max(b, kLeast)) * share);
}

// Where the steps say it in between; held beyond their ends.
Shares sharesAt(const SeriesProfile& p, double stops, const SeriesLimits& limits) {
    const auto above =
        std::find_if(p.steps.begin(), p.steps.end(), [&](const SeriesStep& s) { return s.stops >= stops; });
    if (above == p.steps.begin()) return sharesOf(p.steps.front(), limits);
    if (above == p.steps.end()) return sharesOf(p.steps.back(), limits);
    const SeriesStep& below = *std::prev(above);
    const double share = (stops - below.stops) / std::max(above->stops - below.stops, 1e-9);
    const Shares a = sharesOf(below, limits), b = sharesOf(*above, limits);
    return {between(a.drift, b.drift, share), between(a.noise, b.noise, share)};
}

// What clips of a shot when it is brighter, and how far it has drifted then.
double driftWhenBrighter(const SeriesProfile& p, const SeriesStep& from, const Reading& shot,
                         const Reading& base, double stops, const Vector3& clipping) {
    Reading brighter = shot;
    for (PatchReading& patch : brighter.patches) {
        const Vector3 lit = patch.rgb * std::exp2(stops);
        for (int c = 0; c < 3; ++c)
            if (lit[c] >= clipping[c]) patch.clippedChannels[c] = patch.clipped = 1;
        patch.rgb = lit.cwiseMin(clipping);
    }
    return driftBetween(levelled(base, base, p.correction, 0),
                        levelled(brighter, base, p.correction, from.stops + stops - p.baseStep().stops), 0)
        .judged();
}

double upperEnd(SeriesProfile& p, std::span<const SeriesShot> shots, const SeriesLimits& limits) {
    std::size_t good = p.base;
    while (good + 1 < p.steps.size() && sharesOf(p.steps[good + 1], limits).largest() <= 1) ++good;
    p.highEnd = RangeEnd::notReached;
    if (good + 1 == p.steps.size()) return p.steps.back().stops;
    const SeriesStep &from = p.steps[good], &to = p.steps[good + 1];
    p.highEnd = sharesOf(to, limits).drift > 1 ? RangeEnd::drift : RangeEnd::noise;
    std::vector<const Reading*> readings;
    for (const SeriesStep& s : p.steps) readings.push_back(&shots[s.shot].reading);
    const Vector3 clipping = clippingLevel(readings);
    const Reading& base = shots[p.baseStep().shot].reading;
    if (p.highEnd == RangeEnd::drift)
        for (double up = kGrid; up < to.stops - from.stops; up += kGrid)
            if (driftWhenBrighter(p, from, shots[from.shot].reading, base, up, clipping) > limits.drift)
                return from.stops + up - kGrid / 2;
    for (double s = from.stops; s < to.stops; s += kGrid)
        if (sharesAt(p, s, limits).largest() > 1) return s - kGrid / 2;
    return to.stops;
}

double lowerEnd(SeriesProfile& p, const SeriesLimits& limits) {
    std::size_t good = p.base;
    while (good > 0 && sharesOf(p.steps[good - 1], limits).largest() <= 1) --good;
    p.lowEnd = RangeEnd::notReached;
    if (good == 0) return p.steps.front().stops;
    const Shares beyond = sharesOf(p.steps[good - 1], limits);
    p.lowEnd = beyond.drift >= beyond.noise ? RangeEnd::drift : RangeEnd::noise;
    for (double s = p.steps[good].stops; s > p.steps[good - 1].stops; s -= kGrid)
        if (sharesAt(p, s, limits).largest() > 1) return s + kGrid / 2;
    return p.steps[good - 1].stops;
}

}  // namespace

void setUsableRange(SeriesProfile& p, std::span<const SeriesShot> shots, const SeriesLimits& limits) {
    // A base that is beyond the limits itself has no range.
    if (sharesOf(p.baseStep(), limits).largest() > 1) {
        p.usableLow = p.usableHigh = p.baseStep().stops;
        p.lowEnd = p.highEnd = sharesOf(p.baseStep(), limits).drift > 1 ? RangeEnd::drift : RangeEnd::noise;
        return;
    }
    p.usableLow = lowerEnd(p, limits);
    p.usableHigh = upperEnd(p, shots, limits);
}

void setBestOffset(SeriesProfile& p, const SeriesLimits& limits) {
    const double high = p.usableHigh - limits.headroomStops;
    if (high <= p.usableLow) {
        p.bestOffset = (p.usableLow + p.usableHigh) / 2;
        return;
    }
    double least = 1e9;
    for (double s = p.usableLow; s <= high + 1e-9; s += kGrid) {
        const Shares at = sharesAt(p, s, limits);
        const double sum = std::hypot(at.drift, at.noise);
        if (sum < least) {
            least = sum;
            p.bestOffset = s;
        }
    }
}

}  // namespace refero
