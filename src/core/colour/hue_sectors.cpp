// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/hue_sectors.h"

#include <algorithm>
#include <cmath>

#include "core/colour/lab.h"

namespace refero {

HueSectors::Blend HueSectors::blendAt(double hueDegrees) {
    const double turns = hueDegrees / 360;
    const double at = (turns - std::floor(turns)) * kCount;
    const auto first = static_cast<std::size_t>(at) % kCount;
    return {first, (first + 1) % kCount, at - std::floor(at)};
}

double HueSectors::lightnessShare(double chroma) {
    constexpr double kFull = 40;
    return std::clamp(chroma / kFull, 0.0, 1.0);
}

Lab HueSectors::moved(const Lab& lab) const {
    Lch v = toLch(lab);
    const Blend b = blendAt(v.h);
    const Sector &one = sectors[b.first], &two = sectors[b.second];
    const auto blended = [&](double Sector::*part) { return one.*part + b.share * (two.*part - one.*part); };
    v.L += lightnessShare(v.C) * blended(&Sector::lightness);
    v.h += blended(&Sector::turnDegrees);
    v.C *= blended(&Sector::chroma);
    return toLab(v);
}

}  // namespace refero
