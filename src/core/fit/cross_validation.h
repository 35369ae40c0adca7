// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <stop_token>
#include <vector>

#include "core/fit/candidate.h"

namespace refero {

/// How the patches are taken away, patches of one colour (within 2 CIELAB units of each other) together, so
/// that no copy tells of another: `folds` groups of nearly equal size, in turn, `repeats` times in another
/// order. As many folds as patches is leave-one-out.
struct FoldPlan {
    std::size_t folds = 6;
    std::size_t repeats = 4;
    unsigned seed = 1;

    static FoldPlan leaveOneOut(std::size_t patches) { return {patches, 1, 1}; }
    /// What choices are made by.
    static FoldPlan repeated(std::size_t patches);
};

/// CIEDE2000 of each patch from fits that did not see it, averaged over the repeats; empty for a candidate
/// that could not be fitted to what was left. One list a candidate. Balance, level and
/// grey curves are made anew from the greys that are left.
using LeftOut = std::vector<std::vector<double>>;

/// `whole` is the view of all samples. Runs on all cores. Once stopped, what it gives is worth nothing.
LeftOut crossValidated(std::span<const Candidate> candidates, const Samples& samples,
                       const TrainingView& whole, const FoldPlan& plan, Effort effort = Effort::trial,
                       const std::stop_token& stop = {});

/// Of the mean of a - b, taken patch by patch.
double standardErrorOfDifference(std::span<const double> a, std::span<const double> b);

}  // namespace refero
