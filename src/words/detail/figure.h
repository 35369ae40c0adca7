// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdio>
#include <string>

namespace refero::words {

/// As printf; long names are not cut off.
template <class... Values>
std::string figure(const char* format, Values... values) {
    const int length = std::snprintf(nullptr, 0, format, values...);
    std::string text(static_cast<std::size_t>(length > 0 ? length : 0), '\0');
    std::snprintf(text.data(), text.size() + 1, format, values...);
    return text;
}

/// The file's name of a path.
inline std::string fileOf(const std::string& path) {
    return path.substr(path.find_last_of('/') + 1);
}

}  // namespace refero::words
