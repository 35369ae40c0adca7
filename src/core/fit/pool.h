// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <string>
#include <vector>

#include "core/fit/fit.h"

namespace refero {

/// A chart shot that is to share a correction with others.
struct PoolMember {
    Reading reading;
    double weight = 1;  ///< how much it counts, above 0
    std::string name;
};

/// One correction for several setups of one body, or for the steps of a series: each shot is balanced and
/// levelled by its own greys, the patches are averaged by weight and noise, and a correction is fitted to
/// them. Its balance and level are the weighted geometric mean of theirs. `pool` of the result says what each
/// shot pays for sharing. Errors: fewer than two shots, other bodies, charts or encodings, no usable grey,
/// those of fit().
Result<Correction> pooled(std::span<const PoolMember> members, const FitOptions& options = {});

}  // namespace refero
