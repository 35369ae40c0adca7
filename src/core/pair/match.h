// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>
#include <memory>
#include <span>
#include <string>
#include <vector>

#include "core/fit/fit.h"
#include "core/pair/leader.h"
#include "core/pair/light_difference.h"
#include "core/pair/steps.h"
#include "core/pair/unreachable.h"

namespace refero {

struct MatchOptions {
    FitOptions fit;     ///< its aim, finish and reference light are set by the match
    StepSet held = {};  ///< steps that are not taken
    /// The last step that is taken; all are where it is not given.
    std::optional<std::size_t> stopAfter = {};
    bool tellUnreachable = true;  ///< what cannot meet

    StepSet taken() const;
};

/// One camera made to look like another.
struct Match {
    Correction correction;           ///< the follower's, towards the leader; with the steps that are taken
    std::vector<StepFigures> steps;  ///< before the first, after the first, ...
    LightDifference light;
    std::shared_ptr<const StepwiseMatch> stepwise;  ///< the whole match, to be looked at step by step
    std::shared_ptr<const Correction> leaderView;   ///< through which the leader's pictures are seen
    Unreachable unreachable;                        ///< empty where it cannot be told
    double milliseconds = 0;                        ///< that it took
};

/// Errors: those of aimOf() and fit(), one frame on both sides, steps that cannot be held back alone.
Result<Match> matched(const Leader& leader, std::span<const Reading> follower,
                      const MatchOptions& options = {});

}  // namespace refero
