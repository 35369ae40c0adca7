// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/spectrophotometer.h"

#include <algorithm>
#include <cmath>

#include "core/chart/chart_data.h"
#include "core/spectra/smooth_reflectance.h"

namespace refero::sim {
namespace {

constexpr double kStartNm = 380, kStepNm = 10;
constexpr std::size_t kSamples = 36;
// Of one measurement: deviation in reflectance, and in shares of what is seen.
constexpr double kNoise = 0.0003, kShareNoise = 0.0008;
// The lamp loses this share with every measurement, more of it in the blue.
constexpr double kDrift = 0.0008;
constexpr double kTile = 0.93;

// The standard's engine with our own transform: the distributions differ between libraries.
double gaussian(std::mt19937& random) {
    const double a = (random() + 1.0) / 4294967297.0, b = random() / 4294967296.0;
    return std::sqrt(-2 * std::log(a)) * std::cos(2 * 3.14159265358979 * b);
}

Spectrum spectrumOf(const Patch& p) {
    return p.reflectance ? p.reflectance->spectrum() : smoothReflectance(p.labD50);
}

}  // namespace

Chart aged(const Chart& design, const CopyHistory& history) {
    Chart out = design;
    std::mt19937 random(history.seed);
    for (Patch& p : out.patches) {
        const Spectrum s = spectrumOf(p);
        double mean = 0;
        for (const double v : s.values) mean += v / double(Spectrum::size);
        const double fade = 0.0015 * history.months, own = history.spread * gaussian(random);
        Reflectance r{Spectrum::start, Spectrum::step, {}};
        for (std::size_t i = 0; i < Spectrum::size; ++i) {
            const double blue = std::clamp((500 - Spectrum::wavelength(i)) / 120, 0.0, 1.0);
            const double v = s[i] + fade * (mean - s[i]) + own - 0.0012 * history.months * blue * s[i];
            r.values.push_back(std::clamp(v, 0.003, 0.98));
        }
        p.reflectance = std::move(r);
        p.labD50 = labOf(*p.reflectance);
    }
    return out;
}

SimulatedSpectrophotometer::SimulatedSpectrophotometer(Chart truth, unsigned seed)
    : truth_(std::move(truth)), random_(seed), scale_(kSamples, 1) {}

Reflectance SimulatedSpectrophotometer::seen(const Spectrum& truth) {
    Reflectance r{kStartNm, kStepNm, {}};
    for (std::size_t i = 0; i < kSamples; ++i) {
        const double nm = kStartNm + kStepNm * double(i);
        const auto at = static_cast<std::size_t>((nm - Spectrum::start) / Spectrum::step);
        const double lamp = std::exp(-kDrift * all_ * (1 + std::clamp((550 - nm) / 170, 0.0, 1.0)));
        r.values.push_back(truth[at] * lamp * (1 + kShareNoise * gaussian(random_)) +
                           kNoise * gaussian(random_));
    }
    ++all_;
    return r;
}

Status SimulatedSpectrophotometer::calibrate() {
    Spectrum tile;
    tile.values.fill(kTile);
    // Three looks at the tile, as instruments do by themselves.
    std::vector<double> sum(kSamples, 0);
    for (int k = 0; k < 3; ++k) {
        const Reflectance r = seen(tile);
        for (std::size_t i = 0; i < kSamples; ++i) sum[i] += r.values[i] / 3;
    }
    for (std::size_t i = 0; i < kSamples; ++i) scale_[i] = kTile / sum[i];
    sinceTile_ = 0;
    return {};
}

Result<Reflectance> SimulatedSpectrophotometer::measure() {
    if (wantsTile()) return failure("The instrument has to be put on its white tile first.");
    const Patch* p = truth_.patch(patch_);
    if (!p) return failure("The instrument does not lie on a patch.");
    Reflectance r = seen(spectrumOf(*p));
    for (std::size_t i = 0; i < kSamples; ++i) r.values[i] *= scale_[i];
    ++sinceTile_;
    return r;
}

}  // namespace refero::sim
