// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>

#include "core/colour/log_curve.h"
#include "core/read/balance.h"
#include "core/read/detail/check_parts.h"
#include "core/read/noise.h"
#include "core/say/say.h"

namespace refero::detail {
namespace {

// What each channel of a patch would read if the recording had no ceiling; the reading itself below it.
Vector3 unclippedLevel(const Reading& r, std::size_t patch) {
    const PatchReading& p = r.patches[patch];
    if (!r.light || p.clipped < 0.01) return p.rgb;
    const Patch& reference = r.chart.patches[patch];
    const Vector3 lit =
        r.light->xyzToRgb * referenceXyzD50(reference).vector() * std::exp2(r.light->at(reference.centreMm)) +
        r.light->flare;
    return lit.cwiseMax(p.rgb);
}

Check exposure(const Reading& r, const Limits& limits) {
    const std::size_t at = r.neutrals().front();
    const PatchReading& lightest = r.patches[at];
    const Vector3 levels = unclippedLevel(r, at);
    Eigen::Index channel = 0;
    const double level = levels.maxCoeff(&channel);
    Check c = started("exposure", say("Exposure"), level, word("of clipping"), limits.exposure);
    c.scaleHigh = 1;
    c.limit = say("%1 to %2", figure("%.2f", c.low), figure("%.2f", c.high));
    const std::string reached = percent(level), in = channelName(channel), red = percent(levels.x()),
                      green = percent(levels.y()), blue = percent(levels.z());
    c.reason = level > 1 ? say("The lightest neutral, %1, would reach %2 of the clipping level in %3, its "
                               "strongest channel (red %4, green %5, blue %6). ",
                               lightest.id, reached, in, red, green, blue)
                         : say("The lightest neutral, %1, reaches %2 of the clipping level in %3, its "
                               "strongest channel (red %4, green %5, blue %6). ",
                               lightest.id, reached, in, red, green, blue);
    c.evidence.patches = {at};
    if (level > limits.exposure.high) {
        c.reason +=
            say("This close to the ceiling, highlights of the subject and a channel of the chart are lost.");
        c.remedy = say("Close down by %1 stops and shoot it again.",
                       figure("%.1f", std::max(0.3, std::log2(level / kGoodExposure))));
    } else if (level < limits.exposure.low) {
        c.reason += say("Dark patches sink into noise, and the correction would lift that noise with them.");
        c.remedy = say("Open up by %1 stops and shoot it again.",
                       figure("%.1f", std::log2(kGoodExposure / std::max(level, 1e-3))));
    } else {
        c.reason += say("That uses the range well and clips nothing.");
        c.evidence = {};
    }
    return c;
}

// Of curves that say where white belongs; their recordings go on far above it.
Check nominalExposure(const Reading& r, double nominal, const Limits& limits) {
    const double seen = whiteSeen(r).y();
    const double stops = std::log2(std::max(seen, 1e-6) / nominal);
    Check c = started("exposure", say("Exposure"), stops, kNominalUnit, limits.nominal);
    c.scaleLow = -6;
    c.scaleHigh = 6;
    c.limit = say("%1 to %2 stops from nominal", figure("%+.1f", c.low), figure("%+.1f", c.high));
    const double grey = r.encoding.encode(seen * kMidGrey);
    const std::string off = figure("%.1f", std::abs(stops)), at = percent(grey),
                      nominalAt = percent(r.encoding.encode(nominal * kMidGrey));
    c.reason = stops < 0 ? say("By all greys the chart lies %1 stops below where %2 has it at nominal "
                               "exposure: a grey of 18 % is at %3 of the signal, nominal is %4. ",
                               off, r.encoding.name(), at, nominalAt)
                         : say("By all greys the chart lies %1 stops above where %2 has it at nominal "
                               "exposure: a grey of 18 % is at %3 of the signal, nominal is %4. ",
                               off, r.encoding.name(), at, nominalAt);
    if (c.verdict == Verdict::pass) {
        c.reason += say("That is where the curve is meant to be used.");
        return c;
    }
    c.evidence.patches = {r.neutrals().front()};
    if (stops > limits.nominal.high) {
        c.reason += say("Highlights of the subject reach the recording's end sooner.");
        c.remedy = say("Close down by %1 stops and shoot it again.", figure("%.1f", stops));
    } else {
        c.reason += say("The subject's shadows lie in noise, which the correction lifts.");
        c.remedy = say("Open up by %1 stops and shoot it again.", figure("%.1f", -stops));
    }
    return c;
}

Check clipping(const Reading& r, const Limits& limits) {
    const auto worstPatch =
        std::max_element(r.patches.begin(), r.patches.end(), [](const auto& a, const auto& b) {
            return (a.leftOut ? -1 : a.clipped) < (b.leftOut ? -1 : b.clipped);
        });
    Check c = started("clipping", say("Clipping"), worstPatch->leftOut ? 0 : worstPatch->clipped,
                      word("of pixels"), limits.clipping);
    c.scaleHigh = 0.05;
    c.limit = say("at most %1 in any patch", percent(c.high));
    if (worstPatch->leftOut || worstPatch->clipped <= limits.clipping.high) {
        c.reason = say("No patch touches the ceiling in any channel.");
        return c;
    }
    Eigen::Index channel = 0;
    worstPatch->clippedChannels.maxCoeff(&channel);
    for (std::size_t i = 0; i < r.patches.size(); ++i)
        if (!r.patches[i].leftOut && r.patches[i].clipped > limits.clipping.high)
            c.evidence.patches.push_back(i);
    c.reason =
        say("In %1, %2 of the pixels are clipped, most in %3. A clipped channel reads too low, and its "
            "colour turns.",
            worstPatch->id, percent(worstPatch->clipped), channelName(channel));
    if (c.evidence.patches.size() > 1) c.reason += say(" Clipped: %1.", patchList(r, c.evidence.patches));
    c.remedy = say("Close down by half a stop to a stop and shoot it again.");
    return c;
}

Check buried(const Reading& r, const Limits& limits) {
    const std::size_t at = r.neutrals().back();
    const PatchReading& darkest = r.patches[at];
    Eigen::Index channel = 0;
    const Vector3 ratio = darkest.rgb.cwiseQuotient(darkest.deviation.cwiseMax(1e-6));
    const double signal = std::min(ratio.minCoeff(&channel), 999.0);
    Check c = started("buried", say("Shadow signal to noise"), signal, ": 1", limits.buried);
    c.high = c.scaleHigh = 100;
    c.limit = say("at least %1", figure("%.0f", limits.buried.low));
    c.reason = say("In the darkest neutral, %1, one pixel's %2 is %3 times its noise.", darkest.id,
                   channelName(channel), figure("%.0f", signal));
    if (c.verdict != Verdict::pass) {
        c.reason += say(" Black that lies in noise cannot be corrected, only lifted.");
        c.remedy = say("Give more light or a lower sensitivity, and shoot it again.");
        c.evidence.patches = {at};
    }
    return c;
}

std::vector<Check> noise(const Reading& r, const Limits& limits) {
    const auto mid = midGreyNoise(r);
    if (!mid) return {};
    Check c =
        started("noise", say("Signal to noise"), std::min(999.0, mid->signalToNoise), ": 1", limits.noise);
    c.high = c.scaleHigh = 100;
    c.limit = say("at least %1", figure("%.0f", limits.noise.low));
    c.reason = say("A mid-grey, %1, is %2 times the visual noise of one pixel once the greys are balanced.",
                   r.patches[mid->patch].id, figure("%.0f", c.value));
    if (c.verdict != Verdict::pass) {
        c.reason += say(
            " The chart's means average it away; the pictures keep it, and a strong correction adds to it.");
        c.remedy = say("Lower the sensitivity and give more light, then shoot it again.");
        c.evidence.patches = {mid->patch};
    }
    return {c};
}

}  // namespace

std::vector<Check> exposureChecks(const Reading& r, const Limits& limits) {
    std::vector<Check> out;
    const bool greys = !r.neutrals().empty();
    const auto nominal = nominalWhite(r.encoding);
    if (greys) out.push_back(nominal ? nominalExposure(r, *nominal, limits) : exposure(r, limits));
    out.push_back(clipping(r, limits));
    if (!greys) return out;
    out.push_back(buried(r, limits));
    for (Check& c : noise(r, limits)) out.push_back(std::move(c));
    return out;
}

}  // namespace refero::detail
