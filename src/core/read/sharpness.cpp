// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/sharpness.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <optional>
#include <vector>

#include "core/colour/lab.h"
#include "core/numeric/statistics.h"

namespace refero {
namespace {

constexpr double kRise = 2.563 / 2.5066282746;  // 10 to 90 % over sqrt(2 pi) sigma
constexpr double kMoved = 1.7;

struct Side {
    Point middleMm, outwardMm, alongMm;  // along and outward are of unit length
    double lengthMm = 0, insideMm = 0, outsideMm = 0;
    double contrast = 0;  // of its ground to the patch, from the definition: 1 - Yground / Ypatch
    bool upright = false;
};

struct Width {
    double pixels = 0;
    bool upright = false;
};

double y(const Lab& lab) {
    return toXyz(lab).y;
}

// How far the ground reaches from the middle of a side: to the next patch or the outline.
double groundBeyond(const Chart& chart, std::size_t self, const Point& middle, const Point& outward) {
    const Point rim = chart.outlineMm;
    double reach = outward.x() > 0   ? rim.x() - middle.x()
                   : outward.x() < 0 ? middle.x()
                   : outward.y() > 0 ? rim.y() - middle.y()
                                     : middle.y();
    for (std::size_t i = 0; i < chart.patches.size(); ++i) {
        if (i == self) continue;
        const Point d = chart.patches[i].centreMm - middle;
        const Point half = chart.patches[i].sizeMm / 2;
        const double ahead = d.dot(outward), aside = std::abs(d.dot(Point(-outward.y(), outward.x())));
        const bool level = outward.x() != 0;
        if (ahead <= 0 || aside > (level ? half.y() : half.x())) continue;
        reach = std::min(reach, ahead - (level ? half.x() : half.y()));
    }
    return reach;
}

std::vector<Side> sidesOf(const Chart& chart) {
    std::vector<Side> out;
    const double ground = y(chart.surroundLabD50);
    for (std::size_t i = 0; i < chart.patches.size(); ++i) {
        const Patch& p = chart.patches[i];
        const double patch = y(p.labD50);
        const double contrast = patch > ground ? 1 - ground / patch : 0;
        if (contrast < 0.6) continue;
        for (const Point& outward : {Point(1, 0), Point(-1, 0), Point(0, 1), Point(0, -1)}) {
            Side s;
            s.outwardMm = outward;
            s.alongMm = Point(-outward.y(), outward.x());
            s.middleMm = p.centreMm + outward.cwiseProduct(p.sizeMm) / 2;
            s.upright = outward.x() != 0;
            s.lengthMm = s.upright ? p.sizeMm.y() : p.sizeMm.x();
            s.insideMm = 0.4 * (s.upright ? p.sizeMm.x() : p.sizeMm.y());
            s.outsideMm = groundBeyond(chart, i, s.middleMm, outward) / 2;
            s.contrast = contrast;
            if (s.outsideMm > 0.02 * s.lengthMm) out.push_back(s);
        }
    }
    return out;
}

// Two patches that touch have no ground between them: there the slope is compared with what is seen on both.
std::vector<Side> touchingSidesOf(const Chart& chart) {
    std::vector<Side> out;
    for (const Patch& p : chart.patches)
        for (const Point& outward : {Point(1, 0), Point(0, 1)}) {
            Side s;
            s.outwardMm = outward;
            s.alongMm = Point(-outward.y(), outward.x());
            s.middleMm = p.centreMm + outward.cwiseProduct(p.sizeMm) / 2;
            s.upright = outward.x() != 0;
            s.lengthMm = s.upright ? p.sizeMm.y() : p.sizeMm.x();
            s.insideMm = s.outsideMm = 0.4 * (s.upright ? p.sizeMm.x() : p.sizeMm.y());
            const Point beyond = s.middleMm + outward * s.outsideMm;
            if (beyond.x() < chart.outlineMm.x() && beyond.y() < chart.outlineMm.y()) out.push_back(s);
        }
    return out;
}

// Green along a straight line of the frame, added to `profile`; false where the line leaves the frame.
bool addAlong(const LinearImage& image, const Point& from, const Point& to, std::vector<double>& profile) {
    const auto inside = [&](const Point& p) {
        return p.x() >= 0.5 && p.y() >= 0.5 && p.x() < image.width() - 0.6 && p.y() < image.height() - 0.6;
    };
    if (!inside(from) || !inside(to)) return false;
    const Point step = (to - from) / static_cast<double>(std::max<std::size_t>(1, profile.size() - 1));
    Point at = from - Point(0.5, 0.5);
    for (double& sum : profile) {
        const int i = static_cast<int>(at.x()), j = static_cast<int>(at.y());
        const double u = at.x() - i, v = at.y() - j;
        const float *upper = image.pixel(i, j), *lower = image.pixel(i, j + 1);
        sum += (upper[1] * (1 - u) + upper[4] * u) * (1 - v) + (lower[1] * (1 - u) + lower[4] * u) * v;
        at += step;
    }
    return true;
}

std::optional<Width> widthOf(const LinearImage& frame, const Homography& map, const Side& side) {
    const double scale = (map(side.middleMm + side.outwardMm) - map(side.middleMm)).norm();  // px per mm
    constexpr double kStep = 0.5;                                                            // px
    const int inside = static_cast<int>(side.insideMm * scale / kStep),
              outside = static_cast<int>(side.outsideMm * scale / kStep);
    if (inside < 4 || outside < 2) return {};
    // Along a line the perspective of one patch does not matter: its ends are enough.
    const int lines = std::clamp(static_cast<int>(side.lengthMm * scale * 0.6), 3, 24);
    std::vector<double> profile(static_cast<std::size_t>(inside + outside + 1), 0.0);
    int used = 0;
    for (int line = 0; line < lines; ++line) {
        const Point base =
            side.middleMm + side.alongMm * (side.lengthMm * 0.6 * ((line + 0.5) / lines - 0.5));
        const auto at = [&](int k) { return map(base + side.outwardMm * (k * kStep / scale)); };
        used += addAlong(frame, at(-inside), at(outside), profile);
    }
    if (used == 0) return {};
    for (double& v : profile) v /= used;
    const auto mean = [&](int from, int to) {
        double sum = 0;
        for (int k = from; k < to; ++k) sum += profile[static_cast<std::size_t>(k)];
        return sum / std::max(1, to - from);
    };
    const double within = mean(0, std::max(1, inside / 3));
    const double beyond = mean(inside + outside * 2 / 3, inside + outside + 1);
    // Where the gap is too narrow for its own level to be seen, the definition knows it.
    const double step = side.contrast > 0 ? within * side.contrast : std::abs(within - beyond);
    if (step < 0.02 || step < 0.3 * std::max(within, beyond)) return {};
    double steepest = 0;  // per pixel
    for (std::size_t k = 1; k + 1 < profile.size(); ++k)
        steepest = std::max(steepest, std::abs(profile[k + 1] - profile[k - 1]) / (2 * kStep));
    if (!(steepest > 0)) return {};
    return Width{kRise * step / steepest, side.upright};
}

}  // namespace

Sharpness sharpness(const LinearImage& frame, const Chart& chart, const Homography& map) {
    auto sides = sidesOf(chart);
    if (sides.size() < 8) sides = touchingSidesOf(chart);
    std::vector<std::optional<Width>> widths(sides.size());
    tbb::parallel_for(std::size_t{0}, sides.size(),
                      [&](std::size_t i) { widths[i] = widthOf(frame, map, sides[i]); });
    std::vector<double> all, across, down;
    for (const auto& w : widths) {
        if (!w) continue;
        all.push_back(w->pixels);
        (w->upright ? across : down).push_back(w->pixels);
    }
    Sharpness s;
    s.smallestSidePixels = 1e9;
    for (const Patch& p : chart.patches) {
        const Quad q = map(p.corners());
        s.smallestSidePixels = std::min({s.smallestSidePixels, (q[1] - q[0]).norm(), (q[2] - q[1]).norm()});
    }
    s.sides = all.size();
    if (all.size() < 6) return s;
    s.widthPixels = numeric::medianOf(all);
    s.acrossPixels = numeric::medianOf(across);
    s.downPixels = numeric::medianOf(down);
    const Point middle = chart.outlineMm / 2;
    const Point wide = s.acrossPixels >= s.downPixels ? Point(1, 0) : Point(0, 1);
    const Point d = map(middle + wide) - map(middle);
    s.movementDegrees = std::fmod(std::atan2(d.y(), d.x()) * 180 / std::numbers::pi + 360, 180);
    return s;
}

bool looksMoved(const Sharpness& s) {
    const double narrow = std::min(s.acrossPixels, s.downPixels),
                 wide = std::max(s.acrossPixels, s.downPixels);
    return narrow > 0 && wide > kMoved * narrow && wide > 3;
}

}  // namespace refero
