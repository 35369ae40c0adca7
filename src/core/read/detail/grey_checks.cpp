// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>

#include "core/read/balance.h"
#include "core/read/casts.h"
#include "core/read/detail/check_parts.h"
#include "core/read/encoding_fit.h"
#include "core/say/say.h"

namespace refero::detail {
namespace {

constexpr double kErrors = 2;    // standard errors that noise may make of a cast
constexpr double kBaked = 0.02;  // common practice: balanced in the camera means within 2 %

Check neutrality(const Reading& r, const Limits& limits) {
    const auto gains = neutralGains(r);
    if (!gains) {
        Check c = started("neutrality", say("Neutral greys"), 1, word("cast"), limits.neutrality);
        c.verdict = Verdict::reshoot;
        c.scaleHigh = 0.05;
        c.limit = say("at most %1", percent(c.high));
        c.reason = say(
            "No grey patch is usable: each is clipped or lies in noise, so there is nothing to balance on.");
        c.remedy =
            say("Set the exposure so that the lightest grey is bright but not clipped, and shoot it again.");
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
    Check c = started("neutrality", say("Neutral greys"), worstCast, word("cast"), limits.neutrality);
    c.scaleHigh = 0.05;
    c.limit = say("at most %1", percent(c.high));
    c.reason = say("After one balance for all greys, the worst, %1, is %2 from neutral.", r.patches[where].id,
                   percent(worstCast));
    if (c.verdict != Verdict::pass) {
        c.reason +=
            say(" The greys disagree: mixed or uneven light, glare on the dark ones, or a dirty patch.");
        c.remedy =
            say("Look for a second light or a reflection on the chart, remove it, and shoot it again.");
        c.evidence.patches = off;
    } else {
        c.reason += say(" One balance serves highlights and shadows alike.");
    }
    return c;
}

std::vector<Check> cast(const Reading& r, const Limits& limits) {
    const auto casts = levelCasts(r);
    if (casts.size() < 2) return {};
    const auto worst =
        std::max_element(casts.begin(), casts.end(),
                         [](const LevelCast& a, const LevelCast& b) { return a.size() < b.size(); });
    Check c = started("cast", say("Cast by level"), worst->size(), word("cast"), limits.cast);
    c.scaleHigh = 0.05;
    c.limit = say("at most %1 at any level", percent(c.high));
    std::string each;
    for (const LevelCast& l : casts) {
        const bool seen = l.size() > limits.cast.high;
        const std::string how = seen ? percent(l.size()) + " " + say(l.colour()) : say("neutral");
        each += (each.empty() ? "" : "; ") +
                (std::string_view(l.level) == "light"    ? say("light greys %1", how)
                 : std::string_view(l.level) == "middle" ? say("middle greys %1", how)
                                                         : say("dark greys %1", how));
        if (seen) c.evidence.patches.insert(c.evidence.patches.end(), l.patches.begin(), l.patches.end());
    }
    each[0] = static_cast<char>(std::toupper(static_cast<unsigned char>(each[0])));
    c.reason = each + ".";
    if (c.verdict != Verdict::pass) {
        c.reason += say(" One balance cannot serve all levels.");
        c.remedy =
            say("If the recording is balanced on a light grey, balance on a mid-grey instead; look for "
                "coloured stray light on the dark patches.");
    }
    return {c};
}

Check encoding(const Reading& r, const Limits& limits) {
    const bool assumed = r.encodingSource == EncodingSource::assumed;
    const std::vector<Transfer> known(kTellableEncodings.begin(), kTellableEncodings.end());
    const auto now = encodingFits(r, {r.encoding});
    const auto better = betterEncodings(r, known);
    Check c = started("encoding", say("Encoding"), now.empty() ? 0 : now.front().errorStops, word("stops"),
                      limits.doubt);
    c.scaleHigh = 1;
    c.limit = say("greys within %1 stops of the stated curve", figure("%.2f", limits.doubt.high));
    const bool doubtful = !now.empty() && c.value > limits.doubt.high && !better.empty();
    c.verdict = doubtful || assumed ? Verdict::review : Verdict::pass;
    const std::string name(r.encoding.name());
    c.reason = assumed ? say("The file does not say how its numbers relate to light; %1 was assumed from its "
                             "kind. A wrong curve bends every colour.",
                             name)
               : r.encodingSource == EncodingSource::stated ? say("Read as %1, which you stated.", name)
                                                            : say("Read as %1, which the file states.", name);
    if (!now.empty()) {
        const std::string off = figure("%.2f", c.value);
        c.reason += doubtful ? say(" The greys agree with it within %1 stops, and with %2 within %3.", off,
                                   better.front().encoding.name(), figure("%.2f", better.front().errorStops))
                             : say(" The greys agree with it within %1 stops.", off);
    }
    if (doubtful) {
        c.remedy = say("State %1 as the encoding and read it again, unless you know better.",
                       better.front().encoding.name());
        c.evidence.patches = r.neutrals();
    } else if (assumed) {
        c.remedy = say("If you know better, state the encoding and read it again.");
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
    Check c = started("balance", say("Balance left alone"), off, word("gain"), {kBaked, 1e9, 0, 1e9});
    c.high = c.scaleHigh = 1;
    c.limit = say("linear frames not balanced before");
    if (off >= kBaked) {
        c.reason =
            say("The greys are as the sensor saw this light: red needs %1 and blue %2 times green's gain.",
                figure("%.2f", gains->x()), figure("%.2f", gains->z()));
    } else {
        c.reason =
            say("The greys of this linear frame are already neutral within %1: a balance is baked in. The "
                "correction fits only frames that carry the same one.",
                percent(off));
        c.remedy = say("Where there is a choice, export without white balance, and read that.");
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
