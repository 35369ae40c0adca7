// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/average.h"

#include <algorithm>
#include <cmath>

#include "core/read/checks.h"

namespace refero {
namespace {

constexpr double kSameLight = 0.03;  // of a channel's ratio to green: another light beyond that
constexpr double kOutlier = 4;

double median(std::vector<double> v) {
    std::sort(v.begin(), v.end());
    return v.size() % 2 ? v[v.size() / 2] : (v[v.size() / 2 - 1] + v[v.size() / 2]) / 2;
}

// Per channel, the median over the patches of log2 first / other.
Vector3 stopsTo(const Reading& first, const Reading& other) {
    Vector3 out;
    for (Eigen::Index c = 0; c < 3; ++c) {
        std::vector<double> stops;
        for (std::size_t i = 0; i < first.patches.size(); ++i) {
            const PatchReading &a = first.patches[i], &b = other.patches[i];
            if (a.clipped > 0.01 || b.clipped > 0.01 || !(a.rgb(c) > 0) || !(b.rgb(c) > 0)) continue;
            stops.push_back(std::log2(a.rgb(c) / b.rgb(c)));
        }
        out(c) = stops.empty() ? 0 : median(std::move(stops));
    }
    return out;
}

}  // namespace

Result<Averaged> averaged(const std::vector<Reading>& readings) {
    if (readings.empty()) return failure("There is no reading to average.");
    Averaged out{readings.front(), {}, {}, {}};
    std::vector<double> level;
    std::vector<std::size_t> used;
    for (std::size_t k = 0; k < readings.size(); ++k) {
        if (readings[k].chart.id != out.reading.chart.id ||
            readings[k].patches.size() != out.reading.patches.size())
            return failure("These frames show different charts; only frames of one chart can be averaged.");
        const Vector3 stops = stopsTo(readings.front(), readings[k]);
        out.levelStops.push_back(stops.y());
        const Vector3 cast = (stops.array() - stops.y()).abs().matrix();
        if (std::exp2(cast.maxCoeff()) - 1 > kSameLight) {
            out.leftOut.push_back(k);
            continue;
        }
        used.push_back(k);
        level.push_back(std::exp2(stops.y()));
    }
    for (std::size_t i = 0; i < out.reading.patches.size(); ++i) {
        PatchReading& mean = out.reading.patches[i];
        Matrix3 covariance = Matrix3::Zero();
        std::size_t pixels = 0;
        std::vector<bool> off(used.size(), false);
        for (Eigen::Index c = 0; c < 3; ++c) {
            std::vector<double> values;
            for (std::size_t k = 0; k < used.size(); ++k)
                values.push_back(readings[used[k]].patches[i].rgb(c) * level[k]);
            const double centre = median(values);
            for (std::size_t k = 0; k < used.size(); ++k) {
                const double error = readings[used[k]].patches[i].standardError()(c) * level[k];
                off[k] = off[k] ||
                         (used.size() > 2 &&
                          std::abs(values[k] - centre) > std::max(kOutlier * error, 0.01 * std::abs(centre)));
            }
        }
        Vector3 sum = Vector3::Zero(), weights = Vector3::Zero();
        double clipped = 0;
        for (std::size_t k = 0; k < used.size(); ++k) {
            const PatchReading& p = readings[used[k]].patches[i];
            if (off[k]) {
                out.outliers.push_back(p.id + " in frame " + std::to_string(used[k] + 1));
                continue;
            }
            const Vector3 error = p.standardError() * level[k];
            const Vector3 weight = error.cwiseProduct(error).cwiseMax(1e-14).cwiseInverse();
            sum += weight.cwiseProduct(p.rgb * level[k]);
            weights += weight;
            covariance += p.covariance * (level[k] * level[k] * static_cast<double>(p.pixels));
            pixels += p.pixels;
            clipped = std::max(clipped, p.clipped);
        }
        if (pixels == 0) continue;
        mean.rgb = sum.cwiseQuotient(weights);
        mean.pixels = pixels;
        mean.covariance = covariance / static_cast<double>(pixels);
        mean.clipped = clipped;
        // So that the standard error is that of the weighted mean.
        mean.deviation = (static_cast<double>(pixels) * weights.cwiseInverse()).cwiseSqrt();
    }
    out.reading.checks = judged(out.reading);
    out.reading.verdict = worst(out.reading.checks);
    return out;
}

}  // namespace refero
