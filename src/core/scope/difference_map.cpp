// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/scope/difference_map.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>

#include "core/colour/difference.h"
#include "core/colour/lab.h"

namespace refero {
namespace {

Lab labOf(const float* xyz) {
    // Black has no colour; below it neither.
    const Vector3 v = Vector3(xyz[0], xyz[1], xyz[2]).cwiseMax(0);
    return toLab(Xyz::from(v), white::d50);
}

}  // namespace

DifferenceMap differenceMap(const LinearImage& image, const Rendering& one, const Rendering& other) {
    DifferenceMap out;
    out.width = image.width();
    out.height = image.height();
    out.differences.resize(image.pixels());
    const EncodedImage a = render(image, one), b = render(image, other);
    tbb::parallel_for(0, out.height, [&](int y) {
        const float *from = a.row(y), *to = b.row(y);
        float* line =
            out.differences.data() + static_cast<std::size_t>(y) * static_cast<std::size_t>(out.width);
        for (int x = 0; x < out.width; ++x, from += 3, to += 3) {
            const double d = ciede2000(labOf(from), labOf(to));
            line[x] = std::isfinite(d) ? static_cast<float>(d) : 0.0f;
        }
    });
    out.figures = spread({out.differences.begin(), out.differences.end()});
    return out;
}

GamutWarning gamutWarning(const LinearImage& image, const Rendering& rendering) {
    constexpr float kWhite = 1.0005f, kNearly = 0.95f, kBelow = -0.002f;
    Rendering linear = rendering;
    linear.encoding = Encoding::linear;
    const EncodedImage light = render(image, linear);
    GamutWarning out;
    out.width = image.width();
    out.height = image.height();
    out.marks.resize(image.pixels());
    std::size_t counts[5] = {};
    const float* v = light.values().data();
    for (unsigned char& mark : out.marks) {
        const float high = std::max({v[0], v[1], v[2]}), low = std::min({v[0], v[1], v[2]});
        mark = low < kBelow     ? GamutWarning::outside
               : high > kWhite  ? GamutWarning::clipped
               : high > kNearly ? GamutWarning::nearly
                                : GamutWarning::inside;
        ++counts[mark];
        v += 3;
    }
    const auto all = static_cast<double>(std::max<std::size_t>(out.marks.size(), 1));
    out.clippedShare = static_cast<double>(counts[GamutWarning::clipped]) / all;
    out.nearlyShare = static_cast<double>(counts[GamutWarning::nearly]) / all;
    out.outsideShare = static_cast<double>(counts[GamutWarning::outside]) / all;
    return out;
}

}  // namespace refero
