// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/measure.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cmath>

namespace refero {
namespace {

using Samples = std::array<std::vector<float>, 3>;

// Pixels whose centres lie inside a convex quad.
void gather(const LinearImage& frame, const Quad& quad, Samples& out) {
    double top = 1e30, bottom = -1e30;
    for (const Point& p : quad) {
        top = std::min(top, p.y());
        bottom = std::max(bottom, p.y());
    }
    const int y0 = std::max(0, static_cast<int>(std::floor(top))),
              y1 = std::min(frame.height() - 1, static_cast<int>(bottom));
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
        const int x1 = std::min(frame.width() - 1, static_cast<int>(std::floor(right - 0.5)));
        for (int x = x0; x <= x1; ++x)
            for (std::size_t c = 0; c < 3; ++c) out[c].push_back(frame.pixel(x, y)[c]);
    }
}

float median(std::vector<float> values) {
    const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return *middle;
}

PatchReading summarise(const Samples& s, double clippingLevel) {
    PatchReading r;
    const std::size_t n = s[0].size();
    std::array<float, 3> centre{}, reach{};
    for (std::size_t c = 0; c < 3; ++c) {
        centre[c] = median(s[c]);
        std::vector<float> distance(n);
        for (std::size_t i = 0; i < n; ++i) distance[i] = std::abs(s[c][i] - centre[c]);
        // A quantised, noiseless patch has a median deviation of zero: one step of 16 bit is then the least
        // reach.
        reach[c] = std::max(3 * 1.4826f * median(std::move(distance)), 1.0f / 65535);
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

}  // namespace

std::vector<PatchReading> measure(const LinearImage& frame, const Chart& chart,
                                  const Homography& chartToFrame, const MeasureOptions& options) {
    std::vector<PatchReading> out(chart.patches.size());
    tbb::parallel_for(std::size_t{0}, chart.patches.size(), [&](std::size_t i) {
        const Patch& patch = chart.patches[i];
        const Point centre = chartToFrame(patch.centreMm);
        Samples samples;
        gather(frame, chartToFrame(patch.corners(options.inset)), samples);
        if (samples[0].empty()) {
            const int x = std::clamp(static_cast<int>(centre.x()), 0, frame.width() - 1);
            const int y = std::clamp(static_cast<int>(centre.y()), 0, frame.height() - 1);
            for (std::size_t c = 0; c < 3; ++c) samples[c].push_back(frame.pixel(x, y)[c]);
        }
        out[i] = summarise(samples, options.clippingLevel);
        out[i].id = patch.id;
        out[i].centre = centre;
    });
    return out;
}

}  // namespace refero
