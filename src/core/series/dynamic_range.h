// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>

#include "core/read/reading.h"

namespace refero {

/// Light between clipping and the level at which one pixel's green is as noisy as the limit allows, after the
/// idea of ISO 15739's dynamic range, whose limit is 1; of the pixels of the file as they are, not scaled.
struct DynamicRange {
    double stops = 0;
    double clipping = 1;     ///< linear green, where the recording ends
    double darkest = 0;      ///< linear green with that signal to noise
    double limit = 2;        ///< signal to noise
    bool continued = false;  ///< the darkest patch is cleaner than that: the noise seen was continued
    bool atLeast = false;    ///< by the two stops that this is sensible for; the range is larger
};

/// Over all patches of a profile's shots. Nothing where the noise is not known: fewer than six levels of
/// it.
std::optional<DynamicRange> dynamicRange(std::span<const Reading* const> shots, double limit = 2);

/// Where a recording clips: linear, per channel; the most that a clipped patch shows, 1 where none is.
Vector3 clippingLevel(std::span<const Reading* const> shots);

}  // namespace refero
