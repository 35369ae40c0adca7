// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pictures/display_colour.h"

#include <algorithm>
#include <cmath>

#include "app/pictures/display_profile.h"
#include "core/colour/lab.h"

namespace refero {
namespace {

int shrinkingFactor(const LinearImage& image, int longEdge) {
    return std::max(1, (std::max(image.width(), image.height()) + longEdge - 1) / longEdge);
}

QColor colourBy(const io::DisplayTransform& display, const Lab& lab) {
    const Eigen::Vector3f xyz = toXyz(lab).vector().cast<float>();
    QRgb pixel = 0;
    display.show({xyz.data(), 3}, {&pixel, 1});
    return QColor(pixel);
}

EncodedImage renderedAt(const LinearImage& image, const Rendering& rendering, int longEdge) {
    const int factor = shrinkingFactor(image, longEdge);
    return factor > 1 ? render(shrunk(image, factor), rendering) : render(image, rendering);
}

}  // namespace

QColor displayColour(const Lab& lab) {
    return colourBy(display::transform(), lab);
}

QColor srgbColour(const Lab& lab) {
    return colourBy({}, lab);
}

QImage forDisplay(QImage srgb) {
    const io::DisplayTransform through = display::transform();
    if (through.isSrgb() || srgb.isNull()) return srgb;
    if (srgb.format() != QImage::Format_RGB32) srgb = srgb.convertToFormat(QImage::Format_RGB32);
    // Lines of four bytes a pixel follow each other without a gap.
    through.apply({reinterpret_cast<std::uint32_t*>(srgb.bits()),
                   static_cast<std::size_t>(srgb.width()) * static_cast<std::size_t>(srgb.height())});
    return srgb;
}

QImage displayImage(const LinearImage& image, const Rendering& toShown, int longEdge) {
    const EncodedImage xyz = renderedAt(image, toShown, longEdge);
    QImage out(xyz.width(), xyz.height(), QImage::Format_RGB32);
    // Lines of four bytes a pixel follow each other without a gap.
    display::transform().show(
        xyz.values(), {reinterpret_cast<QRgb*>(out.bits()),
                       static_cast<std::size_t>(out.width()) * static_cast<std::size_t>(out.height())});
    return out;
}

QImage exposureImage(const LinearImage& image, const Vector3& gains, const Transfer& encoding,
                     ExposureView view, int longEdge) {
    const ExposurePicture p = exposurePicture(image, gains, encoding, view, shrinkingFactor(image, longEdge));
    return QImage(p.bgra.data(), p.width, p.height, 4 * p.width, QImage::Format_RGB32).copy();
}

QImage srgbImage(const LinearImage& image, const Rendering& toSrgb, int longEdge) {
    const EncodedImage picture = renderedAt(image, toSrgb, longEdge);
    QImage out(picture.width(), picture.height(), QImage::Format_RGB32);
    for (int y = 0; y < picture.height(); ++y) {
        const float* in = picture.row(y);
        auto* line = reinterpret_cast<QRgb*>(out.scanLine(y));
        for (int x = 0; x < picture.width(); ++x, in += 3) {
            const auto eight = [](float v) {
                return static_cast<int>(255 * std::clamp(v, 0.0f, 1.0f) + 0.5f);
            };
            line[x] = qRgb(eight(in[0]), eight(in[1]), eight(in[2]));
        }
    }
    return out;
}

}  // namespace refero
