// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "io/batch/frame_render.h"
#include "io/clip.h"
#include "io/frame_file.h"
#include "io/module/media_module.h"

/// What stands on the large media libraries. It is entered through io::MediaModule alone.
namespace refero::media {

Result<io::Frame> readPicture(const std::filesystem::path& path, const std::optional<Transfer>& stated);
Status writePicture(const std::filesystem::path& side, const EncodedImage& image,
                    const io::WriteOptions& options);
Result<EncodedImage> decodeJpeg(std::span<const unsigned char> bytes);
Result<std::unique_ptr<io::ClipReader>> openClip(const std::filesystem::path& path);
Status renderFrame(const Correction& correction, const std::filesystem::path& frame,
                   const std::optional<Transfer>& encoding, const io::FrameOutput& output,
                   const std::filesystem::path& target, const io::FrameWork& work);
Status renderPicture(const Correction& correction, io::ClipPicture&& picture, const Transfer& encoding,
                     int orientation, const io::FrameOutput& output, const std::filesystem::path& target,
                     const io::FrameWork& work);

Result<std::size_t> renderClip(const Correction& correction, const std::filesystem::path& clip,
                               const std::optional<Transfer>& encoding, const io::FrameOutput& output,
                               const std::filesystem::path& target, const io::FrameWork& work);

}  // namespace refero::media
