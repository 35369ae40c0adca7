// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/sequence.h"

#include <algorithm>
#include <cctype>
#include <optional>
#include <string>

namespace refero::io {
namespace {

namespace fs = std::filesystem;

constexpr std::size_t kFewest = 3, kMostDigits = 9;

struct Numbered {
    std::string before, after;  ///< the name around the number
    std::size_t width = 0;
    long number = 0;
};

std::optional<Numbered> numbered(const fs::path& path) {
    std::string ending = path.extension().string();
    std::transform(ending.begin(), ending.end(), ending.begin(),
                   [](unsigned char c) { return std::tolower(c); });
    if (ending != ".exr" && ending != ".dpx") return {};
    const std::string stem = path.stem().string();
    std::size_t start = stem.size();
    while (start > 0 && std::isdigit(static_cast<unsigned char>(stem[start - 1]))) --start;
    const std::size_t width = stem.size() - start;
    if (width == 0 || width > kMostDigits) return {};
    return Numbered{(path.parent_path() / stem.substr(0, start)).string(), path.extension().string(), width,
                    std::stol(stem.substr(start))};
}

bool follows(const Numbered& a, const Numbered& b) {
    return a.before == b.before && a.after == b.after && a.width == b.width && b.number == a.number + 1;
}

}  // namespace

std::vector<MediaItem> mediaItems(const std::vector<fs::path>& files) {
    std::vector<fs::path> sorted = files;
    std::sort(sorted.begin(), sorted.end());
    std::vector<MediaItem> out;
    for (std::size_t i = 0; i < sorted.size();) {
        std::size_t end = i + 1;
        for (auto last = numbered(sorted[i]); last && end < sorted.size(); ++end) {
            auto next = numbered(sorted[end]);
            if (!next || !follows(*last, *next)) break;
            last = std::move(next);
        }
        if (end - i < kFewest) end = i + 1;
        out.push_back({{sorted.begin() + static_cast<std::ptrdiff_t>(i),
                        sorted.begin() + static_cast<std::ptrdiff_t>(end)},
                       {}});
        i = end;
    }
    return out;
}

}  // namespace refero::io
