// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/clip.h"

#include <algorithm>
#include <array>
#include <string_view>

#include "io/module/media_module.h"

namespace refero::io {

namespace fs = std::filesystem;

bool isClip(const fs::path& path) {
    static constexpr std::array<std::string_view, 14> endings{".mov", ".mp4",  ".m4v", ".mkv",  ".webm",
                                                              ".avi", ".mxf",  ".mts", ".m2ts", ".mpg",
                                                              ".ts",  ".mpeg", ".ogv", ".y4m"};
    std::string e = path.extension().string();
    std::transform(e.begin(), e.end(), e.begin(), [](unsigned char c) { return std::tolower(c); });
    return std::find(endings.begin(), endings.end(), e) != endings.end();
}

Result<Clip> Clip::open(const fs::path& path) {
    const auto module = mediaModule();
    if (!module) return tl::unexpected(module.error());
    auto reader = (*module)->openClip(path);
    if (!reader) return tl::unexpected(reader.error());
    return Clip(*std::move(reader));
}

}  // namespace refero::io
