// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/find/detail/plane_fields.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>
#include <set>

namespace refero::detail {
namespace {

struct Box {
    Point centre, size;
};

constexpr std::size_t kLeastPatches = 4;
constexpr double kLeastSeen = 0.75;

// How far two spans on a line lie apart; 0 where they meet.
double gapBetween(double low1, double high1, double low2, double high2) {
    return std::max({0.0, low2 - high1, low1 - high2});
}

double distance(const PatchField& f, const Point& low, const Point& high) {
    return std::max(gapBetween(f.low().x(), f.high().x(), low.x(), high.x()),
                    gapBetween(f.low().y(), f.high().y(), low.y(), high.y()));
}

double reach(const PatchField& known) {
    return 0.5 * (known.high() - known.low()).maxCoeff();
}

std::optional<Box> uprightBox(const Region& r, const Homography& toPlane) {
    std::array<double, 4> x{}, y{};
    const double depth = toPlane.depth(r.centre);
    for (std::size_t k = 0; k < 4; ++k) {
        if (!(toPlane.depth(r.corners[k]) * depth > 0)) return {};
        const Point p = toPlane(r.corners[k]);
        x[k] = p.x();
        y[k] = p.y();
    }
    std::sort(x.begin(), x.end());
    std::sort(y.begin(), y.end());
    const Point size((x[3] + x[2] - x[1] - x[0]) / 2, (y[3] + y[2] - y[1] - y[0]) / 2);
    const auto uneven = [](const std::array<double, 4>& v, double whole) {
        return std::max(v[1] - v[0], v[3] - v[2]) > 0.25 * whole;
    };
    if (size.minCoeff() <= 0 || uneven(x, size.x()) || uneven(y, size.y())) return {};
    return Box{toPlane(r.centre), size};
}

std::vector<Box> boxesBeside(const PatchField& known, const std::vector<Region>& regions,
                             const Homography& toPlane) {
    std::vector<Box> out;
    const double area = known.size.prod();
    for (const Region& r : regions) {
        const auto box = uprightBox(r, toPlane);
        if (!box || box->size.prod() < 0.1 * area || box->size.prod() > 10 * area) continue;
        const double away = distance(known, box->centre, box->centre);
        if (away > 0 && away < reach(known) + (known.high() - known.low()).maxCoeff()) out.push_back(*box);
    }
    return out;
}

bool alike(const Box& a, const Box& b) {
    const Point ratio = a.size.cwiseQuotient(b.size);
    return ratio.minCoeff() > 0.8 && ratio.maxCoeff() < 1.25;
}

// From `seed` to its nearest like box along one axis; 0: none.
double step(const Box& seed, const std::vector<Box>& boxes, int axis) {
    double nearest = 0;
    for (const Box& b : boxes) {
        const Point d = (b.centre - seed.centre).cwiseAbs();
        const double along = d[axis], aside = d[1 - axis];
        if (!alike(b, seed) || aside > 0.2 * seed.size[1 - axis] || along < 0.85 * seed.size[axis] ||
            along > 2.6 * seed.size[axis])
            continue;
        if (nearest == 0 || along < nearest) nearest = along;
    }
    return nearest;
}

struct Span {
    int low = 0, high = 0;
};

// How far whole lines reach from 0 to either side without a gap.
Span span(const std::set<int>& lines) {
    Span s;
    while (lines.contains(s.low - 1)) --s.low;
    while (lines.contains(s.high + 1)) ++s.high;
    return s;
}

std::optional<PatchField> fieldAround(const Box& seed, const std::vector<Box>& boxes) {
    const Point pitch(step(seed, boxes, 0), step(seed, boxes, 1));
    if (pitch.maxCoeff() == 0) return {};
    std::set<std::pair<int, int>> cells;
    std::set<int> columns, rows;
    for (const Box& b : boxes) {
        if (!alike(b, seed)) continue;
        Point at = Point::Zero();
        bool fits = true;
        for (int axis = 0; axis < 2; ++axis) {
            const double d = b.centre[axis] - seed.centre[axis];
            const double unit = pitch[axis] > 0 ? pitch[axis] : seed.size[axis];
            at[axis] = std::round(d / unit);
            fits &= std::abs(d - at[axis] * unit) < 0.1 * unit * (1 + 0.2 * std::abs(at[axis])) &&
                    (pitch[axis] > 0 || at[axis] == 0);
        }
        if (!fits) continue;
        cells.insert({static_cast<int>(at.y()), static_cast<int>(at.x())});
        columns.insert(static_cast<int>(at.x()));
        rows.insert(static_cast<int>(at.y()));
    }
    const Span across = span(columns), down = span(rows);
    PatchField f;
    f.columns = across.high - across.low + 1;
    f.rows = down.high - down.low + 1;
    f.size = seed.size;
    f.pitch = {pitch.x() > 0 ? pitch.x() : seed.size.x(), pitch.y() > 0 ? pitch.y() : seed.size.y()};
    f.first = seed.centre + Point(across.low, down.low).cwiseProduct(f.pitch);
    const auto seen = std::count_if(cells.begin(), cells.end(), [&](const auto& c) {
        return c.first >= down.low && c.first <= down.high && c.second >= across.low &&
               c.second <= across.high;
    });
    if (f.count() < kLeastPatches || static_cast<double>(seen) < kLeastSeen * static_cast<double>(f.count()))
        return {};
    return f;
}

bool overlap(const PatchField& a, const PatchField& b) {
    return distance(a, b.low(), b.high()) <= 0;
}

}  // namespace

std::vector<PatchField> fieldsBeside(const PatchField& known, const std::vector<Region>& regions,
                                     const Homography& toPlane) {
    const auto boxes = boxesBeside(known, regions, toPlane);
    std::vector<PatchField> all, out;
    for (const Box& seed : boxes)
        if (const auto f = fieldAround(seed, boxes))
            if (distance(known, f->low(), f->high()) < reach(known) && !overlap(known, *f)) all.push_back(*f);
    // Nearest first; of those that overlap, the one with more patches.
    std::stable_sort(all.begin(), all.end(),
                     [](const PatchField& a, const PatchField& b) { return a.count() > b.count(); });
    std::stable_sort(all.begin(), all.end(), [&](const PatchField& a, const PatchField& b) {
        return distance(known, a.low(), a.high()) < distance(known, b.low(), b.high()) - 0.1 * known.size.x();
    });
    constexpr std::size_t kMost = 3;
    for (const PatchField& f : all)
        if (out.size() < kMost &&
            std::none_of(out.begin(), out.end(), [&](const PatchField& o) { return overlap(o, f); }))
            out.push_back(f);
    return out;
}

}  // namespace refero::detail
