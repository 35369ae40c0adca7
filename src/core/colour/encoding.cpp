// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/encoding.h"

#include <cmath>

namespace refero {
namespace {

// BT.2020-2: alpha and beta solve the two equations that make value and slope meet; BT.709 prints them
// rounded.
constexpr double kAlpha2020 = 1.09929682680944, kBeta2020 = 0.018053968510807;

double encodeSrgb(double v) {
    return v <= 0.0031308 ? 12.92 * v : 1.055 * std::pow(v, 1 / 2.4) - 0.055;
}
double decodeSrgb(double v) {
    return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
}

double encodeTv(double v, double alpha, double beta) {
    return v < beta ? 4.5 * v : alpha * std::pow(v, 0.45) - (alpha - 1);
}
double decodeTv(double v, double alpha, double beta) {
    return v < 4.5 * beta ? v / 4.5 : std::pow((v + alpha - 1) / alpha, 1 / 0.45);
}

double encodeAcescct(double v) {
    return v <= 0.0078125 ? 10.5402377416545 * v + 0.0729055341958355 : (std::log2(v) + 9.72) / 17.52;
}
double decodeAcescct(double v) {
    return v <= 0.155251141552511 ? (v - 0.0729055341958355) / 10.5402377416545 : std::exp2(v * 17.52 - 9.72);
}

}  // namespace

std::string_view name(Encoding encoding) {
    switch (encoding) {
        case Encoding::linear:
            return "linear";
        case Encoding::srgb:
            return "srgb";
        case Encoding::rec709:
            return "rec709";
        case Encoding::rec2020:
            return "rec2020";
        case Encoding::gamma22:
            return "gamma22";
        case Encoding::acescct:
            return "acescct";
    }
    return "";
}

Result<Encoding> encodingByName(std::string_view wanted) {
    for (Encoding e : kEncodings)
        if (name(e) == wanted) return e;
    return failure("There is no encoding called \"" + std::string(wanted) +
                   "\". Known are linear, srgb, rec709, rec2020, gamma22 and acescct.");
}

double encode(Encoding encoding, double v) {
    const double m = std::abs(v);
    switch (encoding) {
        case Encoding::linear:
            return v;
        case Encoding::srgb:
            return std::copysign(encodeSrgb(m), v);
        case Encoding::rec709:
            return std::copysign(encodeTv(m, 1.099, 0.018), v);
        case Encoding::rec2020:
            return std::copysign(encodeTv(m, kAlpha2020, kBeta2020), v);
        case Encoding::gamma22:
            return std::copysign(std::pow(m, 1 / 2.2), v);
        case Encoding::acescct:
            return encodeAcescct(v);
    }
    return v;
}

double decode(Encoding encoding, double v) {
    const double m = std::abs(v);
    switch (encoding) {
        case Encoding::linear:
            return v;
        case Encoding::srgb:
            return std::copysign(decodeSrgb(m), v);
        case Encoding::rec709:
            return std::copysign(decodeTv(m, 1.099, 0.018), v);
        case Encoding::rec2020:
            return std::copysign(decodeTv(m, kAlpha2020, kBeta2020), v);
        case Encoding::gamma22:
            return std::copysign(std::pow(m, 2.2), v);
        case Encoding::acescct:
            return decodeAcescct(v);
    }
    return v;
}

}  // namespace refero
