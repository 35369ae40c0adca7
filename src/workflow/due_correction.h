// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <optional>
#include <stop_token>
#include <string>

#include "workflow/pairing.h"
#include "workflow/setup.h"
#include "workflow/whole_shoot.h"

namespace refero::workflow {

/// The correction that a setup waits for, and how it is built; `run` may be called on any thread.
struct DueCorrection {
    /// SetupOutcome::What::done: it is to be built. Else there is nothing to run, and this is why.
    SetupOutcome::What what = SetupOutcome::What::nothing;
    std::string step;  ///< its name for the history
    std::function<Result<Correction>(const std::stop_token&)> run{};
};

struct DueOptions {
    FitOptions wish{};
    bool anyway = false;  ///< also from a shot that is to be taken again
    bool again = false;   ///< also where there is one
};

/// What follows another camera is matched again where that has changed, never corrected on its own. An error
/// where its leader is gone or has nothing to follow. `leader` is that camera's setup, or null.
Result<DueCorrection> dueCorrection(const Setup& setup, const Setup* leader, const plan::Shoot& shoot,
                                    const DueOptions& options);

/// Of a shot that is to be taken again: a correction where its faults could be mended and what it promises
/// passes, else nothing; and what is said of it. ErrorKind::stopped where it was.
struct MendedCorrection {
    std::optional<Correction> correction;
    std::string why;
};
Result<MendedCorrection> mendedCorrection(const Setup& setup, const plan::Shoot& shoot,
                                          const std::stop_token& stop);

}  // namespace refero::workflow
