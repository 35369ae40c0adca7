// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/render/gamut.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_reduce.h>

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/colour/adaptation.h"
#include "core/colour/lab.h"
#include "core/say/say.h"

namespace refero {
namespace {

constexpr double kKnee = 0.92;  // of the most chroma: from there on colours make room
// Well inside every space, as most pixels are: no two channels farther apart, and none near white.
constexpr double kWellInside = 0.25, kWellBelow = 0.85;
constexpr int kLightnesses = 65, kHues = 180;
constexpr double kInside = 1e-4;

// W3C CSS Color 4, 10.1 (Oklab, Ottosson 2020): XYZ of D65 to cone signals, their cube roots, and the
// opponent axes. Its cone signals stay above 0 far outside the gamut of a display, where other spaces' lines
// break.
const Matrix3& xyzToLms() {
    static const Matrix3 m =
        (Matrix3() << 0.8190224379967030, 0.3619062600528904, -0.1288737815209879, 0.0329836539323885,
         0.9292868615863434, 0.0361446663506424, 0.0481771893596242, 0.2642395317527308, 0.6335478284694309)
            .finished();
    return m;
}
const Matrix3& lmsToAxes() {
    static const Matrix3 m =
        (Matrix3() << 0.2104542683093140, 0.7936177747023054, -0.0040720430116193, 1.9779985324311684,
         -2.4285922420485799, 0.4505937096174110, 0.0259040424655478, 0.7827717124575296, -0.8086757549230774)
            .finished();
    return m;
}
const Matrix3& axesToLms() {
    static const Matrix3 m = lmsToAxes().inverse();
    return m;
}
Vector3 rooted(const Vector3& v) {
    return v.unaryExpr([](double x) { return std::cbrt(x); });
}
Vector3 cubed(const Vector3& v) {
    return v.cwiseProduct(v).cwiseProduct(v);
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
    return failure(say("Colours outside a space are compressed, cut or automatic, not \"%1\".", wanted));
}

GamutMap::GamutMap(OutputSpace space) : space_(space) {
    // The same of stored numbers, so that most need not be decoded: the least ratio that is surely enough.
    if (const OutputSpaceInfo& s = info(space); s.systemGamma == 1) {
        constexpr int kSteps = 500;
        storedBelow_ = static_cast<float>(encode(s.encoding, kWellBelow * s.white));
        double ratio = 0;
        for (int i = 1; i <= kSteps; ++i) {
            const double light = kWellBelow * s.white * i / kSteps;
            ratio = std::max(ratio, encode(s.encoding, kWellInside * light) / encode(s.encoding, light));
        }
        storedRatio_ = static_cast<float>(ratio + 0.005);
    }
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
                const Vector3 lms =
                    axesToLms() * Vector3(lightness, c * std::cos(angle), c * std::sin(angle));
                const Vector3 rgb = fromLms_ * cubed(lms);
                (rgb.minCoeff() >= 0 && rgb.maxCoeff() <= 1 ? low : high) = c;
            }
            chroma_[static_cast<std::size_t>(i * kHues + h)] = low;
        }
}

double GamutMap::mostChroma(double lightness, double hueDegrees) const {
    const double i = std::clamp(lightness, 0.0, 1.0) * (kLightnesses - 1);
    const double h = std::fmod(std::fmod(hueDegrees, 360) + 360, 360) / 360 * kHues;
    const int i0 = std::min(static_cast<int>(i), kLightnesses - 2), h0 = static_cast<int>(h) % kHues,
              h1 = (h0 + 1) % kHues;
    const auto at = [&](int row, int column) {
        return chroma_[static_cast<std::size_t>(row * kHues + column)];
    };
    const double u = i - i0, v = h - std::floor(h);
    return (at(i0, h0) * (1 - v) + at(i0, h1) * v) * (1 - u) +
           (at(i0 + 1, h0) * (1 - v) + at(i0 + 1, h1) * v) * u;
}

Vector3 GamutMap::compressed(const Vector3& linear) const {
    if (linear.minCoeff() >= kWellInside * linear.maxCoeff() && linear.maxCoeff() <= kWellBelow)
        return linear;
    Vector3 place = lmsToAxes() * rooted(toLms_ * linear);
    const double c = std::hypot(place.y(), place.z()), lightness = std::clamp(place.x(), 0.0, 1.0);
    const double most = mostChroma(lightness, std::atan2(place.z(), place.y()) * 180 / std::numbers::pi);
    constexpr double kRounding = 1e-6;
    if (c <= kKnee * most + kRounding && place.x() <= 1 + kRounding && linear.minCoeff() >= 0 &&
        linear.maxCoeff() <= 1)
        return linear;
    const double past = most > 1e-6 ? c / most - kKnee : 0;
    const double to = past <= 0 ? c : most * (kKnee + (1 - kKnee) * (1 - std::exp(-past / (1 - kKnee))));
    const double scale = c > 1e-9 ? std::min(to, c) / c : 0;
    place = {lightness, place.y() * scale, place.z() * scale};
    // Between the table's points the edge is met within a code of ten bits; the rest is cut.
    return (fromLms_ * cubed(axesToLms() * place)).cwiseMax(0).cwiseMin(1);
}

GamutReport GamutMap::run(const EncodedImage& picture, EncodedImage* to) const {
    struct Count {
        std::size_t outside = 0, changed = 0, skin = 0;
    };
    const Matrix3 toXyz = rgbToXyzD50(*info(space_).primaries);
    const double white = info(space_).white;
    const auto values = picture.values();
    const auto out = to ? to->values() : std::span<float>();
    const Count n = tbb::parallel_reduce(
        tbb::blocked_range<std::size_t>(0, picture.pixels(), 1 << 14), Count{},
        [&](const auto& range, Count sum) {
            for (std::size_t i = range.begin(); i < range.end(); ++i) {
                const float* p = values.data() + 3 * i;
                const float least = std::min({p[0], p[1], p[2]}), most = std::max({p[0], p[1], p[2]});
                if (most <= storedBelow_ && least >= storedRatio_ * most) continue;
                const Vector3 linear = decoded(space_, Vector3(p[0], p[1], p[2])) / white;
                const Vector3 held = compressed(linear);
                sum.outside += !inside(linear);
                if (held == linear) continue;
                ++sum.changed;
                sum.skin += looksLikeSkin(linear, toXyz);
                if (out.empty()) continue;
                const Vector3 stored = encoded(space_, held * white);
                for (std::size_t k = 0; k < 3; ++k)
                    out[3 * i + k] = static_cast<float>(stored(static_cast<Eigen::Index>(k)));
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
    return run(picture, &picture);
}

GamutReport GamutMap::look(const EncodedImage& picture) const {
    return run(picture, nullptr);
}

}  // namespace refero
