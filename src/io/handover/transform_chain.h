// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <OpenColorIO/OpenColorIO.h>

#include "core/colour/rgb_space.h"
#include "core/finish/finish.h"
#include "core/fit/colour_transform.h"

namespace refero::io {

/// A correction as OpenColorIO's own transforms: the feed's curve, then a matrix where it is one, else a 3D
/// LUT of `size` points a side between roots of light, then the finish and the output's curve. For files that
/// OpenColorIO writes. Negative light is kept as such.
OCIO_NAMESPACE::GroupTransformRcPtr chainOf(const ColourTransform& correction, const Transfer& inputEncoding,
                                            OutputSpace space, int size);

/// From a scene-linear space through a finish to a display: what a plate is judged by.
OCIO_NAMESPACE::GroupTransformRcPtr viewOf(const Finish& finish, OutputSpace sceneLinear,
                                           OutputSpace display);

/// The group as a Common LUT Format file (SMPTE ST 2136-1) with these lines as its description.
Result<std::string> clfText(const OCIO_NAMESPACE::GroupTransformRcPtr& group, const std::string& name,
                            const std::vector<std::string>& description);

}  // namespace refero::io
