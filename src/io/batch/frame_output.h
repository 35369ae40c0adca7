// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <string>
#include <string_view>

#include "core/colour/rgb_space.h"
#include "core/render/gamut.h"
#include "core/render/highlights.h"

namespace refero::io {

/// What whole clips become.
enum class ClipKind {
    pictures,      ///< a folder of pictures, as stills are written
    intermediate,  ///< one clip without loss: FFV1 (RFC 9043), 4:2:2, 10 bits, in Matroska (RFC 9559)
    delivery,      ///< one small clip: AV1, 4:2:0, 10 bits, in Matroska
};
inline constexpr std::array kClipKinds{ClipKind::pictures, ClipKind::intermediate, ClipKind::delivery};
/// "pictures", "ffv1", "av1": for files and the command line.
std::string_view name(ClipKind kind);
Result<ClipKind> clipKindByName(std::string_view name);

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
    ClipKind clips = ClipKind::pictures;      ///< whole clips; colour tags, rate, sound and timecode are kept

    /// Errors: unknown kinds, numbers out of range.
    Status validate() const;
    std::string ending() const { return "." + kind; }
    bool operator==(const FrameOutput&) const = default;
};

}  // namespace refero::io
