// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>

#include "core/fit/correction.h"
#include "io/batch/frame_output.h"
#include "io/handover/handover.h"

namespace refero::io {

/// How a plate came back.
struct PlateCheck {
    /// Pixels of the check frame against those of the graded picture, CIEDE2000 of what a display shows.
    Proof proof;
    double lightest = 0;  ///< the plate's largest value: above 1 nothing was cut off
};

/// Renders a frame as a plate: scene-linear .exr in linear sRGB or ACEScg, without the finish, nothing
/// clipped. Then OpenColorIO takes the plate through the view of `configuration`, with the finish where the
/// correction has one, and the outcome is written as the check frame: a PNG of 16 bits. Where it differs from
/// the graded picture by more than a configuration may (see `info`), it is kept aside with ".failed" in its
/// name, and the error says so. `output` says the plate's space and size.
Result<PlateCheck> checkPlate(const Correction& correction, const std::filesystem::path& frame,
                              const std::optional<Transfer>& encoding, const FrameOutput& output,
                              const std::filesystem::path& configuration, const std::filesystem::path& plate,
                              const std::filesystem::path& checkFrame);

}  // namespace refero::io
