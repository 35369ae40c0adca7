// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/apply.h"

#include "core/render/render.h"
#include "io/frame_file.h"

namespace refero::io {

Status applyToFile(const Correction& correction, const std::filesystem::path& path,
                   const std::optional<Transfer>& encoding, OutputSpace space,
                   const std::filesystem::path& target) {
    auto frame = readFrame(path, encoding);
    if (!frame) return tl::unexpected(frame.error());
    if (frame->encodingSource == EncodingSource::assumed && frame->encoding != correction.inputEncoding) {
        frame = readFrame(path, correction.inputEncoding);
        if (!frame) return tl::unexpected(frame.error());
    }
    WriteOptions options;
    options.encoding = info(space).encoding;
    options.space = space;
    options.metadata = frame->metadata;
    return writeFrame(target, render(frame->image, compile(correction, space)), options);
}

}  // namespace refero::io
