// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>

#include "core/frame/image.h"

namespace refero {

/// Rows of a picture as they are asked for: gives the 3 * width values of row y, in `room` or where they
/// stand.
using RowSource = std::function<const float*(int y, float* room)>;

/// A picture of width x height pixels made smaller: each pixel is the mean of the area that it covers, pixels
/// at its edges by their share, so nothing is sharpened. Neither side may grow. Several threads ask for rows,
/// each in order and hardly any twice.
LinearImage scaledByArea(int width, int height, const RowSource& rows, int toWidth, int toHeight);
LinearImage scaledByArea(const LinearImage& image, int toWidth, int toHeight);

}  // namespace refero
