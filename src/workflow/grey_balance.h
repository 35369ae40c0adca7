// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>

#include "core/fit/correction.h"
#include "io/frame_file.h"
#include "studio/contents.h"
#include "workflow/correction.h"

namespace refero::workflow {

struct GreyBalanceOptions {
    std::optional<DrawnPlace>
        place{};                ///< of something neutral in the frame; none: a grey card is looked for
    double reflectance = 0.18;  ///< of it, 0.02 to 1: brings the level
    /// Whose corrections of the same body lend their colours; null: none do.
    const studio::Contents* library = nullptr;
};

struct GreyBalance {
    Correction correction;
    Vector3 rgb{0, 0, 0};  ///< of the grey, linear, as recorded
    double certainty = 1;  ///< that it is grey; 1 where a person says so
    /// Largest change of a channel from the balance of the correction that lends its colours, as a share.
    double lightApart = 0;
};

/// A correction from a grey alone: balance and level are measured, colours are those of the body's nearest
/// light in the library, else none. Errors: no grey card in the frame, a place outside it, clipped, or too
/// dark.
Result<GreyBalance> balancedOnGrey(const io::Frame& frame, const GreyBalanceOptions& options);

}  // namespace refero::workflow
