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
/// SMPTE RP 431-2: P3 with the projector's own white.
inline constexpr Primaries p3dci{{0.680, 0.320}, {0.265, 0.690}, {0.150, 0.060}, {0.314, 0.351}};
/// IEC 61966-2-5.
inline constexpr Primaries oprgb{{0.64, 0.33}, {0.21, 0.71}, {0.15, 0.06}, white::d65};
/// ISO 22028-2; its white is D50.
inline constexpr Primaries romm{{0.7347, 0.2653}, {0.1596, 0.8404}, {0.0366, 0.0001}, {0.3457, 0.3585}};
/// Academy S-2014-004, AP1.
inline constexpr Primaries ap1{{0.713, 0.293}, {0.165, 0.830}, {0.128, 0.044}, white::aces};
}  // namespace primaries

/// Linear RGB to XYZ relative to the space's own white: M * (1,1,1) = white, M * e_i has primary i's
/// chromaticity (SMPTE RP 177).
Matrix3 rgbToXyz(const Primaries& p);

/// Linear RGB to XYZ of the D50 connection space (Bradford, as ISO 15076-1 asks).
Matrix3 rgbToXyzD50(const Primaries& p);

/// What a rendered picture's numbers mean: the spaces offered to other programs.
enum class OutputSpace {
    xyzD50,
    linearSrgb,
    srgb,
    rec709,
    displayP3,
    rec2020,
    acescg,
    acescct,
    bt1886,      ///< BT.709's primaries as a display shows them
    p3d65,       ///< of a mastering display, gamma 2.6
    p3dci,       ///< of a projector, gamma 2.6 and its own white
    rec2100pq,   ///< BT.2100; white at 203 cd/m2 (BT.2408)
    rec2100hlg,  ///< BT.2100; as a display of 1,000 cd/m2 shows it, white at 203 cd/m2 (BT.2408: 75 % signal)
    oprgb,
    romm,
    aces2065
};

inline constexpr std::array kOutputSpaces{
    OutputSpace::xyzD50,     OutputSpace::linearSrgb, OutputSpace::srgb,   OutputSpace::rec709,
    OutputSpace::displayP3,  OutputSpace::rec2020,    OutputSpace::acescg, OutputSpace::acescct,
    OutputSpace::bt1886,     OutputSpace::p3d65,      OutputSpace::p3dci,  OutputSpace::rec2100pq,
    OutputSpace::rec2100hlg, OutputSpace::oprgb,      OutputSpace::romm,   OutputSpace::aces2065};

struct OutputSpaceInfo {
    std::string_view name;       ///< as on the command line
    std::string_view label;      ///< for a person
    const Primaries* primaries;  ///< none for XYZ
    Encoding encoding;
    bool unbounded;            ///< meant for scene-linear or log data, where values above 1 are ordinary
    bool display;              ///< its numbers are what a display shows; else they are light of the scene
    std::string_view viewing;  ///< what it is for, and how it is looked at, for a person
    /// The linear component of the perfect diffuser, in the encoding's own unit of light.
    double white = 1;
    /// Above 1: the display multiplies scene light by its luminance to the power of this less 1 (BT.2100's
    /// OOTF), which encoding undoes.
    double systemGamma = 1;
};

const OutputSpaceInfo& info(OutputSpace space);
Result<OutputSpace> outputSpaceByName(std::string_view name);

/// XYZ (D50) to the space's linear components; of the perfect diffuser, its `white`.
Matrix3 xyzD50ToLinear(OutputSpace space);

/// Linear components to stored numbers and back, with the system gamma.
Vector3 encoded(OutputSpace space, const Vector3& linear);
Vector3 decoded(OutputSpace space, const Vector3& stored);
/// Display light to scene light by a system gamma, on BT.2100's luminance, as a share of the display's peak.
Vector3 sceneLight(const Vector3& displayLight, double systemGamma);

}  // namespace refero
