// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/noise.h"

#include <cmath>

#include "core/read/balance.h"

namespace refero {

double visualSignalToNoise(const Vector3& rgb, const Matrix3& covariance) {
    const Vector3 y(0.2125, 0.7154, 0.0721);
    const Vector3 redLess = Vector3(1, 0, 0) - y, blueLess = Vector3(0, 0, 1) - y;
    const auto variance = [&](const Vector3& v) { return v.dot(covariance * v); };
    const double total = variance(y) + 0.279 * variance(redLess) + 0.088 * variance(blueLess);
    return total > 0 ? y.dot(rgb) / std::sqrt(total) : 0;
}

std::optional<GreyNoise> midGreyNoise(const Reading& reading) {
    const auto gains = neutralGains(reading);
    if (!gains) return {};
    std::optional<GreyNoise> best;
    double nearest = 1e9;
    for (const std::size_t i : usableNeutrals(reading)) {
        const double away = std::abs(std::log2(referenceXyzD50(reading.chart.patches[i]).y / 0.18));
        const PatchReading& p = reading.patches[i];
        if (away >= nearest || !(p.deviation.maxCoeff() > 0)) continue;
        Matrix3 covariance = p.covariance;
        if (covariance.isZero()) covariance = p.deviation.cwiseProduct(p.deviation).asDiagonal();
        const Matrix3 g = gains->asDiagonal();
        nearest = away;
        best = GreyNoise{i, visualSignalToNoise(p.rgb.cwiseProduct(*gains), g * covariance * g)};
    }
    return best;
}

}  // namespace refero
