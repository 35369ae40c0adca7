// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/colour_transform.h"

namespace refero {

Xyz ColourTransform::toXyzD50(const Vector3& cameraRgb) const {
    const Xyz scene = Xyz::from(colours(straightened(cameraRgb)));
    return look ? look->shown(scene) : scene;
}

Vector3 ColourTransform::straightened(const Vector3& cameraRgb) const {
    const Vector3 balanced = cameraRgb.cwiseProduct(gains * level);
    return greyCurves ? refero::straightened(balanced, *greyCurves) : balanced;
}

Lab ColourTransform::toLab(const Vector3& cameraRgb) const {
    return refero::toLab(toXyzD50(cameraRgb), white::d50);
}

std::optional<Matrix3> ColourTransform::cameraToXyzD50() const {
    if (!colours.isMatrix() || greyCurves || look) return {};
    return Matrix3(colours.base().coefficients() * (gains * level).asDiagonal());
}

}  // namespace refero
