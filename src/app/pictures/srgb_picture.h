// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QImage>

#include "core/frame/image.h"

namespace refero {

/// An image whose numbers are sRGB, in 8 bits; what lies beyond 0 and 1 is cut. Slow: for worker threads.
QImage srgbPicture(const EncodedImage& srgb);

}  // namespace refero
