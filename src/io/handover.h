// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>
#include <string>
#include <vector>

#include "core/colour/rgb_space.h"
#include "core/fit/correction.h"

namespace refero::io {

enum class Format { cube, icc, json };
std::string_view name(Format format);
Result<Format> formatByName(std::string_view name);

/// What a file is best fed: the encoding of the frames, or sRGB's curve for a cube of linear ones, whose even
/// steps in linear light would be far too coarse in the shadows.
Transfer naturalFeed(const Correction& correction, Format format);

struct ExportOptions {
    Format format = Format::cube;
    std::optional<int>
        size;  ///< points a side of a LUT; none: the first of 33, 65, 97 and 129 that passes the proof
    /// What the file will be fed; without it its natural feed.
    std::optional<Transfer> encoding;
    OutputSpace space = OutputSpace::srgb;
};

/// What another engine made of the file, against our own rendering.
struct Proof {
    std::string engine;            ///< who read it back
    std::size_t colours = 0;       ///< patches and others
    double largest = 0, mean = 0;  ///< CIEDE2000
};

inline constexpr double kProofLimit = 0.5;  ///< CIEDE2000; above it nothing is handed over

struct Handover {
    std::filesystem::path path;
    Transfer encoding = Encoding::srgb;
    int size = 0;  ///< of a LUT
    Proof proof;
};

/// Writes the correction for another program. The file is read back by an engine that is not ours before it
/// takes its name; if that engine's colours differ by more than kProofLimit, the target is left alone and the
/// error says so.
Result<Handover> exportCorrection(const Correction& correction, const std::filesystem::path& target,
                                  const ExportOptions& options);

}  // namespace refero::io
