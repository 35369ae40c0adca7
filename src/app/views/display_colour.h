// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QColor>
#include <QImage>

#include "core/colour/xyz.h"
#include "core/frame/image.h"
#include "core/render/render.h"

namespace refero {

/// A colour for the display, which is taken to be sRGB; out-of-gamut colours are clipped.
QColor displayColour(const Lab& labD50);

/// A picture for the display, at most about `longEdge` pixels long. Slow: for worker threads.
QImage displayImage(const LinearImage& image, const Rendering& toSrgb, int longEdge);

}  // namespace refero
