// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "core/read/reading.h"

namespace refero {

/// How well an encoding agrees with a chart's greys.
struct EncodingFit {
    Transfer encoding;
    double errorStops = 0;  ///< root mean square, of the greys' light against their reflectances
};

/// Undoes the reading's encoding and tries the others: the right one makes the greys' light rise as their
/// reflectances do. Best first. Empty where fewer than four usable greys span less than two stops. Greys
/// under 3 % are left out, since flare lifts them under any encoding.
std::vector<EncodingFit> encodingFits(const Reading& reading, const std::vector<Transfer>& candidates);

/// The one to propose instead of an assumed one: it fits within 0.15 stops and twice as well. Nothing where
/// the assumed one is as good as any.
std::vector<EncodingFit> betterEncodings(const Reading& reading, const std::vector<Transfer>& candidates);

}  // namespace refero
