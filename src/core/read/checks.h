// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "core/read/reading.h"

namespace refero {

/// A value in the good band passes; outside it but inside the tolerable one it is to be looked at; beyond
/// that the chart is to be shot again.
struct Band {
    double low, high;                    ///< good
    double tolerableLow, tolerableHigh;  ///< still usable
};

/// The limits that a reading is judged by; all common practice unless said otherwise.
struct Limits {
    /// Brightest channel of the lightest neutral, share of clipping, linear. 90 % of full scale in a display
    /// encoding is 0.79 in linear light; half of that still leaves the grey series clear of noise.
    Band exposure{0.40, 0.95, 0.15, 0.985};
    Band clipping{0, 0.001, 0, 0.02};     ///< share of clipped pixels in the worst patch
    Band buried{8, 1e9, 3, 1e9};          ///< darkest neutral's weakest channel over its own spread
    Band neutrality{0, 0.010, 0, 0.03};   ///< worst cast along the grey series, share, display-encoded
    Band sharePercent{2, 60, 0.7, 85};    ///< chart's area, per cent of the frame
    Band patchPixels{400, 1e9, 60, 1e9};  ///< measured in the smallest patch
    Band tilt{0, 15, 0, 32};              ///< degrees
};

Verdict judge(double value, const Band& band);

/// All first checks of a reading whose patches and corners are set.
std::vector<Check> judged(const Reading& reading, const Limits& limits = {});

/// The worst of them.
Verdict worst(const std::vector<Check>& checks);

}  // namespace refero
