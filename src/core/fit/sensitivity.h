// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <span>

#include "core/colour/xyz.h"
#include "core/result.h"
#include "core/spectra/spectrum.h"

namespace refero {

/// How a body and a light together weigh the wavelengths, per channel: what a reflectance reads is the sum of
/// its products with these. Told from a chart, so only as well as its reflectances tell it.
struct EffectiveSensitivity {
    std::array<Spectrum, 3> channels;

    Vector3 response(const Spectrum& reflectance) const;
};

/// The smoothest that are nowhere negative and agree with what was read: least squares of (sum - reading) /
/// deviation, and of the curvature. `deviations` are of the readings, per channel, above 0. The wavelengths'
/// ends are drawn to 0, where no sensor sees. `near`, where given, only saves time: an estimate from nearly
/// the same readings. Errors: fewer than eight reflectances, readings that are not finite.
Result<EffectiveSensitivity> estimateSensitivity(std::span<const Spectrum> reflectances,
                                                 std::span<const Vector3> readings,
                                                 std::span<const Vector3> deviations,
                                                 const EffectiveSensitivity* near = nullptr);

}  // namespace refero
