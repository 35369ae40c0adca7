// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#undef HWY_TARGET_INCLUDE
#define HWY_TARGET_INCLUDE "core/render/detail/kernel.cpp"
#include <hwy/foreach_target.h>
#include <hwy/highway.h>

#include <algorithm>
#include <cstdint>

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

// Pixels on their way through the stages, plane by plane, few enough to stay in the nearest cache. Whole
// vectors: what is past the last pixel is worked on, too, and dropped.
constexpr std::size_t kBlock = 512;
struct Block {
    HWY_ALIGN float plane[3][kBlock];
};

// Of each channel of a block, in place.
template <class Change>
void each(Block& block, std::size_t count, const Change& change) {
    const D d;
    for (std::size_t i = 0; i < count; i += hn::Lanes(d)) {
        V r = hn::Load(d, block.plane[0] + i), g = hn::Load(d, block.plane[1] + i),
          b = hn::Load(d, block.plane[2] + i);
        change(i, r, g, b);
        hn::Store(r, d, block.plane[0] + i);
        hn::Store(g, d, block.plane[1] + i);
        hn::Store(b, d, block.plane[2] + i);
    }
}

// RootCurve::operator(); the last step goes on.
V throughCurve(D d, V v, const float* roots) {
    const hn::RebindToSigned<D> di;
    const V at = hn::Mul(hn::Sqrt(hn::Abs(v)),
                         hn::Set(d, static_cast<float>((RootCurve::kPoints - 1) / RootCurve::kRange)));
    // As whole numbers once more: what is no number has no order.
    const auto i = hn::Max(hn::Min(hn::ConvertTo(di, hn::Min(at, hn::Set(d, float(RootCurve::kPoints)))),
                                   hn::Set(di, RootCurve::kPoints - 2)),
                           hn::Zero(di));
    const V low = hn::GatherIndex(d, roots, i), high = hn::GatherIndex(d, roots + 1, i);
    const V root = hn::MulAdd(hn::Sub(at, hn::ConvertTo(d, i)), hn::Sub(high, low), low);
    return hn::CopySign(hn::Mul(root, hn::Abs(root)), v);
}

void multiplied(D d, const float* m, V& r, V& g, V& b) {
    const auto row = [&](const float* c) HWY_ATTR {
        return hn::MulAdd(hn::Set(d, c[0]), r, hn::MulAdd(hn::Set(d, c[1]), g, hn::Mul(hn::Set(d, c[2]), b)));
    };
    const V x = row(m), y = row(m + 3), z = row(m + 6);
    r = x;
    g = y;
    b = z;
}

// Where each pixel lies in the lattice: its cell's near corner, two corners on the way to the far one, and
// how much of each of the four. Then nodes are taken as they lie, four numbers at a time, which is quicker
// than gathering them.
struct Places {
    HWY_ALIGN std::int32_t near[kBlock], second[kBlock], third[kBlock];
    HWY_ALIGN float share[4][kBlock];
};

void placesOf(const Block& roots, std::size_t count, int points, Places& out) {
    const D d;
    const hn::RebindToSigned<D> di;
    const std::int32_t n = points;
    const auto sx = hn::Set(di, 4), sy = hn::Set(di, 4 * n), sz = hn::Set(di, 4 * n * n);
    const auto all = hn::Set(di, 4 * (1 + n + n * n));
    const V scale = hn::Set(d, static_cast<float>((points - 1) / ColourLattice::kRange));
    const V most = hn::Set(d, static_cast<float>(points - 1));
    for (std::size_t i = 0; i < count; i += hn::Lanes(d)) {
        const auto cell = [&](int k, V& fraction) HWY_ATTR {
            const V at = hn::Min(hn::Max(hn::Mul(hn::Load(d, roots.plane[k] + i), scale), hn::Zero(d)), most);
            const auto whole = hn::Max(hn::Min(hn::ConvertTo(di, at), hn::Set(di, n - 2)), hn::Zero(di));
            fraction = hn::Sub(at, hn::ConvertTo(d, whole));
            return whole;
        };
        V fx, fy, fz;
        const auto x = cell(0, fx), y = cell(1, fy), z = cell(2, fz);
        const auto near = hn::Add(hn::Mul(x, sx), hn::Add(hn::Mul(y, sy), hn::Mul(z, sz)));
        const auto as = [&](auto mask) HWY_ATTR { return hn::RebindMask(di, mask); };
        const auto xMost = hn::And(hn::Ge(fx, fy), hn::Ge(fx, fz));
        const auto zLeast = hn::And(hn::Le(fz, fx), hn::Le(fz, fy));
        const auto first = hn::IfThenElse(as(xMost), sx, hn::IfThenElse(as(hn::Ge(fy, fz)), sy, sz));
        const auto last = hn::IfThenElse(as(zLeast), sz, hn::IfThenElse(as(hn::Le(fy, fx)), sy, sx));
        hn::Store(near, di, out.near + i);
        hn::Store(hn::Add(near, first), di, out.second + i);
        hn::Store(hn::Add(near, hn::Sub(all, last)), di, out.third + i);
        const V high = hn::Max(fx, hn::Max(fy, fz)), low = hn::Min(fx, hn::Min(fy, fz));
        const V middle = hn::Max(hn::Min(fx, fy), hn::Min(hn::Max(fx, fy), fz));
        hn::Store(hn::Sub(hn::Set(d, 1.0f), high), d, out.share[0] + i);
        hn::Store(hn::Sub(high, middle), d, out.share[1] + i);
        hn::Store(hn::Sub(middle, low), d, out.share[2] + i);
        hn::Store(low, d, out.share[3] + i);
    }
}

void throughLattice(Block& block, std::size_t count, const Prepared& p) {
    const D d;
    const V white[3] = {hn::Set(d, p.white[0]), hn::Set(d, p.white[1]), hn::Set(d, p.white[2])};
    each(block, count, [&](std::size_t, V& r, V& g, V& b) HWY_ATTR {
        int k = 0;
        for (V* v : {&r, &g, &b}) *v = hn::CopySign(hn::Sqrt(hn::Div(hn::Abs(*v), white[k++])), *v);
    });
    static thread_local Places at;
    placesOf(block, count, p.latticePoints, at);
    const hn::CappedTag<float, 4> four;
    const int far = 4 * (1 + p.latticePoints + p.latticePoints * p.latticePoints);
    HWY_ALIGN float move[4];
    for (std::size_t i = 0; i < count; ++i) {
        const float* const nodes[4] = {p.lattice + at.near[i], p.lattice + at.second[i],
                                       p.lattice + at.third[i], p.lattice + at.near[i] + far};
        for (std::size_t k = 0; k < 4; k += hn::Lanes(four)) {
            auto v = hn::Mul(hn::Set(four, at.share[0][i]), hn::LoadU(four, nodes[0] + k));
            for (int corner = 1; corner < 4; ++corner)
                v = hn::MulAdd(hn::Set(four, at.share[corner][i]), hn::LoadU(four, nodes[corner] + k), v);
            hn::Store(v, four, move + k);
        }
        for (int k = 0; k < 3; ++k) block.plane[k][i] += move[k];
    }
    each(block, count, [&](std::size_t, V& r, V& g, V& b) HWY_ATTR {
        int k = 0;
        for (V* v : {&r, &g, &b}) *v = hn::Mul(hn::Mul(*v, hn::Abs(*v)), white[k++]);
    });
}

template <class Encode>
void pixelsInStages(const float* in, float* out, std::size_t count, const Prepared& p, const Encode& encode) {
    const D d;
    const std::size_t lanes = hn::Lanes(d);
    static thread_local Block block;
    for (std::size_t start = 0; start < count; start += kBlock) {
        const std::size_t now = std::min(kBlock, count - start);
        const float* from = in + 3 * start;
        std::size_t i = 0;
        for (; i + lanes <= now; i += lanes) {
            V r, g, b;
            hn::LoadInterleaved3(d, from + 3 * i, r, g, b);
            hn::Store(r, d, block.plane[0] + i);
            hn::Store(g, d, block.plane[1] + i);
            hn::Store(b, d, block.plane[2] + i);
        }
        for (; i < now; ++i)
            for (int k = 0; k < 3; ++k) block.plane[k][i] = from[3 * i + static_cast<std::size_t>(k)];
        each(block, now, [&](std::size_t, V& r, V& g, V& b) HWY_ATTR {
            r = hn::Mul(r, hn::Set(d, p.gains[0]));
            g = hn::Mul(g, hn::Set(d, p.gains[1]));
            b = hn::Mul(b, hn::Set(d, p.gains[2]));
            if (p.curves[0]) {
                r = throughCurve(d, r, p.curves[0]);
                g = throughCurve(d, g, p.curves[1]);
                b = throughCurve(d, b, p.curves[2]);
            }
            if (p.degree == 1)
                mapped<1>(d, p.coefficients, r, g, b);
            else if (p.degree == 2)
                mapped<2>(d, p.coefficients, r, g, b);
            else
                mapped<3>(d, p.coefficients, r, g, b);
        });
        if (p.lattice) throughLattice(block, now, p);
        each(block, now, [&](std::size_t, V& r, V& g, V& b) HWY_ATTR {
            if (p.look[0]) {
                multiplied(d, p.beforeLook, r, g, b);
                r = throughCurve(d, r, p.look[0]);
                g = throughCurve(d, g, p.look[1]);
                b = throughCurve(d, b, p.look[2]);
            }
            if (p.tone) {
                multiplied(d, p.beforeTone, r, g, b);
                r = throughCurve(d, r, p.tone);
                g = throughCurve(d, g, p.tone);
                b = throughCurve(d, b, p.tone);
            }
            multiplied(d, p.last, r, g, b);
            r = encode(d, r);
            g = encode(d, g);
            b = encode(d, b);
        });
        float* to = out + 3 * start;
        for (i = 0; i + lanes <= now; i += lanes)
            hn::StoreInterleaved3(hn::Load(d, block.plane[0] + i), hn::Load(d, block.plane[1] + i),
                                  hn::Load(d, block.plane[2] + i), d, to + 3 * i);
        for (; i < now; ++i)
            for (int k = 0; k < 3; ++k) to[3 * i + static_cast<std::size_t>(k)] = block.plane[k][i];
    }
}

template <class Encode>
void pixels(const float* in, float* out, std::size_t count, const Prepared& p, const Encode& encode) {
    if (!p.isShort) return pixelsInStages(in, out, count, p, encode);
    if (p.degree == 1) return pixelsOf<1>(in, out, count, p, encode);
    if (p.degree == 2) return pixelsOf<2>(in, out, count, p, encode);
    pixelsOf<3>(in, out, count, p, encode);
}

// Curves of high dynamic range and film, one number after the other.
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
        case Encoding::oprgb:
            return power({0.0f, 0.0f, 1.0f, 256.0f / 563, 0.0f});
        case Encoding::gamma26:
            return power({0.0f, 0.0f, 1.0f, 1 / 2.6f, 0.0f});
        case Encoding::romm:
            return power({1.0f / 512, 16.0f, 1.0f, 1 / 1.8f, 0.0f});
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
    p.isShort = rendering.isShort();
    if (rendering.curves)
        for (std::size_t k = 0; k < 3; ++k) p.curves[k] = (*rendering.curves)[k].roots().data();
    if (rendering.look)
        for (std::size_t k = 0; k < 3; ++k) p.look[k] = (*rendering.look)[k].roots().data();
    if (rendering.tone) p.tone = rendering.tone->roots().data();
    if (rendering.lattice) {
        p.lattice = rendering.lattice->nodes().data();
        p.latticePoints = rendering.lattice->points();
    }
    const Vector3 white = fromRoots(Vector3::Ones());
    for (int row = 0; row < 3; ++row) {
        p.white[row] = static_cast<float>(white(row));
        for (int k = 0; k < 3; ++k) {
            p.beforeLook[3 * row + k] = static_cast<float>(rendering.beforeLook(row, k));
            p.beforeTone[3 * row + k] = static_cast<float>(rendering.beforeTone(row, k));
            p.last[3 * row + k] = static_cast<float>(rendering.last(row, k));
        }
    }
    HWY_DYNAMIC_DISPATCH(RenderSpan)(in.data(), out.data(), in.size() / 3, p);
}

}  // namespace refero::detail
#endif
