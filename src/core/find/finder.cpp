// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/find/finder.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <set>

#include "core/colour/lab.h"
#include "core/find/detail/edges.h"
#include "core/find/detail/matching.h"
#include "core/find/detail/regions.h"

namespace refero {
namespace {

// Mean over a grid of points in the inner 40 % of the patch; nothing where it leaves the frame.
bool sample(const LinearImage& frame, const Homography& map, const Patch& p, Vector3& out) {
    out.setZero();
    constexpr int n = 5;
    for (int k = 0; k < n * n; ++k) {
        const Point offset((k % n + 0.5) / n - 0.5, (k / n + 0.5) / n - 0.5);
        const Point at = map(p.centreMm + offset.cwiseProduct(p.sizeMm) * 0.4);
        if (!(at.x() >= 0 && at.y() >= 0 && at.x() < frame.width() && at.y() < frame.height())) return false;
        const float* v = frame.pixel(static_cast<int>(at.x()), static_cast<int>(at.y()));
        out += Vector3(v[0], v[1], v[2]) / (n * n);
    }
    return true;
}

Homography scaled(const Homography& map, double factor) {
    Eigen::Matrix3d s = Eigen::Matrix3d::Identity();
    s(0, 0) = s(1, 1) = factor;
    return Homography(s * map.matrix());
}

struct Candidate {
    Homography map;
    double agreement = 0;
    double seen = 0;
};

int shrinkingFor(const LinearImage& frame, int longEdge) {
    return std::max(1, (std::max(frame.width(), frame.height()) + longEdge / 2) / longEdge);
}

// The best placement in the frame at one working size.
Candidate search(const LinearImage& frame, const Chart& chart, int factor, const FindOptions& options) {
    const LinearImage small = factor > 1 ? shrunk(frame, factor) : LinearImage();
    const LinearImage& image = factor > 1 ? small : frame;
    const auto n = static_cast<double>(chart.patches.size());
    const auto minSeen = static_cast<std::size_t>(std::max(6.0, std::ceil(options.minSeen * n)));
    const auto regions = detail::evenRegions(image);
    Candidate best;
    for (const std::size_t seeds : {std::size_t{16}, std::size_t{96}}) {
        for (const auto& p : detail::placements(chart, regions, minSeen, seeds, 40)) {
            const double a = agreement(image, chart, p.chartToImage);
            if (a > best.agreement)
                best = {scaled(p.chartToImage, factor), a, static_cast<double>(p.seen) / n};
        }
        if (best.agreement >= options.minAgreement) break;
    }
    return best;
}

Status worthSearching(const LinearImage& frame) {
    if (frame.width() < 64 || frame.height() < 64)
        return failure("The frame is " + std::to_string(frame.width()) + " x " +
                       std::to_string(frame.height()) +
                       " pixels; a chart needs at least 64 x 64 to be found.");
    const auto values = frame.values();
    float high = 0;
    const std::size_t step = std::max<std::size_t>(1, values.size() / 100000);
    for (std::size_t i = 0; i < values.size(); i += step) high = std::max(high, values[i]);
    if (!(high > 1e-4f)) return failure("The frame is black; there is nothing in it to measure.");
    return {};
}

std::string outside(const LinearImage& frame, const Chart& chart, const Homography& map) {
    std::string ids;
    for (const Patch& p : chart.patches) {
        const Quad q = map(p.corners(0.6));
        const bool in = std::all_of(q.begin(), q.end(), [&](const Point& c) {
            return c.x() >= 0 && c.y() >= 0 && c.x() <= frame.width() && c.y() <= frame.height();
        });
        if (!in) ids += (ids.empty() ? "" : ", ") + p.id;
    }
    return ids;
}

}  // namespace

double agreement(const LinearImage& frame, const Chart& chart, const Homography& map) {
    const auto n = static_cast<Eigen::Index>(chart.patches.size());
    Eigen::MatrixX3d seen(n, 3), reference(n, 3);
    Eigen::Index used = 0;
    for (const Patch& p : chart.patches) {
        Vector3 rgb;
        if (!sample(frame, map, p, rgb)) continue;
        const Vector3 xyz = toXyz(p.labD50).vector();
        const double weight = 1 / (xyz.y() + 0.1);  // dark patches count, too
        seen.row(used) = rgb * weight;
        reference.row(used++) = xyz * weight;
    }
    if (used < 6) return 0;
    const auto a = seen.topRows(used);
    const auto b = reference.topRows(used);
    const Eigen::MatrixXd m = a.colPivHouseholderQr().solve(b);
    const double left = (b - a * m).squaredNorm();
    const double all = (b.rowwise() - b.colwise().mean()).squaredNorm();
    return all > 0 ? std::max(0.0, 1 - left / all) : 0;
}

Result<FoundChart> findChart(const LinearImage& frame, const Chart& chart, const FindOptions& options) {
    if (auto ok = worthSearching(frame); !ok) return tl::unexpected(ok.error());
    Candidate best;
    std::set<int> tried;
    for (const int longEdge : options.longEdges) {
        const int factor = shrinkingFor(frame, longEdge);
        if (!tried.insert(factor).second) continue;
        const Candidate found = search(frame, chart, factor, options);
        if (found.agreement > best.agreement) best = found;
        if (best.agreement >= options.minAgreement) break;
    }
    if (best.agreement < options.minAgreement)
        return failure("No " + chart.name +
                       " was found in this frame. Is the whole chart in it, in focus and not "
                       "covered? If you can see it, set its four corners by hand.");
    const auto edges = detail::fitToEdges(frame, chart, best.map);
    const std::string missing = outside(frame, chart, edges.chartToFrame);
    if (!missing.empty())
        return failure("Only part of the chart is in the frame: " + missing +
                       " lie outside. Frame the whole chart and shoot it again.");
    FoundChart found;
    found.chartToFrame = edges.chartToFrame;
    found.corners = edges.chartToFrame(chart.outline());
    found.agreement = agreement(frame, chart, edges.chartToFrame);
    found.seen = best.seen;
    found.edgeResidualPixels = edges.residualPixels;
    return found;
}

Result<FoundChart> chartAt(const LinearImage& frame, const Chart& chart, const Quad& corners) {
    for (const Point& p : corners)
        if (!p.allFinite()) return failure("A corner of the chart is not a number.");
    if (!isProperQuad(corners))
        return failure(
            "The four corners do not go round the chart: give them as top left, top right, bottom right, "
            "bottom left of the chart as its definition draws it.");
    const Quad outline = chart.outline();
    auto map = fitHomography(outline, corners);
    if (!map) return tl::unexpected(map.error());
    const std::string missing = outside(frame, chart, *map);
    if (!missing.empty())
        return failure("With these corners, patches " + missing + " lie outside the frame.");
    FoundChart found;
    found.chartToFrame = *map;
    found.corners = corners;
    found.agreement = agreement(frame, chart, *map);
    found.seen = 1;
    return found;
}

}  // namespace refero
