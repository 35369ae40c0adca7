// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/series/dynamic_range.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <vector>

#include "core/numeric/statistics.h"

namespace refero {
namespace {

constexpr std::size_t kFewestLevels = 6;
constexpr double kBinStops = 0.5, kMostBeyond = 2;

struct NoiseAt {
    double signal = 0, noise = 0;
};

// Of half a stop each, darkest first.
std::vector<NoiseAt> noiseByLevel(std::span<const Reading* const> shots) {
    std::map<int, std::pair<std::vector<double>, std::vector<double>>> bins;
    for (const Reading* r : shots)
        for (const PatchReading& p : r->patches) {
            if (p.leftOut || p.pixels == 0 || !(p.rgb.y() > 0) || !(p.deviation.y() > 0)) continue;
            if (p.clippedChannels.y() > 0.0005 || p.clipped > 0.01) continue;
            auto& [signals, noises] = bins[static_cast<int>(std::floor(std::log2(p.rgb.y()) / kBinStops))];
            signals.push_back(std::log2(p.rgb.y()));
            noises.push_back(std::log2(p.deviation.y() / p.rgb.y()));
        }
    std::vector<NoiseAt> out;
    for (auto& [at, bin] : bins) {
        const double signal = std::exp2(numeric::medianOf(bin.first));
        out.push_back({signal, signal * std::exp2(numeric::medianOf(bin.second))});
    }
    return out;
}

// Photon noise on top of the camera's own (ISO 15739, annex): its square is a + b times the signal, in shares
// of what was seen. Taken from the darkest stops, where it matters.
double continued(const std::vector<NoiseAt>& levels, double limit) {
    double s11 = 0, s12 = 0, s22 = 0, t1 = 0, t2 = 0;
    for (std::size_t i = 0; i < std::min<std::size_t>(levels.size(), 8); ++i) {
        const double square = levels[i].noise * levels[i].noise, w = 1 / (square * square);
        s11 += w;
        s12 += w * levels[i].signal;
        s22 += w * levels[i].signal * levels[i].signal;
        t1 += w * square;
        t2 += w * square * levels[i].signal;
    }
    const double determinant = s11 * s22 - s12 * s12;
    double a = 0, b = t2 / s22;
    if (determinant > 1e-9 * s11 * s22) {
        a = (t1 * s22 - t2 * s12) / determinant;
        b = (s11 * t2 - s12 * t1) / determinant;
    }
    if (a < 0) a = 0, b = t2 / s22;
    if (b < 0) b = 0, a = t1 / s11;
    const double l2 = limit * limit;
    return (l2 * b + std::sqrt(l2 * b * l2 * b + 4 * l2 * a)) / 2;
}

}  // namespace

Vector3 clippingLevel(std::span<const Reading* const> shots) {
    Vector3 out(0, 0, 0);
    for (const Reading* r : shots)
        for (const PatchReading& p : r->patches)
            for (int c = 0; c < 3; ++c)
                if (!p.leftOut && p.clippedChannels[c] > 0.9) out[c] = std::max(out[c], p.rgb[c]);
    return (out.array() > 0).select(out, Vector3::Ones());
}

std::optional<DynamicRange> dynamicRange(std::span<const Reading* const> shots, double limit) {
    const std::vector<NoiseAt> levels = noiseByLevel(shots);
    if (levels.size() < kFewestLevels) return {};
    DynamicRange out;
    out.limit = limit;
    out.clipping = clippingLevel(shots).y();
    const auto ratio = [&](std::size_t i) { return std::log2(levels[i].signal / levels[i].noise / limit); };
    std::size_t at = levels.size() - 1;
    while (at > 0 && ratio(at - 1) >= 0) --at;
    if (ratio(at) < 0) return {};
    if (at > 0) {
        const double low = std::log2(levels[at - 1].signal), high = std::log2(levels[at].signal);
        const double share = ratio(at) / (ratio(at) - ratio(at - 1));
        out.darkest = std::exp2(high + share * (low - high));
    } else {
        const double seen = levels.front().signal, least = seen * std::exp2(-kMostBeyond);
        out.darkest = std::min(continued(levels, limit), seen);
        out.continued = true;
        out.atLeast = out.darkest < least;
        out.darkest = std::max(out.darkest, least);
    }
    out.stops = std::log2(out.clipping / out.darkest);
    return out;
}

}  // namespace refero
