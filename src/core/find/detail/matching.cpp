// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/find/detail/matching.h"

#include <tbb/parallel_for.h>

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/find/detail/neighbourhood.h"

namespace refero::detail {
namespace {

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
            const std::size_t enough = round == 0 ? 4 : round == 5 ? std::max<std::size_t>(6, minSeen) : 6;
            if (!match(map, patch, std::min(reach, n), tolerance, enough, from, to)) return {};
            const bool projective = from.size() >= 8 && reach >= 18;
            const auto better = projective ? fitHomography(from, to) : fitAffine(from, to);
            if (!better) return {};
            map = *better;
            if (!facing(map)) return {};
            reach *= 2;
            if (round == 5) return Placement{map, from.size()};
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

    // False as soon as fewer than `enough` can be seen: most starts lead nowhere, and that is soon known.
    bool match(const Homography& map, std::size_t around, std::size_t reach, double tolerance,
               std::size_t enough, std::vector<Point>& from, std::vector<Point>& to) const {
        for (std::size_t k = 0; k < reach; ++k) {
            if (from.size() + (reach - k) < enough) return false;
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
        return from.size() >= enough;
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
