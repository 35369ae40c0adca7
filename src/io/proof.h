// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <vector>

#include "core/fit/correction.h"
#include "io/cube_file.h"
#include "io/handover.h"

namespace refero::io {

/// Linear camera RGB on which files are proved: the chart's patches at full, half and quarter level, and 4000
/// more that the correction takes into the gamut of the output. The same ones every time.
std::vector<Vector3> proofColours(const Correction& correction, OutputSpace space);

/// What a LUT of this size will differ by, from our own interpolation: quick, and good enough to choose a
/// size by.
Proof expectedOf(const Cube& cube, const Correction& correction);

/// Reads a LUT with OpenColorIO (tetrahedral interpolation) and compares it.
Result<Proof> proveCube(const std::filesystem::path& file, const Correction& correction,
                        const Transfer& encoding, OutputSpace space);

/// Reads a profile with Little CMS and compares its connection-space colours.
Result<Proof> proveIcc(const std::filesystem::path& file, const Correction& correction,
                       const Transfer& encoding);

}  // namespace refero::io
