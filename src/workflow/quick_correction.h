// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <stop_token>
#include <string>

#include "core/fit/correction.h"

namespace refero::workflow {

/// A chart shot as the camera drew it beside its raw file, and what its frames' pictures should look like.
struct QuickSource {
    std::string twin;        ///< path of the camera's own picture
    std::string reading;     ///< document of the raw file's: its chart
    std::string correction;  ///< document of the raw files': its finish
};

/// A correction of the camera's own pictures, within their encoding. Errors: the picture or a document cannot
/// be read, the chart is not found in it, the shot is too poor, ErrorKind::stopped.
Result<Correction> quickCorrection(const QuickSource& source, const std::stop_token& stop = {});

}  // namespace refero::workflow
