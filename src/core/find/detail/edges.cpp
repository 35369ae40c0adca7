// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/find/detail/edges.h"

#include <tbb/parallel_for.h>

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <optional>
#include <set>

#include "core/numeric/least_squares.h"
#include "core/numeric/statistics.h"

namespace refero::detail {
namespace {

using Eigen::Vector3f;

Vector3f bilinear(const LinearImage& image, const Point& p) {
    const double x = std::clamp(p.x() - 0.5, 0.0, image.width() - 1.001);
    const double y = std::clamp(p.y() - 0.5, 0.0, image.height() - 1.001);
    const int i = static_cast<int>(x), j = static_cast<int>(y);
    const float fx = static_cast<float>(x - i), fy = static_cast<float>(y - j);
    const auto at = [&](int a, int b) { return Vector3f(Eigen::Map<const Vector3f>(image.pixel(a, b))); };
    return (at(i, j) * (1 - fx) + at(i + 1, j) * fx) * (1 - fy) +
           (at(i, j + 1) * (1 - fx) + at(i + 1, j + 1) * fx) * fy;
}

struct EdgePoint {
    Point chartMm;
    Point normal;    // unit, in the frame, out of the patch
    Point measured;  // in the frame
    double weight;
    std::size_t side;  // of all patches' sides
};

// Where a line across an edge is half-way between its two ends. `half` is the line's half length in pixels.
std::optional<EdgePoint> across(const LinearImage& frame, const Homography& map, const Point& mm,
                                const Point& along, const Point& centre, double half, double spacing) {
    const Point at = map(mm), ahead = map(mm + along);
    const Point tangent = (ahead - at).normalized();
    Point normal(tangent.y(), -tangent.x());
    if (normal.dot(at - centre) < 0) normal = -normal;
    if (at.x() < half + 2 || at.y() < half + 2 || at.x() > frame.width() - half - 2 ||
        at.y() > frame.height() - half - 2)
        return {};

    constexpr int kTaps = 12;
    std::array<Vector3f, 2 * kTaps + 1> profile;
    for (int k = -kTaps; k <= kTaps; ++k) {
        Vector3f sum = Vector3f::Zero();
        for (int s = -1; s <= 1; ++s)
            sum += bilinear(frame, at + normal * (half * k / kTaps) + tangent * (s * spacing));
        profile[static_cast<std::size_t>(k + kTaps)] = sum / 3;
    }
    const Vector3f inside = (profile[0] + profile[1] + profile[2]) / 3;
    const Vector3f outside = (profile[2 * kTaps] + profile[2 * kTaps - 1] + profile[2 * kTaps - 2]) / 3;
    const Vector3f step = outside - inside;
    const float contrast = step.norm(), level = (inside + outside).norm() / 2;
    if (contrast < 0.004f + 0.10f * level) return {};
    const auto progress = [&](int k) {
        return (profile[static_cast<std::size_t>(k)] - inside).dot(step) / (contrast * contrast) - 0.5f;
    };
    int crossing = -1;
    for (int k = 0; k < 2 * kTaps; ++k) {
        if (progress(k) <= 0 && progress(k + 1) > 0) {
            if (crossing >= 0) return {};  // twice: a speck or a second edge
            crossing = k;
        }
    }
    if (crossing < 1 || crossing >= 2 * kTaps - 1) return {};
    const float a = progress(crossing), b = progress(crossing + 1);
    const double where = crossing + static_cast<double>(-a / (b - a)) - kTaps;
    return EdgePoint{mm, normal, at + normal * (half * where / kTaps),
                     std::min(1.0, double(contrast / level)), 0};
}

std::vector<EdgePoint> edgePoints(const LinearImage& frame, const Chart& chart, const Homography& map,
                                  double gapMm, double share) {
    std::vector<std::vector<EdgePoint>> ofPatch(chart.patches.size());
    tbb::parallel_for(std::size_t{0}, chart.patches.size(), [&](std::size_t i) {
        const Patch& p = chart.patches[i];
        const Quad corners = p.corners();
        const Point centre = map(p.centreMm);
        for (std::size_t side = 0; side < 4; ++side) {
            const Point a = corners[side], b = corners[(side + 1) % 4], along = (b - a) * 0.01;
            const double scale = (map(b) - map(a)).norm() / (b - a).norm();
            const double half = std::clamp(gapMm * scale * share, 2.0, 14.0);
            const int count = std::clamp(static_cast<int>((b - a).norm() * scale / 6), 4, 12);
            for (int k = 0; k < count; ++k) {
                const double t = 0.18 + 0.64 * (k + 0.5) / count;
                if (auto e =
                        across(frame, map, a + (b - a) * t, along, centre, half, std::min(2.0, half / 3))) {
                    e->side = 4 * i + side;
                    ofPatch[i].push_back(*e);
                }
            }
        }
    });
    std::vector<EdgePoint> out;
    for (const auto& points : ofPatch) out.insert(out.end(), points.begin(), points.end());
    return out;
}

double residual(const EdgePoint& e, const Homography& map) {
    return e.normal.dot(map(e.chartMm) - e.measured);
}

// Gauss-Newton on the eight free numbers, with Huber weights scaled by the residuals' own spread.
Homography solve(const std::vector<EdgePoint>& edges, const Homography& start, double size) {
    Eigen::Matrix3d scale = Eigen::Matrix3d::Identity();  // chart millimetres to about -1..1
    scale(0, 0) = scale(1, 1) = size;
    Eigen::Matrix3d m = start.matrix() * scale;
    m /= m(2, 2);
    for (int iteration = 0; iteration < 8; ++iteration) {
        const Homography now(m * scale.inverse());
        std::vector<double> sizes;
        for (const EdgePoint& e : edges) sizes.push_back(std::abs(residual(e, now)));
        const double limit = std::max(0.02, 1.5 * numeric::kMadToDeviation * numeric::medianOf(sizes));
        numeric::NormalEquations<8> equations;
        for (const EdgePoint& e : edges) {
            const double u = e.chartMm.x() / size, v = e.chartMm.y() / size;
            const double w = m(2, 0) * u + m(2, 1) * v + 1;
            const Point at = now(e.chartMm);
            const double along = e.normal.dot(at), nx = e.normal.x(), ny = e.normal.y();
            Eigen::Matrix<double, 8, 1> j;
            j << nx * u, nx * v, nx, ny * u, ny * v, ny, -along * u, -along * v;
            j /= w;
            const double r = residual(e, now);
            const double weight = e.weight * (std::abs(r) > limit ? limit / std::abs(r) : 1.0);
            equations.add(j, -r, weight);
        }
        equations.power().diagonal() *= 1 + 1e-9;
        const Eigen::Matrix<double, 8, 1> step = equations.solve();
        if (!step.allFinite()) return start;
        for (int k = 0; k < 8; ++k) m(k / 3, k % 3) += step(k);
        if (step.norm() < 1e-10 * m.norm()) break;
    }
    return Homography(m * scale.inverse());
}

// Half the smallest distance between patches, or a share of the smallest patch where they touch.
double clearance(const Chart& chart) {
    double smallest = 1e30, gap = 1e30;
    for (const Patch& p : chart.patches) smallest = std::min(smallest, p.sizeMm.minCoeff());
    for (std::size_t i = 0; i < chart.patches.size(); ++i)
        for (std::size_t j = i + 1; j < chart.patches.size(); ++j) {
            const Point d = (chart.patches[i].centreMm - chart.patches[j].centreMm).cwiseAbs() -
                            (chart.patches[i].sizeMm + chart.patches[j].sizeMm) / 2;
            if (d.maxCoeff() > 0.1) gap = std::min(gap, d.maxCoeff());
        }
    return std::min(gap, smallest * 0.5);
}

}  // namespace

EdgeFit fitToEdges(const LinearImage& frame, const Chart& chart, const Homography& start) {
    EdgeFit fit{start, 0, 0, 0};
    const double gap = clearance(chart), size = chart.outlineMm.maxCoeff();
    for (int round = 0; round < 3; ++round) {
        const auto edges = edgePoints(frame, chart, fit.chartToFrame, gap, round == 0 ? 0.95 : 0.8);
        if (edges.size() < 24) return fit;
        const Homography better = solve(edges, fit.chartToFrame, size);
        if (!isProperQuad(better(chart.outline()))) return fit;
        std::vector<double> sizes;
        for (const EdgePoint& e : edges) sizes.push_back(std::abs(residual(e, better)));
        const double median = numeric::medianOf(sizes);
        std::set<std::size_t> seen;
        for (std::size_t i = 0; i < edges.size(); ++i)
            if (sizes[i] < std::max(1.0, 3 * median)) seen.insert(edges[i].side);
        fit = {better, median, edges.size(),
               static_cast<double>(seen.size()) / (4.0 * static_cast<double>(chart.patches.size()))};
    }
    return fit;
}

std::vector<MeasuredEdge> measuredEdges(const LinearImage& frame, const Chart& chart,
                                        const Homography& chartToFrame) {
    std::vector<MeasuredEdge> out;
    for (const EdgePoint& e : edgePoints(frame, chart, chartToFrame, clearance(chart), 0.8))
        out.push_back({e.side / 4, static_cast<int>(e.side % 4), e.measured});
    return out;
}

}  // namespace refero::detail
