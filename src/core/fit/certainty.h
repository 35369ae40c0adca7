// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <stop_token>

#include "core/fit/candidate.h"
#include "core/fit/fit_report.h"

namespace refero {

struct CertaintyOptions {
    std::size_t resamples = 100;
    double chartTolerance =
        0.3;  ///< CIEDE2000, root mean square, by which a copy differs from its definition
    unsigned seed = 1;
    std::stop_token stop{};  ///< once stopped, there is nothing
};

/// The intervals of a correction's figures by the bootstrap: readings and references are moved by what they
/// are uncertain by, balanced anew, and the same candidate is fitted to them again. The truth is what the
/// figure would be with readings without noise and the copy's own colours. Figures grow by noise; the
/// intervals allow for it. Runs on all cores. Nothing where a resample could not be fitted.
std::optional<Certainty> certaintyOf(const Candidate& candidate, const PreparedChart& chart,
                                     const PreparationOptions& preparation, const TrainingView& view,
                                     const CertaintyOptions& options = {});

}  // namespace refero
