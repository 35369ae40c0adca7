// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/balance.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/numeric/statistics.h"

namespace refero {
namespace {

// Of a grey's own tint, how much of it a camera may see otherwise; standard deviation over the wide survey's
// sensors (docs/survey.md).
constexpr double kTintDoubt = 0.3;

// What a nearly grey patch's channels should be, as shares of green.
Vector3 expectedRatio(const Patch& patch) {
    static const Matrix3 toRgb = xyzD50ToLinear(OutputSpace::linearSrgb);
    const Vector3 rgb = toRgb * toXyz(patch.labD50).vector();
    return rgb / rgb.y();
}

}  // namespace

std::vector<std::size_t> usableNeutrals(const Reading& reading) {
    std::vector<std::size_t> out;
    for (const std::size_t i : reading.neutrals()) {
        const PatchReading& p = reading.patches[i];
        if (p.clipped > 0.01) continue;
        if ((p.rgb - 4 * p.standardError()).minCoeff() <= 1e-5) continue;
        out.push_back(i);
    }
    return out;
}

std::optional<Vector3> neutralGains(const Reading& reading) {
    Vector3 logGain = Vector3::Zero();
    double weights = 0;
    for (const std::size_t i : usableNeutrals(reading)) {
        const Vector3& rgb = reading.patches[i].rgb;
        const Vector3 expected = expectedRatio(reading.chart.patches[i]);
        const double weight = rgb.y();
        for (int c = 0; c < 3; ++c) logGain(c) += weight * std::log(expected(c) * rgb.y() / rgb(c));
        weights += weight;
    }
    if (weights <= 0) return {};
    return Vector3((logGain / weights).array().exp().matrix());
}

Vector3 whiteSeen(const Reading& reading) {
    std::array<std::vector<double>, 3> said;
    for (const std::size_t i : reading.neutrals()) {
        const PatchReading& p = reading.patches[i];
        const double y = referenceXyzD50(reading.chart.patches[i]).y;
        if (y < 0.05 || p.clipped > 0.01 || p.pixels == 0) continue;
        for (std::size_t c = 0; c < 3; ++c) said[c].push_back(p.rgb(static_cast<Eigen::Index>(c)) / y);
    }
    Vector3 white(0, 0, 0);
    for (std::size_t c = 0; c < 3 && !said[c].empty(); ++c) {
        white(static_cast<Eigen::Index>(c)) = numeric::medianOf(std::span(said[c]));
    }
    return white;
}

double neutralLevel(const Reading& reading, const Vector3& gains, std::span<const double> referenceY) {
    double sum = 0, weights = 0;
    for (const std::size_t i : usableNeutrals(reading)) {
        const double green = reading.patches[i].rgb.y() * gains.y();
        sum += green * std::log(referenceY[i] / green);
        weights += green;
    }
    return std::exp(sum / weights);
}

double neutralLevel(const Reading& reading, const Vector3& gains) {
    std::vector<double> y;
    for (const Patch& p : reading.chart.patches) y.push_back(toXyz(p.labD50).y);
    return neutralLevel(reading, gains, y);
}

double castOf(const Reading& reading, std::size_t patch, const Vector3& gains) {
    const Vector3 balanced = reading.patches[patch].rgb.cwiseProduct(gains);
    const Vector3 expected = expectedRatio(reading.chart.patches[patch]);
    if (!(balanced.y() > 0)) return 1;
    double worst = 0;
    for (const int c : {0, 2})
        worst = std::max(
            worst, std::abs(std::pow(std::max(0.0, balanced(c) / balanced.y() / expected(c)), 1 / 2.2) - 1));
    return worst;
}

double castError(const Reading& reading, std::size_t patch) {
    const PatchReading& p = reading.patches[patch];
    const Vector3 relative = p.standardError().cwiseQuotient(p.rgb.cwiseMax(1e-9));
    // What is not quite grey is seen so by each camera in its own way.
    const Vector3 tint =
        (expectedRatio(reading.chart.patches[patch]).array().pow(1 / 2.2) - 1).abs().matrix();
    return std::hypot(relative.y() / 2.2, std::max(relative.x(), relative.z()) / 2.2,
                      kTintDoubt * tint.maxCoeff());
}

}  // namespace refero
