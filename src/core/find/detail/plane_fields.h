// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "core/chart/patch_field.h"
#include "core/find/regions.h"

namespace refero::detail {

/// Fields beside a known one on the same plane: regions that are upright oblongs there, of one size, in even
/// rows and columns. One row is enough; at least four patches, of which three quarters are seen. Nearest
/// first, and no farther away than half the known field's longer side. `toPlane` leads from the regions'
/// picture to the plane in which `known` is given.
std::vector<PatchField> fieldsBeside(const PatchField& known, const std::vector<Region>& regions,
                                     const Homography& toPlane);

}  // namespace refero::detail
