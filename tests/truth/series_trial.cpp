// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "truth/series_trial.h"

#include <algorithm>
#include <cmath>

#include "core/colour/log_curve.h"
#include "core/numeric/normal_draws.h"
#include "core/spectra/illuminant.h"

namespace refero::test {
namespace {

// What the file holds of linear light where sensor clipping is 1, and back to the reading's own light.
class Curve {
  public:
    explicit Curve(const Recorder& r) : r_(r) {
        if (const auto white = nominalWhite(r.curve))
            scale_ = *white * kMidGrey * std::exp2(r.stopsToClipping);
        scale_ *= std::exp2(r.offset);
        top_ = std::exp2(r.bits) - 1;
    }
    double kept(double light, int channel) const {
        const double shaped = std::pow(std::max(light, 0.0), r_.gammas[channel]);
        const double code = r_.curve.encode(r_.curve == Encoding::linear ? light : scale_ * shaped);
        return r_.curve.decode(std::clamp(std::round(code * top_), 0.0, top_) / top_);
    }

  private:
    const Recorder& r_;
    double scale_ = 1, top_ = 1;
};

}  // namespace

Reading recorded(const Recorder& rec, const Chart& chart, double stops, std::size_t pixels, unsigned seed) {
    const Spectrum light = *illuminantByName(rec.light);
    Spectrum white;
    for (double& v : white.values) v = 1;
    const Vector3 ofWhite = sim::response(rec.body, light, white);
    // Encoded recordings leave the camera balanced, and so does their clipping.
    const bool balanced = rec.curve != Encoding::linear;
    const double exposure = std::exp2(stops - rec.stopsToClipping) / kMidGrey;
    const Curve curve(rec);
    numeric::NormalDraws normal(seed);
    Reading r;
    r.found = true;
    r.framePath = rec.body.name.data() + std::string(rec.curve.name()) + std::to_string(stops) + ".tif";
    r.chart = chart;
    r.body = rec.body.name;
    r.encoding = rec.curve;
    for (const Patch& p : chart.patches) {
        const Vector3 lit =
            exposure * (sim::response(rec.body, light, p.reflectance->spectrum()) + rec.flare * ofWhite);
        PatchReading read;
        read.id = p.id;
        read.pixels = pixels;
        for (int c = 0; c < 3; ++c) {
            const double gain = balanced ? 1 / ofWhite[c] : 1;
            const double electrons = lit[c] * rec.body.fullWellElectrons;
            double sum = 0, squares = 0, clipped = 0;
            for (std::size_t i = 0; i < pixels; ++i) {
                const double noise = std::sqrt(std::max(electrons, 0.0) +
                                               rec.body.readNoiseElectrons * rec.body.readNoiseElectrons) /
                                     rec.body.fullWellElectrons;
                const double at = (lit[c] + noise * normal.one()) * gain;
                clipped += at >= 1;
                const double kept = curve.kept(std::min(at, 1.0), c);
                sum += kept;
                squares += kept * kept;
            }
            const auto n = static_cast<double>(pixels);
            read.rgb[c] = sum / n;
            read.deviation[c] = std::sqrt(std::max(squares / n - read.rgb[c] * read.rgb[c], 1e-14));
            read.clippedChannels[c] = clipped / n;
            read.clipped = std::max(read.clipped, clipped / n);
        }
        read.covariance = read.deviation.cwiseAbs2().asDiagonal();
        r.patches.push_back(read);
    }
    return r;
}

std::vector<SeriesShot> seriesOf(const Recorder& rec, const Chart& chart, std::span<const double> stops,
                                 bool stated, unsigned seed) {
    std::vector<SeriesShot> out;
    for (const double s : stops) {
        SeriesShot shot;
        shot.reading = recorded(rec, chart, s, 400, seed++);
        if (stated) shot.reading.settings = {std::exp2(s) / 50, 4, 400, {}};
        out.push_back(std::move(shot));
    }
    return out;
}

}  // namespace refero::test
