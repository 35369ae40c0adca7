// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <memory>

#include "core/colour/rgb_space.h"
#include "core/frame/image.h"
#include "core/result.h"
#include "io/batch/frame_output.h"

namespace refero::media {

struct ClipFormat {
    io::ClipKind kind = io::ClipKind::intermediate;
    OutputSpace space = OutputSpace::rec709;
    int width = 0, height = 0;          ///< pixels; of an odd side the last row or column is left out
    double picturesPerSecond = 0;       ///< nominal, for the container's own word
    std::filesystem::path soundFrom{};  ///< the clip that sound, timecode and date are taken from
};

/// A clip being written: 10 bits, limited range, tagged. One thread.
class ClipWriter {
  public:
    virtual ~ClipWriter() = default;
    /// R'G'B' of the format's space and the moment when it begins to be shown, in seconds, rising.
    virtual Status add(const EncodedImage& picture, double seconds) = 0;
    /// The rest of the sound, and the container's end.
    virtual Status finish() = 0;
};

/// Errors: a space that no clip can be tagged with, an encoder that this system does not have, a file that
/// cannot be written.
Result<std::unique_ptr<ClipWriter>> beginClip(const std::filesystem::path& side, const ClipFormat& format);

}  // namespace refero::media
