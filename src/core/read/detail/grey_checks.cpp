// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>

#include "core/read/balance.h"
#include "core/read/casts.h"
#include "core/read/detail/check_parts.h"
#include "core/read/encoding_fit.h"

namespace refero::detail {
namespace {

constexpr double kErrors = 2;    // standard errors that noise may make of a cast
constexpr double kBaked = 0.02;  // common practice: balanced in the camera means within 2 %

Check neutrality(const Reading& r, const Limits& limits) {
    const auto gains = neutralGains(r);
    if (!gains) {
        Check c = started("neutrality", "Neutral greys", 1, "cast", limits.neutrality);
        c.verdict = Verdict::reshoot;
        c.scaleHigh = 0.05;
        c.limit = "at most " + percent(c.high);
        c.reason =
            "No grey patch is usable: each is clipped or lies in noise, so there is nothing to balance on.";
        c.remedy =
            "Set the exposure so that the lightest grey is bright but not clipped, and shoot it again.";
        c.evidence.patches = r.neutrals();
        return c;
    }
    double worstCast = 0;
    std::size_t where = usableNeutrals(r).front();
    std::vector<std::size_t> off;
    for (const std::size_t i : usableNeutrals(r)) {
        const double cast = std::max(0.0, castOf(r, i, *gains) - kErrors * castError(r, i));
        if (cast > limits.neutrality.high) off.push_back(i);
        if (cast > worstCast) {
            worstCast = cast;
            where = i;
        }
    }
    Check c = started("neutrality", "Neutral greys", worstCast, "cast", limits.neutrality);
    c.scaleHigh = 0.05;
    c.limit = "at most " + percent(c.high);
    c.reason = "After one balance for all greys, the worst, " + r.patches[where].id + ", is " +
               percent(worstCast) + " from neutral.";
    if (c.verdict != Verdict::pass) {
        c.reason += " The greys disagree: mixed or uneven light, glare on the dark ones, or a dirty patch.";
        c.remedy = "Look for a second light or a reflection on the chart, remove it, and shoot it again.";
        c.evidence.patches = off;
    } else {
        c.reason += " One balance serves highlights and shadows alike.";
    }
    return c;
}

std::vector<Check> cast(const Reading& r, const Limits& limits) {
    const auto casts = levelCasts(r);
    if (casts.size() < 2) return {};
    const auto worst =
        std::max_element(casts.begin(), casts.end(),
                         [](const LevelCast& a, const LevelCast& b) { return a.size() < b.size(); });
    Check c = started("cast", "Cast by level", worst->size(), "cast", limits.cast);
    c.scaleHigh = 0.05;
    c.limit = "at most " + percent(c.high) + " at any level";
    std::string each;
    for (const LevelCast& l : casts) {
        each += (each.empty() ? "" : "; ") + std::string(l.level) + " greys ";
        const bool seen = l.size() > limits.cast.high;
        each += seen ? percent(l.size()) + " " + l.colour() : "neutral";
        if (seen) c.evidence.patches.insert(c.evidence.patches.end(), l.patches.begin(), l.patches.end());
    }
    each[0] = static_cast<char>(std::toupper(static_cast<unsigned char>(each[0])));
    c.reason = each + ".";
    if (c.verdict != Verdict::pass) {
        c.reason += " One balance cannot serve all levels.";
        c.remedy =
            "If the recording is balanced on a light grey, balance on a mid-grey instead; look for coloured "
            "stray light on the dark patches.";
    }
    return {c};
}

Check encoding(const Reading& r, const Limits& limits) {
    const bool assumed = r.encodingSource == EncodingSource::assumed;
    const std::vector<Transfer> known(kTellableEncodings.begin(), kTellableEncodings.end());
    const auto now = encodingFits(r, {r.encoding});
    const auto better = betterEncodings(r, known);
    Check c =
        started("encoding", "Encoding", now.empty() ? 0 : now.front().errorStops, "stops", limits.doubt);
    c.scaleHigh = 1;
    c.limit = "greys within " + figure("%.2f", limits.doubt.high) + " stops of the stated curve";
    const bool doubtful = !now.empty() && c.value > limits.doubt.high && !better.empty();
    c.verdict = doubtful || assumed ? Verdict::review : Verdict::pass;
    const std::string name(r.encoding.name());
    c.reason = assumed
                   ? "The file does not say how its numbers relate to light; " + name +
                         " was assumed from its kind. A wrong curve bends every colour."
                   : "Read as " + name + ", which " +
                         (r.encodingSource == EncodingSource::stated ? "you stated." : "the file states.");
    if (!now.empty()) {
        c.reason += " The greys agree with it within " + figure("%.2f", c.value) + " stops";
        c.reason += doubtful ? ", and with " + std::string(better.front().encoding.name()) + " within " +
                                   figure("%.2f", better.front().errorStops) + "."
                             : ".";
    }
    if (doubtful) {
        c.remedy = "State " + std::string(better.front().encoding.name()) +
                   " as the encoding and read it again, unless you know better.";
        c.evidence.patches = r.neutrals();
    } else if (assumed) {
        c.remedy = "If you know better, state the encoding and read it again.";
    }
    return c;
}

// A linear recording is the sensor's own unless someone has balanced it: then a profile made from it fits
// nothing that is balanced otherwise.
std::vector<Check> balance(const Reading& r) {
    if (!(r.encoding == Transfer(Encoding::linear))) return {};
    const auto gains = neutralGains(r);
    if (!gains) return {};
    const double off = std::max(std::abs(gains->x() - 1), std::abs(gains->z() - 1));
    Check c = started("balance", "Balance left alone", off, "gain", {kBaked, 1e9, 0, 1e9});
    c.high = c.scaleHigh = 1;
    c.limit = "linear frames not balanced before";
    if (off >= kBaked) {
        c.reason = "The greys are as the sensor saw this light: red needs " + figure("%.2f", gains->x()) +
                   " and blue " + figure("%.2f", gains->z()) + " times green's gain.";
    } else {
        c.reason = "The greys of this linear frame are already neutral within " + percent(off) +
                   ": a balance is baked in. The correction fits only frames that carry the same one.";
        c.remedy = "Where there is a choice, export without white balance, and read that.";
        c.evidence.patches = usableNeutrals(r);
    }
    return {c};
}

}  // namespace

std::vector<Check> greyChecks(const Reading& r, const Limits& limits) {
    std::vector<Check> out;
    const auto add = [&](std::vector<Check> more) {
        for (Check& c : more) out.push_back(std::move(c));
    };
    if (!r.neutrals().empty()) {
        out.push_back(neutrality(r, limits));
        add(cast(r, limits));
        add(balance(r));
    }
    out.push_back(encoding(r, limits));
    return out;
}

}  // namespace refero::detail
