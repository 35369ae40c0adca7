// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <gtest/gtest.h>

#include <string>

#include "core/colour/rgb_space.h"
#include "core/fit/correction.h"
#include "io/frame_file.h"

namespace refero::test {

/// A correction without a fit: balance, level and a matrix.
inline Correction plainCorrection(Transfer input = Encoding::srgb) {
    Correction c;
    c.name = "plain";
    c.chartId = "fen-24";
    c.inputEncoding = input;
    c.gains = {1.6, 1, 1.3};
    c.level = 0.9;
    c.colours = Colours(RootPolynomial(rgbToXyzD50(primaries::bt709)));
    return c;
}

/// Stored numbers that differ from pixel to pixel.
inline EncodedImage pattern(int width, int height, unsigned seed = 1) {
    EncodedImage image(width, height);
    unsigned state = seed;
    for (float& v : image.values()) {
        state = state * 1664525u + 1013904223u;
        v = 0.02f + 0.6f * static_cast<float>(state >> 8) / 16777216.0f;
    }
    return image;
}

/// An sRGB TIFF of that pattern.
inline void putFrame(const std::string& path, int width, int height, unsigned seed = 1,
                     const io::FrameMetadata& metadata = {}) {
    io::WriteOptions w;
    w.encoding = Encoding::srgb;
    w.metadata = metadata;
    ASSERT_TRUE(io::writeFrame(path, pattern(width, height, seed), w));
}

}  // namespace refero::test
