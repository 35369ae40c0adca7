// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/batch/frame_output.h"

#include "core/say/say.h"

#include <algorithm>
#include <array>

namespace refero::io {

std::string_view name(ClipKind kind) {
    constexpr std::array<std::string_view, 3> names{"pictures", "ffv1", "av1"};
    return names[static_cast<std::size_t>(kind)];
}

Result<ClipKind> clipKindByName(std::string_view wanted) {
    for (const ClipKind k : kClipKinds)
        if (name(k) == wanted) return k;
    return failure(say("Clips become pictures, ffv1 or av1, not \"%1\".", wanted));
}

Status FrameOutput::validate() const {
    static constexpr std::array<std::string_view, 5> kKinds{"exr", "tif", "png", "jpg", "dpx"};
    if (std::find(kKinds.begin(), kKinds.end(), kind) == kKinds.end())
        return failure(say("Frames are written as exr, tif, png, jpg or dpx, not as \"%1\".", kind));
    if (kind == "dpx" ? bits != 10 && bits != 16 : bits != 8 && bits != 16)
        return failure(kind == "dpx" ? say("A dpx has 10 or 16 bits.") : say("A picture has 8 or 16 bits."));
    if (quality < 1 || quality > 100) return failure(say("A JPEG's quality is 1 to 100."));
    if (longEdge != 0 && (longEdge < 16 || longEdge > 60000))
        return failure(say("The long edge is 16 to 60,000 pixels, or 0 for the frame's own."));
    return {};
}

}  // namespace refero::io
