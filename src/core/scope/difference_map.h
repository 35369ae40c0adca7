// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "core/frame/image.h"
#include "core/numeric/spread.h"
#include "core/render/render.h"

namespace refero {

/// How far two renderings of one picture are apart, pixel by pixel.
struct DifferenceMap {
    int width = 0, height = 0;
    std::vector<float> differences;  ///< CIEDE2000, row by row
    Spread figures;                  ///< over all pixels
};

/// Both compiled for OutputSpace::xyzD50. On all cores; about 0.3 microseconds a pixel and core.
DifferenceMap differenceMap(const LinearImage& image, const Rendering& one, const Rendering& other);

/// Where a rendering leaves what a space can show. Compiled for a space with components that mean light, its
/// encoding is left out.
struct GamutWarning {
    enum Mark : unsigned char {
        inside = 0,
        clipped = 1,  ///< lighter than the space's white in some channel
        nearly = 2,   ///< the upper twentieth below that
        outside = 4,  ///< more colourful than the space: a channel below 0 by more than noise
    };
    int width = 0, height = 0;
    std::vector<unsigned char> marks;                            ///< one Mark a pixel, the gravest
    double clippedShare = 0, nearlyShare = 0, outsideShare = 0;  ///< of the pixels
};
GamutWarning gamutWarning(const LinearImage& image, const Rendering& rendering);

}  // namespace refero
