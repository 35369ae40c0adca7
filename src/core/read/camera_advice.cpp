// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/camera_advice.h"

#include <cmath>

#include "core/read/balance.h"
#include "core/spectra/temperature.h"

namespace refero {
namespace {

constexpr double kMisledFrom = 1 / 6.0;  // of a stop: less than half a step of a dial
constexpr double kWandersFrom = 8;       // mired; less is not seen between two frames

BalanceScale scaleOf(const CameraFacts& facts, const Matrix3& xyzToCamera) {
    std::vector<BalanceSample> samples;
    auto all = facts.dialled;
    if (facts.dialledHere > 0 && facts.raw && facts.raw->cameraWhite)
        all.emplace_back(*facts.raw->cameraWhite, facts.dialledHere);
    for (const auto& [white, kelvin] : all)
        if (const auto computed = balanceOf(white, xyzToCamera))
            samples.push_back({computed->kelvin, kelvin});
    return balanceScale(samples);
}

}  // namespace

CameraAdvice cameraAdvice(const Reading& reading, const CameraFacts& facts) {
    CameraAdvice out;
    out.openStops = exposureChange(reading);
    const Vector3 white = whiteSeen(reading);
    if (facts.balances.size() > 1) {
        out.framesSeen = facts.balances.size();
        const double wander = balanceWander(facts.balances);
        if (wander >= kWandersFrom) out.wanderMired = wander;
    }
    if (!facts.raw) return out;
    out.precision = facts.raw->precision;
    const auto& set = facts.raw->cameraWhite;
    if (set && white.minCoeff() > 0) {
        out.miredOff = miredBetween(*set, white);
        const double misled = histogramMisleads(white, *set);
        if (std::abs(misled) >= kMisledFrom) out.histogramStops = misled;
    }
    if (!facts.raw->xyzToCamera) return out;
    const Matrix3& matrix = *facts.raw->xyzToCamera;
    out.scale = scaleOf(facts, matrix);
    const auto onScale = [&](const Vector3& v) -> std::optional<DialledBalance> {
        const auto b = balanceOf(v, matrix);
        if (!b) return {};
        return DialledBalance{out.scale.dialled(b->kelvin), b->duv};
    };
    if (white.minCoeff() > 0) out.light = onScale(white);
    if (set) out.set = onScale(*set);
    if (out.light) out.stored = storedBalanceFor(*out.light);
    return out;
}

}  // namespace refero
