// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/find/detail/region_grid.h"

#include <tbb/parallel_for.h>

#include <Eigen/LU>
#include <algorithm>
#include <array>
#include <cmath>
#include <deque>
#include <map>
#include <set>

#include "core/find/detail/neighbourhood.h"
#include "core/numeric/statistics.h"

namespace refero::detail {
namespace {

using Cell = std::pair<int, int>;  // column, row
using Cells = std::map<Cell, std::size_t>;

// Farthest that the next patch's centre may lie, in patch sides: gaps as wide as one and a half patches.
constexpr double kFarthest = 2.6;
// At the rim, less of a row or column than this is not of the grid.
constexpr double kLeastAtRim = 0.4;

struct Sides {
    Point across, down;
};

// The region's own sides, turned so that `across` runs most nearly along `along`.
Sides sidesAlong(const Region& r, const Point& along) {
    const Quad& c = r.corners;
    std::size_t best = 0;
    double most = -2;
    for (std::size_t k = 0; k < 4; ++k) {
        const double cosine = (c[(k + 1) % 4] - c[k]).normalized().dot(along.normalized());
        if (cosine > most) {
            most = cosine;
            best = k;
        }
    }
    const auto at = [&](std::size_t k) { return c[(best + k) % 4]; };
    return {((at(1) - at(0)) + (at(2) - at(3))) / 2, ((at(3) - at(0)) + (at(2) - at(1))) / 2};
}

class GridGrowth {
  public:
    explicit GridGrowth(const std::vector<Region>& regions) : regions_(regions), near_(regions) {}

    std::optional<RegionGrid> from(std::size_t seed) const {
        const Region& r = regions_[seed];
        const Sides own = sidesAlong(r, Point(1, 0));
        const double across = step(seed, own.across, own.down), down = step(seed, own.down, own.across);
        if (across <= 0 || down <= 0) return {};
        Cells cells = spread(seed, {own.across * across, own.down * down}, {across, down});
        std::optional<Homography> map;
        for (int round = 0; round < 5; ++round) {
            map = fitted(cells);
            if (!map) return {};
            cells = around(*map, cells);
        }
        return grid(*map, trimmed(ofOneSize(*map, std::move(cells))));
    }

  private:
    // Distance of the nearest like regions to either side, in sides; the smaller where they differ much.
    double step(std::size_t seed, const Point& along, const Point& aside) const {
        const Region& r = regions_[seed];
        Eigen::Matrix2d sides;
        sides << along, aside;
        const Eigen::Matrix2d inverse = sides.inverse();
        if (!inverse.allFinite()) return 0;
        std::array<double, 2> nearest{1e9, 1e9};
        for (const Region& o : regions_) {
            if (o.area < 0.45 * r.area || o.area > 1.8 * r.area) continue;
            const Point d = inverse * (o.centre - r.centre);
            if (std::abs(d.y()) > 0.25 || std::abs(d.x()) < 0.85 || std::abs(d.x()) > kFarthest) continue;
            double& side = nearest[d.x() > 0];
            side = std::min(side, std::abs(d.x()));
        }
        const double least = std::min(nearest[0], nearest[1]), most = std::max(nearest[0], nearest[1]);
        if (least > kFarthest) return 0;
        return most < 1.3 * least ? (least + most) / 2 : least;
    }

    // From neighbour to neighbour, each step by the patch's own sides: they follow the perspective.
    Cells spread(std::size_t seed, const Sides& steps, const Point& inSides) const {
        Cells cells{{{0, 0}, seed}};
        std::set<std::size_t> taken{seed};
        std::deque<std::pair<Cell, Sides>> open{{{0, 0}, steps}};
        while (!open.empty() && cells.size() < 600) {
            const auto [cell, step] = open.front();
            open.pop_front();
            const Region& here = regions_[cells[cell]];
            for (const auto& [i, j] : {Cell{1, 0}, {-1, 0}, {0, 1}, {0, -1}}) {
                const Cell next{cell.first + i, cell.second + j};
                if (cells.contains(next)) continue;
                const Point to = here.centre + step.across * i + step.down * j;
                const double reach = 0.3 * std::min(step.across.norm(), step.down.norm());
                const auto hit = near_.nearest(to, reach, here.area);
                if (!hit || !taken.insert(*hit).second) continue;
                cells[next] = *hit;
                Sides own = sidesAlong(regions_[*hit], step.across);
                own = {own.across * inSides.x(), own.down * inSides.y()};
                // A region whose corners were cut says little: half the old step, half its own.
                open.push_back({next, {(step.across + own.across) / 2, (step.down + own.down) / 2}});
            }
        }
        return cells;
    }

    std::optional<Homography> fitted(Cells& cells) const {
        for (int round = 0; round < 2; ++round) {
            if (cells.size() < 6) return {};
            std::vector<Point> from, to;
            for (const auto& [cell, region] : cells) {
                from.emplace_back(cell.first, cell.second);
                to.push_back(regions_[region].centre);
            }
            const auto map = cells.size() >= 8 ? fitHomography(from, to) : fitAffine(from, to);
            if (!map || !facing(*map, cells)) return {};
            if (round == 1) return *map;
            std::erase_if(cells, [&](const auto& c) {
                const Point cell(c.first.first, c.first.second);
                return ((*map)(cell)-regions_[c.second].centre).norm() > 0.2 * pitchAt(*map, cell);
            });
        }
        return {};
    }

    static double pitchAt(const Homography& map, const Point& cell) {
        const Point at = map(cell);
        return std::min((map(cell + Point(1, 0)) - at).norm(), (map(cell + Point(0, 1)) - at).norm());
    }

    static bool facing(const Homography& map, const Cells& cells) {
        const double depth = map.depth(Point(cells.begin()->first.first, cells.begin()->first.second));
        return std::all_of(cells.begin(), cells.end(), [&](const auto& c) {
            const Point cell(c.first.first, c.first.second);
            return map.depth(cell) * depth > 0 && map.areaScale(cell) > 0;
        });
    }

    // Everything that lies where the map has a place for it, two steps beyond what is known.
    Cells around(const Homography& map, const Cells& known) const {
        Cell low = known.begin()->first, high = low;
        std::vector<double> shares;
        for (const auto& [cell, region] : known) {
            low = {std::min(low.first, cell.first), std::min(low.second, cell.second)};
            high = {std::max(high.first, cell.first), std::max(high.second, cell.second)};
            shares.push_back(regions_[region].area / map.areaScale(Point(cell.first, cell.second)));
        }
        const double share = numeric::medianOf(shares);
        Cells out;
        if (high.first - low.first > 60 || high.second - low.second > 60) return out;
        for (int j = low.second - 2; j <= high.second + 2; ++j)
            for (int i = low.first - 2; i <= high.first + 2; ++i) {
                const Point cell(i, j);
                const double scale = map.areaScale(cell);
                if (!(scale > 0)) continue;
                if (const auto hit = near_.nearest(map(cell), 0.2 * pitchAt(map, cell), share * scale))
                    out[{i, j}] = *hit;
            }
        return out;
    }

    // Without what touches the grid at its rim only, and without what lies beyond an empty row or column.
    static Cells trimmed(Cells cells) {
        for (bool changed = true; changed && !cells.empty();) {
            changed = false;
            for (const bool byRow : {true, false}) {
                std::map<int, int> count;
                int low = 1 << 20, high = -low;
                for (const auto& [cell, region] : cells) {
                    ++count[byRow ? cell.second : cell.first];
                    low = std::min(low, byRow ? cell.first : cell.second);
                    high = std::max(high, byRow ? cell.first : cell.second);
                }
                const double wanted = kLeastAtRim * (high - low + 1);
                for (const int line : {count.begin()->first, count.rbegin()->first})
                    if (count[line] < wanted) {
                        std::erase_if(cells, [&](const auto& c) {
                            return (byRow ? c.first.second : c.first.first) == line;
                        });
                        changed = true;
                        break;
                    }
                if (!changed) changed = splitAtGutter(cells, count, byRow);
                if (changed) break;
            }
        }
        return cells;
    }

    static bool splitAtGutter(Cells& cells, const std::map<int, int>& count, bool byRow) {
        int from = count.begin()->first, weight = 0, best = 0, bestFrom = from, bestTo = from, last = from;
        bool gutter = false;
        const auto close = [&] {
            if (weight > best) best = weight, bestFrom = from, bestTo = last;
        };
        for (const auto& [line, n] : count) {
            if (line > last + 1) {
                close();
                gutter = true;
                from = line;
                weight = 0;
            }
            weight += n;
            last = line;
        }
        close();
        if (!gutter) return false;
        std::erase_if(cells, [&](const auto& c) {
            const int line = byRow ? c.first.second : c.first.first;
            return line < bestFrom || line > bestTo;
        });
        return true;
    }

    // A region's width and height in shares of the pitch, by the means of opposite sides.
    Point sizeOn(const Homography& toCells, std::size_t region) const {
        std::array<double, 4> x{}, y{};
        for (std::size_t k = 0; k < 4; ++k) {
            const Point p = toCells(regions_[region].corners[k]);
            x[k] = p.x();
            y[k] = p.y();
        }
        std::sort(x.begin(), x.end());
        std::sort(y.begin(), y.end());
        return {(x[3] + x[2] - x[1] - x[0]) / 2, (y[3] + y[2] - y[1] - y[0]) / 2};
    }

    Point medianSize(const Homography& toCells, const Cells& cells) const {
        std::vector<double> widths, heights;
        for (const auto& [cell, region] : cells) {
            const Point size = sizeOn(toCells, region);
            widths.push_back(size.x());
            heights.push_back(size.y());
        }
        return {numeric::medianOf(std::move(widths)), numeric::medianOf(std::move(heights))};
    }

    // Without regions of other sizes: what stands beside the chart where a patch would be.
    Cells ofOneSize(const Homography& map, Cells cells) const {
        if (cells.empty()) return cells;
        const Homography back = map.inverse();
        const Point size = medianSize(back, cells);
        std::erase_if(cells, [&](const auto& c) {
            const Point ratio = sizeOn(back, c.second).cwiseQuotient(size);
            return ratio.minCoeff() < 0.8 || ratio.maxCoeff() > 1.25;
        });
        return cells;
    }

    std::optional<RegionGrid> grid(const Homography& map, Cells cells) const {
        if (cells.size() < 6) return {};
        Cell low = cells.begin()->first, high = low;
        for (const auto& [cell, region] : cells) {
            low = {std::min(low.first, cell.first), std::min(low.second, cell.second)};
            high = {std::max(high.first, cell.first), std::max(high.second, cell.second)};
        }
        RegionGrid out;
        out.columns = high.first - low.first + 1;
        out.rows = high.second - low.second + 1;
        if (out.columns < 2 || out.rows < 2 || out.columns * out.rows > 400) return {};
        Eigen::Matrix3d shift = Eigen::Matrix3d::Identity();
        shift(0, 2) = low.first;
        shift(1, 2) = low.second;
        out.toImage = Homography(map.matrix() * shift);
        out.region.resize(static_cast<std::size_t>(out.columns * out.rows));
        for (const auto& [cell, region] : cells)
            out.region[static_cast<std::size_t>((cell.second - low.second) * out.columns + cell.first -
                                                low.first)] = region;
        out.size = medianSize(map.inverse(), cells).cwiseMax(0.2).cwiseMin(1.0);
        if (out.seenShare() < 0.5) return {};
        return out;
    }

    const std::vector<Region>& regions_;
    Neighbourhood near_;
};

bool shareRegions(const RegionGrid& a, const RegionGrid& b) {
    std::set<std::size_t> of;
    for (const auto& r : a.region)
        if (r) of.insert(*r);
    const auto shared =
        std::count_if(b.region.begin(), b.region.end(), [&](const auto& r) { return r && of.contains(*r); });
    return static_cast<std::size_t>(shared) * 4 > std::min(a.seen(), b.seen());
}

}  // namespace

std::size_t RegionGrid::seen() const {
    return static_cast<std::size_t>(
        std::count_if(region.begin(), region.end(), [](const auto& r) { return r.has_value(); }));
}

std::vector<RegionGrid> regionGrids(const std::vector<Region>& regions, std::size_t seeds) {
    if (regions.size() < 6) return {};
    const GridGrowth growth(regions);
    const auto starts = startingRegions(regions, seeds);
    std::vector<std::optional<RegionGrid>> grown(starts.size());
    tbb::parallel_for(std::size_t{0}, starts.size(),
                      [&](std::size_t k) { grown[k] = growth.from(starts[k]); });
    std::vector<RegionGrid> all, out;
    for (auto& g : grown)
        if (g) all.push_back(std::move(*g));
    std::stable_sort(all.begin(), all.end(),
                     [](const RegionGrid& a, const RegionGrid& b) { return a.seen() > b.seen(); });
    for (RegionGrid& g : all)
        if (std::none_of(out.begin(), out.end(), [&](const RegionGrid& o) { return shareRegions(o, g); }))
            out.push_back(std::move(g));
    return out;
}

}  // namespace refero::detail
