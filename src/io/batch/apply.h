// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>

#include "core/colour/rgb_space.h"
#include "core/render/highlights.h"
#include "core/fit/correction.h"

namespace refero::io {

/// Reads a frame, renders it through the correction and writes it. Where the frame does not say its encoding,
/// it is taken to be the correction's. Float files are not clipped, integer ones are; metadata goes along.
Status applyToFile(const Correction& correction, const std::filesystem::path& frame,
                   const std::optional<Transfer>& encoding, OutputSpace space,
                   const std::filesystem::path& target, Highlights highlights = Highlights::cut,
                   double* clippedShare = nullptr);

}  // namespace refero::io
