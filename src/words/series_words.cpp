// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/series_words.h"

#include <cmath>

#include "words/detail/figure.h"

namespace refero::words {
namespace {

std::string of(const std::string& profile) {
    return profile.empty() ? std::string("The series") : profile;
}

const SeriesProfile& profileOf(const SeriesVerdict& v, const Series& s) {
    return s.profiles[v.profile];
}

SaidVerdict rangeSaid(const SeriesVerdict& v, const Series& s) {
    const SeriesProfile& p = profileOf(v, s);
    SaidVerdict out;
    out.title = "Usable from " + exposure(p.usableLow) + " to " + exposure(p.usableHigh);
    const auto end = [](RangeEnd e, const char* way) -> std::string {
        if (e == RangeEnd::drift) return std::string(way) + " colours drift";
        if (e == RangeEnd::noise) return std::string(way) + " chroma noise shows";
        return std::string(way) + " nothing was shot";
    };
    out.reason = figure("%.1f stops within a drift of %.1f CIEDE2000 and a chroma noise of %.0f: ", v.value,
                        s.limits.drift, s.limits.chromaNoise) +
                 end(p.lowEnd, "below it") + ", " + end(p.highEnd, "above it") + ".";
    if (v.verdict == Verdict::pass) return out;
    out.remedy = p.lowEnd == RangeEnd::notReached || p.highEnd == RangeEnd::notReached
                     ? "Shoot more steps on that side to know where it ends."
                     : "Expose within it, or plan another recording profile.";
    return out;
}

SaidVerdict offsetSaid(const SeriesVerdict& v, const Series& s) {
    const SeriesProfile& p = profileOf(v, s);
    SaidVerdict out;
    out.title = "Best exposed at " + exposure(p.bestOffset);
    out.reason =
        figure("Least drift and noise together with %.0f stop of room above white.", s.limits.headroomStops);
    if (v.verdict != Verdict::pass)
        out.remedy = figure("Expose %s %.1f stops %s than this series' normal exposure.", of(p.name).c_str(),
                            std::abs(v.value), v.value > 0 ? "more" : "less");
    return out;
}

SaidVerdict curveSaid(const SeriesVerdict& v, const Series& s) {
    const SeriesProfile& p = profileOf(v, s);
    const CurveFit& fit = *p.stated;
    SaidVerdict out;
    out.title = std::abs(v.value) < 0.05 ? "Records as its curve states"
                                         : figure("Records %.2f stops %s than its curve states",
                                                  std::abs(v.value), v.value > 0 ? "lighter" : "darker");
    out.reason = figure(
        "%s fits the measured greys with an offset of %+.2f ± %.2f stops and misses them by %.1f "
        "codes of 1023.",
        fit.curve.c_str(), fit.offset, 1.96 * fit.offsetError, fit.missed);
    if (p.nearest)
        out.reason += figure(" %s fits better: %.1f codes.", p.nearest->curve.c_str(), p.nearest->missed);
    if (v.verdict != Verdict::pass)
        out.remedy = figure("Rate it %.1f stops %s, or state the curve that it really has.",
                            std::abs(v.value), v.value > 0 ? "higher" : "lower");
    return out;
}

SaidVerdict driftSaid(const SeriesVerdict& v, const Series& s) {
    const SeriesProfile& p = profileOf(v, s);
    const bool under = v.finding == SeriesFinding::unders;
    const SeriesStep& step = *(under ? underStep(p) : overStep(p));
    SaidVerdict out;
    out.title = figure(under ? "In the unders %.2f a stop" : "In the overs %.2f a stop", v.value);
    out.reason = figure(
        "At %s, with its level alone corrected, colours are %.2f CIEDE2000 (%.2f to %.2f) from the base",
        exposure(step.stops).c_str(), step.drift.mean, step.drift.meanIn.low, step.drift.meanIn.high);
    if (const GroupDrift* grey = step.drift.group(kNeutralGroup))
        out.reason += "; greys are " + movement(*grey);
    if (const GroupDrift* most = step.drift.group(v.group); most && v.group != kNeutralGroup)
        out.reason += "; " + colours(v.group) + " most: " + movement(*most);
    out.reason += ".";
    if (v.verdict != Verdict::pass)
        out.remedy = under ? "Light more, or correct such shots with a chart of their own."
                           : "Expose less, or correct such shots with a chart of their own.";
    return out;
}

SaidVerdict depthSaid(const SeriesVerdict& v, const Series& s) {
    const DynamicRange& d = *profileOf(v, s).range;
    SaidVerdict out;
    out.title = figure(d.atLeast ? "More than %.1f stops deep" : "%.1f stops deep", v.value);
    out.reason = figure(
        "Between clipping and a signal to noise of %.0f in green, one pixel of the file as it is, "
        "after the idea of ISO 15739%s.",
        d.limit,
        d.atLeast     ? "; nothing dark enough was shot to tell where it ends"
        : d.continued ? "; the noise of the darkest patches was continued"
                      : "");
    return out;
}

}  // namespace

std::string exposure(double stops) {
    const double thirds = stops * 3;
    const int whole = static_cast<int>(std::lround(thirds));
    if (std::abs(thirds - whole) > 0.15) return figure("%+.1f", stops);
    if (whole == 0) return "0";
    const int full = std::abs(whole) / 3, rest = std::abs(whole) % 3;
    const std::string sign = whole < 0 ? "-" : "+";
    if (rest == 0) return sign + std::to_string(full);
    return sign + (full ? std::to_string(full) + " " : "") + std::to_string(rest) + "/3";
}

std::string colours(std::size_t group) {
    if (group == kNeutralGroup) return "greys";
    if (group == kSkinGroup) return "skin";
    static constexpr const char* kPlural[] = {"reds",    "oranges",     "yellows", "yellow-greens",
                                              "greens",  "blue-greens", "blues",   "purple-blues",
                                              "purples", "red-purples"};
    return kPlural[group - kFirstHueGroup];
}

std::string movement(const GroupDrift& d) {
    constexpr double kSeen = 0.3;
    std::vector<std::string> parts;
    if (d.group == kNeutralGroup) {
        if (std::abs(d.redder) >= kSeen)
            parts.push_back(figure("%.1f %s", std::abs(d.redder), d.redder > 0 ? "redder" : "greener"));
        if (std::abs(d.yellower) >= kSeen)
            parts.push_back(figure("%.1f %s", std::abs(d.yellower), d.yellower > 0 ? "yellower" : "bluer"));
    } else {
        if (std::abs(d.turnDegrees) >= 0.5)
            parts.push_back(figure("turned %.0f degrees (%.1f to %.1f)", std::abs(d.turnDegrees),
                                   std::min(std::abs(d.turnIn.low), std::abs(d.turnIn.high)),
                                   std::max(std::abs(d.turnIn.low), std::abs(d.turnIn.high))) +
                            (d.turnDegrees > 0 ? " from red towards yellow and green"
                                               : " from yellow towards red and purple"));
        if (std::abs(d.chroma - 1) >= 0.02)
            parts.push_back(
                figure("%.0f %% %s", 100 * std::abs(d.chroma - 1), d.chroma > 1 ? "stronger" : "paler"));
    }
    if (std::abs(d.lightness) >= kSeen)
        parts.push_back(figure("%.1f %s", std::abs(d.lightness), d.lightness > 0 ? "lighter" : "darker"));
    if (parts.empty()) return "as they were";
    std::string out = parts.front();
    for (std::size_t i = 1; i < parts.size(); ++i) out += (i + 1 == parts.size() ? " and " : ", ") + parts[i];
    return out;
}

std::string sentence(const SeriesNote& n) {
    const std::string frame = fileOf(n.frame), other = fileOf(n.other);
    switch (n.flaw) {
        case SeriesFlaw::stepMissing:
            return of(n.profile) + ": a step is missing at " + exposure(n.stops) + ", between " + frame +
                   " and " + other + ".";
        case SeriesFlaw::stepTwice:
            return of(n.profile) + ": " + frame + " and " + other + " got the same exposure, " +
                   exposure(n.stops) + ".";
        case SeriesFlaw::outOfOrder:
            return of(n.profile) + ": " + frame +
                   " was shot out of order. The steps are sorted by what the chart shows.";
        case SeriesFlaw::statedDiffers:
            return frame +
                   figure(
                       ": the camera was set to %.2f stops %s than the chart got. The chart counts; look "
                       "whether the light or a filter changed.",
                       std::abs(n.expected), n.expected > 0 ? "more" : "less");
        case SeriesFlaw::lightChanged:
            return frame +
                   figure(
                       ": its light has another colour than that of its neighbours (by %.2f stops of red "
                       "or blue). It is left out.",
                       n.stops);
        case SeriesFlaw::otherScene:
            return frame +
                   figure(
                       ": its patches do not differ from the others' by an exposure (they miss by %.2f "
                       "stops). It is left out as another scene or light.",
                       n.stops);
        case SeriesFlaw::otherChart:
            return frame + ": it shows another chart than most of the series and is left out.";
        case SeriesFlaw::noCommonPatch:
            return frame +
                   ": no patch of it is usable beside the others, so its step cannot be told. It is left "
                   "out.";
        case SeriesFlaw::curveDiffers:
            if (n.expected == 1)
                return of(n.profile) + figure(
                                           ": a stop of exposure is %.2f stops in the recording. It does not "
                                           "follow the curve that it states.",
                                           n.stops);
            return of(n.profile) +
                   figure(": its greys miss the curve that it states by %.1f codes of 1023", n.expected) +
                   (n.other.empty() ? "." : "; " + n.other + " fits better.");
    }
    return {};
}

SaidVerdict said(const SeriesVerdict& v, const Series& s) {
    const std::string& profile = profileOf(v, s).name;
    switch (v.finding) {
        case SeriesFinding::range:
            return rangeSaid(v, s);
        case SeriesFinding::offset:
            return offsetSaid(v, s);
        case SeriesFinding::curve:
            return curveSaid(v, s);
        case SeriesFinding::unders:
        case SeriesFinding::overs:
            return driftSaid(v, s);
        case SeriesFinding::noise:
            return {
                figure("Chroma noise of %.1f", v.value),
                figure(
                    "Of one pixel in a* and b* at the base, after the full correction; at %.0f colours begin "
                    "to look blotchy.",
                    s.limits.chromaNoise),
                v.verdict == Verdict::pass ? "" : "Light more, or choose a lower sensitivity."};
        case SeriesFinding::depth:
            return depthSaid(v, s);
        case SeriesFinding::closest:
            return {
                profile + " starts closest to neutral",
                figure(
                    "As it shows itself, with its level matched, %.1f CIEDE2000 from the reference values.",
                    v.value),
                ""};
        case SeriesFinding::meeting:
            return {figure("%.2f left between ", v.value) + profile + " and " + s.profiles[v.other].name,
                    figure("Mean CIEDE2000 once the second is made to look like the first; up to %.1f cuts "
                           "together.",
                           v.limit),
                    v.verdict == Verdict::pass ? "" : "Do not cut these two profiles against each other."};
        case SeriesFinding::cost:
            return {s.profiles[v.other].name + figure(" is %.1f stops noisier than ", v.value) + profile,
                    "Chroma noise after the full correction, told in stops of light at which photon noise is "
                    "alike.",
                    v.verdict == Verdict::pass ? "" : "Use it only where there is light to spare."};
    }
    return {};
}

}  // namespace refero::words
