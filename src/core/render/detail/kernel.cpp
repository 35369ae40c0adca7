// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#undef HWY_TARGET_INCLUDE
#define HWY_TARGET_INCLUDE "core/render/detail/kernel.cpp"
#include <hwy/foreach_target.h>
#include <hwy/highway.h>

#include "core/render/detail/kernel.h"
// After highway.h, for each target again. Lambdas need HWY_ATTR: they do not inherit the target's
// instructions.
#include <hwy/contrib/math/math-inl.h>

HWY_BEFORE_NAMESPACE();
namespace refero::detail::HWY_NAMESPACE {

namespace hn = hwy::HWY_NAMESPACE;
using D = hn::ScalableTag<float>;
using V = hn::Vec<D>;

// scale * v^exponent + offset above the knee, slope * v below it; symmetric about zero. The constants are
// those of core/colour/encoding.cpp, of which this is the fast twin; a test holds the two together.
struct PowerCurve {
    float knee, slope, scale, exponent, offset;
};

V applyPower(D d, V v, const PowerCurve& c) {
    const V m = hn::Abs(v);
    const V safe = hn::Max(m, hn::Set(d, 1e-12f));
    const V power = hn::Exp(d, hn::Mul(hn::Log(d, safe), hn::Set(d, c.exponent)));
    const V high = hn::MulAdd(power, hn::Set(d, c.scale), hn::Set(d, c.offset));
    const V low = hn::Mul(m, hn::Set(d, c.slope));
    return hn::CopySign(hn::IfThenElse(hn::Le(m, hn::Set(d, c.knee)), low, high), v);
}

V applyAcescct(D d, V v) {
    const V low = hn::MulAdd(v, hn::Set(d, 10.5402377416545f), hn::Set(d, 0.0729055341958355f));
    const V safe = hn::Max(v, hn::Set(d, 1e-12f));
    // log2(v) / 17.52 + 9.72 / 17.52
    const V high = hn::MulAdd(hn::Log(d, safe), hn::Set(d, 0.0823448659f), hn::Set(d, 0.554794520548f));
    return hn::IfThenElse(hn::Le(v, hn::Set(d, 0.0078125f)), low, high);
}

template <class Encode>
void pixels(const float* in, float* out, std::size_t count, const float* m, const Encode& encode) {
    const D d;
    const std::size_t lanes = hn::Lanes(d);
    const auto row = [&](V r, V g, V b, int k) HWY_ATTR {
        return hn::MulAdd(hn::Set(d, m[k]), r,
                          hn::MulAdd(hn::Set(d, m[k + 1]), g, hn::Mul(hn::Set(d, m[k + 2]), b)));
    };
    std::size_t i = 0;
    for (; i + lanes <= count; i += lanes) {
        V r, g, b;
        hn::LoadInterleaved3(d, in + 3 * i, r, g, b);
        hn::StoreInterleaved3(encode(d, row(r, g, b, 0)), encode(d, row(r, g, b, 3)),
                              encode(d, row(r, g, b, 6)), d, out + 3 * i);
    }
    if (i == count) return;
    HWY_ALIGN float rest[3 * hn::MaxLanes(d)] = {};
    for (std::size_t k = 0; k < 3 * (count - i); ++k) rest[k] = in[3 * i + k];
    V r, g, b;
    hn::LoadInterleaved3(d, rest, r, g, b);
    hn::StoreInterleaved3(encode(d, row(r, g, b, 0)), encode(d, row(r, g, b, 3)), encode(d, row(r, g, b, 6)),
                          d, rest);
    for (std::size_t k = 0; k < 3 * (count - i); ++k) out[3 * i + k] = rest[k];
}

// No output space has these: they are here so that every encoding can be asked for.
V applyOneByOne(D d, V v, Encoding encoding) {
    HWY_ALIGN float lane[hn::MaxLanes(d)];
    hn::Store(v, d, lane);
    for (float& x : lane) x = static_cast<float>(encode(encoding, x));
    return hn::Load(d, lane);
}

void RenderSpan(const float* in, float* out, std::size_t count, const float* m, Encoding encoding) {
    const auto power = [&](const PowerCurve& curve) {
        pixels(in, out, count, m, [&curve](D d, V v) HWY_ATTR { return applyPower(d, v, curve); });
    };
    switch (encoding) {
        case Encoding::linear:
            return pixels(in, out, count, m, [](D, V v) HWY_ATTR { return v; });
        case Encoding::srgb:
            return power({0.0031308f, 12.92f, 1.055f, 1 / 2.4f, -0.055f});
        case Encoding::rec709:
            return power({0.018f, 4.5f, 1.099f, 0.45f, -0.099f});
        case Encoding::rec2020:
            return power({0.018053968510807f, 4.5f, 1.09929682680944f, 0.45f, -0.09929682680944f});
        case Encoding::gamma22:
            return power({0.0f, 0.0f, 1.0f, 1 / 2.2f, 0.0f});
        case Encoding::acescct:
            return pixels(in, out, count, m, [](D d, V v) HWY_ATTR { return applyAcescct(d, v); });
        case Encoding::bt1886:
            return power({0.0f, 0.0f, 1.0f, 1 / 2.4f, 0.0f});
        case Encoding::hlg:
        case Encoding::pq:
        case Encoding::cineon:
            return pixels(in, out, count, m,
                          [encoding](D d, V v) HWY_ATTR { return applyOneByOne(d, v, encoding); });
    }
}

}  // namespace refero::detail::HWY_NAMESPACE
HWY_AFTER_NAMESPACE();

#if HWY_ONCE
namespace refero::detail {

HWY_EXPORT(RenderSpan);

void renderSpan(std::span<const float> in, std::span<float> out, const Rendering& rendering) {
    float m[9];
    for (int k = 0; k < 9; ++k) m[k] = static_cast<float>(rendering.matrix(k / 3, k % 3));
    HWY_DYNAMIC_DISPATCH(RenderSpan)(in.data(), out.data(), in.size() / 3, m, rendering.encoding);
}

}  // namespace refero::detail
#endif
