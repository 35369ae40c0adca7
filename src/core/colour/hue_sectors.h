// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>

#include "core/colour/xyz.h"

namespace refero {

/// Twelve moves around the hue circle of CIELAB (D50), centred on 0, 30 ... 330 degrees and blended between
/// neighbours: what a program with hue controls alone can do. Greys do not move.
struct HueSectors {
    static constexpr int kCount = 12;
    struct Sector {
        double turnDegrees = 0;  ///< of hue, towards larger angles
        double chroma = 1;       ///< times
        double lightness = 0;    ///< in L*, of a colour of chroma 40 or more; less below
        friend bool operator==(const Sector&, const Sector&) = default;
    };
    std::array<Sector, kCount> sectors{};

    static double centreDegrees(int sector) { return 360.0 / kCount * sector; }
    /// The two sectors whose moves a hue blends, and the share of the second.
    struct Blend {
        std::size_t first, second;
        double share;
    };
    static Blend blendAt(double hueDegrees);
    /// How much of a lightness move a colour of that chroma gets, 0 to 1.
    static double lightnessShare(double chroma);

    Lab moved(const Lab& labD50) const;

    friend bool operator==(const HueSectors&, const HueSectors&) = default;
};

}  // namespace refero
