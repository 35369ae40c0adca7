// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/frame/geometry.h"
#include "core/frame/image.h"
#include "core/result.h"

namespace refero::detail {

/// An error where the frame is smaller than 64 x 64 pixels or black.
Status worthSearching(const LinearImage& frame);

/// The whole factor that makes a frame's longer side about `longEdge` pixels; at least 1.
int shrinkingFor(const LinearImage& frame, int longEdge);

/// The map to a picture that is `factor` times as large.
Homography scaled(const Homography& map, double factor);

}  // namespace refero::detail
