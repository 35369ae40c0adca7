// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "core/fit/colours.h"
#include "core/fit/fit_report.h"
#include "core/fit/samples.h"

namespace refero {

/// What a correction does to the noise of one pixel, by its slope at each patch and the noise that the patch
/// was read with.
struct PatchNoise {
    Vector3 linear{0, 0, 0};          ///< standard deviation of linear sRGB after the correction
    Vector3 linearBalanced{0, 0, 0};  ///< and after balance alone
    double chroma = 0;                ///< root mean square distance in a* and b*
    double chromaBalanced = 0;        ///< and after balance alone
};

struct AmplifiedNoise {
    NoiseAmplification price;
    std::vector<PatchNoise> patches;  ///< as the samples
};

AmplifiedNoise noiseAmplificationOf(const Colours& colours, const Samples& samples);

}  // namespace refero
