// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <cstdint>

#include "core/frame/image.h"

namespace refero {

/// What a sensor under a Bayer colour filter array recorded: one channel a site. Linear light, black is
/// 0, 1.0 is where that channel clips; before any balance.
class Mosaic {
  public:
    /// Channels (0 red, 1 green, 2 blue) of the sites (0,0), (1,0), (0,1), (1,1).
    using Pattern = std::array<std::uint8_t, 4>;
    static constexpr Pattern rggb{0, 1, 1, 2}, bggr{2, 1, 1, 0}, grbg{1, 0, 2, 1}, gbrg{1, 2, 0, 1};

    Mosaic() = default;
    /// Values are left uninitialised.
    Mosaic(int width, int height, Pattern pattern)
        : width_(width),
          height_(height),
          pattern_(pattern),
          values_(pixelStore(static_cast<std::size_t>(width) * static_cast<std::size_t>(height))) {}

    int width() const { return width_; }
    int height() const { return height_; }
    const Pattern& pattern() const { return pattern_; }
    int channel(int x, int y) const { return pattern_[static_cast<std::size_t>((y & 1) * 2 + (x & 1))]; }
    float at(int x, int y) const { return values_[index(x, y)]; }
    float& at(int x, int y) { return values_[index(x, y)]; }
    const float* row(int y) const { return values_.get() + index(0, y); }
    float* row(int y) { return values_.get() + index(0, y); }

  private:
    std::size_t index(int x, int y) const {
        return static_cast<std::size_t>(y) * static_cast<std::size_t>(width_) + static_cast<std::size_t>(x);
    }
    int width_ = 0, height_ = 0;
    Pattern pattern_ = rggb;
    PixelStore values_;
};

/// A picture of it for finding charts and for looking: each site keeps its own channel and is given the other
/// two as the mean of the nearest sites that have them. Not for measuring: it mixes neighbours at edges.
LinearImage filledIn(const Mosaic& mosaic);
/// Row y of the same, into 3 * width values.
void fillRow(const Mosaic& mosaic, int y, float* to);

/// What such a sensor would have recorded of a picture.
Mosaic sampledThrough(const LinearImage& image, Mosaic::Pattern pattern);

/// Turned by EXIF's orientation 1..8, so that it lies as its picture is shown; other values leave it as it
/// is.
Mosaic oriented(Mosaic mosaic, int orientation);

}  // namespace refero
