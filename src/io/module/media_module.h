// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <memory>
#include <optional>
#include <span>

#include "core/colour/transfer.h"
#include "core/frame/image.h"
#include "core/result.h"

namespace refero {
struct Correction;
}

namespace refero::io {

class ClipReader;
struct ClipPicture;
struct Frame;
struct FrameOutput;
struct FrameWork;
struct WriteOptions;

/// What decodes and encodes pictures and clips stands on large libraries, whose loading takes longer than
/// most of what is done without them. It is a library of its own, src/media, that is loaded when first
/// needed. Callers use io/frame_file.h, io/clip.h and io/batch/frame_render.h.
struct MediaModule {
    Result<Frame> (*readPicture)(const std::filesystem::path&, const std::optional<Transfer>&);
    Status (*writePicture)(const std::filesystem::path& side, const EncodedImage&, const WriteOptions&);
    Result<EncodedImage> (*decodeJpeg)(std::span<const unsigned char>);
    Result<std::unique_ptr<ClipReader>> (*openClip)(const std::filesystem::path&);
    Status (*renderFrame)(const Correction&, const std::filesystem::path& frame,
                          const std::optional<Transfer>&, const FrameOutput&,
                          const std::filesystem::path& target, const FrameWork&);
    Status (*renderPicture)(const Correction&, ClipPicture&&, const Transfer&, int orientation,
                            const FrameOutput&, const std::filesystem::path& target, const FrameWork&);
    Result<std::size_t> (*renderClip)(const Correction&, const std::filesystem::path& clip,
                                      const std::optional<Transfer>&, const FrameOutput&,
                                      const std::filesystem::path& target, const FrameWork&);
};

/// The module, loaded once. An error where it is not installed beside the program. Any thread.
Result<const MediaModule*> mediaModule();
/// Whether it has been loaded.
bool mediaModuleLoaded();

/// The one symbol that it is entered by.
inline constexpr const char* kMediaEntry = "refero_media_module";

}  // namespace refero::io
