// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/result.h"
#include "core/spectra/spectrum.h"

namespace refero {

/// CIE daylight of a correlated colour temperature of 4000 to 25000 K (CIE 015, 4.1.2, on the scale of 1968's
/// c2: D50 is 5003 K, D65 is 6504 K). Y is not normalised.
Result<Spectrum> daylight(double kelvin);

/// Planck's law, c2 = 1.4388e-2 m K (ITS-90), relative to its value at 560 nm. 500 to 50000 K.
Result<Spectrum> blackbody(double kelvin);

/// A phosphor-converted white LED: a blue pump and one broad phosphor. Our own model, of no lamp on sale; the
/// names give its nominal colour temperature.
enum class WhiteLed { warm3000, cool5600 };
Spectrum whiteLed(WhiteLed led);

/// By name: "a", "d50", "d55", "d65", "f2", "f7", "f11", "e", "led-3000", "led-5600", "daylight-<K>",
/// "blackbody-<K>"; upper or lower case.
Result<Spectrum> illuminantByName(std::string_view name);

/// The fixed names of illuminantByName.
const std::vector<std::string>& illuminantNames();

}  // namespace refero
