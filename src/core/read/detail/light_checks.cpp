// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>

#include "core/read/detail/check_parts.h"
#include "core/read/treatment.h"
#include "core/say/say.h"

namespace refero::detail {
namespace {

Check evenness(const Reading& r, const Limits& limits) {
    const ChartLight& l = *r.light;
    Check c = started("evenness", say("Even light"), l.rangeStops, word("stops"), limits.evenness);
    c.scaleHigh = 1.5;
    c.limit = say("at most %1 stops", figure("%.2f", limits.evenness.high));
    c.reason = say("From its lightest to its darkest place the light on the chart falls by %1 stops, %2.",
                   figure("%.2f", l.rangeStops), percent(1 - std::exp2(-l.rangeStops)));
    if (!r.flatField.empty()) c.reason += say(" That is after the flat field was taken out.");
    if (r.lightTakenOut.chart) {
        // What remains is how well a smooth field describes it, which a wide range makes doubtful.
        c.reason +=
            say(" It was taken out of the patches; the greys lie within %1 stops of the field that was.",
                figure("%.3f", l.residualStops));
        c.verdict = c.verdict == Verdict::reshoot ? Verdict::review : Verdict::pass;
    } else if (c.verdict != Verdict::pass) {
        c.reason += say(" Patches are then measured in different light.");
        c.remedy =
            say("Move the lamp away or bounce it, or turn the chart towards it; or let Refero take the "
                "unevenness out.");
        const auto map = fitHomography(r.chart.outline(), r.corners);
        if (map) c.evidence.lines = {{(*map)(l.lightestMm), (*map)(l.darkestMm)}};
    }
    return c;
}

Check shadow(const Reading& r, const Limits& limits) {
    const auto& edge = r.light->shadow;
    Check c = started("shadow", say("No shadow"), edge ? edge->stops : 0, word("stops"), limits.shadow);
    c.scaleHigh = 1;
    c.limit = say("at most %1 stops at an edge", figure("%.2f", limits.shadow.high));
    if (!edge || c.verdict == Verdict::pass) {
        c.reason = say("No edge runs through the light on the chart.");
        return c;
    }
    for (std::size_t i = 0; i < r.patches.size(); ++i)
        if (edge->at(r.chart.patches[i].centreMm) < -edge->stops / 2) c.evidence.patches.push_back(i);
    c.evidence.lines = {lineAcross(r, edge->throughMm, Point(-edge->darkerWay.y(), edge->darkerWay.x()))};
    c.reason = say("An edge crosses the chart; beyond it the light is %1 stops down. In it: %2.",
                   figure("%.2f", edge->stops), patchList(r, c.evidence.patches));
    c.remedy = say("Find what throws it (a stand, a hand, yourself), and shoot it again.");
    return c;
}

Check covered(const Reading& r, const Limits& limits) {
    const auto patches = coveredPatches(r);
    const std::size_t places = r.light ? r.light->coveredMm.size() : 0;
    // A speck on the ground alone harms nothing.
    const std::size_t counted = patches.empty() && places >= 3 ? 1 : patches.size();
    Check c = started("covered", say("Nothing on the chart"), static_cast<double>(counted), word("patches"),
                      limits.covered);
    c.scaleHigh = 10;
    c.limit =
        limits.covered.high < 1 ? say("no patch") : say("at most %1", figure("%.0f", limits.covered.high));
    if (c.verdict == Verdict::pass) {
        c.reason = say("Every patch is of one colour, and of the colour that the others lead one to expect.");
        return c;
    }
    c.evidence.patches = patches;
    if (r.light)
        for (const Point& mm : r.light->coveredMm)
            for (auto& line : crossAt(r, mm)) c.evidence.lines.push_back(std::move(line));
    if (patches.empty())
        c.reason = say("Something lies between the patches: a finger, a clip, dirt.");
    else if (patches.size() == 1)
        c.reason =
            say("Something lies on %1, or it is dirty: it does not show the colour that the others lead one "
                "to expect, or not one colour.",
                patchList(r, patches));
    else
        c.reason =
            say("Something lies on %1, or they are dirty: they do not show the colours that the others lead "
                "one to expect, or not one colour.",
                patchList(r, patches));
    c.remedy = say("Take it away, or clean the chart with a soft dry brush, and shoot it again.");
    return c;
}

Check glare(const Reading& r, const Limits& limits) {
    Check c = started("glare", say("No veil"), r.light->flareShare, word("of white"), limits.flare);
    c.scaleHigh = 0.05;
    c.limit = say("at most %1 of white", percent(limits.flare.high));
    c.reason = say("From the dark greys, %1 % of white's light lies over everything.",
                   figure("%.2f", 100 * r.light->flareShare));
    if (c.verdict != Verdict::pass) {
        c.reason += say(" It lifts the blacks and washes colour out.");
        c.remedy = say("Shade the lens, clean it, keep bright things out of the frame, and shoot it again.");
        const auto greys = r.neutrals();
        c.evidence.patches.assign(greys.end() - std::min<std::ptrdiff_t>(3, std::ssize(greys)), greys.end());
    }
    return c;
}

Check shine(const Reading& r, const Limits& limits) {
    const ChartLight& l = *r.light;
    const bool seen = l.lobe || l.specular.size() + l.specularMm.size() >= 3;
    Check c = started("shine", say("No shine"), seen ? l.specularShare : 0, word("of white"), limits.shine);
    c.scaleHigh = 0.2;
    c.limit = say("at most %1 of white", percent(limits.shine.high));
    if (c.verdict == Verdict::pass) {
        c.reason = say("No patch mirrors a lamp or a window.");
        return c;
    }
    c.evidence.patches = l.specular;
    for (const Point& mm : l.specularMm)
        for (auto& line : crossAt(r, mm)) c.evidence.lines.push_back(std::move(line));
    c.reason = l.specular.empty()
                   ? say("A lamp or a window is mirrored in the chart: up to %1 of white is added.",
                         percent(l.specularShare))
                   : say("A lamp or a window is mirrored in the chart: up to %1 of white is added on %2.",
                         percent(l.specularShare), patchList(r, l.specular));
    c.remedy = say("Turn the chart until the reflection leaves it, or put the lamp at 45 degrees.");
    return c;
}

}  // namespace

std::vector<Check> lightChecks(const Reading& r, const Limits& limits) {
    if (!r.light) return {covered(r, limits)};
    return {evenness(r, limits), shadow(r, limits), covered(r, limits), glare(r, limits), shine(r, limits)};
}

}  // namespace refero::detail
