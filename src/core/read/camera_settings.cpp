// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/camera_settings.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>

#include "core/read/checks.h"
#include "core/say/say.h"
#include "core/spectra/temperature.h"

namespace refero {
namespace {

constexpr std::array<std::string_view, 6> kNames{"incandescent", "fluorescent", "daylight",
                                                 "flash",        "cloudy",      "shade"};
constexpr std::array<double, 6> kKelvin{3000, 4000, 5300, 5800, 6300, 7300};
constexpr double kNearMired = 12, kNearDuv = 0.006;
constexpr std::size_t kTurns = 3;  // samples that may turn a scale
constexpr double kTurningMired = 60, kMostTurn = 0.2;

double mired(double kelvin) {
    return 1e6 / kelvin;
}

}  // namespace

Result<DialledBalance> balanceOf(const Vector3& white, const Matrix3& xyzToCamera) {
    if (!white.allFinite() || !(white.minCoeff() > 0))
        return failure(say("A white must have light in every channel."));
    if (!xyzToCamera.allFinite() || !(std::abs(xyzToCamera.determinant()) > 1e-9))
        return failure(say("The raw file's colour matrix cannot be inverted."));
    const Vector3 xyz = xyzToCamera.inverse() * white;
    if (!(xyz.minCoeff() > 0)) return failure(say("That is no light's colour by the raw file's own matrix."));
    const double sum = xyz.sum();
    return colourTemperature(Chromaticity{xyz.x() / sum, xyz.y() / sum}).map([](const ColourTemperature& t) {
        return DialledBalance{t.kelvin, t.duv};
    });
}

double BalanceScale::dialled(double computedKelvin) const {
    const double m = offsetMired + slope * mired(computedKelvin);
    return 1e6 / std::clamp(m, 50.0, 700.0);
}

BalanceScale balanceScale(std::span<const BalanceSample> samples) {
    BalanceScale out;
    out.samples = samples.size();
    if (samples.empty()) return out;
    double meanX = 0, meanY = 0, low = 1e9, high = 0;
    for (const BalanceSample& s : samples) {
        const double x = mired(s.computedKelvin);
        meanX += x;
        meanY += mired(s.dialledKelvin);
        low = std::min(low, x);
        high = std::max(high, x);
    }
    const auto n = static_cast<double>(samples.size());
    meanX /= n;
    meanY /= n;
    if (samples.size() >= kTurns && high - low >= kTurningMired) {
        double xx = 0, xy = 0;
        for (const BalanceSample& s : samples) {
            const double x = mired(s.computedKelvin) - meanX;
            xx += x * x;
            xy += x * (mired(s.dialledKelvin) - meanY);
        }
        out.slope = std::clamp(xy / xx, 1 - kMostTurn, 1 + kMostTurn);
    }
    out.offsetMired = meanY - out.slope * meanX;
    return out;
}

std::string_view name(StoredBalance balance) {
    return kNames[static_cast<std::size_t>(balance)];
}

double kelvinOf(StoredBalance balance) {
    return kKelvin[static_cast<std::size_t>(balance)];
}

std::optional<StoredBalance> storedBalanceFor(const DialledBalance& light) {
    if (!(light.kelvin > 0) || std::abs(light.duv) > kNearDuv) return {};
    const auto apart = [&](StoredBalance b) { return std::abs(mired(kelvinOf(b)) - mired(light.kelvin)); };
    const StoredBalance best =
        *std::min_element(kStoredBalances.begin(), kStoredBalances.end(),
                          [&](StoredBalance a, StoredBalance b) { return apart(a) < apart(b); });
    return apart(best) <= kNearMired ? std::optional(best) : std::nullopt;
}

double histogramMisleads(const Vector3& light, const Vector3& balanced) {
    // The weakest gain is 1: no camera darkens a channel to balance.
    const Vector3 gains = balanced.maxCoeff() * balanced.cwiseInverse();
    return std::log2(light.cwiseProduct(gains).maxCoeff() / light.maxCoeff());
}

std::optional<double> exposureChange(const Reading& reading) {
    for (const Check& c : reading.checks) {
        if (c.id != "exposure" || c.verdict == Verdict::pass) continue;
        // Of curves with a nominal level the value is in stops from it, of others a share of clipping.
        if (c.unit == kNominalUnit) return -c.value;
        if (c.value > 0) return std::log2(kGoodExposure / c.value);
    }
    return {};
}

int thirdsOf(double stops) {
    return static_cast<int>(std::lround(3 * stops));
}

double balanceWander(std::span<const Vector3> whites) {
    if (whites.empty()) return 0;
    double low = 0, high = 0;  // from the first; shifts in mired add up
    for (const Vector3& w : whites) {
        const double m = miredBetween(whites.front(), w);
        low = std::min(low, m);
        high = std::max(high, m);
    }
    return high - low;
}

}  // namespace refero
