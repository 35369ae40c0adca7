// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>
#include <string>

namespace refero::io {

/// A picture, or a moment of a clip, written as the clip's path with `#t=` and seconds behind it (W3C Media
/// Fragments URI 1.0, section 4.2.1).
struct MediaPath {
    std::filesystem::path file;
    std::optional<double> seconds{};  ///< from the clip's beginning
};

/// A file whose own name ends like that is meant by its name.
MediaPath mediaPath(const std::filesystem::path& path);

/// To a millisecond.
std::string atMoment(const std::filesystem::path& clip, double seconds);

}  // namespace refero::io
