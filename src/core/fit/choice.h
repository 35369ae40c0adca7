// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <stop_token>

#include <string>
#include <vector>

#include "core/fit/cross_validation.h"
#include "core/fit/fit_report.h"
#include "core/fit/noise_gain.h"

namespace refero {

struct Choice {
    Candidate chosen;
    Colours colours;                    ///< of all samples
    std::vector<Contender> contenders;  ///< the chosen first, then the best of each other way
    std::string reason;                 ///< one sentence for a person
};

/// By repeated cross-validation and the cost in noise, never by the fit on the chart itself. It begins with
/// what does best over many cameras and lights (a root polynomial of degree 2 with training colours where the
/// chart has spectra, else a matrix), and another takes its place only when it does better on the left-out
/// patches by more than twice the standard error of the difference; three times, where it bends more or
/// raises chroma noise by more than a quarter over it. An error where none of the candidates can be fitted.
Result<Choice> chosen(std::span<const Candidate> candidates, const Samples& samples, const TrainingView& view,
                      const std::stop_token& stop = {});

}  // namespace refero
