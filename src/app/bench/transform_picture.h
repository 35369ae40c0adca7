// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QImage>

#include "core/assess/foreign_transform.h"
#include "core/frame/image.h"

namespace refero {

/// A picture as a transform shows it, in sRGB. `reading` tells the balance of what is balanced first.
/// Slow: for worker threads.
QImage throughTransform(const LinearImage& image, const ForeignTransform& transform,
                        const TransformTerms& terms, const Reading& reading);

}  // namespace refero
