// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/rgb_space.h"

#include <Eigen/LU>
#include <cmath>

#include "core/colour/adaptation.h"
#include "core/say/say.h"

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
    constexpr std::string_view kScene = word("scene light"), kWorking = word("scene light, for working in");
    static const std::array<OutputSpaceInfo, kOutputSpaces.size()> table{{
        {"xyz-d50", word("CIE XYZ, D50"), nullptr, Encoding::linear, true, false, kScene},
        {"linear-srgb", word("Linear sRGB"), &primaries::bt709, Encoding::linear, true, false, kWorking},
        {"srgb", "sRGB", &primaries::bt709, Encoding::srgb, false, true,
         word("display, sRGB at 80 cd/m2 in an office; full range")},
        {"rec709", word("BT.709, camera"), &primaries::bt709, Encoding::rec709, false, false,
         word("scene light through BT.709's camera curve; a BT.1886 display shows it darker")},
        {"display-p3", "Display P3", &primaries::p3d65, Encoding::srgb, false, true,
         word("display, P3 with sRGB's curve; full range")},
        {"rec2020", word("BT.2020, camera"), &primaries::bt2020, Encoding::rec2020, false, false,
         word("scene light through BT.2020's camera curve")},
        {"acescg", "ACEScg", &primaries::ap1, Encoding::linear, true, false, kWorking},
        {"acescct", "ACEScct", &primaries::ap1, Encoding::acescct, true, false,
         word("scene light, logarithmic, for grading")},
        {"bt1886", "BT.1886", &primaries::bt709, Encoding::bt1886, false, true,
         word("display of 100 cd/m2 in a dim room, gamma 2.4, black at 0")},
        {"p3-d65", "P3 D65", &primaries::p3d65, Encoding::gamma26, false, true,
         word("mastering display in the dark, gamma 2.6")},
        {"p3-dci", "P3 DCI", &primaries::p3dci, Encoding::gamma26, false, true,
         word("projector of 48 cd/m2 in the dark, gamma 2.6, the projector's own white")},
        {"rec2100-pq", "BT.2100 PQ", &primaries::bt2020, Encoding::pq, false, true,
         word("HDR display in a dim room, white at 203 cd/m2 (BT.2408)"), 203.0 / 10000},
        {"rec2100-hlg", "BT.2100 HLG", &primaries::bt2020, Encoding::hlg, false, true,
         word("HDR display of 1,000 cd/m2 in a dim room, white at 203 cd/m2 (BT.2408)"), 203.0 / 1000, 1.2},
        {"oprgb", "opRGB", &primaries::oprgb, Encoding::oprgb, false, true,
         word("display or print, IEC 61966-2-5; full range")},
        {"romm", "ROMM RGB", &primaries::romm, Encoding::romm, false, true,
         word("for editing, ISO 22028-2; its white is D50")},
        {"aces2065-1", "ACES2065-1", &primaries::ap0, Encoding::linear, true, false,
         word("scene light, for interchange and keeping")},
    }};
    return table[static_cast<std::size_t>(space)];
}

Result<OutputSpace> outputSpaceByName(std::string_view wanted) {
    for (OutputSpace s : kOutputSpaces)
        if (info(s).name == wanted) return s;
    std::string known;
    for (OutputSpace s : kOutputSpaces) known += (known.empty() ? "" : ", ") + std::string(info(s).name);
    return failure(say("There is no output space called \"%1\". Known are %2.", wanted, known));
}

Matrix3 xyzD50ToLinear(OutputSpace space) {
    const OutputSpaceInfo& s = info(space);
    return s.primaries ? Matrix3(s.white * rgbToXyzD50(*s.primaries).inverse())
                       : Matrix3(Matrix3::Identity());
}

namespace {

// BT.2100-2 table 4's luminance.
double luminance2020(const Vector3& rgb) {
    return rgb.dot(Vector3(0.2627, 0.6780, 0.0593));
}

}  // namespace

Vector3 sceneLight(const Vector3& displayLight, double systemGamma) {
    const double y = luminance2020(displayLight);
    return y > 0 ? Vector3(displayLight * std::pow(y, 1 / systemGamma - 1))
                 : Vector3(displayLight.cwiseMin(0));
}

Vector3 encoded(OutputSpace space, const Vector3& linear) {
    const OutputSpaceInfo& s = info(space);
    const Vector3 v = s.systemGamma == 1 ? linear : sceneLight(linear, s.systemGamma);
    return v.unaryExpr([&](double light) { return encode(s.encoding, light); });
}

Vector3 decoded(OutputSpace space, const Vector3& stored) {
    const OutputSpaceInfo& s = info(space);
    const Vector3 v = stored.unaryExpr([&](double number) { return decode(s.encoding, number); });
    if (s.systemGamma == 1) return v;
    const double y = luminance2020(v);
    return y > 0 ? Vector3(v * std::pow(y, s.systemGamma - 1)) : v;
}

}  // namespace refero
