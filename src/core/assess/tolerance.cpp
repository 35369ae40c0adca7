// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/assess/tolerance.h"

#include <cmath>

#include "core/colour/difference.h"
#include "core/colour/lab.h"

namespace refero {
namespace {

ExposureTolerance::At exposedBy(const Correction& c, double stops) {
    ExposureTolerance::At out;
    out.stops = stops;
    const double factor = std::exp2(stops);
    double n = 0;
    for (const PatchResult& p : c.patches) {
        if (!p.used || p.known) continue;
        const Vector3 rgb = p.rgb * factor;
        if (rgb.maxCoeff() >= 1) {
            out.clipped.push_back(p.id);
            continue;
        }
        // Taken back to the light that it had, so that only what the correction bends is left.
        const Xyz back = Xyz::from(c.toXyzD50(rgb).vector() / factor);
        const double moved = ciede2000(c.toLab(p.rgb), toLab(back, white::d50));
        out.mean += moved;
        ++n;
        if (moved > out.worst) {
            out.worst = moved;
            out.worstPatch = p.id;
        }
    }
    if (n > 0) out.mean /= n;
    return out;
}

double holdsUpTo(const Correction& c, double direction) {
    constexpr double kStep = 1.0 / 12;
    double last = 0;
    for (double stops = kStep; stops <= kMostStops + 1e-9; stops += kStep) {
        const auto at = exposedBy(c, direction * stops);
        if (!at.clipped.empty() || at.worst > kColoursHold) break;
        last = stops;
    }
    return direction * last;
}

}  // namespace

ExposureTolerance exposureTolerance(const Correction& c) {
    return {exposedBy(c, -0.5), exposedBy(c, 0.5), holdsUpTo(c, -1), holdsUpTo(c, 1)};
}

}  // namespace refero
