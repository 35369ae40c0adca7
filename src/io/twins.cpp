// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/twins.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <map>
#include <string>
#include <string_view>

#include "io/picture_kind.h"
#include "io/raw_file.h"

namespace refero::io {
namespace {

constexpr std::array<std::string_view, 4> kCameraPictures{".jpg", ".jpeg", ".heic", ".heif"};

bool isCameraPicture(const MediaItem& item) {
    const std::string ending = lowerEnding(item.files.front());
    return !item.isSequence() &&
           std::find(kCameraPictures.begin(), kCameraPictures.end(), ending) != kCameraPictures.end();
}

// Cards write names in one case, people in another.
std::string nameOf(const MediaItem& item) {
    const auto& path = item.files.front();
    std::string stem = path.stem().string();
    std::transform(stem.begin(), stem.end(), stem.begin(), [](unsigned char c) { return std::tolower(c); });
    return (path.parent_path() / stem).string();
}

}  // namespace

std::vector<MediaItem> withTwins(std::vector<MediaItem> items) {
    struct Named {
        std::vector<std::size_t> pictures, others;
    };
    std::map<std::string, Named> names;
    for (std::size_t i = 0; i < items.size(); ++i) {
        Named& n = names[nameOf(items[i])];
        if (isCameraPicture(items[i]))
            n.pictures.push_back(i);
        else if (!items[i].isSequence() && !isRendered(lowerEnding(items[i].files.front())))
            n.others.push_back(i);
    }
    std::vector<bool> joined(items.size());
    for (const auto& [name, n] : names) {
        if (n.pictures.size() != 1 || n.others.empty()) continue;
        std::size_t raws = 0, raw = 0;
        for (const std::size_t i : n.others)
            if (isRaw(items[i].files.front())) {
                ++raws;
                raw = i;
            }
        if (raws != 1) continue;
        items[raw].twin = items[n.pictures.front()].files.front();
        joined[n.pictures.front()] = true;
    }
    std::vector<MediaItem> out;
    for (std::size_t i = 0; i < items.size(); ++i)
        if (!joined[i]) out.push_back(std::move(items[i]));
    return out;
}

}  // namespace refero::io
