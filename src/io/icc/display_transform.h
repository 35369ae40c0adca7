// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <filesystem>
#include <memory>
#include <span>
#include <string>
#include <string_view>

#include "core/result.h"

namespace refero::io {

/// From sRGB to what a display has to be sent so that sRGB is seen on it: by its ICC profile, relative
/// colorimetric with black point compensation. Cheap to copy; any thread.
class DisplayTransform {
  public:
    /// The display is taken to be sRGB.
    DisplayTransform() = default;
    /// Errors: no ICC profile, not of an RGB display.
    static Result<DisplayTransform> fromProfile(std::string_view bytes);
    static Result<DisplayTransform> fromFile(const std::filesystem::path& path);

    bool isSrgb() const { return !through_; }
    /// The profile's own words; "sRGB" without one.
    const std::string& description() const { return description_; }
    /// In place; pixels as 0xAARRGGBB.
    void apply(std::span<std::uint32_t> pixels) const;

  private:
    std::string description_ = "sRGB";
    std::shared_ptr<void> through_;
};

}  // namespace refero::io
