// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <span>
#include <string_view>

#include "core/colour/xyz.h"
#include "core/read/reading.h"
#include "core/result.h"

namespace refero {

/// A balance as a camera lets it be dialled.
struct DialledBalance {
    double kelvin = 0;
    /// Distance from the Planckian locus in CIE 1960 u, v (Duv); above 0 the light is greenish, and the
    /// camera is to go towards magenta.
    double duv = 0;
};

/// The balance for which a camera's RGB is that of white. `xyzToCamera` is the raw file's own matrix, as an
/// open raw file (DNG 1.4, "Mapping Camera Color Space to CIE XYZ Space") or its decoder has it. Errors: RGB
/// not above 0, a matrix that cannot be inverted, a colour that is no light's.
Result<DialledBalance> balanceOf(const Vector3& cameraWhite, const Matrix3& xyzToCamera);

/// Balances that were dialled while a white was seen tell a body's own scale: its kelvin over ours.
struct BalanceSample {
    double computedKelvin = 0, dialledKelvin = 0;
};
struct BalanceScale {
    double offsetMired = 0, slope = 1;
    std::size_t samples = 0;  ///< 0: the file's matrix alone

    double dialled(double computedKelvin) const;
};
/// One sample shifts the scale; three or more over at least 60 mired also turn it (by at most a fifth).
BalanceScale balanceScale(std::span<const BalanceSample> samples);

/// A balance that cameras keep by a name (common practice: manuals give it to some 200 K).
enum class StoredBalance { incandescent, fluorescent, daylight, flash, cloudy, shade };
inline constexpr std::array kStoredBalances{StoredBalance::incandescent, StoredBalance::fluorescent,
                                            StoredBalance::daylight,     StoredBalance::flash,
                                            StoredBalance::cloudy,       StoredBalance::shade};
std::string_view name(StoredBalance balance);
double kelvinOf(StoredBalance balance);
/// The one within 12 mired of a light that is near the locus (Duv within 0.006); nothing where none is.
std::optional<StoredBalance> storedBalanceFor(const DialledBalance& light);

/// By how many stops a camera's histogram, which shows its balanced picture, has the strongest channel of a
/// neutral lie above where the sensor has it: above 0 it warns too early. White as linear camera RGB.
double histogramMisleads(const Vector3& lightWhite, const Vector3& balancedWhite);

/// Stops by which to open the exposure for the next shot (below 0: to close it), as the exposure check has
/// it; nothing where that is good or there is none.
std::optional<double> exposureChange(const Reading& reading);

/// Stops as dials have them: to the nearest third, as a count of thirds.
int thirdsOf(double stops);

/// The largest change between balances of one light, in mired; what an automatic one wandered.
double balanceWander(std::span<const Vector3> balancedWhites);

}  // namespace refero
