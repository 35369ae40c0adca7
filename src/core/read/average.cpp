// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/average.h"

#include <algorithm>
#include <cmath>

#include "core/read/checks.h"
#include "core/say/say.h"

namespace refero {
namespace {

constexpr double kSameLight = 0.03;  // of a channel's ratio to green: another light beyond that
constexpr double kOutlier = 5;
constexpr double kClipped = 0.01;  // of a patch's pixels

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
            if (a.leftOut || a.clipped > kClipped || b.clipped > kClipped || !(a.rgb(c) > 0) ||
                !(b.rgb(c) > 0))
                continue;
            stops.push_back(std::log2(a.rgb(c) / b.rgb(c)));
        }
        out(c) = stops.empty() ? 0 : median(std::move(stops));
    }
    return out;
}

// One patch of a frame, brought to the common level.
struct Part {
    const PatchReading* patch;
    double level;
    bool off = false;
};

// Where there are three or more, a value far from their median is not theirs.
void findOutliers(std::vector<Part>& parts) {
    if (parts.size() < 3) return;
    for (Eigen::Index c = 0; c < 3; ++c) {
        std::vector<double> values;
        for (const Part& p : parts) values.push_back(p.patch->rgb(c) * p.level);
        const double centre = median(values);
        for (std::size_t k = 0; k < parts.size(); ++k) {
            const double error = parts[k].patch->standardError()(c) * parts[k].level;
            parts[k].off |=
                std::abs(values[k] - centre) > std::max(kOutlier * error, 0.01 * std::abs(centre));
        }
    }
}

// The mean of those that are not off, in place of the patch.
void takeMean(PatchReading& mean, const std::vector<Part>& parts) {
    const auto whole = [](const Part& p) { return p.patch->clipped <= kClipped && !p.patch->leftOut; };
    const bool anyWhole =
        std::any_of(parts.begin(), parts.end(), [&](const Part& p) { return !p.off && whole(p); });
    mean.leftOut = std::all_of(parts.begin(), parts.end(), [](const Part& p) { return p.patch->leftOut; });
    Vector3 sum = Vector3::Zero(), weights = Vector3::Zero();
    Matrix3 covariance = Matrix3::Zero();
    std::size_t pixels = 0;
    double clipped = 0;
    for (const Part& part : parts) {
        const PatchReading& p = *part.patch;
        if (part.off || (anyWhole && !whole(part))) continue;
        const Vector3 error = p.standardError() * part.level;
        const Vector3 weight = error.cwiseProduct(error).cwiseMax(1e-14).cwiseInverse();
        sum += weight.cwiseProduct(p.rgb * part.level);
        weights += weight;
        covariance += p.covariance * (part.level * part.level * static_cast<double>(p.pixels));
        pixels += p.pixels;
        clipped = std::max(clipped, p.clipped);
    }
    if (pixels == 0) return;
    mean.rgb = sum.cwiseQuotient(weights);
    mean.pixels = pixels;
    mean.covariance = covariance / static_cast<double>(pixels);
    mean.clipped = clipped;
    if (anyWhole && clipped <= kClipped) mean.clippedChannels = mean.clippedChannels.cwiseMin(clipped);
    // So that the standard error is that of the weighted mean, with what the treatments left of doubt.
    mean.treatmentError.setZero();
    mean.deviation = (static_cast<double>(pixels) * weights.cwiseInverse()).cwiseSqrt();
}

}  // namespace

Result<Reading> averaged(const std::vector<Reading>& readings, const Limits& limits) {
    if (readings.empty()) return failure(say("There is no reading to average."));
    Reading out = readings.front();
    out.averaged.clear();
    for (const Reading& r : readings) {
        if (r.chart.id != out.chart.id || r.patches.size() != out.patches.size())
            return failure(
                say("These frames show different charts; only frames of one chart can be averaged."));
        const Vector3 stops = stopsTo(readings.front(), r);
        const Vector3 cast = (stops.array() - stops.y()).abs().matrix();
        out.averaged.push_back({r.framePath, stops.y(), std::exp2(cast.maxCoeff()) - 1 > kSameLight, {}});
    }
    for (std::size_t i = 0; i < out.patches.size(); ++i) {
        std::vector<Part> parts;
        std::vector<AveragedFrame*> from;
        for (std::size_t k = 0; k < readings.size(); ++k) {
            if (out.averaged[k].otherLight) continue;
            parts.push_back({&readings[k].patches[i], std::exp2(out.averaged[k].levelStops)});
            from.push_back(&out.averaged[k]);
        }
        findOutliers(parts);
        for (std::size_t k = 0; k < parts.size(); ++k)
            if (parts[k].off && !out.patches[i].leftOut) from[k]->outliers.push_back(out.patches[i].id);
        takeMean(out.patches[i], parts);
    }
    out.checks = judged(out, limits);
    out.limits = limits.name;
    out.verdict = worst(out.checks);
    return out;
}

}  // namespace refero
