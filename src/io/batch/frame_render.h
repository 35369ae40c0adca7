// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <functional>
#include <optional>

#include "core/fit/correction.h"
#include "io/batch/frame_output.h"
#include "io/clip.h"

namespace refero::io {

/// Where the time of a frame went; seconds.
struct FrameTimes {
    double reading = 0, colour = 0, writing = 0;
};

struct FrameWork {
    /// True makes it stop at the next band of rows; nothing is left behind then.
    std::function<bool()> stopped = [] { return false; };
    FrameTimes* times = nullptr;
    GamutReport* gamut = nullptr;    ///< of a picture whose colours were compressed
    double* clippedShare = nullptr;  ///< of the pixels, those with a clipped channel; see treatHighlights
    double* cutShare = nullptr;      ///< of the pixels, those whose colour the encoding cut; see cutColours
    std::string mark{};              ///< goes before the description that the file gets
};

/// Frames that need all of their pixels at once are rendered together only as far as they fit into a quarter
/// of the memory; the others go through in bands of rows, however large they are.
inline constexpr double kMostStreamedMegapixels = 2000;

/// A frame through a correction into a file, written to the side and renamed. Where the frame does not say
/// its encoding and none is stated, it is the correction's. Float files are not clipped,
/// integer ones are; pixels that the recording itself clipped are treated as the output says.
/// The output's profile is embedded where the kind of file can hold it.
Status renderFrame(const Correction& correction, const std::filesystem::path& frame,
                   const std::optional<Transfer>& encoding, const FrameOutput& output,
                   const std::filesystem::path& target, const FrameWork& work = {});

/// The same for one decoded picture of a clip.
Status renderPicture(const Correction& correction, ClipPicture picture, const Transfer& encoding,
                     int orientation, const FrameOutput& output, const std::filesystem::path& target,
                     const FrameWork& work = {});

/// A whole clip into one, as the output's `clips` says: 10 bits, its own rate and times, sound and timecode
/// copied, colours tagged. How many pictures it has. Errors: a space that no clip can be tagged with, those
/// of the clip and of the disk.
Result<std::size_t> renderClip(const Correction& correction, const std::filesystem::path& clip,
                               const std::optional<Transfer>& encoding, const FrameOutput& output,
                               const std::filesystem::path& target, const FrameWork& work = {});

}  // namespace refero::io
