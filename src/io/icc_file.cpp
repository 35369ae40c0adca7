// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/icc_file.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdint>
#include <utility>
#include <vector>

namespace refero::io {
namespace {

// Big-endian fields of ISO 15076-1, clause 4 and 10.
void u16(std::string& out, unsigned v) {
    out += static_cast<char>(v >> 8);
    out += static_cast<char>(v);
}
void u32(std::string& out, std::uint32_t v) {
    u16(out, v >> 16);
    u16(out, v & 0xFFFF);
}
void fixed(std::string& out, double v) {  // s15Fixed16Number
    u32(out, static_cast<std::uint32_t>(static_cast<std::int32_t>(std::lround(v * 65536))));
}
std::string typed(const char* signature) {
    return std::string(signature, 4) + std::string(4, '\0');
}

std::string xyzType(const Vector3& v) {
    std::string out = typed("XYZ ");
    for (int i = 0; i < 3; ++i) fixed(out, v(i));
    return out;
}

// multiLocalizedUnicodeType with one record; text outside ASCII is replaced, since UTF-16 of names is of no
// use here.
std::string textType(const std::string& text) {
    std::string out = typed("mluc");
    u32(out, 1);
    u32(out, 12);
    out += "enUS";
    u32(out, static_cast<std::uint32_t>(2 * text.size()));
    u32(out, 28);
    for (const char c : text)
        u16(out, static_cast<unsigned char>(c) < 128 ? static_cast<unsigned char>(c) : '?');
    return out;
}

// parametricCurveType: function 0 is X^g; function 3 is (aX + b)^g from d up and cX below.
std::string power(double g) {
    std::string out = typed("para");
    u16(out, 0);
    u16(out, 0);
    fixed(out, g);
    return out;
}
std::string piecewise(double g, double a, double b, double c, double d) {
    std::string out = typed("para");
    u16(out, 3);
    u16(out, 0);
    for (const double v : {g, a, b, c, d}) fixed(out, v);
    return out;
}

// curveType: evenly spaced values from 0 to 1, joined by straight lines.
Result<std::string> sampled(const Transfer& transfer) {
    constexpr unsigned kPoints = 4096;
    if (transfer.decode(0) < -1e-4)
        return failure("An ICC profile cannot hold the curve \"" + std::string(transfer.name()) +
                       "\", which begins below no light. Write a .cube for it.");
    std::string out = typed("curv");
    u32(out, kPoints);
    for (unsigned i = 0; i < kPoints; ++i)
        u16(out, static_cast<unsigned>(
                     std::lround(65535 * std::clamp(transfer.decode(double(i) / (kPoints - 1)), 0.0, 1.0))));
    return out;
}

Result<std::string> curve(const Transfer& transfer) {
    if (!transfer.named()) return sampled(transfer);
    const auto tv = [](double alpha, double beta) {
        return piecewise(1 / 0.45, 1 / alpha, (alpha - 1) / alpha, 1 / 4.5, 4.5 * beta);
    };
    switch (*transfer.named()) {
        case Encoding::linear:
            return power(1);
        case Encoding::srgb:
            return piecewise(2.4, 1 / 1.055, 0.055 / 1.055, 1 / 12.92, 0.04045);
        case Encoding::rec709:
            return tv(1.099, 0.018);
        case Encoding::rec2020:
            return tv(1.09929682680944, 0.018053968510807);
        case Encoding::gamma22:
            return power(2.2);
        case Encoding::bt1886:
            return power(2.4);
        case Encoding::hlg:
        case Encoding::pq:
            return sampled(transfer);
        case Encoding::acescct:
        case Encoding::cineon:
            break;
    }
    return failure("An ICC matrix profile cannot undo " + std::string(transfer.name()) +
                   ", whose linear values go beyond 1. Write a .cube for it.");
}

}  // namespace

Result<std::string> iccProfile(const Correction& c, const Transfer& encoding) {
    const auto trc = curve(encoding);
    if (!trc) return trc;
    const Matrix3 m = c.cameraToXyzD50();
    if (!(m.cwiseAbs().maxCoeff() < 32000))
        return failure("The correction's gain is too large for an ICC profile.");
    const std::vector<std::pair<std::string, std::string>> tags{
        {"desc", textType(c.name)},
        {"cprt", textType("No copyright; use freely.")},
        {"wtpt", xyzType(whiteXyz(white::d50).vector())},
        {"rXYZ", xyzType(m.col(0))},
        {"gXYZ", xyzType(m.col(1))},
        {"bXYZ", xyzType(m.col(2))},
        {"rTRC", *trc},
        {"gTRC", *trc},
        {"bTRC", *trc},
    };
    std::string table, data;
    u32(table, static_cast<std::uint32_t>(tags.size()));
    const std::size_t start = 128 + 4 + 12 * tags.size();
    for (const auto& [signature, content] : tags) {
        table += signature;
        u32(table, static_cast<std::uint32_t>(start + data.size()));
        u32(table, static_cast<std::uint32_t>(content.size()));
        data += content + std::string((4 - content.size() % 4) % 4, '\0');
    }
    std::string header;
    u32(header, static_cast<std::uint32_t>(start + data.size()));
    header += std::string(4, '\0');
    u32(header, 0x04300000);
    header += "scnrRGB XYZ ";
    for (const unsigned v : {2026u, 1u, 1u, 0u, 0u, 0u})
        u16(header, v);  // a fixed date: the same input, the same bytes
    header += "acsp";
    header += std::string(28, '\0');
    for (const double v : {0.9642, 1.0, 0.8249}) fixed(header, v);
    header += std::string(128 - header.size(), '\0');
    return header + table + data;
}

}  // namespace refero::io
