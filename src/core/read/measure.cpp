// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/measure.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

namespace refero {
namespace {

using Samples = std::array<std::vector<float>, 3>;

// Calls visit(x, y) for the pixels of a w x h picture whose centres lie inside a convex quad.
template <class Visit>
void forPixelsIn(const Quad& quad, int w, int h, Visit visit) {
    double top = 1e30, bottom = -1e30;
    for (const Point& p : quad) {
        top = std::min(top, p.y());
        bottom = std::max(bottom, p.y());
    }
    const int y0 = std::max(0, static_cast<int>(std::floor(top))),
              y1 = std::min(h - 1, static_cast<int>(bottom));
    for (int y = y0; y <= y1; ++y) {
        const double line = y + 0.5;
        double left = 1e30, right = -1e30;
        for (std::size_t i = 0; i < 4; ++i) {
            const Point &a = quad[i], &b = quad[(i + 1) % 4];
            if ((a.y() <= line) == (b.y() <= line)) continue;
            const double x = a.x() + (b.x() - a.x()) * (line - a.y()) / (b.y() - a.y());
            left = std::min(left, x);
            right = std::max(right, x);
        }
        const int x0 = std::max(0, static_cast<int>(std::ceil(left - 0.5)));
        const int x1 = std::min(w - 1, static_cast<int>(std::floor(right - 0.5)));
        for (int x = x0; x <= x1; ++x) visit(x, y);
    }
}

float median(std::vector<float> values) {
    const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return *middle;
}

struct Spread {
    float centre = 0, reach = 0;
};

Spread spreadOf(const std::vector<float>& values) {
    Spread s{median(values), 0};
    std::vector<float> distance(values.size());
    for (std::size_t i = 0; i < values.size(); ++i) distance[i] = std::abs(values[i] - s.centre);
    // A quantised, noiseless patch has a median deviation of zero: one step of 16 bit is then the least
    // reach.
    s.reach = std::max(3 * 1.4826f * median(std::move(distance)), 1.0f / 65535);
    return s;
}

PatchReading summarise(const Samples& s, double clippingLevel) {
    PatchReading r;
    const std::size_t n = s[0].size();
    std::array<float, 3> centre{}, reach{};
    for (std::size_t c = 0; c < 3; ++c) {
        const Spread spread = spreadOf(s[c]);
        centre[c] = spread.centre;
        reach[c] = spread.reach;
    }
    Vector3 sum = Vector3::Zero(), squares = Vector3::Zero();
    std::size_t anyClipped = 0;
    for (std::size_t i = 0; i < n; ++i) {
        bool inside = true, clipped = false;
        for (std::size_t c = 0; c < 3; ++c) {
            inside &= std::abs(s[c][i] - centre[c]) <= reach[c];
            if (s[c][i] >= clippingLevel) {
                r.clippedChannels(static_cast<Eigen::Index>(c)) += 1.0 / static_cast<double>(n);
                clipped = true;
            }
        }
        anyClipped += clipped;
        if (!inside) continue;
        const Vector3 v(s[0][i] - centre[0], s[1][i] - centre[1], s[2][i] - centre[2]);
        sum += v;
        squares += v.cwiseProduct(v);
        ++r.pixels;
    }
    r.clipped = static_cast<double>(anyClipped) / static_cast<double>(n);
    const Vector3 base(centre[0], centre[1], centre[2]);
    if (r.pixels == 0) {
        r.rgb = base;
        return r;
    }
    const double used = static_cast<double>(r.pixels);
    const Vector3 offset = sum / used;
    r.rgb = base + offset;
    r.deviation = (squares / used - offset.cwiseProduct(offset)).cwiseMax(0).cwiseSqrt();
    return r;
}

// Channels whose sites are not the same: each by itself.
PatchReading summariseApart(const Samples& s, double clippingLevel) {
    PatchReading r;
    r.pixels = std::numeric_limits<decltype(r.pixels)>::max();
    for (std::size_t c = 0; c < 3; ++c) {
        const auto channel = static_cast<Eigen::Index>(c);
        const Spread spread = spreadOf(s[c]);
        double sum = 0, squares = 0, clipped = 0;
        decltype(r.pixels) used = 0;
        for (const float v : s[c]) {
            clipped += v >= clippingLevel;
            const double d = double(v) - spread.centre;
            if (std::abs(d) > spread.reach) continue;
            sum += d;
            squares += d * d;
            ++used;
        }
        const double n = std::max(1.0, static_cast<double>(used)), offset = sum / n;
        r.rgb(channel) = spread.centre + offset;
        r.deviation(channel) = std::sqrt(std::max(0.0, squares / n - offset * offset));
        r.clippedChannels(channel) = clipped / static_cast<double>(s[c].size());
        r.pixels = std::min(r.pixels, used);
    }
    r.clipped = r.clippedChannels.maxCoeff();
    return r;
}

template <class Gather>
std::vector<PatchReading> measureEach(const Chart& chart, const Homography& chartToFrame, double inset,
                                      Gather gather) {
    std::vector<PatchReading> out(chart.patches.size());
    tbb::parallel_for(std::size_t{0}, chart.patches.size(), [&](std::size_t i) {
        const Patch& patch = chart.patches[i];
        const Point centre = chartToFrame(patch.centreMm);
        out[i] = gather(chartToFrame(patch.corners(inset)), centre);
        out[i].id = patch.id;
        out[i].centre = centre;
    });
    return out;
}

}  // namespace

std::vector<PatchReading> measure(const LinearImage& frame, const Chart& chart,
                                  const Homography& chartToFrame, const MeasureOptions& options) {
    return measureEach(chart, chartToFrame, options.inset, [&](const Quad& quad, const Point& centre) {
        Samples samples;
        const auto take = [&](int x, int y) {
            for (std::size_t c = 0; c < 3; ++c) samples[c].push_back(frame.pixel(x, y)[c]);
        };
        forPixelsIn(quad, frame.width(), frame.height(), take);
        if (samples[0].empty())
            take(std::clamp(static_cast<int>(centre.x()), 0, frame.width() - 1),
                 std::clamp(static_cast<int>(centre.y()), 0, frame.height() - 1));
        return summarise(samples, options.clippingLevel);
    });
}

std::vector<PatchReading> measure(const Mosaic& sensor, const Chart& chart, const Homography& chartToFrame,
                                  const MeasureOptions& options) {
    return measureEach(chart, chartToFrame, options.inset, [&](const Quad& quad, const Point& centre) {
        Samples samples;
        const auto take = [&](int x, int y) {
            samples[static_cast<std::size_t>(sensor.channel(x, y))].push_back(sensor.at(x, y));
        };
        forPixelsIn(quad, sensor.width(), sensor.height(), take);
        // Too small for a site of each channel: the four around its middle.
        if (std::any_of(samples.begin(), samples.end(), [](const auto& v) { return v.empty(); })) {
            for (auto& v : samples) v.clear();
            const int x0 = std::clamp(static_cast<int>(centre.x() - 0.5), 0, sensor.width() - 2);
            const int y0 = std::clamp(static_cast<int>(centre.y() - 0.5), 0, sensor.height() - 2);
            for (int k = 0; k < 4; ++k) take(x0 + k % 2, y0 + k / 2);
        }
        return summariseApart(samples, options.clippingLevel);
    });
}

}  // namespace refero
