// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/picture_kind.h"

#include <algorithm>
#include <array>
#include <string_view>

#include "core/frame/orientation.h"
#include "core/say/say.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;

constexpr std::array<std::string_view, 7> kWritten{".exr", ".tif", ".tiff", ".png", ".jpg", ".jpeg", ".dpx"};

}  // namespace

std::string lowerEnding(const fs::path& path) {
    std::string e = path.extension().string();
    std::transform(e.begin(), e.end(), e.begin(), [](unsigned char c) { return std::tolower(c); });
    return e;
}

bool isRendered(const std::string& ending) {
    static constexpr std::array<std::string_view, 9> known{".tif", ".tiff", ".png",  ".jpg", ".jpeg",
                                                           ".exr", ".dpx",  ".heic", ".heif"};
    return std::find(known.begin(), known.end(), ending) != known.end();
}

EncodedImage shownUpright(EncodedImage&& in, int exif) {
    if (exif <= 1 || exif > 8) return std::move(in);
    const Orientation o(exif, in.width(), in.height());
    EncodedImage out(o.turned() ? in.height() : in.width(), o.turned() ? in.width() : in.height());
    for (int y = 0; y < out.height(); ++y)
        for (int x = 0; x < out.width(); ++x) {
            const auto [sx, sy] = o.stored(x, y);
            std::copy_n(in.pixel(sx, sy), 3, out.pixel(x, y));
        }
    return out;
}

Status writable(const fs::path& path) {
    const std::string ending = lowerEnding(path);
    if (std::find(kWritten.begin(), kWritten.end(), ending) != kWritten.end()) return {};
    return failure(
        say("Refero cannot write files ending in \"%1\"; use .exr, .tif, .png, .jpg or .dpx.", ending));
}

}  // namespace refero::io
