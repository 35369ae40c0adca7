// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "core/colour/rgb_space.h"
#include "core/render/gamut.h"
#include "core/render/highlights.h"

namespace refero::io {

/// What becomes of a frame.
struct FrameOutput {
    std::string kind = "tif";  ///< exr, tif, png, jpg or dpx
    OutputSpace space = OutputSpace::srgb;
    int bits = 16;       ///< tif, png: 8 or 16; dpx: 10 or 16
    bool half = true;    ///< exr: half floats, else floats
    int quality = 95;    ///< jpg: 1 to 100
    int longEdge = 0;    ///< pixels; 0 for the frame's own. Frames are only made smaller, and not sharpened.
    bool finish = true;  ///< with the correction's finish, else without
    Highlights highlights = Highlights::cut;  ///< pixels with a clipped channel
    GamutUse gamut = GamutUse::automatic;     ///< of displays: colours that the space cannot hold
    bool metadata = true;                     ///< what the frame says of its taking goes along

    /// Errors: unknown kinds, numbers out of range.
    Status validate() const;
    std::string ending() const { return "." + kind; }
    bool operator==(const FrameOutput&) const = default;
};

}  // namespace refero::io
