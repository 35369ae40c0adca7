// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/assess_words.h"

#include <algorithm>
#include <cmath>

#include "words/detail/figure.h"
#include "words/series_words.h"

namespace refero::words {
namespace {

std::string listed(const std::vector<std::string>& all) {
    constexpr std::size_t kMost = 6;
    std::string out;
    for (std::size_t i = 0; i < std::min(all.size(), kMost); ++i) out += (i ? ", " : "") + all[i];
    if (all.size() > kMost) out += figure(" and %zu more", all.size() - kMost);
    return out;
}

// Common practice: what FitLimits allow, and twice that.
Verdict atMost(double value, double good, double tolerable) {
    return value <= good ? Verdict::pass : value <= tolerable ? Verdict::review : Verdict::reshoot;
}

AssessFinding level(const Assessment& a) {
    const double stops = a.expectsStops;
    if (std::abs(stops) < 0.12) return {"level", Verdict::pass, "Expects the exposure that the shot has", ""};
    return {"level", atMost(std::abs(stops), 0.25, 0.75),
            figure("Expects %.1f stops %s", std::abs(stops), stops > 0 ? "more" : "less"),
            figure("As it is, the mean is %.2f CIEDE2000; with the shot %.2f stops %s it is %.2f.", a.mean,
                   std::abs(stops), stops > 0 ? "lighter" : "darker", a.meanLevelled)};
}

AssessFinding balance(const Assessment& a) {
    const double mired = a.expectsMired;
    if (std::abs(mired) < 4) return {"balance", Verdict::pass, "Expects the balance that the shot has", ""};
    return {"balance", atMost(std::abs(mired), 10, 40),
            figure("Expects a light %.0f mired %s", std::abs(mired), mired > 0 ? "warmer" : "cooler"),
            "Its greys are nearest to grey there."};
}

AssessFinding casts(const Assessment& a) {
    const auto worst = std::max_element(a.greys.begin(), a.greys.end(), [](const auto& x, const auto& y) {
        return x.difference < y.difference;
    });
    if (worst == a.greys.end()) return {"casts", Verdict::review, "No grey to judge by", ""};
    GroupDrift as;
    as.group = kNeutralGroup;
    as.redder = worst->redder;
    as.yellower = worst->yellower;
    if (worst->difference < 0.5) return {"casts", Verdict::pass, "Greys are grey", ""};
    return {"casts", atMost(worst->difference, 1.5, 4),
            figure("Greys up to %.1f from grey", worst->difference),
            figure("The grey of L* %.0f is ", worst->level) + movement(as) + "."};
}

AssessFinding hues(const Assessment& a) {
    const auto worst = std::max_element(a.hues.begin(), a.hues.end(), [](const auto& x, const auto& y) {
        return x.difference < y.difference;
    });
    if (worst == a.hues.end()) return {"hues", Verdict::review, "No colour to judge by", ""};
    GroupDrift as;
    as.group = worst->group;
    as.turnDegrees = worst->turnDegrees;
    as.turnIn = {worst->turnDegrees, worst->turnDegrees};
    as.chroma = worst->chroma;
    std::string turn = std::abs(worst->turnDegrees) < 0.5
                           ? "not turned"
                           : figure("turned %.0f degrees %s", std::abs(worst->turnDegrees),
                                    worst->turnDegrees > 0 ? "from red towards yellow and green"
                                                           : "from yellow towards red and purple");
    return {
        "hues", atMost(worst->difference, 3, 8),
        "Farthest off: " + colours(worst->group) + figure(", by %.1f", worst->difference),
        "They are " + turn + figure(", with %.0f %% of the chroma of the reference.", 100 * worst->chroma)};
}

}  // namespace

std::string terms(const TransformTerms& t) {
    return std::string("Fed ") +
           (t.balance == FeedBalance::balanced ? "balanced numbers" : "the recorded numbers") + " in " +
           std::string(t.feed.name()) + ", it gives " + std::string(info(t.space).name) +
           (t.guessed ? " (tried out; state it where you know better)." : ".");
}

std::vector<AssessFinding> findings(const Assessment& a) {
    std::vector<AssessFinding> out;
    out.push_back({"error", atMost(a.meanLevelled, 1.5, 4),
                   figure("%.2f from the reference values", a.meanLevelled),
                   figure("Mean CIEDE2000 at the exposure that it expects; %.2f as it is.", a.mean)});
    out.push_back(level(a));
    out.push_back(balance(a));
    out.push_back(casts(a));
    out.push_back(hues(a));
    if (a.reversals.empty())
        out.push_back({"reverses", Verdict::pass, "Keeps the order of colours", ""});
    else
        out.push_back(
            {"reverses", Verdict::reshoot, "Turns colours over",
             a.reversedShare > 0.004
                 ? figure("At %.1f %% of the colours between those of the chart, one that changes one way "
                          "is shown changing the other.",
                          100 * a.reversedShare)
                 : "Greys get darker where they should get lighter."});
    if (a.bands.empty())
        out.push_back({"bands", Verdict::pass, "Smooth on even ramps", ""});
    else
        out.push_back({"bands", Verdict::reshoot, "Makes steps",
                       figure("An even ramp through %s jumps by up to %.1f CIEDE2000.",
                              a.bands.front().along.c_str(), a.bands.front().step)});
    std::vector<std::string> pairs;
    for (const Merge& m : a.merges) pairs.push_back(m.one + " and " + m.other);
    if (pairs.empty())
        out.push_back({"merges", Verdict::pass, "Keeps near colours apart", ""});
    else
        out.push_back({"merges", Verdict::reshoot, "Merges near colours",
                       listed(pairs) + figure("; the first are %.1f apart and shown %.1f apart.",
                                              a.merges.front().reference, a.merges.front().seen)});
    if (!a.cut.empty())
        out.push_back(
            {"cut", Verdict::review, "Cuts colours off", "A channel ends at " + listed(a.cut) + "."});
    out.push_back({"reacts", Verdict::pass,
                   figure("Half a stop moves colours by %.1f", std::max(a.halfStopUnder, a.halfStopOver)),
                   figure("%.1f under and %.1f over, the level taken back; 20 mired warmer, %.1f.",
                          a.halfStopUnder, a.halfStopOver, a.warmer20)});
    return out;
}

}  // namespace refero::words
