// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/light_watch.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

#include "core/say/figure.h"
#include "core/spectra/temperature.h"

namespace refero::plan {
namespace {

std::string clockOf(Moment at, const Day& day, const Setup& setup) {
    int offset = 0;
    for (const Place& p : day.places)
        if (p.id == setup.conditions.place) offset = p.offsetMinutes;
    return isoText(at + std::chrono::minutes(offset)).substr(11, 5);
}

std::string apart(std::chrono::seconds s) {
    const auto minutes = std::chrono::round<std::chrono::minutes>(s).count();
    if (minutes < 60) return say("%1 min", std::to_string(minutes));
    return say("%1 h %2 min", std::to_string(minutes / 60), std::to_string(minutes % 60));
}

struct Around {
    const ChartShot* before = nullptr;
    const ChartShot* after = nullptr;
};

Around shotsAround(const Day& day, const Setup& setup, Moment taken) {
    Around a;
    for (const ChartShot& s : day.shots) {
        if (s.setup != setup.id || !s.usable) continue;
        if (s.at <= taken && (!a.before || s.at > a.before->at)) a.before = &s;
        if (s.at > taken && (!a.after || s.at < a.after->at)) a.after = &s;
    }
    return a;
}

std::string farFrom(const Day& day, const Setup& setup, Moment taken, const Around& around,
                    std::chrono::minutes far) {
    const auto since = around.before ? taken - around.before->at : std::chrono::seconds::max();
    const auto until = around.after ? around.after->at - taken : std::chrono::seconds::max();
    // A chart shot soon afterwards speaks for the frame as well.
    if (until <= std::chrono::minutes(20)) return {};
    if (around.before) {
        const auto trusted = day.trustedUntil.find(around.before->id);
        if (trusted != day.trustedUntil.end()) {
            if (taken <= trusted->second) return {};
            return say("Taken at %1; the chart shot of %2 holds until %3.", clockOf(taken, day, setup),
                       clockOf(around.before->at, day, setup), clockOf(trusted->second, day, setup));
        }
    }
    if (std::min(since, until) <= far) return {};
    return since <= until ? say("Taken %1 after the chart shot.", apart(since))
                          : say("Taken %1 before the chart shot.", apart(until));
}

std::string movedBetween(const Day& day, const Setup& setup, const WhiteSeen& a, const WhiteSeen& b) {
    const LightStep step = lightStep(a, b);
    const double stops = step.stops.value_or(0);
    if (std::abs(stops) <= day.shoot.moveLimitStops && std::abs(step.mired) <= day.shoot.moveLimitMired)
        return {};
    const std::string by = step.stops ? sayf("by %+.1f stops and about %+.0f mired", stops, step.mired)
                                      : sayf("by about %+.0f mired", step.mired);
    return say("The light moved between %1 and %2, %3.", clockOf(a.at, day, setup), clockOf(b.at, day, setup),
               by);
}

}  // namespace

LightStep lightStep(const WhiteSeen& from, const WhiteSeen& to) {
    LightStep s;
    s.mired = miredBetween(from.white, to.white);
    if (from.exposure > 0 && to.exposure > 0)
        s.stops = std::log2(to.white.y() / to.exposure) - std::log2(from.white.y() / from.exposure);
    return s;
}

std::vector<std::string> lightDoubts(const Day& day, const Setup& setup, Moment taken,
                                     const std::vector<WhiteSeen>& seen, const LightWatchOptions& options) {
    std::vector<std::string> out;
    const Around around = shotsAround(day, setup, taken);
    if (!around.before && !around.after) return out;
    if (auto far = farFrom(day, setup, taken, around, std::chrono::minutes(options.farMinutes)); !far.empty())
        out.push_back(std::move(far));
    const WhiteSeen *before = nullptr, *after = nullptr;
    for (const WhiteSeen& w : seen) {
        if (!(w.white.minCoeff() > 0)) continue;
        if (w.at <= taken && (!before || w.at > before->at)) before = &w;
        if (w.at > taken && (!after || w.at < after->at)) after = &w;
    }
    if (before && after)
        if (auto moved = movedBetween(day, setup, *before, *after); !moved.empty())
            out.push_back(std::move(moved));
    return out;
}

}  // namespace refero::plan
