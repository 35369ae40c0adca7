// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/grey_card.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <vector>

#include "core/find/regions.h"
#include "core/read/swatch.h"

namespace refero {
namespace {

constexpr int kLongEdge = 900;
constexpr double kLeastShare = 0.012, kLargestShare = 0.85;

Point between(const Quad& q, double u, double v) {
    const Point top = q[0] + (q[1] - q[0]) * u, low = q[3] + (q[2] - q[3]) * u;
    return top + (low - top) * v;
}

std::optional<Vector3> at(const LinearImage& image, const Point& p) {
    const int x = static_cast<int>(std::floor(p.x())), y = static_cast<int>(std::floor(p.y()));
    if (x < 0 || y < 0 || x >= image.width() || y >= image.height()) return {};
    const float* v = image.pixel(x, y);
    return Vector3(v[0], v[1], v[2]);
}

// Median of each channel and its robust spread over a raster within the quad.
struct Inside {
    Vector3 median{0, 0, 0};
    double spread = 1;
};
Inside inside(const LinearImage& image, const Quad& q) {
    std::array<std::vector<double>, 3> v;
    constexpr int kRaster = 24;
    for (int j = 0; j < kRaster; ++j)
        for (int i = 0; i < kRaster; ++i)
            if (const auto rgb =
                    at(image, between(q, 0.1 + 0.8 * i / (kRaster - 1.0), 0.1 + 0.8 * j / (kRaster - 1.0))))
                for (int c = 0; c < 3; ++c) v[static_cast<std::size_t>(c)].push_back((*rgb)(c));
    Inside in;
    if (v[0].size() < 100) return in;
    in.spread = 0;
    for (int c = 0; c < 3; ++c) {
        auto& s = v[static_cast<std::size_t>(c)];
        std::sort(s.begin(), s.end());
        const auto n = s.size();
        in.median(c) = s[n / 2];
        // The middle four fifths of a normal spread are 2.56 deviations wide.
        in.spread = std::max(in.spread, (s[n * 9 / 10] - s[n / 10]) / 2.56 / std::max(1e-6, s[n / 2]));
    }
    return in;
}

// Share of its border beyond which the picture is another: lighter, darker or of another colour.
double setOff(const LinearImage& image, const Quad& q, const Vector3& colour) {
    int seen = 0, other = 0;
    const Point middle = centroid(q);
    for (int side = 0; side < 4; ++side)
        for (int k = 1; k < 12; ++k) {
            const auto s = static_cast<std::size_t>(side);
            const Point edge = q[s] + (q[(s + 1) % 4] - q[s]) * (k / 12.0);
            const auto beyond = at(image, edge + (edge - middle) * 0.14);
            if (!beyond) continue;
            ++seen;
            double furthest = 0;
            for (int c = 0; c < 3; ++c)
                furthest = std::max(
                    furthest, std::abs(std::log(std::max(1e-5, (*beyond)(c)) / std::max(1e-5, colour(c)))));
            other += furthest > 0.12;
        }
    return seen < 11 ? 0 : double(other) / seen;
}

// 1 for a rectangle seen from the front, 0 for what no card looks like.
double cardLike(const Quad& q) {
    std::array<double, 4> sides{};
    for (std::size_t i = 0; i < 4; ++i) sides[i] = (q[(i + 1) % 4] - q[i]).norm();
    const auto alike = [](double a, double b) { return std::min(a, b) / std::max(a, b); };
    const double aspect = alike(sides[0] + sides[2], sides[1] + sides[3]);
    const double opposite = std::min(alike(sides[0], sides[2]), alike(sides[1], sides[3]));
    return aspect < 0.45 ? 0 : std::clamp((opposite - 0.6) / 0.25, 0.0, 1.0);
}

double falling(double value, double good, double bad) {
    return std::clamp((bad - value) / (bad - good), 0.0, 1.0);
}

}  // namespace

std::optional<FoundCard> findGreyCard(const LinearImage& frame) {
    if (frame.width() < 32 || frame.height() < 32) return {};
    const int factor = std::max(1, std::max(frame.width(), frame.height()) / kLongEdge);
    const LinearImage small = shrunk(frame, factor);
    const Vector3 gains = roughGains(small);
    const double area = double(small.width()) * small.height();
    std::optional<FoundCard> best;
    for (const detail::Region& r : detail::evenRegions(small, kLargestShare)) {
        FoundCard card;
        card.areaShare = r.area / area;
        if (card.areaShare < kLeastShare) continue;
        const Inside in = inside(small, r.corners);
        const Vector3 balanced = in.median.cwiseProduct(gains);
        const double low = balanced.minCoeff(), high = balanced.maxCoeff();
        if (!(low > 0) || in.median.maxCoeff() > 0.98) continue;
        card.rgb = in.median;
        card.spread = in.spread;
        // Where the frame's mean is no grey the balance is off by as much: a tenth is let pass whole.
        card.certainty = falling(high / low - 1, 0.10, 0.30) * falling(in.spread, 0.03, 0.09) *
                         cardLike(r.corners) *
                         std::clamp((setOff(small, r.corners, in.median) - 0.5) / 0.4, 0.0, 1.0) *
                         std::clamp((card.areaShare - kLeastShare / 2) / 0.02, 0.0, 1.0) *
                         falling(high, 0.75, 1.0) * falling(-low, -0.05, -0.02);
        for (std::size_t i = 0; i < 4; ++i) card.corners[i] = r.corners[i] * factor;
        if (card.certainty >= 0.5 &&
            (!best || card.certainty * card.areaShare > best->certainty * best->areaShare))
            best = card;
    }
    return best;
}

}  // namespace refero
