// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <filesystem>
#include <fstream>
#include <string>
#include <vector>

namespace refero::test {

/// A black TIFF of 16 bits (TIFF 6.0, uncompressed RGB) whose pixels take no room on the disk: a hole.
inline void putSparseTiff(const std::string& path, std::uint32_t width, std::uint32_t height) {
    constexpr std::uint32_t kRows = 16;
    const std::uint32_t strips = (height + kRows - 1) / kRows, stripBytes = width * 6 * kRows;
    std::vector<unsigned char> head;
    const auto put16 = [&](std::uint32_t v) {
        head.push_back(v & 255u);
        head.push_back((v >> 8) & 255u);
    };
    const auto put32 = [&](std::uint32_t v) {
        put16(v & 0xFFFFu);
        put16(v >> 16);
    };
    head = {'I', 'I', 42, 0};
    put32(8);
    constexpr std::uint32_t kEntries = 10;
    const std::uint32_t after = 8 + 2 + kEntries * 12 + 4;
    const std::uint32_t bits = after, offsets = bits + 6, counts = offsets + 4 * strips,
                        pixels = counts + 4 * strips;
    put16(kEntries);
    const auto entry = [&](std::uint32_t tag, std::uint32_t type, std::uint32_t count, std::uint32_t value) {
        put16(tag);
        put16(type);
        put32(count);
        put32(value);
    };
    constexpr std::uint32_t kShort = 3, kLong = 4;
    entry(256, kLong, 1, width);
    entry(257, kLong, 1, height);
    entry(258, kShort, 3, bits);
    entry(259, kShort, 1, 1);  // no compression
    entry(262, kShort, 1, 2);  // RGB
    entry(273, kLong, strips, offsets);
    entry(277, kShort, 1, 3);
    entry(278, kLong, 1, kRows);
    entry(279, kLong, strips, counts);
    entry(284, kShort, 1, 1);
    put32(0);
    for (int k = 0; k < 3; ++k) put16(16);
    const auto bytesOf = [&](std::uint32_t strip) {
        return strip + 1 < strips ? stripBytes : width * 6 * (height - kRows * strip);
    };
    for (std::uint32_t s = 0; s < strips; ++s) put32(pixels + s * stripBytes);
    for (std::uint32_t s = 0; s < strips; ++s) put32(bytesOf(s));
    std::ofstream(path, std::ios::binary)
        .write(reinterpret_cast<const char*>(head.data()), static_cast<std::streamsize>(head.size()));
    std::filesystem::resize_file(path, pixels + std::uintmax_t{width} * height * 6);
}

}  // namespace refero::test
