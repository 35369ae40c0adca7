// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <string_view>

#include "core/colour/encoding.h"
#include "core/colour/xyz.h"
#include "core/result.h"

namespace refero {

/// Primaries and white of an RGB space with linear components.
struct Primaries {
    Chromaticity red, green, blue, white;
};

namespace primaries {
/// IEC 61966-2-1 and ITU-R BT.709 share these.
inline constexpr Primaries bt709{{0.64, 0.33}, {0.30, 0.60}, {0.15, 0.06}, white::d65};
inline constexpr Primaries bt2020{{0.708, 0.292}, {0.170, 0.797}, {0.131, 0.046}, white::d65};
/// SMPTE EG 432-1: P3 with D65.
inline constexpr Primaries p3d65{{0.680, 0.320}, {0.265, 0.690}, {0.150, 0.060}, white::d65};
/// SMPTE ST 2065-1, AP0.
inline constexpr Primaries ap0{{0.7347, 0.2653}, {0.0, 1.0}, {0.0001, -0.0770}, white::aces};
/// Academy S-2014-004, AP1.
inline constexpr Primaries ap1{{0.713, 0.293}, {0.165, 0.830}, {0.128, 0.044}, white::aces};
}  // namespace primaries

/// Linear RGB to XYZ relative to the space's own white: M * (1,1,1) = white, M * e_i has primary i's
/// chromaticity (SMPTE RP 177).
Matrix3 rgbToXyz(const Primaries& p);

/// Linear RGB to XYZ of the D50 connection space (Bradford, as ISO 15076-1 asks).
Matrix3 rgbToXyzD50(const Primaries& p);

/// What a rendered picture's numbers mean: the spaces offered to other programs.
enum class OutputSpace { xyzD50, linearSrgb, srgb, rec709, displayP3, rec2020, acescg, acescct };

inline constexpr std::array kOutputSpaces{OutputSpace::xyzD50, OutputSpace::linearSrgb, OutputSpace::srgb,
                                          OutputSpace::rec709, OutputSpace::displayP3,  OutputSpace::rec2020,
                                          OutputSpace::acescg, OutputSpace::acescct};

struct OutputSpaceInfo {
    std::string_view name;       ///< as on the command line
    std::string_view label;      ///< for a person
    const Primaries* primaries;  ///< none for XYZ
    Encoding encoding;
    bool unbounded;  ///< meant for scene-linear or log data, where values above 1 are ordinary
};

const OutputSpaceInfo& info(OutputSpace space);
Result<OutputSpace> outputSpaceByName(std::string_view name);

/// XYZ (D50) to the space's linear components.
Matrix3 xyzD50ToLinear(OutputSpace space);

}  // namespace refero
