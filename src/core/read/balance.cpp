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

// Both sides of a gap of less than a patch.
bool areNeighbours(const Patch& a, const Patch& b) {
    const Point gap = (a.centreMm - b.centreMm).cwiseAbs() - (a.sizeMm + b.sizeMm) / 2;
    return gap.minCoeff() < 0 && gap.maxCoeff() < std::min(a.sizeMm.minCoeff(), b.sizeMm.minCoeff());
}

// Its spectrum is not known, and no other grey is beside it: a pigment may be grey to the eye by chance.
bool mayBeGreyByChance(const Chart& chart, std::size_t i, const std::vector<std::size_t>& greys) {
    const Patch& patch = chart.patches[i];
    return !patch.reflectance && std::none_of(greys.begin(), greys.end(), [&](std::size_t k) {
        return k != i && areNeighbours(patch, chart.patches[k]);
    });
}

// A camera sees such a pigment as its own colour; greys that makers put beside each other tell which.
void leaveOutChanceGreys(const Reading& r, std::vector<std::size_t>& usable) {
    constexpr std::size_t kTelling = 4;
    constexpr double kOff = 0.01, kErrors = 2;
    const auto greys = r.neutrals();
    std::vector<std::size_t> doubtful;
    std::array<std::vector<double>, 3> said;
    const auto ratio = [&](std::size_t i, std::size_t c) {
        const auto channel = static_cast<Eigen::Index>(c);
        const Vector3& rgb = r.patches[i].rgb;
        return rgb(channel) / rgb.y() / expectedRatio(r.chart.patches[i])(channel);
    };
    for (const std::size_t i : usable) {
        if (mayBeGreyByChance(r.chart, i, greys)) {
            doubtful.push_back(i);
            continue;
        }
        for (const std::size_t c : {0u, 2u}) said[c].push_back(ratio(i, c));
    }
    if (doubtful.empty() || said[0].size() < kTelling) return;
    const std::array<double, 3> telling{numeric::medianOf(said[0]), 1, numeric::medianOf(said[2])};
    std::erase_if(usable, [&](std::size_t i) {
        if (std::find(doubtful.begin(), doubtful.end(), i) == doubtful.end()) return false;
        double off = 0;
        for (const std::size_t c : {0u, 2u})
            off = std::max(off, std::abs(std::pow(ratio(i, c) / telling[c], 1 / 2.2) - 1));
        return off > kOff + kErrors * castError(r, i);
    });
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
    leaveOutChanceGreys(reading, out);
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
