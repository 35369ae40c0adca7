// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/encoding_fit.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace refero {
namespace {

constexpr double kDarkest = 0.03, kGoodStops = 0.15, kTwice = 2;

struct Grey {
    double reflectance = 0, stored = 0;
};

std::vector<Grey> greysOf(const Reading& r) {
    std::vector<Grey> out;
    for (const std::size_t i : r.neutrals()) {
        if (i >= r.patches.size()) continue;
        const PatchReading& p = r.patches[i];
        const double y = referenceXyzD50(r.chart.patches[i]).y;
        if (y < kDarkest || p.clipped > 0.01 || p.pixels == 0) continue;
        out.push_back({y, r.encoding.encode(p.rgb.y())});
    }
    return out;
}

double errorStops(const std::vector<Grey>& greys, const Transfer& t) {
    std::vector<double> gap;
    for (const Grey& g : greys) {
        const double light = t.decode(g.stored);
        if (!(light > 0)) return std::numeric_limits<double>::infinity();
        gap.push_back(std::log2(light) - std::log2(g.reflectance));
    }
    double mean = 0, square = 0;
    for (const double v : gap) mean += v / double(gap.size());
    for (const double v : gap) square += (v - mean) * (v - mean) / double(gap.size());
    return std::sqrt(square);
}

}  // namespace

std::vector<EncodingFit> encodingFits(const Reading& reading, const std::vector<Transfer>& candidates) {
    const std::vector<Grey> greys = greysOf(reading);
    std::vector<EncodingFit> out;
    if (greys.size() < 4) return out;
    const auto [dark, light] =
        std::minmax_element(greys.begin(), greys.end(),
                            [](const Grey& a, const Grey& b) { return a.reflectance < b.reflectance; });
    if (light->reflectance < 4 * dark->reflectance) return out;
    for (const Transfer& t : candidates)
        if (const double e = errorStops(greys, t); std::isfinite(e)) out.push_back({t, e});
    std::stable_sort(out.begin(), out.end(),
                     [](const EncodingFit& a, const EncodingFit& b) { return a.errorStops < b.errorStops; });
    return out;
}

std::vector<EncodingFit> betterEncodings(const Reading& reading, const std::vector<Transfer>& candidates) {
    std::vector<Transfer> all = candidates;
    all.push_back(reading.encoding);
    std::vector<EncodingFit> fits = encodingFits(reading, all);
    const auto now = std::find_if(fits.begin(), fits.end(),
                                  [&](const EncodingFit& f) { return f.encoding == reading.encoding; });
    const double limit = std::min(kGoodStops, now == fits.end() ? kGoodStops : now->errorStops / kTwice);
    std::erase_if(
        fits, [&](const EncodingFit& f) { return f.errorStops > limit || f.encoding == reading.encoding; });
    return fits;
}

}  // namespace refero
