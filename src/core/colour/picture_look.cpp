// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/picture_look.h"

#include "core/say/say.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>

namespace refero {

double undone(const RootCurve& curve, double light) {
    constexpr double kStep = RootCurve::kRange / (RootCurve::kPoints - 1);
    const auto& roots = curve.roots();
    const double root = std::sqrt(std::abs(light));
    const auto above = std::upper_bound(roots.begin() + 1, roots.end() - 1, root);
    const auto i = static_cast<std::size_t>(above - roots.begin()) - 1;
    const double rise = std::max(double(roots[i + 1]) - roots[i], 1e-9);
    return std::copysign(fromRoot((static_cast<double>(i) + (root - roots[i]) / rise) * kStep), light);
}

Xyz PictureLook::shown(const Xyz& scene) const {
    return Xyz::from(xyzD50ToRgb.inverse() * straightened(xyzD50ToRgb * scene.vector(), curves));
}

Xyz PictureLook::undone(const Xyz& picture) const {
    Vector3 rgb = xyzD50ToRgb * picture.vector();
    for (int c = 0; c < 3; ++c) rgb(c) = refero::undone(curves[static_cast<std::size_t>(c)], rgb(c));
    return Xyz::from(xyzD50ToRgb.inverse() * rgb);
}

Matrix3 PictureLook::slope(const Xyz& scene) const {
    const Vector3 rgb = xyzD50ToRgb * scene.vector();
    const Vector3 slopes(curves[0].slope(rgb.x()), curves[1].slope(rgb.y()), curves[2].slope(rgb.z()));
    return xyzD50ToRgb.inverse() * slopes.asDiagonal() * xyzD50ToRgb;
}

Status PictureLook::validate() const {
    if (!xyzD50ToRgb.allFinite() || !(std::abs(xyzD50ToRgb.determinant()) > 1e-9))
        return failure(say("The look's primaries have no inverse."));
    if (!((xyzD50ToRgb * whiteXyz(white::d50).vector() - Vector3::Ones()).norm() < 1e-3))
        return failure(say("The look's primaries do not make D50's white of equal parts."));
    for (const RootCurve& curve : curves)
        for (std::size_t i = 1; i < RootCurve::kPoints; ++i)
            if (!(curve.roots()[i] > curve.roots()[i - 1]))
                return failure(say("The look's curves must rise everywhere."));
    return {};
}

}  // namespace refero
