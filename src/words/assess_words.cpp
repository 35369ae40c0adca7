// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/assess_words.h"

#include <algorithm>
#include <cmath>

#include "core/say/figure.h"
#include "words/detail/figure.h"
#include "words/series_words.h"

namespace refero::words {
namespace {

std::string listed(const std::vector<std::string>& all) {
    constexpr std::size_t kMost = 6;
    const auto shown = static_cast<std::ptrdiff_t>(std::min(all.size(), kMost));
    return refero::listed({all.begin(), all.begin() + shown}, all.size());
}

// Common practice: what FitLimits allow, and twice that.
Verdict atMost(double value, double good, double tolerable) {
    return value <= good ? Verdict::pass : value <= tolerable ? Verdict::review : Verdict::reshoot;
}

AssessFinding level(const Assessment& a) {
    const double stops = a.expectsStops;
    if (std::abs(stops) < 0.12)
        return {"level", Verdict::pass, say("Expects the exposure that the shot has"), ""};
    return {"level", atMost(std::abs(stops), 0.25, 0.75),
            sayf("Expects %.1f stops %s", std::abs(stops), (stops > 0 ? say("more") : say("less")).c_str()),
            sayf("As it is, the mean is %.2f CIEDE2000; with the shot %.2f stops %s it is %.2f.", a.mean,
                 std::abs(stops), (stops > 0 ? say("lighter") : say("darker")).c_str(), a.meanLevelled)};
}

AssessFinding balance(const Assessment& a) {
    const double mired = a.expectsMired;
    if (std::abs(mired) < 4)
        return {"balance", Verdict::pass, say("Expects the balance that the shot has"), ""};
    return {"balance", atMost(std::abs(mired), 10, 40),
            sayf("Expects a light %.0f mired %s", std::abs(mired),
                 (mired > 0 ? say("warmer") : say("cooler")).c_str()),
            say("Its greys are nearest to grey there.")};
}

AssessFinding casts(const Assessment& a) {
    const auto worst = std::max_element(a.greys.begin(), a.greys.end(), [](const auto& x, const auto& y) {
        return x.difference < y.difference;
    });
    if (worst == a.greys.end()) return {"casts", Verdict::review, say("No grey to judge by"), ""};
    GroupDrift as;
    as.group = kNeutralGroup;
    as.redder = worst->redder;
    as.yellower = worst->yellower;
    if (worst->difference < 0.5) return {"casts", Verdict::pass, say("Greys are grey"), ""};
    return {"casts", atMost(worst->difference, 1.5, 4), sayf("Greys up to %.1f from grey", worst->difference),
            say("The grey of L* %1 is %2.", figure("%.0f", worst->level), movement(as))};
}

AssessFinding hues(const Assessment& a) {
    const auto worst = std::max_element(a.hues.begin(), a.hues.end(), [](const auto& x, const auto& y) {
        return x.difference < y.difference;
    });
    if (worst == a.hues.end()) return {"hues", Verdict::review, say("No colour to judge by"), ""};
    GroupDrift as;
    as.group = worst->group;
    as.turnDegrees = worst->turnDegrees;
    as.turnIn = {worst->turnDegrees, worst->turnDegrees};
    as.chroma = worst->chroma;
    std::string turn = std::abs(worst->turnDegrees) < 0.5
                           ? say("not turned")
                           : sayf("turned %.0f degrees %s", std::abs(worst->turnDegrees),
                                  (worst->turnDegrees > 0 ? say("from red towards yellow and green")
                                                          : say("from yellow towards red and purple"))
                                      .c_str());
    return {"hues", atMost(worst->difference, 3, 8),
            say("Farthest off: %1, by %2", colours(worst->group), figure("%.1f", worst->difference)),
            say("They are %1, with %2 % of the chroma of the reference.", turn,
                figure("%.0f", 100 * worst->chroma))};
}

}  // namespace

std::string terms(const TransformTerms& t) {
    const std::string fed =
        t.balance == FeedBalance::balanced ? say("balanced numbers") : say("the recorded numbers");
    return t.guessed ? say("Fed %1 in %2, it gives %3 (tried out; state it where you know better).", fed,
                           t.feed.name(), info(t.space).name)
                     : say("Fed %1 in %2, it gives %3.", fed, t.feed.name(), info(t.space).name);
}

std::vector<AssessFinding> findings(const Assessment& a) {
    std::vector<AssessFinding> out;
    out.push_back({"error", atMost(a.meanLevelled, 1.5, 4),
                   sayf("%.2f from the reference values", a.meanLevelled),
                   sayf("Mean CIEDE2000 at the exposure that it expects; %.2f as it is.", a.mean)});
    out.push_back(level(a));
    out.push_back(balance(a));
    out.push_back(casts(a));
    out.push_back(hues(a));
    if (a.reversals.empty())
        out.push_back({"reverses", Verdict::pass, say("Keeps the order of colours"), ""});
    else
        out.push_back(
            {"reverses", Verdict::reshoot, say("Turns colours over"),
             a.reversedShare > 0.004
                 ? sayf("At %.1f %% of the colours between those of the chart, one that changes one way "
                        "is shown changing the other.",
                        100 * a.reversedShare)
                 : say("Greys get darker where they should get lighter.")});
    if (a.bands.empty())
        out.push_back({"bands", Verdict::pass, say("Smooth on even ramps"), ""});
    else
        out.push_back({"bands", Verdict::reshoot, say("Makes steps"),
                       sayf("An even ramp through %s jumps by up to %.1f CIEDE2000.",
                            a.bands.front().along.c_str(), a.bands.front().step)});
    std::vector<std::string> pairs;
    for (const Merge& m : a.merges) pairs.push_back(say("%1 and %2", m.one, m.other));
    if (pairs.empty())
        out.push_back({"merges", Verdict::pass, say("Keeps near colours apart"), ""});
    else
        out.push_back(
            {"merges", Verdict::reshoot, say("Merges near colours"),
             say("%1; the first are %2 apart and shown %3 apart.", listed(pairs),
                 figure("%.1f", a.merges.front().reference), figure("%.1f", a.merges.front().seen))});
    if (!a.cut.empty())
        out.push_back(
            {"cut", Verdict::review, say("Cuts colours off"), say("A channel ends at %1.", listed(a.cut))});
    out.push_back({"reacts", Verdict::pass,
                   sayf("Half a stop moves colours by %.1f", std::max(a.halfStopUnder, a.halfStopOver)),
                   sayf("%.1f under and %.1f over, the level taken back; 20 mired warmer, %.1f.",
                        a.halfStopUnder, a.halfStopOver, a.warmer20)});
    return out;
}

}  // namespace refero::words
