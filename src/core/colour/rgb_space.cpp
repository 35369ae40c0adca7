// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/rgb_space.h"

#include <Eigen/LU>

#include "core/colour/adaptation.h"

namespace refero {

Matrix3 rgbToXyz(const Primaries& p) {
    const auto column = [](Chromaticity c) { return Vector3(c.x, c.y, 1 - c.x - c.y); };
    Matrix3 m;
    m << column(p.red), column(p.green), column(p.blue);
    const Vector3 scale = m.inverse() * whiteXyz(p.white).vector();
    return m * scale.asDiagonal();
}

Matrix3 rgbToXyzD50(const Primaries& p) {
    return adaptation(Adaptation::bradford, p.white, white::d50) * rgbToXyz(p);
}

const OutputSpaceInfo& info(OutputSpace space) {
    static const std::array<OutputSpaceInfo, 8> table{{
        {"xyz-d50", "CIE XYZ, D50", nullptr, Encoding::linear, true},
        {"linear-srgb", "Linear sRGB", &primaries::bt709, Encoding::linear, true},
        {"srgb", "sRGB", &primaries::bt709, Encoding::srgb, false},
        {"rec709", "BT.709", &primaries::bt709, Encoding::rec709, false},
        {"display-p3", "Display P3", &primaries::p3d65, Encoding::srgb, false},
        {"rec2020", "BT.2020", &primaries::bt2020, Encoding::rec2020, false},
        {"acescg", "ACEScg", &primaries::ap1, Encoding::linear, true},
        {"acescct", "ACEScct", &primaries::ap1, Encoding::acescct, true},
    }};
    return table[static_cast<std::size_t>(space)];
}

Result<OutputSpace> outputSpaceByName(std::string_view wanted) {
    for (OutputSpace s : kOutputSpaces)
        if (info(s).name == wanted) return s;
    std::string known;
    for (OutputSpace s : kOutputSpaces) known += (known.empty() ? "" : ", ") + std::string(info(s).name);
    return failure("There is no output space called \"" + std::string(wanted) + "\". Known are " + known +
                   ".");
}

Matrix3 xyzD50ToLinear(OutputSpace space) {
    const Primaries* p = info(space).primaries;
    return p ? Matrix3(rgbToXyzD50(*p).inverse()) : Matrix3(Matrix3::Identity());
}

}  // namespace refero
