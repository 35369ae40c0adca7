// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "core/frame/geometry.h"
#include "core/frame/image.h"

namespace refero::detail {

/// An area of even colour with four sides, in pixels of the picture it was found in.
struct Region {
    Quad corners;  ///< clockwise on the screen; which is first means nothing
    Point centre;
    double area = 0;
};

/// All such areas up to that share of the picture, each once. The picture should be 0.3 to 5 megapixels.
std::vector<Region> evenRegions(const LinearImage& image, double largestShare = 0.15);

/// The regions of the picture seen in a mirror.
std::vector<Region> mirrored(const std::vector<Region>& regions, int pictureWidth);

}  // namespace refero::detail
