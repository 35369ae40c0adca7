// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/known_colour.h"

#include "core/say/say.h"

#include <cmath>

namespace refero {
namespace {

constexpr double kClipped = 0.985;

Status usable(const KnownColour& c, const Chart& chart) {
    if (c.name.empty()) return failure(say("A known colour needs a name."));
    if (chart.patch(c.name))
        return failure(say("There is a patch or a colour called %1 already; give it another name.", c.name));
    if (!(c.labD50.L >= 0 && c.labD50.L <= 110 && std::abs(c.labD50.a) <= 150 && std::abs(c.labD50.b) <= 150))
        return failure(
            say("L* 0 to 110, a* and b* within 150: what is given for %1 is no such colour.", c.name));
    if (c.pixels == 0) return failure(say("Nothing was measured for %1.", c.name));
    if (!(c.rgb.maxCoeff() < kClipped) || !(c.rgb.minCoeff() > 0))
        return failure(say(
            "%1 is clipped or black in %2, so that its colour cannot be told. Take another place or frame.",
            c.name, c.framePath));
    return {};
}

}  // namespace

Result<Reading> withKnownColours(Reading reading, std::span<const KnownColour> colours) {
    for (const KnownColour& c : colours) {
        if (auto ok = usable(c, reading.chart); !ok) return tl::unexpected(ok.error());
        Patch patch;
        patch.id = c.name;
        patch.name = c.name;
        patch.labD50 = {c.labD50.L, c.labD50.a, c.labD50.b, white::d50};
        reading.chart.patches.push_back(std::move(patch));
        PatchReading p;
        p.id = c.name;
        p.rgb = c.rgb;
        p.deviation = c.deviation;
        p.pixels = c.pixels;
        reading.patches.push_back(std::move(p));
    }
    return reading;
}

}  // namespace refero
