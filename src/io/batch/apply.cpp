// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/batch/apply.h"

#include "io/batch/frame_render.h"

namespace refero::io {

Result<ApplyReport> applied(const Correction& correction, const std::filesystem::path& path,
                            const std::optional<Transfer>& encoding, const ApplyOptions& options,
                            const std::filesystem::path& target) {
    FrameOutput output;
    output.space = options.space;
    output.half = false;
    output.highlights = options.highlights;
    output.gamut = options.gamut;
    const std::string ending = target.extension().string();
    output.kind = ending == ".tiff"   ? "tif"
                  : ending == ".jpeg" ? "jpg"
                  : ending.empty()    ? ""
                                      : ending.substr(1);
    ApplyReport report;
    FrameWork work;
    work.gamut = &report.gamut;
    work.clippedShare = &report.clippedShare;
    if (auto ok = renderFrame(correction, path, encoding, output, target, work); !ok)
        return tl::unexpected(ok.error());
    return report;
}

Status applyToFile(const Correction& correction, const std::filesystem::path& path,
                   const std::optional<Transfer>& encoding, OutputSpace space,
                   const std::filesystem::path& target) {
    return applied(correction, path, encoding, {space, Highlights::cut, GamutUse::automatic}, target)
        .map([](const ApplyReport&) {});
}

}  // namespace refero::io
