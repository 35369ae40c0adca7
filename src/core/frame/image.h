// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>
#include <span>

#include "core/colour/transfer.h"
#include "core/frame/pixel_store.h"

namespace refero {

/// Interleaved RGB floats. The tag keeps linear and encoded numbers apart at compile time.
template <class Tag>
class RgbImage {
  public:
    RgbImage() = default;
    /// Values are left uninitialised.
    RgbImage(int width, int height)
        : width_(width),
          height_(height),
          data_(pixelStore(3 * static_cast<std::size_t>(width) * static_cast<std::size_t>(height))) {}

    int width() const { return width_; }
    int height() const { return height_; }
    bool empty() const { return width_ == 0 || height_ == 0; }
    std::size_t pixels() const {
        return static_cast<std::size_t>(width_) * static_cast<std::size_t>(height_);
    }

    float* row(int y) {
        return data_.get() + 3 * static_cast<std::size_t>(width_) * static_cast<std::size_t>(y);
    }
    const float* row(int y) const {
        return data_.get() + 3 * static_cast<std::size_t>(width_) * static_cast<std::size_t>(y);
    }
    const float* pixel(int x, int y) const { return row(y) + 3 * static_cast<std::ptrdiff_t>(x); }
    float* pixel(int x, int y) { return row(y) + 3 * static_cast<std::ptrdiff_t>(x); }
    std::span<float> values() { return {data_.get(), 3 * pixels()}; }
    std::span<const float> values() const { return {data_.get(), 3 * pixels()}; }

  private:
    int width_ = 0, height_ = 0;
    PixelStore data_;
};

/// Linear light of the recording: 1.0 is its clipping level, before any white balance.
using LinearImage = RgbImage<struct LinearTag>;

/// Numbers as stored or shown; what they mean is said beside it (an Encoding or an OutputSpace).
using EncodedImage = RgbImage<struct EncodedTag>;

/// Undoes the encoding, in parallel. The result's values are finite: NaN becomes 0, infinities the largest
/// finite value of a half float; `replaced` counts them.
LinearImage toLinear(EncodedImage&& stored, const Transfer& encoding, std::size_t* replaced = nullptr);

/// The picture made smaller by a whole factor, each pixel the mean of factor x factor (the rest at the right
/// and lower edge is left out). Factor 1 copies. With `everyRow` above 1 only every so many rows are read:
/// half the memory for what is only searched.
LinearImage shrunk(const LinearImage& image, int factor, int everyRow = 1);

}  // namespace refero
