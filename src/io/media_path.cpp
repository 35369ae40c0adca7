// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/media_path.h"

#include <charconv>
#include <cstdio>

namespace refero::io {

MediaPath mediaPath(const std::filesystem::path& path) {
    const std::string text = path.string();
    const auto at = text.rfind("#t=");
    std::error_code error;
    if (at == std::string::npos || std::filesystem::exists(path, error)) return {path};
    double seconds = 0;
    const char* const end = text.data() + text.size();
    const auto [rest, bad] = std::from_chars(text.data() + at + 3, end, seconds);
    if (bad != std::errc() || rest != end || !(seconds >= 0 && seconds < 1e7)) return {path};
    return {text.substr(0, at), seconds};
}

std::string atMoment(const std::filesystem::path& clip, double seconds) {
    char text[32];
    std::snprintf(text, sizeof text, "#t=%.3f", seconds);
    return clip.string() + text;
}

}  // namespace refero::io
