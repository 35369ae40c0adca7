// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/pair/light_difference.h"

#include <Eigen/LU>
#include <cmath>

#include "core/colour/rgb_space.h"
#include "core/pair/picture_look_of.h"
#include "core/read/balance.h"
#include "core/spectra/temperature.h"

namespace refero {
namespace {

// The chromaticity about which a picture's neutral looks neutral: of its own display's white.
std::optional<double> miredOf(const Vector3& linearBt709) {
    const Vector3 xyz = rgbToXyz(primaries::bt709) * linearBt709;
    const double sum = xyz.sum();
    if (!(sum > 0)) return {};
    const auto t = colourTemperature({xyz.x() / sum, xyz.y() / sum});
    if (!t) return {};
    return t->mired();
}

// Linear BT.709 of what a picture makes of mid-grey.
std::optional<Vector3> greyShown(const Reading& r) {
    const Matrix3 toBt709 = xyzD50ToLinear(OutputSpace::linearSrgb);
    const auto shown = shownReading(r, toBt709);
    const auto look = shown ? pictureLookOf(r, *shown) : std::nullopt;
    if (!look) return {};
    return midGrey(*look);
}

double luminance(const Vector3& bt709) {
    return (rgbToXyz(primaries::bt709) * bt709).y();
}

}  // namespace

LightDifference lightDifference(const Reading& leader, const Reading& follower) {
    LightDifference out;
    const auto a = greyShown(leader), b = greyShown(follower);
    if (a && b) {
        out.asShown = true;
        out.stops = std::log2(luminance(*b) / luminance(*a));
        const auto one = miredOf(*a), other = miredOf(*b);
        if (one && other) out.mired = *other - *one;
        return out;
    }
    const Vector3 whiteA = whiteSeen(leader), whiteB = whiteSeen(follower);
    if (!(whiteA.minCoeff() > 0) || !(whiteB.minCoeff() > 0)) return out;
    out.stops = std::log2(whiteB.maxCoeff() / whiteA.maxCoeff());
    if (!leader.body.empty() && leader.body == follower.body && !a && !b)
        out.mired = miredBetween(whiteA, whiteB);
    return out;
}

}  // namespace refero
