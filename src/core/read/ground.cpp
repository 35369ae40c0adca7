// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/ground.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/numeric/statistics.h"

namespace refero {
namespace {

// To the nearest patch or the outline; negative inside a patch.
double clearanceMm(const Chart& chart, const Point& mm) {
    const Point rim = chart.outlineMm - mm;
    double nearest = std::min({mm.x(), mm.y(), rim.x(), rim.y()});
    for (const Patch& p : chart.patches) {
        const Point d = (mm - p.centreMm).cwiseAbs() - p.sizeMm / 2;
        const double gap = d.maxCoeff() <= 0 ? d.maxCoeff() : d.cwiseMax(0).norm();
        nearest = std::min(nearest, gap);
    }
    return nearest;
}

struct Place {
    Point mm;
    double clearance = 0;
};

}  // namespace

std::vector<BackgroundSample> measureBackground(const LinearImage& frame, const Chart& chart,
                                                const Homography& map, double edgeWidthPixels) {
    // 3.2 standard deviations of the blur: what is left of a white patch there is below 0.1 %.
    const double blurPixels = std::max(2.0, 1.25 * edgeWidthPixels);
    const double step = chart.outlineMm.maxCoeff() / 90;
    std::vector<Place> places;
    for (double y = step / 2; y < chart.outlineMm.y(); y += step)
        for (double x = step / 2; x < chart.outlineMm.x(); x += step) {
            const Place p{{x, y}, clearanceMm(chart, {x, y})};
            if (p.clearance > 0) places.push_back(p);
        }
    // The widest places first, none near another.
    std::stable_sort(places.begin(), places.end(),
                     [](const Place& a, const Place& b) { return a.clearance > b.clearance; });
    const double apart = chart.outlineMm.maxCoeff() / 22;
    std::vector<BackgroundSample> out;
    for (const Place& p : places) {
        if (std::any_of(out.begin(), out.end(),
                        [&](const BackgroundSample& g) { return (g.mm - p.mm).norm() < apart; }))
            continue;
        const Point at = map(p.mm);
        const double scale = std::min((map(p.mm + Point(0.5, 0)) - map(p.mm - Point(0.5, 0))).norm(),
                                      (map(p.mm + Point(0, 0.5)) - map(p.mm - Point(0, 0.5))).norm());
        const double reach = std::min(6.0, (p.clearance * scale - blurPixels) * 0.7);
        if (reach < 0.35) continue;
        std::array<std::vector<float>, 3> values;
        for (int y = static_cast<int>(std::floor(at.y() - reach)); y <= at.y() + reach; ++y)
            for (int x = static_cast<int>(std::floor(at.x() - reach)); x <= at.x() + reach; ++x) {
                const bool inside =
                    std::abs(x + 0.5 - at.x()) <= reach + 0.15 && std::abs(y + 0.5 - at.y()) <= reach + 0.15;
                if (!inside || x < 0 || y < 0 || x >= frame.width() || y >= frame.height()) continue;
                for (std::size_t c = 0; c < 3; ++c) values[c].push_back(frame.pixel(x, y)[c]);
            }
        if (values[0].empty()) continue;
        BackgroundSample g{p.mm, {}, 0};
        double spread = 0;
        for (std::size_t c = 0; c < 3; ++c) {
            g.rgb(static_cast<Eigen::Index>(c)) = numeric::medianOf(std::span(values[c]));
            if (c == 1)
                for (const float v : values[c]) spread += (v - g.rgb.y()) * (v - g.rgb.y());
        }
        const auto n = static_cast<double>(values[0].size());
        g.noise = 1.25 * std::sqrt(spread) / n;
        out.push_back(g);
    }
    return out;
}

}  // namespace refero
