// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/encoding.h"

#include "core/say/say.h"

#include <algorithm>
#include <cmath>

namespace refero {
namespace {

// BT.2020-2: alpha and beta solve the two equations that make value and slope meet; BT.709 prints them
// rounded.
constexpr double kAlpha2020 = 1.09929682680944, kBeta2020 = 0.018053968510807;

constexpr double kOpRgb = 563.0 / 256;
constexpr double kRommToe = 1.0 / 512;  // printed as 0.001953; both sides meet there

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

// BT.2100-2 table 5.
constexpr double kHlgA = 0.17883277, kHlgB = 1 - 4 * kHlgA;
const double kHlgC = 0.5 - kHlgA * std::log(4 * kHlgA);

double encodeHlg(double v) {
    return v <= 1.0 / 12 ? std::sqrt(3 * v) : kHlgA * std::log(12 * v - kHlgB) + kHlgC;
}
double decodeHlg(double v) {
    return v <= 0.5 ? v * v / 3 : (std::exp((v - kHlgC) / kHlgA) + kHlgB) / 12;
}

// BT.2100-2 table 4. Above 1 the formula has a pole: continued straight with its slope there.
constexpr double kPqM1 = 2610.0 / 16384, kPqM2 = 2523.0 / 32, kPqC1 = 3424.0 / 4096, kPqC2 = 2413.0 / 128,
                 kPqC3 = 2392.0 / 128;
// d(ln light)/d(ln number) at 1, where numerator and denominator are both 1 - c1.
constexpr double kPqSlope = (1 / (1 - kPqC1) + kPqC3 / (kPqC2 - kPqC3)) / (kPqM1 * kPqM2);

double encodePq(double v) {
    if (v > 1) return 1 + (v - 1) / kPqSlope;
    const double y = std::pow(v, kPqM1);
    return std::pow((kPqC1 + kPqC2 * y) / (1 + kPqC3 * y), kPqM2);
}
double decodePq(double v) {
    if (v > 1) return 1 + (v - 1) * kPqSlope;
    const double p = std::pow(v, 1 / kPqM2);
    return std::pow(std::max(p - kPqC1, 0.0) / (kPqC2 - kPqC3 * p), 1 / kPqM1);
}

// Codes of 10 bits; a decade of light is 300 of them.
constexpr double kFilmWhite = 685, kFilmDecade = 0.6 / 0.002;
const double kFilmBlack = std::pow(10, (95 - kFilmWhite) / kFilmDecade);
const double kFilmAtZero = (std::pow(10, -kFilmWhite / kFilmDecade) - kFilmBlack) / (1 - kFilmBlack);
const double kFilmSlopeAtZero =
    1023 / kFilmDecade * std::log(10.0) * std::pow(10, -kFilmWhite / kFilmDecade) / (1 - kFilmBlack);

double encodeCineon(double v) {
    if (v < kFilmAtZero) return (v - kFilmAtZero) / kFilmSlopeAtZero;
    return (kFilmWhite + kFilmDecade * std::log10(v * (1 - kFilmBlack) + kFilmBlack)) / 1023;
}
double decodeCineon(double v) {
    if (v < 0) return kFilmAtZero + v * kFilmSlopeAtZero;
    return (std::pow(10, (1023 * v - kFilmWhite) / kFilmDecade) - kFilmBlack) / (1 - kFilmBlack);
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
        case Encoding::bt1886:
            return "bt1886";
        case Encoding::hlg:
            return "hlg";
        case Encoding::pq:
            return "pq";
        case Encoding::cineon:
            return "cineon";
        case Encoding::oprgb:
            return "oprgb";
        case Encoding::gamma26:
            return "gamma26";
        case Encoding::romm:
            return "romm";
    }
    return "";
}

Result<Encoding> encodingByName(std::string_view wanted) {
    for (Encoding e : kEncodings)
        if (name(e) == wanted) return e;
    std::string known;
    for (Encoding e : kEncodings)
        known += (known.empty() ? "" : e == kEncodings.back() ? " and " : ", ") + std::string(name(e));
    return failure(say("There is no encoding called \"%1\". Known are %2.", wanted, known));
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
        case Encoding::bt1886:
            return std::copysign(std::pow(m, 1 / 2.4), v);
        case Encoding::hlg:
            return std::copysign(encodeHlg(m), v);
        case Encoding::pq:
            return std::copysign(encodePq(m), v);
        case Encoding::cineon:
            return encodeCineon(v);
        case Encoding::oprgb:
            return std::copysign(std::pow(m, 1 / kOpRgb), v);
        case Encoding::gamma26:
            return std::copysign(std::pow(m, 1 / 2.6), v);
        case Encoding::romm:
            return std::copysign(m < kRommToe ? 16 * m : std::pow(m, 1 / 1.8), v);
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
        case Encoding::bt1886:
            return std::copysign(std::pow(m, 2.4), v);
        case Encoding::hlg:
            return std::copysign(decodeHlg(m), v);
        case Encoding::pq:
            return std::copysign(decodePq(m), v);
        case Encoding::cineon:
            return decodeCineon(v);
        case Encoding::oprgb:
            return std::copysign(std::pow(m, kOpRgb), v);
        case Encoding::gamma26:
            return std::copysign(std::pow(m, 2.6), v);
        case Encoding::romm:
            return std::copysign(m < 16 * kRommToe ? m / 16 : std::pow(m, 1.8), v);
    }
    return v;
}

}  // namespace refero
