// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>

#include "core/read/reading.h"

namespace refero {

/// By how much two chart shots of one scene differ in exposure and in the light's colour.
struct LightDifference {
    /// How much brighter the follower shows or records mid-grey than the leader, stops. Of pictures as they
    /// show it; else as a share of clipping.
    double stops = 0;
    bool asShown = false;  ///< both are pictures
    /// By how much the follower's grey is warmer (above 0) than the leader's, mired. Nothing where the two
    /// sensors or encodings cannot be compared.
    std::optional<double> mired;
};

/// Mired are told of two pictures, and of two scene-linear readings of one model, whose sensors see alike.
LightDifference lightDifference(const Reading& leader, const Reading& follower);

}  // namespace refero
