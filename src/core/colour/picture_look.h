// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/colour/root_curve.h"
#include "core/colour/xyz.h"
#include "core/result.h"

namespace refero {

/// How a picture shows the light of a scene: a rising curve a channel, over linear RGB of its own primaries.
/// The curves hold balance, level and contrast of the picture. The clip point is not part of it.
struct PictureLook {
    Matrix3 xyzD50ToRgb = Matrix3::Identity();  ///< of D50's white, (1, 1, 1)
    GreyCurves curves;                          ///< strictly rising

    /// XYZ (D50) of the scene to XYZ (D50) of the picture.
    Xyz shown(const Xyz& scene) const;
    /// The inverse of `shown`.
    Xyz undone(const Xyz& picture) const;
    /// The Jacobian of `shown`: how the picture's X, Y and Z change with the scene's.
    Matrix3 slope(const Xyz& scene) const;

    /// Errors: a matrix that does not map D50's white to (1, 1, 1) or has no inverse; a curve that is level
    /// somewhere.
    Status validate() const;

    friend bool operator==(const PictureLook&, const PictureLook&) = default;
};

/// The inverse of a strictly rising curve; beyond its range the last step goes on.
double undone(const RootCurve& curve, double light);

}  // namespace refero
