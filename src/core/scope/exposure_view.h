// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <cstdint>
#include <string>
#include <vector>

#include "core/colour/transfer.h"
#include "core/colour/xyz.h"
#include "core/frame/image.h"

namespace refero {

/// What a frame is painted by instead of its colours.
enum class ExposureView {
    bands,     ///< stops from mid-grey
    clipping,  ///< which channels touch the ceiling, and what lies at the floor
    white90,   ///< where the levels lie that the trade aims at: white 90 %, black 4 %, mid-grey
    white96,   ///< the same with white at 96 %
};

/// One line of the key to such a picture. A `pattern` of squares is drawn in it and black.
struct ExposureKey {
    std::string label;
    std::array<std::uint8_t, 3> srgb{};
    bool pattern = false;
};
/// From light to dark. The colours of the bands rise evenly in lightness, so that they can be told apart
/// without their hues, and the one of mid-grey is grey.
std::vector<ExposureKey> exposureKey(ExposureView view);

/// B, G, R and a spare byte per pixel, sRGB.
struct ExposurePicture {
    int width = 0, height = 0;
    std::vector<std::uint8_t> bgra;
};

/// `gains` balance and level the frame (see viewingGains), so that mid-grey is 0.18. Of blocks of `factor`
/// pixels a side the mean counts, and for clipping any of them. Levels aimed at are those of the recording's
/// encoding (of sRGB, for a linear one), 2 per cent either way. In parallel.
ExposurePicture exposurePicture(const LinearImage& image, const Vector3& gains, const Transfer& encoding,
                                ExposureView view, int factor);

}  // namespace refero
