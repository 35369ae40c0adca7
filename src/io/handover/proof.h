// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <vector>

#include "core/fit/correction.h"
#include "io/handover/carried.h"
#include "io/handover/cube_file.h"
#include "io/handover/handover.h"
#include "io/handover/transform_chain.h"

namespace refero::io {

/// "OpenColorIO 2.1": the engine and its version.
std::string ocioName();

/// Linear camera RGB on which files are proved: the chart's patches at full, half and quarter level, and 4000
/// more that the correction takes into the gamut of the output. The same ones every time.
std::vector<Vector3> proofColours(const Correction& correction, OutputSpace space);

/// What a LUT of this size will differ by, from our own interpolation: quick, and good enough to choose a
/// size by. Of a chain, before it is written.
Proof expectedOf(const Cube& cube, const RepresentablePart& representable);
Result<Proof> expectedOf(const OCIO_NAMESPACE::GroupTransformRcPtr& chain,
                         const RepresentablePart& representable);

/// Reads any of OpenColorIO's kinds of file with it (LUTs by tetrahedral interpolation) and compares what it
/// does with what is carried.
Result<Proof> proveTransform(const std::filesystem::path& file, const RepresentablePart& representable);

/// Reads a configuration with OpenColorIO: the camera's space to its scene-linear one, and to its view.
Result<Proof> proveConfig(const std::filesystem::path& file, const RepresentablePart& representable,
                          const Finish& finish);

/// Reads a profile with Little CMS and compares its connection-space colours.
Result<Proof> proveIcc(const std::filesystem::path& file, const RepresentablePart& representable);

/// Reads a camera profile's tags with Exiv2 and does the specification's arithmetic with them.
Result<Proof> proveDcp(const std::filesystem::path& file, const RepresentablePart& representable);

}  // namespace refero::io
