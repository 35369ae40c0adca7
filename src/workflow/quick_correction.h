// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <stop_token>
#include <string>
#include <vector>

#include "core/chart/chart.h"
#include "core/fit/correction.h"

namespace refero::workflow {

/// A chart shot as the camera drew it beside its raw file, and what its frames' pictures should look like.
struct QuickSource {
    std::string twin;           ///< path of the camera's own picture
    std::vector<Chart> charts;  ///< that it may show
    Finish finish;              ///< of the raw files' correction
};

/// A correction of the camera's own pictures, within their encoding. Errors: the picture cannot be read, no
/// chart is found in it, the shot is too poor, ErrorKind::stopped.
Result<Correction> quickCorrection(const QuickSource& source, const std::stop_token& stop = {});

}  // namespace refero::workflow
