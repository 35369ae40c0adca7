// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/series/characteristic_curve.h"

#include <algorithm>
#include <cmath>

#include "core/read/balance.h"

namespace refero {
namespace {

constexpr double kCodes = 1023;
constexpr double kLeastError = 0.5 / kCodes;  // a code is no finer
constexpr std::size_t kFewest = 3;

double meanOf(const Vector3& v) {
    return v.sum() / 3;
}

// The code that the curve has for light from mid-grey.
double codeAt(const Transfer& curve, double white, double stops) {
    return curve.encode(white * kMidGrey * std::exp2(stops));
}

struct Misfit {
    double cost = 0, slope = 0, weights = 0, squares = 0, count = 0;
};

Misfit misfitAt(std::span<const CurvePoint> points, const Transfer& curve, double white, double offset) {
    constexpr double kHuber = 3, kStep = 0.01;
    Misfit m;
    for (const CurvePoint& p : points) {
        if (p.clipped) continue;
        const double error = std::hypot(p.error, kLeastError);
        const double r = (meanOf(p.code) - codeAt(curve, white, p.stops + offset)) / error;
        const double steep = (codeAt(curve, white, p.stops + offset + kStep) -
                              codeAt(curve, white, p.stops + offset - kStep)) /
                             (2 * kStep) / error;
        const double in = std::abs(r), w = in > kHuber ? kHuber / in : 1;
        m.cost += in > kHuber ? kHuber * (2 * in - kHuber) : in * in;
        m.slope += w * r * steep;
        m.weights += w * steep * steep;
        m.squares += std::pow(r * error * kCodes, 2);
        ++m.count;
    }
    return m;
}

}  // namespace

std::vector<CurvePoint> characteristicCurve(std::span<const ExposedReading> shots) {
    std::vector<CurvePoint> out;
    for (std::size_t s = 0; s < shots.size(); ++s) {
        const Reading& r = *shots[s].reading;
        const Vector3 gains = neutralGains(r).value_or(Vector3::Ones());
        for (const std::size_t i : r.neutrals()) {
            const PatchReading& p = r.patches[i];
            const double y = referenceXyzD50(r.chart.patches[i]).y;
            if (!(y > 0) || p.pixels == 0) continue;
            CurvePoint c;
            c.stops = std::log2(y / kMidGrey) + shots[s].stops;
            c.shot = s;
            const bool encoded = r.encoding != Encoding::linear;
            for (int k = 0; k < 3; ++k)
                c.code[k] = r.encoding.encode(encoded ? p.rgb[k] : p.rgb[k] * gains[k]);
            const Vector3 error = p.standardError();
            for (int k = 0; k < 3; ++k)
                c.error += std::abs(r.encoding.encode(p.rgb[k] + error[k]) - r.encoding.encode(p.rgb[k])) / 3;
            c.clipped = p.clipped > 0.002 || p.clippedChannels.maxCoeff() > 0.002;
            out.push_back(c);
        }
    }
    std::sort(out.begin(), out.end(),
              [](const CurvePoint& a, const CurvePoint& b) { return a.stops < b.stops; });
    return out;
}

std::optional<CurveFit> curveFit(std::span<const CurvePoint> points, const Transfer& curve) {
    const auto white = nominalWhite(curve);
    const auto usable =
        std::count_if(points.begin(), points.end(), [](const CurvePoint& p) { return !p.clipped; });
    if (!white || usable < static_cast<std::ptrdiff_t>(kFewest)) return {};
    // A coarse look first: a curve's toe has no slope that leads back.
    constexpr double kMost = 8, kCoarse = 0.25;
    double best = 0;
    for (double o = -kMost; o <= kMost; o += kCoarse)
        if (misfitAt(points, curve, *white, o).cost < misfitAt(points, curve, *white, best).cost) best = o;
    for (int round = 0; round < 20; ++round) {
        const Misfit m = misfitAt(points, curve, *white, best);
        if (!(m.weights > 0)) return {};
        const double step = std::clamp(m.slope / m.weights, -kCoarse, kCoarse);
        best += step;
        if (std::abs(step) < 1e-6) break;
    }
    const Misfit m = misfitAt(points, curve, *white, best);
    CurveFit out;
    out.curve = curve.name();
    out.offset = best;
    out.missed = std::sqrt(m.squares / m.count);
    // Where the curve is another one than stated, what it misses by tells more than the noise does.
    out.offsetError = std::sqrt(std::max(1.0, m.cost / m.count) / m.weights);
    return out;
}

}  // namespace refero
