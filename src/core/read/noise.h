// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>
#include <optional>

#include "core/read/reading.h"

namespace refero {

struct GreyNoise {
    std::size_t patch = 0;
    double signalToNoise = 0;  ///< of one pixel, visual
};

/// ISO 12232 and ISO 15739: sigma(D)^2 = sigma(Y)^2 + 0.279 sigma(R-Y)^2 + 0.088 sigma(B-Y)^2 with
/// Y = 0.2125 R + 0.7154 G + 0.0721 B (weights from memory), over the level of Y. `covariance` is one
/// pixel's, in the same balanced linear units as `rgb`.
double visualSignalToNoise(const Vector3& rgb, const Matrix3& covariance);

/// Of the usable neutral whose reflectance is nearest to 18 %, balanced on the greys. Nothing where no
/// neutral is usable or its noise is not known.
std::optional<GreyNoise> midGreyNoise(const Reading& reading);

}  // namespace refero
