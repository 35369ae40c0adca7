// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <stop_token>
#include <string>
#include <vector>

#include "core/fit/fit.h"
#include "studio/studio.h"
#include "workflow/delivery.h"
#include "workflow/receivers.h"

namespace refero::workflow {

/// Which of a shoot's setups something is done for, and who hears of it.
struct ShootOptions {
    std::vector<studio::SetupId> only{};  ///< empty: all of them
    bool again = false;                   ///< also those that have it already
    std::stop_token stop{};
    /// Setup and its number, before its turn.
    std::function<void(const Setup&, std::size_t number, std::size_t all)> told{};
};

/// What became of one setup.
struct SetupOutcome {
    enum class What {
        done,
        already,  ///< it had it before
        nothing,  ///< there is nothing to do it with: no chart frame, no reading, no correction
        reshoot,  ///< its chart is to be shot again, so nothing is built on it
        failed,
    };
    studio::SetupId setup = 0;
    std::string name;  ///< light and place
    What what = What::done;
    std::string message{};             ///< why it failed
    std::vector<std::string> files{};  ///< that were written
    std::string job{};                 ///< path of the frames' job, written and not run; empty without frames
    std::optional<Verdict> verdict{};  ///< of its reading
    std::optional<double> after{};     ///< mean CIEDE2000 of its correction
};
std::string_view name(SetupOutcome::What what);

/// Reads the chart frames of the studio's latest shoot that were not read yet; each is a step.
Result<std::vector<SetupOutcome>> readAll(studio::Studio& studio, const ShootOptions& options = {});

/// Builds corrections for readings that have none, each a step. Readings that are to be shot again are left
/// unless `anyway`.
Result<std::vector<SetupOutcome>> correctAll(studio::Studio& studio, const FitOptions& wish, bool anyway,
                                             const ShootOptions& options = {});

/// Lends corrections to setups that have none of their own and wait for none; see loanTask. A loan that is no
/// longer the best is replaced.
Result<std::vector<SetupOutcome>> lendAll(studio::Studio& studio, const ShootOptions& options = {});

/// Hands setups over to a receiver, into a folder: those that it does not have, and new frames of those that
/// it has. Frames are left as a job that `refero-cli batch` carries out.
Result<std::vector<SetupOutcome>> handOverAll(studio::Studio& studio, Receiver receiver,
                                              const std::string& folder, io::Collision collisions,
                                              const Print& print, const ShootOptions& options = {});

}  // namespace refero::workflow
