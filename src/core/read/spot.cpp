// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/spot.h"

#include <algorithm>
#include <cmath>

#include "core/colour/encoding.h"
#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"

namespace refero {

std::optional<AreaReading> areaReading(const LinearImage& image, const Point& from, const Point& to) {
    const int x0 = std::max(0, static_cast<int>(std::floor(std::min(from.x(), to.x())))),
              y0 = std::max(0, static_cast<int>(std::floor(std::min(from.y(), to.y()))));
    const int x1 = std::min(image.width(), static_cast<int>(std::ceil(std::max(from.x(), to.x())))),
              y1 = std::min(image.height(), static_cast<int>(std::ceil(std::max(from.y(), to.y()))));
    if (x0 >= x1 || y0 >= y1) return {};
    Vector3 sum = Vector3::Zero(), squares = Vector3::Zero();
    for (int y = y0; y < y1; ++y)
        for (int x = x0; x < x1; ++x) {
            const float* p = image.pixel(x, y);
            const Vector3 v(p[0], p[1], p[2]);
            sum += v;
            squares += v.cwiseAbs2();
        }
    const double n = double(x1 - x0) * (y1 - y0);
    AreaReading out;
    out.mean = sum / n;
    out.deviation = (squares / n - out.mean.cwiseAbs2()).cwiseMax(0).cwiseSqrt();
    out.pixels = static_cast<std::size_t>(n);
    return out;
}

std::optional<Vector3> meanOf(const LinearImage& image, const Point& from, const Point& to) {
    const auto area = areaReading(image, from, to);
    return area ? std::optional(area->mean) : std::nullopt;
}

Spot spotOf(const Vector3& linear, const Vector3& gains) {
    static const Matrix3 toXyzD50 = rgbToXyzD50(primaries::bt709);
    Spot s;
    s.linear = linear;
    const Vector3 balanced = linear.cwiseProduct(gains);
    for (Eigen::Index c = 0; c < 3; ++c) {
        const double e = std::clamp(encode(Encoding::srgb, balanced(c)), 0.0, 1.0);
        s.percent(c) = 100 * e;
        s.eightBit[static_cast<std::size_t>(c)] = static_cast<int>(std::lround(255 * e));
    }
    s.stopsFromMidGrey = std::log2(std::max(1e-6, balanced.y()) / 0.18);
    s.labD50 = toLab(Xyz::from(toXyzD50 * balanced), white::d50);
    return s;
}

std::optional<Spot> spotAt(const LinearImage& image, const Point& pixel, int reach, const Vector3& gains) {
    const Point at(std::floor(pixel.x()), std::floor(pixel.y()));
    if (!(at.x() >= 0 && at.y() >= 0 && at.x() < image.width() && at.y() < image.height())) return {};
    const auto mean = meanOf(image, at - Point(reach, reach), at + Point(reach + 1, reach + 1));
    if (!mean) return {};
    return spotOf(*mean, gains);
}

}  // namespace refero
