// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/shown_picture.h"

#include <Eigen/LU>
#include <cmath>

namespace refero {
namespace {

std::optional<OutputSpace> displayOf(Encoding encoding) {
    switch (encoding) {
        case Encoding::srgb:
        case Encoding::gamma22:
            return OutputSpace::srgb;
        case Encoding::rec709:
        case Encoding::bt1886:
            return OutputSpace::bt1886;
        case Encoding::rec2020:
            return OutputSpace::rec2020;
        case Encoding::gamma26:
            return OutputSpace::p3d65;
        case Encoding::oprgb:
            return OutputSpace::oprgb;
        case Encoding::romm:
            return OutputSpace::romm;
        case Encoding::hlg:
            return OutputSpace::rec2100hlg;
        case Encoding::pq:
            return OutputSpace::rec2100pq;
        case Encoding::linear:
        case Encoding::acescct:
        case Encoding::cineon:
            break;
    }
    return {};
}

}  // namespace

Vector3 ShownPicture::light(const Vector3& rgb) const {
    const auto asStored = [&](const Vector3& v) -> Vector3 {
        return v.unaryExpr([&](double light) { return encode(encoding, light); });
    };
    // The camera's curve is not undone by the display: that is the picture's own contrast (ITU-R BT.1886).
    if (encoding == Encoding::rec709 || encoding == Encoding::rec2020)
        return asStored(rgb).unaryExpr([](double v) { return decode(Encoding::bt1886, v); });
    if (encoding == Encoding::hlg || encoding == Encoding::pq)
        return decoded(space, asStored(rgb)) / info(space).white;
    return rgb;
}

Xyz ShownPicture::xyzD50(const Vector3& rgb) const {
    return Xyz::from(rgbToXyzD50 * light(rgb));
}

std::optional<ShownPicture> shownPicture(const Transfer& transfer) {
    const auto named = transfer.named();
    const auto space = named ? displayOf(*named) : std::nullopt;
    if (!space) return {};
    return ShownPicture{refero::rgbToXyzD50(*info(*space).primaries), *space, *named};
}

}  // namespace refero
