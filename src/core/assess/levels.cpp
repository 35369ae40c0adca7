// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/assess/levels.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/say/say.h"

namespace refero {
namespace {

constexpr double kMostPercent = 109;

}  // namespace

double signalPercent(OutputSpace space, double light) {
    const Vector3 grey = whiteXyz(white::d50).vector() * light;
    return 100 * encoded(space, xyzD50ToLinear(space) * grey).mean();
}

double lightOfSignal(OutputSpace space, double percent) {
    // Monotone in all display spaces, of which one has an inverse by its system gamma alone.
    double low = 0, high = 64;
    percent = std::clamp(percent, 0.0, kMostPercent);
    for (int i = 0; i < 60; ++i) {
        const double middle = (low + high) / 2;
        (signalPercent(space, middle) < percent ? low : high) = middle;
    }
    return percent <= 0 ? 0 : (low + high) / 2;
}

std::vector<LevelGrey> levelGreys(const FitReport& c) {
    std::vector<LevelGrey> out;
    for (const PatchResult& p : c.patches)
        if (p.role == Role::neutral && p.used) out.push_back({p.id, p.after.L, toXyz(p.after).y});
    std::sort(out.begin(), out.end(),
              [](const LevelGrey& a, const LevelGrey& b) { return a.lightness > b.lightness; });
    return out;
}

double shownWithoutLevels(const Finish& finish, double light) {
    Finish plain = finish;
    plain.levels = {};
    return finished(Xyz::from(whiteXyz(white::d50).vector() * light), compile(plain)).y;
}

Result<double> lightOfGrey(const FitReport& c, std::string_view id) {
    const auto at =
        std::find_if(c.patches.begin(), c.patches.end(), [&](const PatchResult& p) { return p.id == id; });
    if (at == c.patches.end())
        return failure(say("The correction has no patch called \"%1\" to set a level by.", id));
    if (at->role != Role::neutral)
        return failure(say("Patch %1 is a colour; levels are set by greys.", at->id));
    if (!at->used)
        return failure(say("Patch %1 was clipped or left out, so no level can be set by it.", at->id));
    return toXyz(at->after).y;
}

std::vector<LevelEffect> levelEffects(const FitReport& c, const Finish& finish) {
    if (finish.levels.isNone()) return {};
    Finish without = finish;
    without.levels = {};
    const CompiledFinish with = compile(finish), plain = compile(without);
    std::array<LevelEffect, kColourGroups> groups{};
    for (const PatchResult& p : c.patches) {
        const auto group = colourGroup(p.role, p.reference);
        if (!group || !p.used) continue;
        const Xyz scene = toXyz(p.after);
        const Lab before = toLab(finished(scene, plain), white::d50),
                  after = toLab(finished(scene, with), white::d50);
        LevelEffect& e = groups[*group];
        const Lch one = toLch(before), other = toLch(after);
        ++e.patches;
        e.difference += ciede2000(before, after);
        e.chroma += one.C > 0 ? other.C / one.C - 1 : 0;
        e.turnDegrees += std::remainder(other.h - one.h, 360.0);
    }
    std::vector<LevelEffect> out;
    for (std::size_t g = 0; g < kColourGroups; ++g) {
        LevelEffect e = groups[g];
        if (e.patches == 0) continue;
        const auto n = static_cast<double>(e.patches);
        e.group = g;
        e.difference /= n;
        // The sum began at one.
        e.chroma = 1 + (e.chroma - 1) / n;
        e.turnDegrees /= n;
        out.push_back(e);
    }
    return out;
}

}  // namespace refero
