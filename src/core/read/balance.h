// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>
#include <vector>

#include "core/read/reading.h"

namespace refero {

/// The neutral patches of a reading that carry usable signal, lightest first, as indices into its patches. A
/// patch with more than 1 % clipped pixels is left out, and so is one whose weakest channel is not 4 times
/// its own spread above 0; and one that is grey by chance: without a spectrum, away from the other greys, and
/// seen otherwise than they.
std::vector<std::size_t> usableNeutrals(const Reading& reading);

/// Channel gains that make the neutrals grey, relative to green: gains * rgb has R = G = B. All usable
/// neutrals count, weighted by signal; each one's small departure from grey in the reference is allowed for
/// by its D50 linear sRGB. Nothing where no neutral is usable.
std::optional<Vector3> neutralGains(const Reading& reading);

/// Linear camera RGB of a perfect diffuser in the chart's light: the median of what the greys above Y 0.05
/// say, so that neither a finger nor veil sets it. Zero where no grey is usable.
Vector3 whiteSeen(const Reading& reading);

/// The factor that, after `gains`, brings the usable neutrals to their reference Y; weighted by signal, so
/// that flare in the blacks does not set it. `referenceY` is per patch of the chart. There must be a usable
/// neutral.
double neutralLevel(const Reading& reading, const Vector3& gains, std::span<const double> referenceY);
/// The same for the reference under D50.
double neutralLevel(const Reading& reading, const Vector3& gains);

/// How far a patch is from grey after `gains`: the largest departure of a channel's ratio to green from what
/// its reference has, as a share (0.01 is 1 %) of display-encoded values (gamma 2.2), in which the trade
/// states it.
double castOf(const Reading& reading, std::size_t patch, const Vector3& gains);

/// The standard error of that, from the noise of the patch's mean.
double castError(const Reading& reading, std::size_t patch);

}  // namespace refero
