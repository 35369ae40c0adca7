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

}  // namespace

QColor displayColour(const Lab& lab) {
    static const Matrix3 toSrgb = xyzD50ToLinear(OutputSpace::srgb);
    const Vector3 v = rendered(toXyz(lab).vector(), Rendering::ofMatrix(toSrgb, Encoding::srgb));
    const auto eight = [](double s) { return static_cast<int>(std::lround(255 * std::clamp(s, 0.0, 1.0))); };
    QRgb pixel = qRgb(eight(v.x()), eight(v.y()), eight(v.z()));
    display::transform().apply({&pixel, 1});
    return QColor(pixel);
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

QImage displayImage(const LinearImage& image, const Rendering& toSrgb, int longEdge) {
    return forDisplay(srgbImage(image, toSrgb, longEdge));
}

QImage exposureImage(const LinearImage& image, const Vector3& gains, const Transfer& encoding,
                     ExposureView view, int longEdge) {
    const ExposurePicture p = exposurePicture(image, gains, encoding, view, shrinkingFactor(image, longEdge));
    return QImage(p.bgra.data(), p.width, p.height, 4 * p.width, QImage::Format_RGB32).copy();
}

QImage srgbImage(const LinearImage& image, const Rendering& toSrgb, int longEdge) {
    const int factor = shrinkingFactor(image, longEdge);
    const EncodedImage picture = factor > 1 ? render(shrunk(image, factor), toSrgb) : render(image, toSrgb);
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
