// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/handover/format.h"

#include <algorithm>
#include <string>

namespace refero::io {

const FormatInfo& info(Format format) {
    static constexpr std::array<FormatInfo, 10> table{{
        {"cube", "3D LUT (.cube)", ".cube", "All of the correction, its finish too, between grid points.",
         true, true, kProofLimit, kProofMean},
        {"cube-1d", "1D LUT (.cube)", ".cube",
         "Balance, level and the curves of the greys; a curve a channel cannot move colours.", true, true,
         0.1, 0.1},
        {"clf", "Common LUT Format (.clf)", ".clf",
         "All of the correction, its finish too; a matrix stays a matrix.", true, true, kProofLimit,
         kProofMean},
        {"cdl", "Decision list (ASC CDL)", ".cdl",
         "Slope, offset and power of each channel and one saturation: ten numbers for a grading program.",
         true, true, 0.1, 0.1},
        {"icc", "Input profile, ICC 4", ".icc", "True colours for a raw developer or an editor.", true, false,
         0.5, 0.2},
        {"icc-v2", "Input profile, ICC 2", ".icc", "The same for programs that read version 2 only.", true,
         false, 0.5, 0.2},
        {"dcp", "Camera profile (.dcp)", ".dcp",
         "Matrices and a map of hue and saturation for raw developers, by the DNG specification.", false,
         false, 0.1, 0.1},
        {"ocio", "OpenColorIO configuration", ".ocio",
         "A colour space for compositing, with its CLF file beside it.", true, false, kProofLimit,
         kProofMean},
        {"json", "Refero document (.json)", ".json", "The correction as it is, with all of its figures.",
         false, false, 0, 0},
        {"csv", "Table of the patches (.csv)", ".csv",
         "What was read, what it should be, and what became of it; no correction to apply.", false, false, 0,
         0},
    }};
    return table[static_cast<std::size_t>(format)];
}

Result<Format> formatByName(std::string_view wanted) {
    std::string all;
    for (const Format f : kFormats) {
        if (info(f).name == wanted) return f;
        all += (all.empty() ? "" : f == kFormats.back() ? " and " : ", ") + std::string(info(f).name);
    }
    return failure("Refero does not write \"" + std::string(wanted) + "\"; it writes " + all + ".");
}

}  // namespace refero::io
