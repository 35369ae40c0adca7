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

/// What a display has to be sent so that colours are seen on it: by its ICC profile, relative colorimetric
/// with black point compensation. Cheap to copy; any thread.
class DisplayTransform {
  public:
    /// The display is taken to be sRGB.
    DisplayTransform();
    /// Errors: no ICC profile, not of an RGB display.
    static Result<DisplayTransform> fromProfile(std::string_view bytes);
    static Result<DisplayTransform> fromFile(const std::filesystem::path& path);

    bool isSrgb() const { return !fromSrgb_; }
    /// The profile's own words; "sRGB" without one.
    const std::string& description() const { return description_; }
    /// XYZ (D50, the perfect diffuser at Y 1), three numbers a pixel, to 0xFFRRGGBB: one step, worked with 16
    /// bits, whatever the display shows beyond sRGB. Colours that it cannot show are cut by channel.
    void show(std::span<const float> xyzD50, std::span<std::uint32_t> pixels) const;
    /// Pictures that are in sRGB; in place, pixels as 0xAARRGGBB.
    void apply(std::span<std::uint32_t> pixels) const;

  private:
    struct Direct;

    std::string description_ = "sRGB";
    std::shared_ptr<const Direct> direct_;  ///< of a display that a matrix and three curves describe
    std::shared_ptr<void> fromWide_, fromSrgb_;
};

}  // namespace refero::io
