// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <string_view>

#include "core/result.h"

namespace refero {

/// How stored numbers relate to linear light. All curves are continued to negative values: the power curves,
/// HLG and PQ by symmetry about zero, ACEScct and Cineon straight; none of them clips.
enum class Encoding {
    linear,
    srgb,     ///< IEC 61966-2-1
    rec709,   ///< ITU-R BT.709-6 item 1.2, the camera's opto-electronic curve, not the display's BT.1886
    rec2020,  ///< ITU-R BT.2020-2 table 4, with the exact constants
    gamma22,  ///< pure power 2.2
    acescct,  ///< Academy S-2016-001
    bt1886,   ///< ITU-R BT.1886 with black at 0: pure power 2.4, the display's side of BT.709
    hlg,      ///< ITU-R BT.2100-2 table 5, scene light
    pq,       ///< ITU-R BT.2100-2 table 4 (SMPTE ST 2084), display light; 1 is 10,000 cd/m2
    cineon,   ///< printing density: 0.002 a code of 10 bits over a film gamma of 0.6, black 95, white 685
    oprgb,    ///< IEC 61966-2-5: pure power 563/256 (2.19921875)
    gamma26,  ///< pure power 2.6, of projected pictures (SMPTE ST 428-1)
    romm,     ///< ISO 22028-2: power 1.8 with a straight toe of 16 below 1/512
};

inline constexpr std::array kEncodings{
    Encoding::linear,  Encoding::srgb,    Encoding::rec709, Encoding::rec2020, Encoding::gamma22,
    Encoding::acescct, Encoding::bt1886,  Encoding::hlg,    Encoding::pq,      Encoding::cineon,
    Encoding::oprgb,   Encoding::gamma26, Encoding::romm};
/// Those that can be told apart by a chart's greys: opRGB's power is gamma 2.2's within 0.001.
inline constexpr std::array kTellableEncodings{
    Encoding::linear,  Encoding::srgb,   Encoding::rec709, Encoding::rec2020, Encoding::gamma22,
    Encoding::acescct, Encoding::bt1886, Encoding::hlg,    Encoding::pq,      Encoding::cineon};

std::string_view name(Encoding encoding);
Result<Encoding> encodingByName(std::string_view name);

/// BT.709's narrow ("video") range: 0 is code 64 and 1 is code 940 of 1023. From full range and back.
constexpr double toVideoRange(double full) {
    return (64 + 876 * full) / 1023;
}
constexpr double fromVideoRange(double video) {
    return (1023 * video - 64) / 876;
}

/// Linear light to stored number. 1.0 is the recording's clipping level for all but ACEScct and
/// Cineon, which go on above it.
double encode(Encoding encoding, double linear);
/// Stored number to linear light.
double decode(Encoding encoding, double stored);

}  // namespace refero
