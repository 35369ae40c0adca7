// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QColor>
#include <QImage>

#include "core/colour/xyz.h"
#include "core/frame/image.h"
#include "core/render/render.h"
#include "core/scope/exposure_view.h"

namespace refero {

/// A colour for the display (see display::transform); what the display cannot show is clipped.
QColor displayColour(const Lab& labD50);
/// The same for paper and files, in sRGB.
QColor srgbColour(const Lab& labD50);

/// A picture in sRGB, at most about `longEdge` pixels long. Slow: for worker threads.
QImage srgbImage(const LinearImage& image, const Rendering& toSrgb, int longEdge);
/// What pictures for the display are compiled to: all colours, so that a wide display shows more than sRGB.
inline constexpr OutputSpace kShownSpace = OutputSpace::xyzD50;
/// The same for the display, by a rendering to kShownSpace.
QImage displayImage(const LinearImage& image, const Rendering& toShown, int longEdge);
/// The frame's levels instead of its colours, in sRGB and of the same size.
QImage exposureImage(const LinearImage& image, const Vector3& gains, const Transfer& encoding,
                     ExposureView view, int longEdge);
/// An sRGB picture for the display.
QImage forDisplay(QImage srgb);

}  // namespace refero
