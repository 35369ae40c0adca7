// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/find/detail/layout_fit.h"

#include <Eigen/LU>
#include <algorithm>
#include <array>
#include <cmath>

#include "core/find/detail/edges.h"
#include "core/find/detail/patch_evidence.h"
#include "core/numeric/least_squares.h"
#include "core/numeric/statistics.h"

namespace refero::detail {
namespace {

bool inside(const LinearImage& frame, const Point& p) {
    return p.x() >= 0 && p.y() >= 0 && p.x() < frame.width() && p.y() < frame.height();
}

std::optional<Vector3> colourAt(const LinearImage& frame, const Homography& map, const Point& at) {
    const Point p = map(at);
    if (!inside(frame, p)) return {};
    const float* v = frame.pixel(static_cast<int>(p.x()), static_cast<int>(p.y()));
    return Vector3(v[0], v[1], v[2]).cwiseMax(0).cwiseSqrt();
}

double medianDistance(const std::vector<Vector3>& a, const std::vector<Vector3>& b) {
    std::vector<double> out;
    for (std::size_t i = 0; i < a.size(); ++i) out.push_back((a[i] - b[i]).norm());
    return numeric::medianOf(std::move(out));
}

// Square roots of linear light, so that dark patches count as light ones do.
Between betweenAlong(const LinearImage& frame, const PatchField& f, const Homography& toFrame, int axis) {
    // Patches that are found this much smaller than their pitch do not touch, whatever lies between them; and
    // a ground varies less than this share of what neighbours differ by.
    // What fits neither is taken for touching where the patches leave no room for anything between.
    constexpr double kApart = 0.8, kOneColour = 0.35, kNoRoom = 0.9;
    std::vector<Vector3> midway, mixed, ones, others;
    const auto across = static_cast<std::size_t>(f.columns);
    for (std::size_t i = 0; i < f.count(); ++i) {
        const std::size_t next = axis == 0 ? i + 1 : i + across;
        if (next >= f.count() || (axis == 0 && next % across == 0)) continue;
        const Point a = f.centre(i), b = f.centre(next), aside(-(b - a).y(), (b - a).x());
        for (const double t : {-0.2, 0.0, 0.2}) {
            const auto m = colourAt(frame, toFrame, (a + b) / 2 + aside * t);
            const auto one = colourAt(frame, toFrame, a + aside * t),
                       other = colourAt(frame, toFrame, b + aside * t);
            if (!m || !one || !other) continue;
            midway.push_back(*m);
            mixed.push_back((*one + *other) / 2);
            ones.push_back(*one);
            others.push_back(*other);
        }
    }
    if (midway.size() < 4) return Between::nothing;
    const Vector3 middle = medianColour(midway);
    const double fromMixture = medianDistance(midway, mixed),
                 fromOne = medianDistance(midway, std::vector<Vector3>(midway.size(), middle));
    if (fromMixture < fromOne && f.size[axis] > kApart * f.pitch[axis]) return Between::nothing;
    if (fromOne < kOneColour * medianDistance(ones, others)) return Between::ground;
    return f.size[axis] > kNoRoom * f.pitch[axis] ? Between::nothing : Between::others;
}

// One coordinate of an edge: the place's line (column or row) and whether it is the near or the far edge.
struct Line {
    double line, side, value;  // side is -1 or 1
};

// first + line * pitch + side * size / 2 = value, robustly; a field whose patches touch has size = pitch.
bool fitLines(const std::vector<Line>& lines, bool onlyOneLine, bool gapless, double& first, double& pitch,
              double& size) {
    std::vector<bool> out(lines.size());
    double f = first, p = pitch, s = size;
    for (int round = 0; round < 3; ++round) {
        numeric::NormalEquations<3> equations;
        for (std::size_t i = 0; i < lines.size(); ++i) {
            if (out[i]) continue;
            const Line& l = lines[i];
            if (gapless)
                equations.add({1, l.line + l.side / 2, 0}, l.value);
            else
                equations.add({1, onlyOneLine ? 0 : l.line, l.side / 2}, l.value);
        }
        if (gapless) equations.pull(2, 1);
        if (onlyOneLine && !gapless) equations.pull(1, 1);
        const auto x = equations.solveWell(1e-9);
        if (!x) return false;
        f = (*x)(0);
        p = onlyOneLine && !gapless ? (*x)(2) : (*x)(1);
        s = gapless ? p : (*x)(2);
        std::vector<double> left;
        for (const Line& l : lines)
            left.push_back(std::abs(f + l.line * (onlyOneLine ? 0 : p) + l.side * s / 2 - l.value));
        const double limit = 3.5 * numeric::kMadToDeviation * numeric::medianOf(left) + 1e-12;
        for (std::size_t i = 0; i < lines.size(); ++i) out[i] = left[i] > limit;
    }
    if (!(s > 0.3 * size && s < 1.7 * size && p > 0.5 * pitch && p < 1.5 * pitch) || s > p * 1.000001)
        return false;
    first = f;
    pitch = p;
    size = s;
    return true;
}

void fitField(PatchField& field, bool gapless, std::size_t begin, const std::vector<MeasuredEdge>& edges,
              const Homography& toPlane) {
    std::array<std::vector<Line>, 2> lines;  // of x and y
    const auto across = static_cast<std::size_t>(field.columns);
    for (const MeasuredEdge& e : edges) {
        if (e.patch < begin || e.patch >= begin + field.count()) continue;
        const std::size_t place = e.patch - begin;
        const bool upright = e.side % 2 == 1;  // right and left edges tell x
        const double line = static_cast<double>(upright ? place % across : place / across);
        const double side = e.side == 1 || e.side == 2 ? 1 : -1;
        const Point at = toPlane(e.at);
        lines[upright ? 0 : 1].push_back({line, side, upright ? at.x() : at.y()});
    }
    const PatchField before = field;
    for (int axis = 0; axis < 2; ++axis) {
        const auto& of = lines[static_cast<std::size_t>(axis)];
        if (of.size() < 12) continue;
        if (!fitLines(of, (axis == 0 ? before.columns : before.rows) == 1, gapless, field.first[axis],
                      field.pitch[axis], field.size[axis])) {
            field.first[axis] = before.first[axis];
            field.pitch[axis] = before.pitch[axis];
            field.size[axis] = before.size[axis];
        }
    }
}

}  // namespace

Chart bareChart(const std::vector<PatchField>& fields) {
    Chart chart;
    for (const PatchField& f : fields)
        for (std::size_t i = 0; i < f.count(); ++i) {
            Patch p;
            p.centreMm = f.centre(i);
            p.sizeMm = f.size;
            chart.patches.push_back(std::move(p));
            chart.outlineMm = chart.outlineMm.cwiseMax(f.high());
        }
    return chart;
}

Between between(const LinearImage& frame, const PatchField& f, const Homography& toFrame) {
    // To the right and downwards apart: bricks have a ground along their rows, and bricks between them.
    Between out = Between::nothing;
    for (int axis = 0; axis < 2; ++axis) {
        const Between here = betweenAlong(frame, f, toFrame, axis);
        if (here != Between::nothing && out != Between::others) out = here;
    }
    return out;
}

PlacedFields fitFieldsToEdges(const LinearImage& frame, PlacedFields now) {
    std::vector<bool> gapless;
    for (const PatchField& f : now.fields) gapless.push_back(f.gapless());
    for (int round = 0; round < 4; ++round) {
        const Chart chart = bareChart(now.fields);
        const EdgeFit fit = fitToEdges(frame, chart, now.toFrame);
        if (fit.points < 24) return now;
        now.toFrame = fit.chartToFrame;
        now.residualPixels = fit.residualPixels;
        const auto edges = measuredEdges(frame, chart, now.toFrame);
        const Homography toPlane = now.toFrame.inverse();
        std::size_t begin = 0;
        for (std::size_t k = 0; k < now.fields.size(); ++k) {
            const std::size_t count = now.fields[k].count();
            fitField(now.fields[k], gapless[k], begin, edges, toPlane);
            begin += count;
        }
    }
    return now;
}

double aspectOf(const Homography& planeToFrame, double focalPixels, const Point& centre) {
    Eigen::Matrix3d k = Eigen::Matrix3d::Identity();
    k(0, 0) = k(1, 1) = focalPixels;
    k(0, 2) = centre.x();
    k(1, 2) = centre.y();
    const Eigen::Matrix3d rays = k.inverse() * planeToFrame.matrix();
    return rays.col(1).norm() / rays.col(0).norm();
}

}  // namespace refero::detail
