// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/series_words.h"

#include <cmath>

#include "core/say/figure.h"
#include "words/detail/figure.h"

namespace refero::words {
namespace {

std::string of(const std::string& profile) {
    return profile.empty() ? std::string(say("The series")) : profile;
}

const SeriesProfile& profileOf(const SeriesVerdict& v, const Series& s) {
    return s.profiles[v.profile];
}

SaidVerdict rangeSaid(const SeriesVerdict& v, const Series& s) {
    const SeriesProfile& p = profileOf(v, s);
    SaidVerdict out;
    out.title = say("Usable from %1 to %2", exposure(p.usableLow), exposure(p.usableHigh));
    const auto end = [](RangeEnd e, bool below) -> std::string {
        if (e == RangeEnd::drift)
            return below ? say("below it colours drift") : say("above it colours drift");
        if (e == RangeEnd::noise)
            return below ? say("below it chroma noise shows") : say("above it chroma noise shows");
        return below ? say("below it nothing was shot") : say("above it nothing was shot");
    };
    out.reason = say("%1 stops within a drift of %2 CIEDE2000 and a chroma noise of %3: %4, %5.",
                     figure("%.1f", v.value), figure("%.1f", s.limits.drift),
                     figure("%.0f", s.limits.chromaNoise), end(p.lowEnd, true), end(p.highEnd, false));
    if (v.verdict == Verdict::pass) return out;
    out.remedy = p.lowEnd == RangeEnd::notReached || p.highEnd == RangeEnd::notReached
                     ? say("Shoot more steps on that side to know where it ends.")
                     : say("Expose within it, or plan another recording profile.");
    return out;
}

SaidVerdict offsetSaid(const SeriesVerdict& v, const Series& s) {
    const SeriesProfile& p = profileOf(v, s);
    SaidVerdict out;
    out.title = say("Best exposed at %1", exposure(p.bestOffset));
    out.reason =
        sayf("Least drift and noise together with %.0f stop of room above white.", s.limits.headroomStops);
    if (v.verdict != Verdict::pass)
        out.remedy = sayf("Expose %s %.1f stops %s than this series' normal exposure.", of(p.name).c_str(),
                          std::abs(v.value), (v.value > 0 ? say("more") : say("less")).c_str());
    return out;
}

SaidVerdict curveSaid(const SeriesVerdict& v, const Series& s) {
    const SeriesProfile& p = profileOf(v, s);
    const CurveFit& fit = *p.stated;
    SaidVerdict out;
    out.title = std::abs(v.value) < 0.05
                    ? say("Records as its curve states")
                    : sayf("Records %.2f stops %s than its curve states", std::abs(v.value),
                           (v.value > 0 ? say("lighter") : say("darker")).c_str());
    out.reason = sayf(
        "%s fits the measured greys with an offset of %+.2f ± %.2f stops and misses them by %.1f "
        "codes of 1023.",
        fit.curve.c_str(), fit.offset, 1.96 * fit.offsetError, fit.missed);
    if (p.nearest)
        out.reason += sayf(" %s fits better: %.1f codes.", p.nearest->curve.c_str(), p.nearest->missed);
    if (v.verdict != Verdict::pass)
        out.remedy = sayf("Rate it %.1f stops %s, or state the curve that it really has.", std::abs(v.value),
                          (v.value > 0 ? say("higher") : say("lower")).c_str());
    return out;
}

SaidVerdict driftSaid(const SeriesVerdict& v, const Series& s) {
    const SeriesProfile& p = profileOf(v, s);
    const bool under = v.finding == SeriesFinding::unders;
    const SeriesStep& step = *(under ? underStep(p) : overStep(p));
    SaidVerdict out;
    out.title =
        under ? sayf("In the unders %.2f a stop", v.value) : sayf("In the overs %.2f a stop", v.value);
    out.reason =
        sayf("At %s, with its level alone corrected, colours are %.2f CIEDE2000 (%.2f to %.2f) from the base",
             exposure(step.stops).c_str(), step.drift.mean, step.drift.meanIn.low, step.drift.meanIn.high);
    if (const GroupDrift* grey = step.drift.group(kNeutralGroup))
        out.reason += say("; greys are %1", movement(*grey));
    if (const GroupDrift* most = step.drift.group(v.group); most && v.group != kNeutralGroup)
        out.reason += say("; %1 most: %2", colours(v.group), movement(*most));
    out.reason += ".";
    if (v.verdict != Verdict::pass)
        out.remedy = under ? say("Light more, or correct such shots with a chart of their own.")
                           : say("Expose less, or correct such shots with a chart of their own.");
    return out;
}

SaidVerdict depthSaid(const SeriesVerdict& v, const Series& s) {
    const DynamicRange& d = *profileOf(v, s).range;
    SaidVerdict out;
    out.title = d.atLeast ? sayf("More than %.1f stops deep", v.value) : sayf("%.1f stops deep", v.value);
    out.reason = sayf(
        "Between clipping and a signal to noise of %.0f in green, one pixel of the file as it is, "
        "after the idea of ISO 15739%s.",
        d.limit,
        (d.atLeast     ? say("; nothing dark enough was shot to tell where it ends")
         : d.continued ? say("; the noise of the darkest patches was continued")
                       : "")
            .c_str());
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
    if (group == kNeutralGroup) return say("greys");
    if (group == kSkinGroup) return say("skin");
    const std::string plural[] = {say("reds"),    say("oranges"),     say("yellows"), say("yellow-greens"),
                                  say("greens"),  say("blue-greens"), say("blues"),   say("purple-blues"),
                                  say("purples"), say("red-purples")};
    return plural[group - kFirstHueGroup];
}

std::string movement(const GroupDrift& d) {
    constexpr double kSeen = 0.3;
    std::vector<std::string> parts;
    if (d.group == kNeutralGroup) {
        if (std::abs(d.redder) >= kSeen)
            parts.push_back(d.redder > 0 ? sayf("%.1f redder", d.redder) : sayf("%.1f greener", -d.redder));
        if (std::abs(d.yellower) >= kSeen)
            parts.push_back(d.yellower > 0 ? sayf("%.1f yellower", d.yellower)
                                           : sayf("%.1f bluer", -d.yellower));
    } else {
        if (std::abs(d.turnDegrees) >= 0.5)
            parts.push_back(say("turned %1 degrees (%2 to %3) %4", figure("%.0f", std::abs(d.turnDegrees)),
                                figure("%.1f", std::min(std::abs(d.turnIn.low), std::abs(d.turnIn.high))),
                                figure("%.1f", std::max(std::abs(d.turnIn.low), std::abs(d.turnIn.high))),
                                d.turnDegrees > 0 ? say("from red towards yellow and green")
                                                  : say("from yellow towards red and purple")));
        if (std::abs(d.chroma - 1) >= 0.02)
            parts.push_back(d.chroma > 1 ? sayf("%.0f %% stronger", 100 * (d.chroma - 1))
                                         : sayf("%.0f %% paler", 100 * (1 - d.chroma)));
    }
    if (std::abs(d.lightness) >= kSeen)
        parts.push_back(d.lightness > 0 ? sayf("%.1f lighter", d.lightness)
                                        : sayf("%.1f darker", -d.lightness));
    if (parts.empty()) return say("as they were");
    return listed(parts);
}

std::string sentence(const SeriesNote& n) {
    const std::string frame = fileOf(n.frame), other = fileOf(n.other);
    switch (n.flaw) {
        case SeriesFlaw::stepMissing:
            return say("%1: a step is missing at %2, between %3 and %4.", of(n.profile), exposure(n.stops),
                       frame, other);
        case SeriesFlaw::stepTwice:
            return say("%1: %2 and %3 got the same exposure, %4.", of(n.profile), frame, other,
                       exposure(n.stops));
        case SeriesFlaw::outOfOrder:
            return say("%1: %2 was shot out of order. The steps are sorted by what the chart shows.",
                       of(n.profile), frame);
        case SeriesFlaw::statedDiffers:
            return n.expected > 0 ? say("%1: the camera was set to %2 stops more than the chart got. The "
                                        "chart counts; look whether the light or a filter changed.",
                                        frame, figure("%.2f", n.expected))
                                  : say("%1: the camera was set to %2 stops less than the chart got. The "
                                        "chart counts; look whether the light or a filter changed.",
                                        frame, figure("%.2f", -n.expected));
        case SeriesFlaw::lightChanged:
            return say(
                "%1: its light has another colour than that of its neighbours (by %2 stops of red or blue). "
                "It is left out.",
                frame, figure("%.2f", n.stops));
        case SeriesFlaw::otherScene:
            return say(
                "%1: its patches do not differ from the others' by an exposure (they miss by %2 stops). It "
                "is left out as another scene or light.",
                frame, figure("%.2f", n.stops));
        case SeriesFlaw::otherChart:
            return say("%1: it shows another chart than most of the series and is left out.", frame);
        case SeriesFlaw::noCommonPatch:
            return say(
                "%1: no patch of it is usable beside the others, so its step cannot be told. It is left out.",
                frame);
        case SeriesFlaw::curveDiffers:
            if (n.expected == 1)
                return say(
                    "%1: a stop of exposure is %2 stops in the recording. It does not follow the curve that "
                    "it states.",
                    of(n.profile), figure("%.2f", n.stops));
            return n.other.empty() ? say("%1: its greys miss the curve that it states by %2 codes of 1023.",
                                         of(n.profile), figure("%.1f", n.expected))
                                   : say("%1: its greys miss the curve that it states by %2 codes of 1023; "
                                         "%3 fits better.",
                                         of(n.profile), figure("%.1f", n.expected), n.other);
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
                sayf("Chroma noise of %.1f", v.value),
                sayf(
                    "Of one pixel in a* and b* at the base, after the full correction; at %.0f colours begin "
                    "to look blotchy.",
                    s.limits.chromaNoise),
                v.verdict == Verdict::pass ? "" : say("Light more, or choose a lower sensitivity.")};
        case SeriesFinding::depth:
            return depthSaid(v, s);
        case SeriesFinding::closest:
            return {
                say("%1 starts closest to neutral", profile),
                sayf("As it shows itself, with its level matched, %.1f CIEDE2000 from the reference values.",
                     v.value),
                ""};
        case SeriesFinding::meeting:
            return {
                say("%1 left between %2 and %3", figure("%.2f", v.value), profile, s.profiles[v.other].name),
                sayf("Mean CIEDE2000 once the second is made to look like the first; up to %.1f cuts "
                     "together.",
                     v.limit),
                v.verdict == Verdict::pass ? "" : say("Do not cut these two profiles against each other.")};
        case SeriesFinding::cost:
            return {say("%1 is %2 stops noisier than %3", s.profiles[v.other].name, figure("%.1f", v.value),
                        profile),
                    say("Chroma noise after the full correction, told in stops of light at which photon "
                        "noise is alike."),
                    v.verdict == Verdict::pass ? "" : say("Use it only where there is light to spare.")};
    }
    return {};
}

}  // namespace refero::words
