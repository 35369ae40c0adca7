// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>
#include <string>
#include <vector>

#include "core/fit/fit_limits.h"
#include "core/fit/model.h"
#include "core/read/taken_out.h"
#include "core/read/treatment.h"

namespace refero {

/// How a correction was fitted: what was asked for, what was taken, what was done to the readings before.
struct FitTerms {
    Model model = Model::matrix;
    Objective objective = Objective::leastSquares;
    bool training = false;  ///< fitted to generated colours as well; see Contender
    bool forLook = false;   ///< see Contender
    Intent intent = Intent::colorimetric;
    std::map<std::string, double> weights;  ///< how often a patch counted on top of the intent; by patch id
    std::string referenceLight = "d50";
    FitLimits limits;        ///< what it is judged by
    TakenOut lightTakenOut;  ///< of the readings before they were fitted
    /// What was mended in the readings before; those of the first reading first.
    std::vector<Treatment> treatments;
    bool asShot = false;  ///< nothing was to be mended
};

}  // namespace refero
