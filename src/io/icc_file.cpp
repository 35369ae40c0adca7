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
template <class Value>
Result<std::string> sampledBy(const Transfer& transfer, const Value& value) {
    constexpr unsigned kPoints = 4096;
    if (transfer.decode(0) < -1e-4)
        return failure("An ICC profile cannot hold the curve \"" + std::string(transfer.name()) +
                       "\", which begins below no light. Write a .cube for it.");
    std::string out = typed("curv");
    u32(out, kPoints);
    for (unsigned i = 0; i < kPoints; ++i)
        u16(out, static_cast<unsigned>(
                     std::lround(65535 * std::clamp(value(double(i) / (kPoints - 1)), 0.0, 1.0))));
    return out;
}

Result<std::string> sampled(const Transfer& transfer) {
    return sampledBy(transfer, [&](double v) { return transfer.decode(v); });
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

using Tags = std::vector<std::pair<std::string, std::string>>;

std::string padded(std::string content) {
    return content + std::string((4 - content.size() % 4) % 4, '\0');
}

// Header, tag table and tags of an input profile from RGB to the XYZ connection space.
std::string assembled(const Correction& c, Tags tags) {
    tags.insert(tags.begin(), {{"desc", textType(c.name)},
                               {"cprt", textType("No copyright; use freely.")},
                               {"wtpt", xyzType(whiteXyz(white::d50).vector())}});
    std::string table, data;
    u32(table, static_cast<std::uint32_t>(tags.size()));
    const std::size_t start = 128 + 4 + 12 * tags.size();
    for (const auto& [signature, content] : tags) {
        table += signature;
        u32(table, static_cast<std::uint32_t>(start + data.size()));
        u32(table, static_cast<std::uint32_t>(content.size()));
        data += padded(content);
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

// lutAToBType (ISO 15076-1, 10.12). Table and curves work on cube roots of light, where what bends colours is
// nearly straight: curves to the cube root of each channel, a table to the cube roots of X, Y and Z as shares
// of white, cubes, and a matrix to the connection space's own scale.
constexpr int kGrid = 49;
constexpr double kXyzUnit = 32768.0 / 65535;  // XYZ's 1.0 as the connection space stores it

Result<std::string> toCubeRoot(const Transfer& encoding) {
    if (encoding.named() == Encoding::linear) return power(1.0 / 3);
    if (encoding.named() == Encoding::gamma22) return power(2.2 / 3);
    return sampledBy(encoding, [&](double v) { return std::cbrt(encoding.decode(v)); });
}

std::string table(const Correction& c, double scale) {
    const Vector3 white = whiteXyz(white::d50).vector();
    std::string out(16, '\0');
    for (std::size_t k = 0; k < 3; ++k) out[k] = static_cast<char>(kGrid);
    u32(out, 0x02000000);  // two bytes a value
    const auto light = [](int i) { return std::pow(static_cast<double>(i) / (kGrid - 1), 3); };
    for (int r = 0; r < kGrid; ++r)
        for (int g = 0; g < kGrid; ++g)
            for (int b = 0; b < kGrid; ++b) {
                const Vector3 xyz = c.toXyzD50({light(r), light(g), light(b)}).vector();
                for (int k = 0; k < 3; ++k)
                    u16(out, static_cast<unsigned>(std::lround(
                                 65535 * std::cbrt(std::clamp(xyz(k) / white(k) / scale, 0.0, 1.0)))));
            }
    return out;
}

// The largest X, Y or Z, as a share of white, that a recording can give.
double largest(const Correction& c) {
    const Vector3 white = whiteXyz(white::d50).vector();
    double most = 0;
    for (int corner = 1; corner < 8; ++corner)
        most = std::max(most, c.toXyzD50(Vector3(corner & 1, corner >> 1 & 1, corner >> 2))
                                  .vector()
                                  .cwiseQuotient(white)
                                  .maxCoeff());
    return most;
}

Result<std::string> lutAToB(const Correction& c, const Transfer& encoding) {
    const auto first = toCubeRoot(encoding);
    if (!first) return first;
    // The connection space ends just below 2: what is lighter than that is cut off.
    const double scale = std::clamp(largest(c), 1.0, 1.9);
    const auto thrice = [](const std::string& curve) {
        return padded(curve) + padded(curve) + padded(curve);
    };
    std::string identity = typed("curv");
    u32(identity, 0);
    std::string matrix;
    const Vector3 white = whiteXyz(white::d50).vector();
    for (int k = 0; k < 9; ++k) fixed(matrix, k % 4 == 0 ? white(k / 4) * scale * kXyzUnit : 0);
    for (int k = 0; k < 3; ++k) fixed(matrix, 0);

    std::string out = typed("mAB ");
    out += std::string({3, 3, 0, 0});
    std::string data;
    const auto place = [&](const std::string& part) {
        u32(out, static_cast<std::uint32_t>(32 + data.size()));
        data += padded(part);
    };
    place(thrice(identity));  // B
    place(matrix);
    place(thrice(power(3)));  // M
    place(table(c, scale));
    place(thrice(*first));  // A
    return out + data;
}

}  // namespace

Result<std::string> iccProfile(const Correction& c, const Transfer& encoding) {
    const auto trc = curve(encoding);
    if (!trc) return trc;
    if (const auto m = c.cameraToXyzD50()) {
        if (!(m->cwiseAbs().maxCoeff() < 32000))
            return failure("The correction's gain is too large for an ICC profile.");
        return assembled(c, {{"rXYZ", xyzType(m->col(0))},
                             {"gXYZ", xyzType(m->col(1))},
                             {"bXYZ", xyzType(m->col(2))},
                             {"rTRC", *trc},
                             {"gTRC", *trc},
                             {"bTRC", *trc}});
    }
    return lutAToB(c, encoding).map([&](std::string lut) {
        return assembled(c, {{"A2B0", std::move(lut)}});
    });
}

}  // namespace refero::io
