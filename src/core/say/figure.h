// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdio>
#include <string>

#include "core/say/say.h"

namespace refero {

/// As printf; for figures, which read alike in every language. Long texts are not cut off.
template <class... Values>
std::string figure(const char* format, Values... values) {
    const int length = std::snprintf(nullptr, 0, format, values...);
    std::string text(static_cast<std::size_t>(length > 0 ? length : 0), '\0');
    std::snprintf(text.data(), text.size() + 1, format, values...);
    return text;
}

/// As `say`, with printf's places: a catalogue gives them in the same order.
template <class... Values>
std::string sayf(const char* format, Values... values) {
    return figure(say(format).c_str(), values...);
}

}  // namespace refero
