// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <string_view>
#include <vector>

#include "core/colour/xyz.h"
#include "core/result.h"
#include "core/spectra/spectrum.h"

namespace refero::sim {

/// A simulated camera body. Sensitivities are relative quantum responses of the whole system (filters and
/// sensor).
struct Body {
    std::string_view id;
    std::string_view name;
    std::array<Spectrum, 3> sensitivity;  ///< red, green, blue
    double fullWellElectrons = 0;         ///< at ISO 100
    double readNoiseElectrons = 0;
    int bits = 14;
};

/// Heron (stills), Bittern (motion) and Dunlin (small). Invented; their sensitivities are not linear
/// combinations of the CIE observer's, so no matrix corrects them perfectly.
const std::vector<Body>& bodies();
Result<Body> bodyById(std::string_view id);

/// Raw response to a reflectance under a light, scaled so that the perfect diffuser's strongest channel is 1.
Vector3 response(const Body& body, const Spectrum& light, const Spectrum& reflectance);

}  // namespace refero::sim
