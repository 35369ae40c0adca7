// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/grey_candidate.h"

#include <Eigen/LU>
#include <cmath>
#include <cstdio>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/read/balance.h"
#include "core/say/figure.h"
#include "core/spectra/temperature.h"

namespace refero {
namespace {

// A difference of 1 is about what is just seen side by side; 3 is plain (common practice).
constexpr double kGrey = 1, kNearlyGrey = 3;

// What the chart's own colours say the camera's RGB stands for; white goes to white.
Matrix3 balancedToXyzD50(const Reading& reading) {
    if (reading.light && std::abs(reading.light->xyzToRgb.determinant()) > 1e-12) {
        const Matrix3 m = reading.light->xyzToRgb.inverse() * reading.light->white.asDiagonal();
        if (m.allFinite()) return m;
    }
    return rgbToXyzD50(primaries::bt709);
}

std::string wordsFor(const GreyCandidate& c) {
    if (c.verdict == Verdict::pass) return sayf("Grey within %.1f CIEDE2000", c.ciede2000);
    const bool mostlyWarm = std::abs(c.miredShift) > 400 * 6 * std::abs(c.duvShift);
    const std::string how = mostlyWarm ? (c.miredShift > 0 ? say("warmer") : say("colder"))
                                       : (c.duvShift > 0 ? say("greener") : say("more magenta"));
    return say("Not grey: %1, %2 CIEDE2000, %3 mired", how, figure("%.1f", c.ciede2000),
               figure("%+.0f", c.miredShift));
}

}  // namespace

Result<GreyCandidate> greyCandidate(const Vector3& rgb, const Reading& reading) {
    if (!rgb.allFinite() || !(rgb.minCoeff() > 1e-5))
        return failure(say("There is too little light in this region to balance on."));
    if (rgb.maxCoeff() > 0.985)
        return failure(
            say("This region is clipped: balancing on it would bring a cast that cannot be seen here."));
    const auto gains = neutralGains(reading);
    if (!gains) return failure(say("The chart has no usable grey to compare with."));
    GreyCandidate c;
    c.rgb = rgb;
    c.gains = Vector3::Constant(rgb.y()).cwiseQuotient(rgb);
    // Balanced on the candidate, a true grey keeps the quotient of the two balances.
    const Vector3 left = c.gains.cwiseQuotient(*gains);
    c.pictureGains = left / left.y();
    const double grey = toXyz(Lab{50, 0, 0, white::d50}).y;
    const Matrix3 toXyzD50 = balancedToXyzD50(reading);
    c.midGreyD50 = toLab(Xyz::from(toXyzD50 * (c.pictureGains * grey)), white::d50);
    c.ciede2000 = ciede2000(Lab{c.midGreyD50.L, 0, 0, white::d50}, c.midGreyD50);
    const auto neutral = colourTemperature(white::d50),
               shifted = colourTemperature(chromaticity(Xyz::from(toXyzD50 * left)));
    if (neutral && shifted) {
        c.miredShift = shifted->mired() - neutral->mired();
        c.duvShift = shifted->duv - neutral->duv;
    }
    c.verdict = c.ciede2000 <= kGrey         ? Verdict::pass
                : c.ciede2000 <= kNearlyGrey ? Verdict::review
                                             : Verdict::reshoot;
    c.words = wordsFor(c);
    return c;
}

}  // namespace refero
