// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/find/detail/matching.h"

#include <tbb/parallel_for.h>

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <numeric>

namespace refero::detail {
namespace {

// Regions by place, so that the nearest one is found without looking at all of them.
class Neighbourhood {
  public:
    explicit Neighbourhood(const std::vector<Region>& regions) : regions_(regions) {
        for (const Region& r : regions) {
            low_ = low_.cwiseMin(r.centre);
            high_ = high_.cwiseMax(r.centre);
        }
        cells_.resize(kSide * kSide);
        for (std::size_t i = 0; i < regions.size(); ++i) cells_[cell(regions[i].centre)].push_back(i);
    }

    /// The region nearest to `at` within `radius` whose area is 0.45 to 1.8 of `area`.
    std::optional<std::size_t> nearest(const Point& at, double radius, double area) const {
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

  private:
    static constexpr int kSide = 32;
    std::pair<int, int> index(const Point& p) const {
        const Point t = (p - low_).cwiseQuotient((high_ - low_).cwiseMax(1e-9)) * kSide;
        return {static_cast<int>(std::clamp(t.x(), 0.0, kSide - 1.0)),
                static_cast<int>(std::clamp(t.y(), 0.0, kSide - 1.0))};
    }
    std::size_t cell(const Point& p) const {
        const auto [i, j] = index(p);
        return static_cast<std::size_t>(j * kSide + i);
    }
    const std::vector<Region>& regions_;
    Point low_{1e30, 1e30}, high_{-1e30, -1e30};
    std::vector<std::vector<std::size_t>> cells_;
};

// Regions with most neighbours of like size come first: patches have many, furniture few.
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

class Growth {
  public:
    Growth(const Chart& chart, const std::vector<Region>& regions)
        : chart_(chart), regions_(regions), near_(regions) {
        order_.resize(chart.patches.size());
        for (std::size_t p = 0; p < chart.patches.size(); ++p) {
            order_[p].resize(chart.patches.size());
            std::iota(order_[p].begin(), order_[p].end(), 0);
            std::stable_sort(order_[p].begin(), order_[p].end(),
                             [&](std::size_t a, std::size_t b) { return distance(p, a) < distance(p, b); });
        }
    }

    std::optional<Placement> from(std::size_t patch, const Region& seed, std::size_t turn,
                                  std::size_t minSeen) const {
        const Quad corners = chart_.patches[patch].corners();
        Quad target;
        for (std::size_t i = 0; i < 4; ++i) target[i] = seed.corners[(i + turn) % 4];
        const auto start = fitAffine(corners, target);
        if (!start || !plausible(*start)) return {};

        Homography map = *start;
        // First the patches around, then twice as many, then all; the map gets freer as it is better
        // supported.
        const std::size_t n = chart_.patches.size();
        for (std::size_t reach = 9, round = 0; round < 6; ++round) {
            const double tolerance = round == 0 ? 0.45 : round < 3 ? 0.35 : 0.22;
            std::vector<Point> from, to;
            match(map, patch, std::min(reach, n), tolerance, from, to);
            if (from.size() < (round == 0 ? 4 : 6)) return {};
            const bool projective = from.size() >= 8 && reach >= 18;
            const auto better = projective ? fitHomography(from, to) : fitAffine(from, to);
            if (!better) return {};
            map = *better;
            if (!facing(map)) return {};
            reach *= 2;
            if (round == 5) {
                if (from.size() < minSeen) return {};
                return Placement{map, from.size()};
            }
        }
        return {};
    }

  private:
    double distance(std::size_t a, std::size_t b) const {
        return (chart_.patches[a].centreMm - chart_.patches[b].centreMm).squaredNorm();
    }

    // A square may look like a lozenge or an oblong of up to 1 : 2.6, not more (a tilt of 60 degrees does 1 :
    // 2).
    static bool plausible(const Homography& affine) {
        const Eigen::Matrix2d a = affine.matrix().topLeftCorner<2, 2>();
        if (!(a.determinant() > 0)) return false;
        const Eigen::Vector2d s = Eigen::JacobiSVD<Eigen::Matrix2d>(a).singularValues();
        return s(0) < 2.6 * s(1);
    }

    // The whole outline on this side of the horizon and not mirrored.
    bool facing(const Homography& map) const {
        const Quad outline = chart_.outline();
        const double d0 = map.depth(outline[0]);
        for (const Point& p : outline)
            if (!(map.depth(p) * d0 > 0)) return false;
        return isProperQuad(map(outline));
    }

    void match(const Homography& map, std::size_t around, std::size_t reach, double tolerance,
               std::vector<Point>& from, std::vector<Point>& to) const {
        for (std::size_t k = 0; k < reach; ++k) {
            const Patch& p = chart_.patches[order_[around][k]];
            const Quad expected = map(p.corners());
            const double area = signedArea(expected);
            if (!(area > 4)) continue;
            const Point centre = map(p.centreMm);
            const double side =
                std::min((expected[1] - expected[0]).norm(), (expected[3] - expected[0]).norm());
            if (const auto hit = near_.nearest(centre, tolerance * side, area)) {
                from.push_back(p.centreMm);
                to.push_back(regions_[*hit].centre);
            }
        }
    }

    const Chart& chart_;
    const std::vector<Region>& regions_;
    Neighbourhood near_;
    std::vector<std::vector<std::size_t>> order_;  // for each patch, all patches by distance
};

bool samePlace(const Placement& a, const Placement& b, const Chart& chart) {
    const Quad qa = a.chartToImage(chart.outline()), qb = b.chartToImage(chart.outline());
    const double size = std::sqrt(std::abs(signedArea(qa)));
    double worst = 0;
    for (std::size_t i = 0; i < 4; ++i) worst = std::max(worst, (qa[i] - qb[i]).norm());
    return worst < 0.03 * size;
}

}  // namespace

std::vector<Placement> placements(const Chart& chart, const std::vector<Region>& regions, std::size_t minSeen,
                                  std::size_t seeds, std::size_t most) {
    if (regions.size() < minSeen) return {};
    const Growth growth(chart, regions);
    const std::vector<std::size_t> starts = startingRegions(regions, seeds);
    const std::size_t n = chart.patches.size(), tries = starts.size() * n * 4;
    std::vector<std::optional<Placement>> grown(tries);
    tbb::parallel_for(std::size_t{0}, tries, [&](std::size_t t) {
        grown[t] = growth.from(t / 4 % n, regions[starts[t / 4 / n]], t % 4, minSeen);
    });
    std::vector<Placement> all;
    for (const auto& g : grown)
        if (g) all.push_back(*g);
    std::stable_sort(all.begin(), all.end(), [](auto& a, auto& b) { return a.seen > b.seen; });
    std::vector<Placement> out;
    for (const Placement& p : all) {
        if (out.size() >= most) break;
        if (std::none_of(out.begin(), out.end(), [&](const Placement& o) { return samePlace(p, o, chart); }))
            out.push_back(p);
    }
    return out;
}

}  // namespace refero::detail
