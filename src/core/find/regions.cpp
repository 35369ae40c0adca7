// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/find/regions.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/imgproc.hpp>
#include <optional>

namespace refero::detail {
namespace {

// The level that only the lightest half per cent exceed, per channel: a balance good enough to compare
// contrasts.
std::array<float, 3> highLevels(const LinearImage& image) {
    std::array<std::vector<float>, 3> samples;
    const std::size_t step = std::max<std::size_t>(1, image.pixels() / 20000);
    const auto values = image.values();
    for (std::size_t p = 0; p < image.pixels(); p += step)
        for (std::size_t c = 0; c < 3; ++c) samples[c].push_back(values[3 * p + c]);
    std::array<float, 3> out{};
    for (std::size_t c = 0; c < 3; ++c) {
        auto& s = samples[c];
        const auto nth = s.begin() + static_cast<std::ptrdiff_t>(static_cast<double>(s.size() - 1) * 0.995);
        std::nth_element(s.begin(), nth, s.end());
        out[c] = *nth;
    }
    return out;
}

// Strength of the steepest channel's edge at each pixel, in a roughly visual scale (power 3/8) from 0 to 1.
cv::Mat edgeStrength(const LinearImage& image) {
    const auto high = highLevels(image);
    const int w = image.width(), h = image.height();
    cv::Mat visual(h, w, CV_32FC3);
    // A row of factors as long as the picture's, so that the loop over it has no remainders to take.
    std::vector<float> factors(3 * static_cast<std::size_t>(w));
    for (std::size_t i = 0; i < factors.size(); ++i) factors[i] = 1 / std::max(1e-6f, high[i % 3]);
    tbb::parallel_for(tbb::blocked_range<int>(0, h, 32), [&](const auto& rows) {
        for (int y = rows.begin(); y < rows.end(); ++y) {
            const float* in = image.row(y);
            const float* factor = factors.data();
            auto* out = visual.ptr<float>(y);
            for (int i = 0; i < 3 * w; ++i) {
                const float v = std::min(std::max(0.0f, in[i]) * factor[i], 2.0f);
                const float q = std::sqrt(std::sqrt(v));
                out[i] = q * std::sqrt(q);
            }
        }
    });
    cv::GaussianBlur(visual, visual, {3, 3}, 0.7);
    cv::Mat strength(h, w, CV_32F, cv::Scalar(1));
    tbb::parallel_for(tbb::blocked_range<int>(1, std::max(1, h - 1), 32), [&](const auto& rows) {
        std::vector<float> square(3 * static_cast<std::size_t>(w));
        for (int y = rows.begin(); y < rows.end(); ++y) {
            const float* above = visual.ptr<float>(y - 1);
            const float* here = visual.ptr<float>(y);
            const float* below = visual.ptr<float>(y + 1);
            float* out = strength.ptr<float>(y);
            float* of = square.data();
            for (int m = 3; m < 3 * (w - 1); ++m) {
                const int l = m - 3, r = m + 3;
                const float gx = (above[r] - above[l]) + 2 * (here[r] - here[l]) + (below[r] - below[l]);
                const float gy = (below[l] - above[l]) + 2 * (below[m] - above[m]) + (below[r] - above[r]);
                of[m] = gx * gx + gy * gy;
            }
            for (int x = 1; x + 1 < w; ++x, of += 3)
                out[x] = std::sqrt(std::max(of[3], std::max(of[4], of[5]))) / 8;
        }
    });
    return strength;
}

// Four corners of a convex outline: the polygon is coarsened until four are left.
std::optional<Quad> fourCorners(const std::vector<cv::Point>& hull) {
    const double perimeter = cv::arcLength(hull, true);
    std::vector<cv::Point> polygon;
    for (double tolerance = 0.015; tolerance < 0.12; tolerance *= 1.25) {
        cv::approxPolyDP(hull, polygon, tolerance * perimeter, true);
        if (polygon.size() <= 4) break;
    }
    if (polygon.size() != 4) return {};
    Quad q;
    for (std::size_t i = 0; i < 4; ++i) q[i] = Point(polygon[i].x + 0.5, polygon[i].y + 0.5);
    if (signedArea(q) < 0) std::reverse(q.begin(), q.end());
    if (!isProperQuad(q)) return {};
    return q;
}

// The edge's own width is missing from an area cut out by its edges; this puts it back on every side.
Quad grown(const Quad& q, double pixels) {
    const Point c = centroid(q);
    Quad out;
    for (std::size_t i = 0; i < 4; ++i) {
        const Point along1 = (q[i] - q[(i + 1) % 4]).normalized(),
                    along2 = (q[i] - q[(i + 3) % 4]).normalized();
        const double sine = std::abs(along1.x() * along2.y() - along1.y() * along2.x());
        out[i] = q[i] + (along1 + along2) * pixels / std::max(0.3, sine);
    }
    return isProperQuad(out) ? out
                             : Quad{q[0] + (q[0] - c) * 0.05, q[1] + (q[1] - c) * 0.05,
                                    q[2] + (q[2] - c) * 0.05, q[3] + (q[3] - c) * 0.05};
}

void collect(const cv::Mat& strength, float threshold, double largestShare, std::vector<Region>& out) {
    const cv::Mat even = strength < threshold;
    cv::Mat labels, stats, centres;
    const int count = cv::connectedComponentsWithStats(even, labels, stats, centres, 4, CV_32S);
    const double largest = largestShare * strength.rows * strength.cols;
    for (int k = 1; k < count; ++k) {
        const int* s = stats.ptr<int>(k);
        const int area = s[cv::CC_STAT_AREA], w = s[cv::CC_STAT_WIDTH], h = s[cv::CC_STAT_HEIGHT];
        if (area < 16 || area > largest || w < 3 || h < 3 || area < 0.15 * w * h)
            continue;  // an oblong across the grain
        const cv::Rect box(s[cv::CC_STAT_LEFT], s[cv::CC_STAT_TOP], w, h);
        const cv::Mat mask = labels(box) == k;
        std::vector<std::vector<cv::Point>> contours;
        cv::findContours(mask, contours, cv::RETR_EXTERNAL, cv::CHAIN_APPROX_SIMPLE, box.tl());
        if (contours.empty()) continue;
        std::vector<cv::Point> hull;
        cv::convexHull(contours.front(), hull);
        if (hull.size() < 4) continue;
        const double hullArea =
            cv::contourArea(hull) + cv::arcLength(hull, true) / 2;  // pixel squares, not centres
        if (area < 0.80 * hullArea) continue;
        const auto quad = fourCorners(hull);
        if (!quad) continue;
        const Quad whole = grown(*quad, 1.6);
        const double quadArea = signedArea(*quad) + cv::arcLength(hull, true) / 2;
        if (quadArea < 0.80 * hullArea || quadArea > 1.25 * hullArea) continue;
        out.push_back({whole, centroid(whole), signedArea(whole)});
    }
}

// The same patch is found at several thresholds: the largest, being cut least, is kept.
std::vector<Region> unique(std::vector<Region> all) {
    std::sort(all.begin(), all.end(), [](const Region& a, const Region& b) { return a.area > b.area; });
    std::vector<Region> out;
    for (const Region& r : all) {
        const bool known = std::any_of(out.begin(), out.end(), [&](const Region& o) {
            return (o.centre - r.centre).squaredNorm() < 0.06 * r.area && r.area > 0.3 * o.area;
        });
        if (!known) out.push_back(r);
    }
    return out;
}

}  // namespace

std::vector<Region> evenRegions(const LinearImage& image, double largestShare) {
    std::vector<Region> all;
    if (image.width() < 16 || image.height() < 16) return all;
    const cv::Mat strength = edgeStrength(image);
    static constexpr std::array<float, 3> thresholds{0.010f, 0.020f, 0.042f};
    std::array<std::vector<Region>, 3> found;
    tbb::parallel_for(0, 3, [&](int i) {
        const auto k = static_cast<std::size_t>(i);
        collect(strength, thresholds[k], largestShare, found[k]);
    });
    for (auto& f : found) all.insert(all.end(), f.begin(), f.end());
    return unique(std::move(all));
}

std::vector<Region> mirrored(const std::vector<Region>& regions, int pictureWidth) {
    std::vector<Region> out = regions;
    for (Region& r : out) {
        for (Point& p : r.corners) p.x() = pictureWidth - p.x();
        std::reverse(r.corners.begin(), r.corners.end());  // clockwise again
        r.centre.x() = pictureWidth - r.centre.x();
    }
    return out;
}

}  // namespace refero::detail
