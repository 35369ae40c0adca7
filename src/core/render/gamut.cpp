// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/render/gamut.h"

#include <tbb/parallel_reduce.h>

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/colour/adaptation.h"
#include "core/colour/lab.h"

namespace refero {
namespace {

constexpr double kKnee = 0.92;  // of the most chroma: from there on colours make room
constexpr int kLightnesses = 65, kHues = 180;
constexpr double kInside = 1e-4;

// Ebner and Fairchild 1998, eq. 1 to 3: XYZ of D65 to cone signals (Hunt, Pointer and Estevez), their powers, and
// the opponent axes.
const Matrix3& xyzToLms() {
    static const Matrix3 m =
        (Matrix3() << 0.4002, 0.7075, -0.0807, -0.2280, 1.1500, 0.0612, 0, 0, 0.9184).finished();
    return m;
}
const Matrix3& lmsToIpt() {
    static const Matrix3 m =
        (Matrix3() << 0.4000, 0.4000, 0.2000, 4.4550, -4.8510, 0.3960, 0.8056, 0.3572, -1.1628).finished();
    return m;
}
const Matrix3& iptToLms() {
    static const Matrix3 m = lmsToIpt().inverse();
    return m;
}
constexpr double kPower = 0.43;

Vector3 powered(const Vector3& v, double exponent) {
    return v.unaryExpr([exponent](double x) { return std::copysign(std::pow(std::abs(x), exponent), x); });
}

bool inside(const Vector3& linear) {
    return linear.minCoeff() >= -kInside && linear.maxCoeff() <= 1 + kInside;
}

// Roughly the colours of skin of all kinds, lit (common practice of vectorscopes: the line of skin).
bool looksLikeSkin(const Vector3& linear, const Matrix3& toXyzD50) {
    const Lch c = toLch(toLab(Xyz::from(toXyzD50 * linear), white::d50));
    return c.L > 25 && c.L < 92 && c.C > 8 && c.C < 48 && c.h > 28 && c.h < 78;
}

}  // namespace

std::string_view name(GamutUse use) {
    constexpr std::array<std::string_view, 3> names{"automatic", "compressed", "cut"};
    return names[static_cast<std::size_t>(use)];
}

Result<GamutUse> gamutUseByName(std::string_view wanted) {
    for (const GamutUse use : kGamutUses)
        if (name(use) == wanted) return use;
    return failure("Colours outside a space are compressed, cut or automatic, not \"" + std::string(wanted) + "\".");
}

GamutMap::GamutMap(OutputSpace space) : space_(space) {
    const Primaries& p = *info(space).primaries;
    toLms_ = xyzToLms() * adaptation(Adaptation::bradford, p.white, white::d65) * rgbToXyz(p);
    // White exactly on the axis, whatever the digits of the matrices say.
    const Vector3 white = toLms_ * Vector3::Ones();
    toLms_ = white.cwiseInverse().asDiagonal() * toLms_;
    fromLms_ = toLms_.inverse();
    chroma_.assign(static_cast<std::size_t>(kLightnesses * kHues), 0);
    for (int i = 1; i + 1 < kLightnesses; ++i)
        for (int h = 0; h < kHues; ++h) {
            const double lightness = static_cast<double>(i) / (kLightnesses - 1);
            const double angle = 2 * std::numbers::pi * h / kHues;
            double low = 0, high = 2;
            for (int step = 0; step < 40; ++step) {
                const double c = (low + high) / 2;
                const Vector3 lms = iptToLms() * Vector3(lightness, c * std::cos(angle), c * std::sin(angle));
                const Vector3 rgb = fromLms_ * powered(lms, 1 / kPower);
                (rgb.minCoeff() >= 0 && rgb.maxCoeff() <= 1 ? low : high) = c;
            }
            chroma_[static_cast<std::size_t>(i * kHues + h)] = low;
        }
}

double GamutMap::mostChroma(double lightness, double hueDegrees) const {
    const double i = std::clamp(lightness, 0.0, 1.0) * (kLightnesses - 1);
    const double h = std::fmod(std::fmod(hueDegrees, 360) + 360, 360) / 360 * kHues;
    const int i0 = std::min(static_cast<int>(i), kLightnesses - 2), h0 = static_cast<int>(h) % kHues, h1 = (h0 + 1) % kHues;
    const auto at = [&](int row, int column) { return chroma_[static_cast<std::size_t>(row * kHues + column)]; };
    const double u = i - i0, v = h - std::floor(h);
    return (at(i0, h0) * (1 - v) + at(i0, h1) * v) * (1 - u) + (at(i0 + 1, h0) * (1 - v) + at(i0 + 1, h1) * v) * u;
}

Vector3 GamutMap::compressed(const Vector3& linear) const {
    // Well inside: no two channels more than four times apart, and none near white.
    if (linear.minCoeff() >= 0.25 * linear.maxCoeff() && linear.maxCoeff() <= 0.85) return linear;
    Vector3 ipt = lmsToIpt() * powered(toLms_ * linear, kPower);
    const double c = std::hypot(ipt.y(), ipt.z()), lightness = std::clamp(ipt.x(), 0.0, 1.0);
    const double most = mostChroma(lightness, std::atan2(ipt.z(), ipt.y()) * 180 / std::numbers::pi);
    if (c <= kKnee * most && ipt.x() == lightness) return linear;
    const double past = most > 1e-6 ? c / most - kKnee : 0;
    const double to = past <= 0 ? c : most * (kKnee + (1 - kKnee) * (1 - std::exp(-past / (1 - kKnee))));
    const double scale = c > 1e-9 ? std::min(to, c) / c : 0;
    ipt = {lightness, ipt.y() * scale, ipt.z() * scale};
    // Between the table's points the edge is met within a code of ten bits; the rest is cut.
    return (fromLms_ * powered(iptToLms() * ipt, 1 / kPower)).cwiseMax(0).cwiseMin(1);
}

GamutReport GamutMap::run(EncodedImage& picture, bool change) const {
    struct Count {
        std::size_t outside = 0, changed = 0, skin = 0;
    };
    const Matrix3 toXyz = rgbToXyzD50(*info(space_).primaries);
    const double white = info(space_).white;
    const auto values = picture.values();
    const Count n = tbb::parallel_reduce(
        tbb::blocked_range<std::size_t>(0, picture.pixels(), 1 << 14), Count{},
        [&](const auto& range, Count sum) {
            for (std::size_t i = range.begin(); i < range.end(); ++i) {
                float* p = values.data() + 3 * i;
                const Vector3 linear = decoded(space_, Vector3(p[0], p[1], p[2])) / white;
                const Vector3 to = compressed(linear);
                sum.outside += !inside(linear);
                if (to == linear) continue;
                ++sum.changed;
                sum.skin += looksLikeSkin(linear, toXyz);
                if (!change) continue;
                const Vector3 stored = encoded(space_, to * white);
                for (int k = 0; k < 3; ++k) p[k] = static_cast<float>(stored(k));
            }
            return sum;
        },
        [](Count a, const Count& b) {
            return Count{a.outside + b.outside, a.changed + b.changed, a.skin + b.skin};
        });
    const double all = std::max<double>(1, static_cast<double>(picture.pixels()));
    return {static_cast<double>(n.outside) / all, static_cast<double>(n.changed) / all,
            static_cast<double>(n.skin) / all};
}

GamutReport GamutMap::compress(EncodedImage& picture) const {
    return run(picture, true);
}

GamutReport GamutMap::look(const EncodedImage& picture) const {
    EncodedImage copy = picture;
    return run(copy, false);
}

}  // namespace refero
