// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>
#include <vector>

#include "core/read/reading.h"

namespace refero {

/// Exposure as the camera was set, stops: of two shots, the difference is by how much more light the second
/// records. Darkened by `ndStops` of filters. Nothing where the exposure time is not known; an unknown
/// aperture or sensitivity counts as one that is never changed.
std::optional<double> statedStops(const CameraSettings& settings, double ndStops = 0);

/// How chart shots of one scene differ in exposure, as the chart's patches show it.
struct ToldSteps {
    std::vector<double> stops;  ///< of each shot against the first
    std::vector<double> error;  ///< standard error, stops; infinite where no patch joins it to the first
    /// Root mean square by which its patches miss the common scene once step and colour are taken off, stops:
    /// of those that are measured to a twentieth of a stop.
    std::vector<double> missed;
};

/// By the levels of patches that are neither clipped nor buried, each channel of each patch with one unknown
/// level, by least squares with Huber's weights (Huber 1964). Errors: no shot, shots of different charts.
Result<ToldSteps> stepsByLevel(std::span<const Reading* const> shots);

/// The same for recordings that do not decode to the light of the scene, such as pictures with a look: the
/// greys of all shots are laid on one rising curve of whatever form. `stops` of shots that share no range of
/// the curve with the others have an infinite error.
Result<ToldSteps> stepsByGreys(std::span<const Reading* const> shots);

}  // namespace refero
