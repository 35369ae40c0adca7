// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/render/render.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

#include "core/render/detail/kernel.h"

namespace refero {
namespace {

// The polynomial, then a matrix.
RootPolynomial after(const RootPolynomial& p, const Matrix3& matrix) {
    return {p.degree(), matrix * p.coefficients()};
}

}  // namespace

Rendering compile(const Correction& c, OutputSpace space) {
    return {c.gains * c.level, after(c.colours, xyzD50ToLinear(space)), info(space).encoding};
}

Rendering compileBalanceOnly(const Correction& c, OutputSpace space) {
    return {c.gains * c.level, RootPolynomial(xyzD50ToLinear(space) * rgbToXyzD50(primaries::bt709)),
            info(space).encoding};
}

Rendering compileUntouched(OutputSpace space) {
    return Rendering::ofMatrix(xyzD50ToLinear(space) * rgbToXyzD50(primaries::bt709), info(space).encoding);
}

void render(std::span<const float> in, std::span<float> out, const Rendering& rendering) {
    detail::renderSpan(in, out, rendering);
}

EncodedImage render(const LinearImage& image, const Rendering& rendering) {
    EncodedImage out(image.width(), image.height());
    const auto from = image.values();
    const auto to = out.values();
    tbb::parallel_for(tbb::blocked_range<std::size_t>(0, image.pixels(), 1 << 15), [&](const auto& r) {
        render(from.subspan(3 * r.begin(), 3 * r.size()), to.subspan(3 * r.begin(), 3 * r.size()), rendering);
    });
    return out;
}

Vector3 rendered(const Vector3& cameraRgb, const Rendering& rendering) {
    Vector3 v = rendering.colours(rendering.gains.cwiseProduct(cameraRgb));
    for (int c = 0; c < 3; ++c) v(c) = encode(rendering.encoding, v(c));
    return v;
}

}  // namespace refero
