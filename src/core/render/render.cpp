// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/render/render.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

#include <Eigen/LU>

#include "core/render/detail/kernel.h"

namespace refero {
namespace {

// The polynomial, then a matrix.
RootPolynomial after(const RootPolynomial& p, const Matrix3& matrix) {
    return {p.degree(), matrix * p.coefficients()};
}

Rendering begun(const Vector3& gains, RootPolynomial colours, OutputSpace space) {
    Rendering out{gains, std::move(colours), info(space).encoding};
    out.systemGamma = info(space).systemGamma;
    return out;
}

Rendering toComponents(Rendering out, const ColourTransform& c, const Matrix3& toOutput,
                       const Finish& finish) {
    if (c.greyCurves) out.curves = std::make_shared<const GreyCurves>(*c.greyCurves);
    out.lattice = c.colours.lattice();
    Matrix3 lookToXyzD50 = Matrix3::Identity();
    if (c.look) {
        out.beforeLook = c.look->xyzD50ToRgb;
        out.look = std::make_shared<const GreyCurves>(c.look->curves);
        lookToXyzD50 = c.look->xyzD50ToRgb.inverse();
    }
    const CompiledFinish f = compile(finish);
    if (f.curve) {
        out.beforeTone = f.toWorking * lookToXyzD50;
        out.tone = std::make_shared<const RootCurve>(*f.curve);
        out.last = toOutput * f.toXyzD50;
    } else {
        out.last = toOutput * f.toXyzD50 * f.toWorking * lookToXyzD50;
    }
    // Matrices that follow each other are one.
    if (!out.lattice) {
        Matrix3& next = out.look ? out.beforeLook : out.tone ? out.beforeTone : out.last;
        out.colours = after(out.colours, next);
        next.setIdentity();
    }
    return out;
}

}  // namespace

Rendering compile(const ColourTransform& c, OutputSpace space) {
    return compile(c, space, c.finish);
}

Rendering compile(const ColourTransform& c, OutputSpace space, const Finish& finish) {
    return toComponents(begun(c.gains * c.level, c.colours.base(), space), c, xyzD50ToLinear(space), finish);
}

Rendering compileLinear(const ColourTransform& c, OutputSpace space, const Finish& finish) {
    return toComponents({c.gains * c.level, c.colours.base()}, c, xyzD50ToLinear(space) / info(space).white,
                        finish);
}

Rendering compileBalanceOnly(const ColourTransform& c, OutputSpace space) {
    return begun(c.gains * c.level, RootPolynomial(xyzD50ToLinear(space) * rgbToXyzD50(primaries::bt709)),
                 space);
}

Rendering compileUntouched(OutputSpace space) {
    return begun({1, 1, 1}, RootPolynomial(xyzD50ToLinear(space) * rgbToXyzD50(primaries::bt709)), space);
}

void render(std::span<const float> in, std::span<float> out, const Rendering& rendering) {
    if (rendering.systemGamma == 1) return detail::renderSpan(in, out, rendering);
    // Channels depend on each other: pixel by pixel, after the rest.
    Rendering light = rendering;
    light.encoding = Encoding::linear;
    detail::renderSpan(in, out, light);
    for (std::size_t i = 0; i + 2 < out.size(); i += 3) {
        const Vector3 v = sceneLight(Vector3(out[i], out[i + 1], out[i + 2]), rendering.systemGamma);
        for (std::size_t c = 0; c < 3; ++c)
            out[i + c] = static_cast<float>(encode(rendering.encoding, v(static_cast<Eigen::Index>(c))));
    }
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
    Vector3 v = rendering.gains.cwiseProduct(cameraRgb);
    if (rendering.curves) v = straightened(v, *rendering.curves);
    v = rendering.colours(v);
    if (rendering.lattice) {
        const Vector3 roots = toRoots(v);
        v = fromRoots(roots + rendering.lattice->move(roots));
    }
    if (rendering.look) v = straightened(rendering.beforeLook * v, *rendering.look);
    if (rendering.tone)
        v = (rendering.beforeTone * v).unaryExpr([&](double light) { return (*rendering.tone)(light); });
    if (!rendering.isShort()) v = rendering.last * v;
    if (rendering.systemGamma != 1) v = sceneLight(v, rendering.systemGamma);
    for (int c = 0; c < 3; ++c) v(c) = encode(rendering.encoding, v(c));
    return v;
}

}  // namespace refero
