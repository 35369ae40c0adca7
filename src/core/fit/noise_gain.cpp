// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/noise_gain.h"

#include <algorithm>
#include <cmath>

#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"

namespace refero {
namespace {

constexpr double kNearlyBlack = 0.03;  // Y

// Of L*, a* and b*, to first order about the colour.
Matrix3 labCovariance(const Colours& colours, const Vector3& rgb, const Matrix3& noise) {
    const Matrix3 slope = labSlope(Xyz::from(colours(rgb)), white::d50) * colours.slope(rgb);
    return slope * noise * slope.transpose();
}

Vector3 linearDeviation(const Colours& colours, const Vector3& rgb, const Matrix3& noise) {
    static const Matrix3 toLinear = xyzD50ToLinear(OutputSpace::linearSrgb);
    const Matrix3 slope = toLinear * colours.slope(rgb);
    return (slope * noise * slope.transpose()).diagonal().cwiseMax(0).cwiseSqrt();
}

double chromaOf(const Matrix3& lab) {
    return std::sqrt(std::max(0.0, lab(1, 1) + lab(2, 2)));
}

}  // namespace

AmplifiedNoise noiseAmplificationOf(const Colours& colours, const Samples& s) {
    const Colours balance = RootPolynomial(rgbToXyzD50(primaries::bt709));
    AmplifiedNoise out;
    Vector3 after = Vector3::Zero(), before = Vector3::Zero();
    double chroma = 0, chromaBefore = 0, worst = 0;
    for (std::size_t i = 0; i < s.size(); ++i) {
        PatchNoise p;
        const Matrix3 lab = labCovariance(colours, s.rgb[i], s.noise[i]);
        p.chroma = chromaOf(lab);
        p.chromaBalanced = chromaOf(labCovariance(balance, s.rgb[i], s.noise[i]));
        p.linear = linearDeviation(colours, s.rgb[i], s.noise[i]);
        p.linearBalanced = linearDeviation(balance, s.rgb[i], s.noise[i]);
        after += p.linear.cwiseAbs2();
        before += p.linearBalanced.cwiseAbs2();
        chroma += p.chroma * p.chroma;
        chromaBefore += p.chromaBalanced * p.chromaBalanced;
        if (s.reference[i].y > kNearlyBlack) worst = std::max(worst, p.chroma);
        out.patches.push_back(p);
    }
    if (!(chromaBefore > 0) || !(before.minCoeff() > 0)) return out;
    out.price.gain = after.cwiseQuotient(before).cwiseSqrt();
    out.price.chroma = std::sqrt(chroma / static_cast<double>(s.size()));
    out.price.chromaGain = std::sqrt(chroma / chromaBefore);
    if (worst > 0) out.price.stopsToBlotches = 2 * std::log2(kBlotches / worst);
    return out;
}

}  // namespace refero
