// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "core/read/reading.h"
#include "core/result.h"

namespace refero {

/// Something in a frame that might serve as a grey to balance on, held against the chart's neutrals in the
/// same light.
struct GreyCandidate {
    Vector3 rgb{0, 0, 0};    ///< linear, mean of its region
    Vector3 gains{1, 1, 1};  ///< that make it grey, relative to green
    /// What a true mid-grey (L* 50) would look like if the picture were balanced on it, by the 3x3 that the
    /// chart's colours tell of the camera (where there is none, camera RGB is taken as linear sRGB).
    Lab midGreyD50;
    /// What camera RGB balanced on the chart must be multiplied by to be balanced on this.
    Vector3 pictureGains{1, 1, 1};
    double ciede2000 = 0;   ///< of that from grey
    double miredShift = 0;  ///< of the picture; positive is warmer
    double duvShift = 0;    ///< positive is greener
    Verdict verdict = Verdict::pass;
    std::string words;  ///< "Grey within 0.4 CIEDE2000" or the cast it would bring to the picture
};

/// Errors: the reading has no usable grey, the region is black or clipped.
Result<GreyCandidate> greyCandidate(const Vector3& rgb, const Reading& reading);

}  // namespace refero
