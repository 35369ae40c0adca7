// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/batch/apply.h"

#include "io/batch/frame_render.h"

namespace refero::io {

Status applyToFile(const Correction& correction, const std::filesystem::path& path,
                   const std::optional<Transfer>& encoding, OutputSpace space,
                   const std::filesystem::path& target, Highlights highlights, double* clippedShare) {
    FrameOutput output;
    output.space = space;
    output.half = false;
    output.highlights = highlights;
    const std::string ending = target.extension().string();
    output.kind = ending == ".tiff"   ? "tif"
                  : ending == ".jpeg" ? "jpg"
                  : ending.empty()    ? ""
                                      : ending.substr(1);
    FrameWork work;
    work.clippedShare = clippedShare;
    return renderFrame(correction, path, encoding, output, target, work);
}

}  // namespace refero::io
