// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/colour/xyz.h"
#include "core/plan/due.h"

namespace refero::plan {

/// What a frame with a chart or a grey card tells of the light: a perfect diffuser as recorded, and the
/// exposure that it was recorded with.
struct WhiteSeen {
    Moment at{};
    Vector3 white{0, 0, 0};  ///< linear camera RGB, above 0
    double exposure = 0;     ///< seconds x ISO / f-number squared; 0 where the file does not say
};

/// From one to the other.
struct LightStep {
    std::optional<double> stops{};  ///< of the green channel; nothing where an exposure is not known
    /// Of blue against red, as a shift of a black body seen at 460 and 600 nm (Wien's law); + is warmer.
    double mired = 0;
};
LightStep lightStep(const WhiteSeen& from, const WhiteSeen& to);

struct LightWatchOptions {
    /// Under light that does not move by itself; common practice is a chart shot at least every two hours.
    int farMinutes = 120;
};

/// What speaks against a subject frame's light being that of its setup's chart shots, a sentence each: too
/// long before or after them, past the time until which one holds, or between two looks at the light that
/// differ by more than the shoot's limits. Nothing where no chart was shot: that is the plan's affair.
std::vector<std::string> lightDoubts(const Day& day, const Setup& setup, Moment taken,
                                     const std::vector<WhiteSeen>& seen,
                                     const LightWatchOptions& options = {});

}  // namespace refero::plan
