// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>

#include "core/colour/rgb_space.h"
#include "core/fit/correction.h"
#include "core/render/gamut.h"
#include "core/render/highlights.h"

namespace refero::io {

struct ApplyOptions {
    OutputSpace space = OutputSpace::srgb;
    Highlights highlights = Highlights::cut;
    GamutUse gamut = GamutUse::automatic;
};

/// What was done to the frame's pixels besides correcting them.
struct ApplyReport {
    double clippedShare = 0;  ///< of the pixels, those with a channel that the recording clipped
    GamutReport gamut;        ///< where colours were compressed
};

/// Reads a frame, renders it through the correction and writes it. Where the frame does not say its encoding,
/// it is taken to be the correction's. Float files are not clipped, integer ones are; metadata goes along.
Result<ApplyReport> applied(const Correction& correction, const std::filesystem::path& frame,
                            const std::optional<Transfer>& encoding, const ApplyOptions& options,
                            const std::filesystem::path& target);
/// The same with the usual options.
Status applyToFile(const Correction& correction, const std::filesystem::path& frame,
                   const std::optional<Transfer>& encoding, OutputSpace space,
                   const std::filesystem::path& target);

}  // namespace refero::io
