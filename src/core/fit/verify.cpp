// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/verify.h"

#include <algorithm>
#include <cmath>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/fit/samples.h"
#include "core/read/balance.h"
#include "core/say/say.h"

namespace refero {
namespace {

std::string framePatches(const Reading& reading) {
    return say("%1 shows %2", reading.framePath, reading.chart.name);
}

// What the correction goes to, as its document keeps it.
std::shared_ptr<const Aim> aimOf(const Correction& c) {
    Aim aim{c.aim, {}, c.look, {}, nullptr, nullptr};
    for (const PatchResult& p : c.patches)
        if (p.used && !p.known) {
            const Xyz seen = toXyz(p.reference);
            aim.colours[p.id] = {c.look ? c.look->undone(seen) : seen, {0, 0, 0}};
        }
    return std::make_shared<const Aim>(std::move(aim));
}

}  // namespace

Result<Verification> verified(const Correction& c, const Reading& reading) {
    if (std::find(c.readings.begin(), c.readings.end(), reading.framePath) != c.readings.end())
        return failure(
            say("The correction was built from %1, so that it proves nothing. Check it on another shot.",
                reading.framePath));
    if (!(reading.encoding == c.inputEncoding))
        return failure(
            say("%1 is encoded as %2, the correction is for %3. State the frame's encoding, or check it on a "
                "frame of the same kind.",
                reading.framePath, name(reading.encoding), name(c.inputEncoding)));
    PreparationOptions options{Intent::colorimetric, c.referenceLight};
    if (c.aim.kind == AimKind::reading) {
        if (reading.chart.id != c.chartId)
            return failure(
                say("The correction goes to %1 as patches of %2 look there; %3. Check it on a shot of the "
                    "same chart.",
                    c.aim.framePath, c.chartName, framePatches(reading)));
        options.aim = aimOf(c);
    }
    const auto chart = prepared(std::span(&reading, 1), options);
    if (!chart) return tl::unexpected(chart.error());

    Verification v;
    v.framePath = reading.framePath;
    v.chartName = reading.chart.name;
    v.taken = reading.taken;
    std::vector<double> referenceY, differences;
    for (const Xyz& xyz : chart->reference) referenceY.push_back(xyz.y);
    const double level = neutralLevel(reading, c.gains, referenceY);
    v.levelStops = std::log2(c.level / level);
    for (const std::size_t i : chart->samples.index) {
        Verification::PatchCheck p;
        p.id = reading.patches[i].id;
        p.reference = chart->samples.lab(chart->reference[i]);
        p.corrected = c.toLab(reading.patches[i].rgb * (level / c.level));
        p.difference = ciede2000(p.reference, p.corrected);
        differences.push_back(p.difference);
        v.patches.push_back(std::move(p));
    }
    if (v.patches.empty()) return failure(say("No patch of %1 is usable.", reading.framePath));
    v.differences = spread(std::move(differences));
    return v;
}

Result<Verification> verified(const Correction& c, std::span<const KnownColour> colours) {
    if (colours.empty()) return failure(say("No colour is given to check the correction on."));
    // For what it says of colours that cannot be used.
    if (const auto usable = withKnownColours({}, colours); !usable) return tl::unexpected(usable.error());
    Verification v;
    v.framePath = colours.front().framePath;
    v.chartName = colours.size() == 1 ? say("one known colour")
                                      : say("%1 known colours", std::to_string(colours.size()));
    std::vector<double> differences;
    for (const KnownColour& k : colours) {
        const bool built = std::any_of(c.patches.begin(), c.patches.end(),
                                       [&](const PatchResult& p) { return p.known && p.id == k.name; });
        if (built)
            return failure(say(
                "The correction was built from %1, so that it proves nothing. Check it on another colour.",
                k.name));
        Verification::PatchCheck p{
            k.name, {k.labD50.L, k.labD50.a, k.labD50.b, white::d50}, c.toLab(k.rgb), 0};
        p.difference = ciede2000(p.reference, p.corrected);
        differences.push_back(p.difference);
        v.patches.push_back(std::move(p));
    }
    v.differences = spread(std::move(differences));
    return v;
}

}  // namespace refero
