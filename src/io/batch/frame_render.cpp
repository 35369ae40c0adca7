// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/batch/frame_render.h"

#include "io/module/media_module.h"
#include "io/picture_kind.h"

namespace refero::io {
namespace {

Result<const MediaModule*> moduleFor(const FrameOutput& output, const std::filesystem::path& target) {
    if (auto ok = output.validate(); !ok) return tl::unexpected(ok.error());
    if (auto ok = writable(target); !ok) return tl::unexpected(ok.error());
    return mediaModule();
}

}  // namespace

Status renderFrame(const Correction& correction, const std::filesystem::path& frame,
                   const std::optional<Transfer>& encoding, const FrameOutput& output,
                   const std::filesystem::path& target, const FrameWork& work) {
    const auto module = moduleFor(output, target);
    if (!module) return tl::unexpected(module.error());
    return (*module)->renderFrame(correction, frame, encoding, output, target, work);
}

Status renderPicture(const Correction& correction, ClipPicture picture, const Transfer& encoding,
                     int orientation, const FrameOutput& output, const std::filesystem::path& target,
                     const FrameWork& work) {
    const auto module = moduleFor(output, target);
    if (!module) return tl::unexpected(module.error());
    return (*module)->renderPicture(correction, std::move(picture), encoding, orientation, output, target,
                                    work);
}

Result<std::size_t> renderClip(const Correction& correction, const std::filesystem::path& clip,
                               const std::optional<Transfer>& encoding, const FrameOutput& output,
                               const std::filesystem::path& target, const FrameWork& work) {
    if (auto ok = output.validate(); !ok) return tl::unexpected(ok.error());
    const auto module = mediaModule();
    if (!module) return tl::unexpected(module.error());
    return (*module)->renderClip(correction, clip, encoding, output, target, work);
}

}  // namespace refero::io
