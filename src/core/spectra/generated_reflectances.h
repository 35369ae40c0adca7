// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>
#include <vector>

#include "core/spectra/spectrum.h"

namespace refero {

/// Reflectances such as surfaces have, made up: one half smooth, the other with the edges and bands of
/// pigments. The same ones for the same seed, on every machine.
std::vector<Spectrum> generatedReflectances(std::size_t count, unsigned seed);

}  // namespace refero
