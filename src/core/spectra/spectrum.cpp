// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/spectra/spectrum.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <vector>

namespace refero {

namespace {

// At a share `x` of the way from `p[2]` to `p[3]`: the fifth-order polynomial through four of six points that
// has their slopes and bends (CIE 167:2005, eq. 1 and 2).
double sprague(const std::array<double, 6>& p, double x) {
    const double a0 = p[2], a1 = (2 * p[0] - 16 * p[1] + 16 * p[3] - 2 * p[4]) / 24,
                 a2 = (-p[0] + 16 * p[1] - 30 * p[2] + 16 * p[3] - p[4]) / 24,
                 a3 = (-9 * p[0] + 39 * p[1] - 70 * p[2] + 66 * p[3] - 33 * p[4] + 7 * p[5]) / 24,
                 a4 = (13 * p[0] - 64 * p[1] + 126 * p[2] - 124 * p[3] + 61 * p[4] - 12 * p[5]) / 24,
                 a5 = (-5 * p[0] + 25 * p[1] - 50 * p[2] + 50 * p[3] - 25 * p[4] + 5 * p[5]) / 24;
    return ((((a5 * x + a4) * x + a3) * x + a2) * x + a1) * x + a0;
}

// With the two points before the first and after the last that CIE 167:2005, eq. 3 to 6, gives.
std::vector<double> extended(std::span<const double> v) {
    const std::size_t n = v.size();
    const auto edge = [](double a, double b, double c, double d, double e, double f, std::array<int, 6> k) {
        return (k[0] * a + k[1] * b + k[2] * c + k[3] * d + k[4] * e + k[5] * f) / 209;
    };
    constexpr std::array<int, 6> kFar{884, -1960, 3033, -2648, 1080, -180},
        kNear{508, -540, 488, -367, 144, -24};
    std::vector<double> out;
    out.reserve(n + 4);
    out.push_back(edge(v[0], v[1], v[2], v[3], v[4], v[5], kFar));
    out.push_back(edge(v[0], v[1], v[2], v[3], v[4], v[5], kNear));
    out.insert(out.end(), v.begin(), v.end());
    out.push_back(edge(v[n - 1], v[n - 2], v[n - 3], v[n - 4], v[n - 5], v[n - 6], kNear));
    out.push_back(edge(v[n - 1], v[n - 2], v[n - 3], v[n - 4], v[n - 5], v[n - 6], kFar));
    return out;
}

constexpr double kLinearUpToNm = 10;

}  // namespace

Spectrum resampled(double startNm, double stepNm, std::span<const double> samples) {
    assert(!samples.empty() && stepNm > 0);
    Spectrum out;
    const double last = static_cast<double>(samples.size() - 1);
    const bool bent = stepNm > kLinearUpToNm && samples.size() >= 6;
    const auto wide = bent ? extended(samples) : std::vector<double>{};
    for (std::size_t i = 0; i < Spectrum::size; ++i) {
        const double at = std::clamp((Spectrum::wavelength(i) - startNm) / stepNm, 0.0, last);
        const auto k = static_cast<std::size_t>(std::floor(at));
        const double f = at - static_cast<double>(k);
        if (bent && f > 0) {
            out[i] = sprague({wide[k], wide[k + 1], wide[k + 2], wide[k + 3], wide[k + 4], wide[k + 5]}, f);
            continue;
        }
        out[i] = f == 0 ? samples[k] : samples[k] * (1 - f) + samples[k + 1] * f;
    }
    return out;
}

Spectrum operator*(const Spectrum& a, const Spectrum& b) {
    Spectrum out;
    for (std::size_t i = 0; i < Spectrum::size; ++i) out[i] = a[i] * b[i];
    return out;
}

}  // namespace refero
