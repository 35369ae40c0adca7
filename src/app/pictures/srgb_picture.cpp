// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pictures/srgb_picture.h"

#include <algorithm>
#include <cmath>

namespace refero {

QImage srgbPicture(const EncodedImage& srgb) {
    QImage out(srgb.width(), srgb.height(), QImage::Format_RGB32);
    const auto byte = [](float v) { return static_cast<int>(std::lround(255 * std::clamp(v, 0.0f, 1.0f))); };
    for (int y = 0; y < srgb.height(); ++y) {
        auto* row = reinterpret_cast<QRgb*>(out.scanLine(y));
        for (int x = 0; x < srgb.width(); ++x) {
            const float* p = srgb.pixel(x, y);
            row[x] = qRgb(byte(p[0]), byte(p[1]), byte(p[2]));
        }
    }
    return out;
}

}  // namespace refero
