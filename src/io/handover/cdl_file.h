// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <string>

#include "core/colour/rgb_space.h"
#include "core/fit/colour_transform.h"
#include "core/grade/cdl.h"

namespace refero::io {

/// The decision list that comes nearest to the correction with its finish, from camera RGB in `feed` to the
/// encoded numbers of `space`, on these colours (linear camera RGB).
Result<Cdl> cdlFor(const ColourTransform& correction, const Transfer& inputEncoding, OutputSpace space,
                   std::span<const Vector3> colours);

/// A file of the list's own XML (ASC CDL 1.2), written by OpenColorIO.
Result<std::string> cdlFile(const Cdl& cdl, const std::string& id, const std::string& description);

}  // namespace refero::io
