// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/batch/apply.h"

#include "io/batch/frame_render.h"

namespace refero::io {

Status applyToFile(const Correction& correction, const std::filesystem::path& path,
                   const std::optional<Transfer>& encoding, OutputSpace space,
                   const std::filesystem::path& target) {
    FrameOutput output;
    output.space = space;
    output.half = false;
    const std::string ending = target.extension().string();
    output.kind = ending == ".tiff"   ? "tif"
                  : ending == ".jpeg" ? "jpg"
                  : ending.empty()    ? ""
                                      : ending.substr(1);
    return renderFrame(correction, path, encoding, output, target);
}

}  // namespace refero::io
