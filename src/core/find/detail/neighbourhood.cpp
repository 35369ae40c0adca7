// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/find/detail/neighbourhood.h"

#include <algorithm>

namespace refero::detail {

Neighbourhood::Neighbourhood(const std::vector<Region>& regions) : regions_(regions) {
    for (const Region& r : regions) {
        low_ = low_.cwiseMin(r.centre);
        high_ = high_.cwiseMax(r.centre);
    }
    cells_.resize(kSide * kSide);
    for (std::size_t i = 0; i < regions.size(); ++i) cells_[cell(regions[i].centre)].push_back(i);
}

std::optional<std::size_t> Neighbourhood::nearest(const Point& at, double radius, double area) const {
    const auto [i0, j0] = index(at - Point(radius, radius));
    const auto [i1, j1] = index(at + Point(radius, radius));
    std::optional<std::size_t> best;
    double bestDistance = radius * radius;
    for (int j = j0; j <= j1; ++j)
        for (int i = i0; i <= i1; ++i)
            for (const std::size_t k : cells_[static_cast<std::size_t>(j * kSide + i)]) {
                const Region& r = regions_[k];
                const double d = (r.centre - at).squaredNorm();
                if (d < bestDistance && r.area > 0.45 * area && r.area < 1.8 * area) {
                    bestDistance = d;
                    best = k;
                }
            }
    return best;
}

std::pair<int, int> Neighbourhood::index(const Point& p) const {
    const Point t = (p - low_).cwiseQuotient((high_ - low_).cwiseMax(1e-9)) * kSide;
    return {static_cast<int>(std::clamp(t.x(), 0.0, kSide - 1.0)),
            static_cast<int>(std::clamp(t.y(), 0.0, kSide - 1.0))};
}

std::size_t Neighbourhood::cell(const Point& p) const {
    const auto [i, j] = index(p);
    return static_cast<std::size_t>(j * kSide + i);
}

std::vector<std::size_t> startingRegions(const std::vector<Region>& regions, std::size_t most) {
    std::vector<std::pair<int, std::size_t>> ranked;
    for (std::size_t i = 0; i < regions.size(); ++i) {
        int support = 0;
        for (const Region& r : regions) {
            const double d2 = (r.centre - regions[i].centre).squaredNorm();
            if (d2 > 0 && d2 < 9 * regions[i].area && r.area > 0.4 * regions[i].area &&
                r.area < 2.5 * regions[i].area)
                ++support;
        }
        if (support >= 3) ranked.emplace_back(support, i);
    }
    std::stable_sort(ranked.begin(), ranked.end(), [](auto& a, auto& b) { return a.first > b.first; });
    // The best of each group of neighbours: a second seed beside the first would only repeat it.
    std::vector<std::size_t> out;
    for (int pass = 0; pass < 2; ++pass) {
        for (const auto& [support, i] : ranked) {
            if (out.size() >= most || std::find(out.begin(), out.end(), i) != out.end()) continue;
            const double apart = pass == 0 ? 9 : 2;
            const bool near = std::any_of(out.begin(), out.end(), [&, i = i](std::size_t o) {
                return (regions[o].centre - regions[i].centre).squaredNorm() < apart * regions[i].area;
            });
            if (!near) out.push_back(i);
        }
    }
    return out;
}

}  // namespace refero::detail
