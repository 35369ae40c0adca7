// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/detail/survey_parts.h"

#include <algorithm>

#include "sim/shoot.h"

namespace refero::sim::detail {

Reflectance reflectanceOf(const Spectrum& s) {
    return {Spectrum::wavelength(0), static_cast<double>(Spectrum::step),
            std::vector<double>(s.values.begin(), s.values.end())};
}

Quad outlineSeen(const Shot& s, const Chart& chart) {
    return chartToFrame(s, chart)(chart.outline());
}

bool within(const Quad& q, const Shot& s, double margin) {
    return std::all_of(q.begin(), q.end(), [&](const Point& p) {
        return p.x() > margin && p.y() > margin && p.x() < s.width - margin && p.y() < s.height - margin;
    });
}

void place(Shot& s, const Chart& chart, Random& random, double margin, double farthest) {
    const double u = random.in(-1, 1), v = random.in(-1, 1);
    for (; s.pose.coverage > 0.005; s.pose.coverage *= 0.93)
        for (double reach = farthest; reach >= 0; reach -= 0.05) {
            s.pose.centre = {0.5 + u * reach, 0.5 + v * reach};
            if (within(outlineSeen(s, chart), s, margin)) return;
        }
}

const Patch& anyPatch(const Chart& chart, Random& random) {
    return chart.patches[random.below(static_cast<unsigned>(chart.patches.size()))];
}

double patchSide(const Chart& chart) {
    double side = 1e9;
    for (const Patch& p : chart.patches) side = std::min(side, p.sizeMm.minCoeff());
    return side;
}

Finger fingerOn(const Chart& chart, Random& random) {
    const Patch& p = anyPatch(chart, random);
    const bool below = p.centreMm.y() > chart.outlineMm.y() / 2;
    return {p.centreMm + Point(random.in(-4, 4), 0), (below ? 90 : -90) + random.in(-25, 25),
            patchSide(chart) * random.in(0.8, 1.3)};
}

void addDirt(Shot& s, const Chart& chart, Random& random, int blots, double low, double high) {
    for (int i = 0; i < blots; ++i) {
        const Patch& p = anyPatch(chart, random);
        s.mishaps.blots.push_back(
            {p.centreMm + Point(random.in(-0.2, 0.2) * p.sizeMm.x(), random.in(-0.2, 0.2) * p.sizeMm.y()),
             patchSide(chart) * random.in(low, high)});
    }
}

}  // namespace refero::sim::detail
