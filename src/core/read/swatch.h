// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "core/frame/image.h"
#include "core/read/reading.h"

namespace refero {

/// How each patch looks balanced and levelled on the greys, camera RGB taken as linear sRGB; unbalanced where
/// no grey is usable. For showing, not for measuring.
std::vector<Lab> balancedLab(const Reading& reading);

/// The gains and level of that rendering: multiply camera RGB by this.
Vector3 viewingGains(const Reading& reading);

/// The same for scopes: display-encoded sRGB of the patches, in the chart's order, or of its greys alone.
std::vector<Vector3> balancedSrgb(const Reading& reading, bool greysAlone);

/// Gains to look at a frame with that has no reading to be balanced by: its light parts brought up, its
/// channels' means made alike within limits. Never for measuring.
Vector3 roughGains(const LinearImage& image);

}  // namespace refero
