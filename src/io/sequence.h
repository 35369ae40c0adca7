// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <vector>

namespace refero::io {

/// A picture, a clip, or the pictures of an image sequence.
struct MediaItem {
    std::vector<std::filesystem::path> files;  ///< one, or a sequence's in their order
    std::filesystem::path twin{};  ///< the camera's own picture of a raw file; empty: there is none
    bool isSequence() const { return files.size() > 1; }
};

/// EXR and DPX files of one folder that differ only in a last number of one width and follow each other
/// without a gap, three or more, are a sequence; all else stands for itself, since cards number stills, too.
/// In the order of the first file of each.
std::vector<MediaItem> mediaItems(const std::vector<std::filesystem::path>& files);

}  // namespace refero::io
