// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>

#include "core/fit/correction.h"

namespace refero {

/// The 3x3 from balanced, levelled camera RGB to XYZ (D50) that comes nearest to the correction on these
/// colours (linear camera RGB) and keeps white. A correction that is a matrix gives its own. The finish is
/// left out. Errors: fewer than three colours, colours that do not tell nine numbers apart.
Result<Matrix3> nearestMatrix(const ColourTransform& correction, std::span<const Vector3> cameraRgb);

/// The correction with its bending left out: balance, level and that matrix.
Correction withMatrix(const Correction& correction, const Matrix3& balancedToXyzD50);

}  // namespace refero
