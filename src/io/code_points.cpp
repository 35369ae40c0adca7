// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/code_points.h"

#include <array>
#include <cmath>
#include <cstdint>
#include <fstream>
#include <string>
#include <string_view>

namespace refero::io {
namespace {

std::uint32_t bigEndian(std::string_view bytes, std::size_t at) {
    std::uint32_t v = 0;
    for (std::size_t k = 0; k < 4; ++k) v = v << 8 | static_cast<unsigned char>(bytes[at + k]);
    return v;
}

// PNG stores the exponent that the picture was encoded with, times 100,000.
std::optional<Encoding> encodingOfGamma(std::uint32_t stored) {
    constexpr double kNear = 0.003;
    const double exponent = stored / 1e5;
    for (const auto& [encoding, power] : {std::pair{Encoding::linear, 1.0},
                                          {Encoding::gamma22, 1 / 2.2},
                                          {Encoding::bt1886, 1 / 2.4},
                                          {Encoding::gamma26, 1 / 2.6}})
        if (std::abs(exponent - power) < kNear) return encoding;
    return {};
}

std::optional<Encoding> markedInPng(std::ifstream& in) {
    std::optional<Encoding> gamma, srgb;
    std::array<char, 8> head{};
    // The marks stand before the picture.
    while (in.read(head.data(), head.size())) {
        const std::string_view all(head.data(), head.size());
        const std::uint32_t size = bigEndian(all, 0);
        const std::string_view kind = all.substr(4);
        if (kind == "IDAT" || kind == "IEND" || size > (1u << 28)) break;
        std::string data;
        if ((kind == "cICP" || kind == "gAMA") && size >= 4 && size <= 16) {
            data.resize(size);
            if (!in.read(data.data(), size)) break;
            in.seekg(4, std::ios::cur);
        } else {
            in.seekg(static_cast<std::streamoff>(size) + 4, std::ios::cur);
        }
        if (kind == "cICP" && !data.empty())
            if (const auto e = encodingOfCodePoint(static_cast<unsigned char>(data[1]))) return e;
        if (kind == "sRGB") srgb = Encoding::srgb;
        if (kind == "gAMA" && !data.empty()) gamma = encodingOfGamma(bigEndian(data, 0));
    }
    return srgb ? srgb : gamma;
}

// Boxes in boxes, ISO/IEC 14496-12: the colour box lies in meta, iprp, ipco.
std::optional<Encoding> markedInBoxes(std::string_view bytes, int depth = 0) {
    constexpr int kDeepest = 6;
    for (std::size_t at = 0; at + 8 <= bytes.size() && depth < kDeepest;) {
        std::size_t size = bigEndian(bytes, at);
        const std::string_view kind = bytes.substr(at + 4, 4);
        if (size == 0) size = bytes.size() - at;
        if (size < 8) break;
        const std::string_view inside = bytes.substr(at + 8, std::min(size - 8, bytes.size() - at - 8));
        if (kind == "colr" && inside.size() >= 10 && inside.substr(0, 4) == "nclx")
            return encodingOfCodePoint(static_cast<unsigned char>(inside[6]) << 8 |
                                       static_cast<unsigned char>(inside[7]));
        if (kind == "meta" && inside.size() > 4)
            if (const auto e = markedInBoxes(inside.substr(4), depth + 1)) return e;
        if (kind == "iprp" || kind == "ipco")
            if (const auto e = markedInBoxes(inside, depth + 1)) return e;
        at += size;
    }
    return {};
}

}  // namespace

std::optional<Encoding> encodingOfCodePoint(int transferCharacteristics) {
    switch (transferCharacteristics) {
        case 1:
        case 6:
            return Encoding::rec709;
        case 4:
            return Encoding::gamma22;
        case 8:
            return Encoding::linear;
        case 13:
            return Encoding::srgb;
        case 14:
        case 15:
            return Encoding::rec2020;
        case 16:
            return Encoding::pq;
        case 18:
            return Encoding::hlg;
        default:
            return {};
    }
}

std::optional<Encoding> markedEncoding(const std::filesystem::path& path) {
    std::ifstream in(path, std::ios::binary);
    std::array<char, 12> head{};
    if (!in.read(head.data(), head.size())) return {};
    const std::string_view start(head.data(), head.size());
    if (start.substr(0, 8) == std::string_view("\x89PNG\r\n\x1a\n", 8)) {
        in.seekg(8);
        return markedInPng(in);
    }
    if (start.substr(4, 4) != "ftyp") return {};
    // The boxes stand at the front of what cameras write.
    constexpr std::size_t kFront = 1u << 20;
    std::string bytes(kFront, '\0');
    in.seekg(0);
    in.read(bytes.data(), static_cast<std::streamsize>(bytes.size()));
    bytes.resize(static_cast<std::size_t>(in.gcount()));
    return markedInBoxes(bytes);
}

}  // namespace refero::io
