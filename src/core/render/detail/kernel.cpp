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

// v to the power 1/3, of what is not below 0; right to 1e-6 of its value down to 1e-30.
V cubeRoot(D d, V v) {
    const V safe = hn::Max(v, hn::Set(d, 1e-30f));
    const V guess = hn::Exp(d, hn::Mul(hn::Log(d, safe), hn::Set(d, 1.0f / 3)));
    // One step of Newton's takes away what exponential and logarithm left.
    const V better = hn::Div(hn::MulAdd(hn::Add(guess, guess), hn::Mul(guess, guess), safe),
                             hn::Mul(hn::Set(d, 3.0f), hn::Mul(guess, guess)));
    return hn::IfThenElseZero(hn::Gt(v, hn::Set(d, 1e-30f)), better);
}

// The terms of RootPolynomial::terms, each added to the three sums as soon as it is there.
template <int degree>
void mapped(D d, const float* m, V& r, V& g, V& b) {
    constexpr int kTerms = degree == 1 ? 3 : degree == 2 ? 6 : 13;
    V x = hn::Zero(d), y = hn::Zero(d), z = hn::Zero(d);
    int k = 0;
    const auto add = [&](V term) HWY_ATTR {
        x = hn::MulAdd(hn::Set(d, m[k]), term, x);
        y = hn::MulAdd(hn::Set(d, m[kTerms + k]), term, y);
        z = hn::MulAdd(hn::Set(d, m[2 * kTerms + k]), term, z);
        ++k;
    };
    add(r);
    add(g);
    add(b);
    if constexpr (degree >= 2) {
        const V none = hn::Zero(d);
        const V pr = hn::Max(r, none), pg = hn::Max(g, none), pb = hn::Max(b, none);
        add(hn::Sqrt(hn::Mul(pr, pg)));
        add(hn::Sqrt(hn::Mul(pg, pb)));
        add(hn::Sqrt(hn::Mul(pr, pb)));
        if constexpr (degree == 3) {
            const V cr = cubeRoot(d, pr), cg = cubeRoot(d, pg), cb = cubeRoot(d, pb);
            add(hn::Mul(cr, hn::Mul(cg, cg)));
            add(hn::Mul(cg, hn::Mul(cb, cb)));
            add(hn::Mul(cr, hn::Mul(cb, cb)));
            add(hn::Mul(cg, hn::Mul(cr, cr)));
            add(hn::Mul(cb, hn::Mul(cg, cg)));
            add(hn::Mul(cb, hn::Mul(cr, cr)));
            add(hn::Mul(cr, hn::Mul(cg, cb)));
        }
    }
    r = x;
    g = y;
    b = z;
}

template <int degree, class Encode>
void pixelsOf(const float* in, float* out, std::size_t count, const Prepared& p, const Encode& encode) {
    const D d;
    const std::size_t lanes = hn::Lanes(d);
    const V gr = hn::Set(d, p.gains[0]), gg = hn::Set(d, p.gains[1]), gb = hn::Set(d, p.gains[2]);
    const auto one = [&](const float* from, float* to) HWY_ATTR {
        V r, g, b;
        hn::LoadInterleaved3(d, from, r, g, b);
        r = hn::Mul(r, gr);
        g = hn::Mul(g, gg);
        b = hn::Mul(b, gb);
        mapped<degree>(d, p.coefficients, r, g, b);
        hn::StoreInterleaved3(encode(d, r), encode(d, g), encode(d, b), d, to);
    };
    std::size_t i = 0;
    for (; i + lanes <= count; i += lanes) one(in + 3 * i, out + 3 * i);
    if (i == count) return;
    HWY_ALIGN float rest[3 * hn::MaxLanes(d)] = {};
    for (std::size_t k = 0; k < 3 * (count - i); ++k) rest[k] = in[3 * i + k];
    one(rest, rest);
    for (std::size_t k = 0; k < 3 * (count - i); ++k) out[3 * i + k] = rest[k];
}

template <class Encode>
void pixels(const float* in, float* out, std::size_t count, const Prepared& p, const Encode& encode) {
    if (p.degree == 1) return pixelsOf<1>(in, out, count, p, encode);
    if (p.degree == 2) return pixelsOf<2>(in, out, count, p, encode);
    pixelsOf<3>(in, out, count, p, encode);
}

// No output space has these: they are here so that every encoding can be asked for.
V applyOneByOne(D d, V v, Encoding encoding) {
    HWY_ALIGN float lane[hn::MaxLanes(d)];
    hn::Store(v, d, lane);
    for (float& x : lane) x = static_cast<float>(encode(encoding, x));
    return hn::Load(d, lane);
}

void RenderSpan(const float* in, float* out, std::size_t count, const Prepared& p) {
    const auto power = [&](const PowerCurve& curve) {
        pixels(in, out, count, p, [&curve](D d, V v) HWY_ATTR { return applyPower(d, v, curve); });
    };
    switch (p.encoding) {
        case Encoding::linear:
            return pixels(in, out, count, p, [](D, V v) HWY_ATTR { return v; });
        case Encoding::srgb:
            return power({0.0031308f, 12.92f, 1.055f, 1 / 2.4f, -0.055f});
        case Encoding::rec709:
            return power({0.018f, 4.5f, 1.099f, 0.45f, -0.099f});
        case Encoding::rec2020:
            return power({0.018053968510807f, 4.5f, 1.09929682680944f, 0.45f, -0.09929682680944f});
        case Encoding::gamma22:
            return power({0.0f, 0.0f, 1.0f, 1 / 2.2f, 0.0f});
        case Encoding::acescct:
            return pixels(in, out, count, p, [](D d, V v) HWY_ATTR { return applyAcescct(d, v); });
        case Encoding::bt1886:
            return power({0.0f, 0.0f, 1.0f, 1 / 2.4f, 0.0f});
        case Encoding::hlg:
        case Encoding::pq:
        case Encoding::cineon:
            return pixels(in, out, count, p,
                          [&p](D d, V v) HWY_ATTR { return applyOneByOne(d, v, p.encoding); });
    }
}

}  // namespace refero::detail::HWY_NAMESPACE
HWY_AFTER_NAMESPACE();

#if HWY_ONCE
namespace refero::detail {

HWY_EXPORT(RenderSpan);

void renderSpan(std::span<const float> in, std::span<float> out, const Rendering& rendering) {
    Prepared p{};
    const Vector3 gains = rendering.gains;
    const auto& c = rendering.colours.coefficients();
    p.degree = rendering.colours.degree();
    p.encoding = rendering.encoding;
    for (int k = 0; k < 3; ++k) p.gains[k] = static_cast<float>(gains(k));
    for (Eigen::Index row = 0; row < 3; ++row)
        for (Eigen::Index k = 0; k < c.cols(); ++k)
            p.coefficients[row * c.cols() + k] = static_cast<float>(c(row, k));
    HWY_DYNAMIC_DISPATCH(RenderSpan)(in.data(), out.data(), in.size() / 3, p);
}

}  // namespace refero::detail
#endif
