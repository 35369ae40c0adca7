// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/files/utf8.h"

#include <algorithm>

namespace refero::io {
namespace {

// Bytes of the character that begins here; 0 where none does.
std::size_t lengthAt(std::string_view text, std::size_t i) {
    const auto c = static_cast<unsigned char>(text[i]);
    const std::size_t length = c < 0x80                ? 1
                               : c >= 0xC2 && c < 0xE0 ? 2
                               : c >= 0xE0 && c < 0xF0 ? 3
                               : c >= 0xF0 && c < 0xF5 ? 4
                                                       : 0;
    if (length == 0 || i + length > text.size()) return 0;
    for (std::size_t k = 1; k < length; ++k)
        if ((static_cast<unsigned char>(text[i + k]) & 0xC0) != 0x80) return 0;
    return length;
}

}  // namespace

bool isUtf8(std::string_view text) {
    for (std::size_t i = 0; i < text.size();) {
        const std::size_t length = lengthAt(text, i);
        if (length == 0) return false;
        i += length;
    }
    return true;
}

std::string printable(std::string_view text) {
    std::string out;
    for (std::size_t i = 0; i < text.size();) {
        const std::size_t length = lengthAt(text, i);
        const bool control = length == 1 && (static_cast<unsigned char>(text[i]) < 0x20 || text[i] == 0x7F);
        if (length == 0 || control) {
            out += '?';
        } else {
            out += text.substr(i, length);
        }
        i += std::max<std::size_t>(1, length);
    }
    return out;
}

}  // namespace refero::io
