// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/finish/finish.h"

#include <Eigen/LU>
#include <array>
#include <cmath>
#include <cstdio>
#include <utility>
#include <vector>

#include "core/colour/adaptation.h"
#include "core/colour/rgb_space.h"
#include "core/say/figure.h"
#include "core/spectra/illuminant.h"
#include "core/spectra/observer.h"
#include "core/spectra/temperature.h"

namespace refero {
namespace {

constexpr double kMiredsAStep = 10;
constexpr double kPivot = 0.18;

struct Uv {
    double u, v;
};

// CIE 1960: v is two thirds of v'.
Uv uvOf(Chromaticity c) {
    const UvPrime p = uvPrime(whiteXyz(c));
    return {p.u, p.v * 2 / 3};
}

Chromaticity chromaticityOf(Uv p) {
    const double d = 2 * p.u - 8 * p.v + 4;
    return {3 * p.u / d, 2 * p.v / d};
}

Uv locusAt(double mired) {
    return uvOf(chromaticity(lightXyz(*blackbody(1e6 / mired))));
}

// A cube over roots that holds black, mid-grey and white, and is as steep as wanted at mid-grey; straight on
// above white. It rises everywhere for contrasts of -1 to 1.
RootCurve contrastCurve(double contrast) {
    const double pivot = std::sqrt(kPivot);
    const double strength = contrast / 4 / (pivot * (1 - pivot));
    return RootCurve::sampled([&](double t) {
        if (t > 1) return 1 + (t - 1) * (1 - strength * (1 - pivot));
        return t + strength * t * (1 - t) * (t - pivot);
    });
}

// Where the contrast alone would bring a root.
double contrasted(const RootCurve* curve, double root) {
    return curve ? toRoot((*curve)(fromRoot(root))) : root;
}

/// A curve through black and given points that rises and keeps to their order: cubic, with the slopes of
/// Fritsch and Carlson, "Monotone piecewise cubic interpolation", SIAM J. Numer. Anal. 17 (1980) 238-246;
/// straight on above the last.
class RisingCurve {
  public:
    explicit RisingCurve(std::vector<std::pair<double, double>> points) : points_(std::move(points)) {
        const std::size_t n = points_.size();
        std::vector<double> secants;
        for (std::size_t i = 0; i + 1 < n; ++i)
            secants.push_back((points_[i + 1].second - points_[i].second) /
                              (points_[i + 1].first - points_[i].first));
        slopes_.push_back(secants.front());
        for (std::size_t i = 1; i + 1 < n; ++i) {
            // The harmonic mean keeps within three times the smaller secant, in which the curve rises.
            const double a = secants[i - 1], b = secants[i];
            slopes_.push_back(a * b > 0 ? 2 * a * b / (a + b) : 0);
        }
        slopes_.push_back(secants.back());
    }
    double operator()(double x) const {
        const auto& last = points_.back();
        if (x >= last.first) return last.second + (x - last.first) * slopes_.back();
        std::size_t i = 0;
        while (x > points_[i + 1].first) ++i;
        const double h = points_[i + 1].first - points_[i].first, t = (x - points_[i].first) / h;
        const double s = 1 - t;
        return s * s * ((1 + 2 * t) * points_[i].second + t * h * slopes_[i]) +
               t * t * ((1 + 2 * s) * points_[i + 1].second - s * h * slopes_[i + 1]);
    }

  private:
    std::vector<std::pair<double, double>> points_;
    std::vector<double> slopes_;
};

// Exposure and contrast are in what the levels get.
RootCurve levelCurve(const Levels& levels, const RootCurve* contrast, double exposure) {
    std::vector<std::pair<double, double>> points{{0, 0}};
    for (const auto* p : {&levels.black, &levels.grey, &levels.white})
        if (*p)
            points.emplace_back(contrasted(contrast, toRoot((*p)->light * exposure)), toRoot((*p)->shows));
    const RisingCurve curve(std::move(points));
    return RootCurve::sampled([&](double root) { return curve(contrasted(contrast, root)); });
}

Status risingLevels(const Levels& levels) {
    constexpr double kLeast = 1e-4, kMost = 16;
    const LevelPoint* below = nullptr;
    for (const auto* p : {&levels.black, &levels.grey, &levels.white}) {
        if (!*p) continue;
        const LevelPoint& point = **p;
        if (!(point.light >= kLeast && point.light <= kMost && point.shows >= 0 && point.shows <= kMost))
            return failure(say("A level's grey must reflect 0.0001 to 16 and show 0 to 16, 1 being white."));
        if (below && !(point.light > below->light && point.shows > below->shows))
            return failure(
                say("Levels must rise: black below mid-grey, mid-grey below white, as seen and as wanted."));
        below = &point;
    }
    return {};
}

constexpr std::array kReady{ReadyFinish{"base", word("Base"), {}},
                            ReadyFinish{"rounded", word("Rounded"), {0, 0, 0, 0.5, 1.08}}};

}  // namespace

Status Finish::validate() const {
    const auto within = [](double v, double low, double high) { return v >= low && v <= high; };
    if (!within(exposureStops, -4, 4)) return failure(say("A finish's exposure must be -4 to 4 stops."));
    if (!within(warmthSteps, -12, 12)) return failure(say("A finish's warmth must be -12 to 12 steps."));
    if (!within(tintDuv, -20, 20))
        return failure(say("A finish's tint must be -20 to 20 thousandths of Duv."));
    if (!within(contrast, -1, 1)) return failure(say("A finish's contrast must be -1 to 1."));
    if (!within(saturation, 0, 2)) return failure(say("A finish's saturation must be 0 to 2."));
    return risingLevels(levels);
}

Chromaticity warmed(double warmthSteps, double tintDuv) {
    // D50 lies beside the Planckian locus, and stays as far from it.
    static const ColourTemperature start = *colourTemperature(white::d50);
    const double mired = start.mired() + kMiredsAStep * warmthSteps;
    const Uv at = locusAt(mired), beyond = locusAt(mired + 1);
    // Across the locus, towards green: v grows.
    const double du = beyond.u - at.u, dv = beyond.v - at.v, length = std::hypot(du, dv);
    const double across = start.duv + tintDuv / 1000;
    return chromaticityOf({at.u - across * dv / length, at.v + across * du / length});
}

CompiledFinish compile(const Finish& f) {
    Matrix3 all = Matrix3::Identity();
    if (f.warmthSteps != 0 || f.tintDuv != 0)
        all = adaptation(Adaptation::bradford, white::d50, warmed(f.warmthSteps, f.tintDuv));
    const Vector3 grey = whiteXyz(white::d50).vector();
    const Matrix3 luminance = grey * Vector3::UnitY().transpose();
    all = (f.saturation * Matrix3::Identity() + (1 - f.saturation) * luminance) * all;
    all *= std::exp2(f.exposureStops);
    CompiledFinish out;
    const Matrix3 working = rgbToXyzD50(primaries::bt2020);
    out.toWorking = working.inverse() * all;
    out.toXyzD50 = working;
    if (f.contrast != 0) out.curve = contrastCurve(f.contrast);
    if (!f.levels.isNone())
        out.curve = levelCurve(f.levels, out.curve ? &*out.curve : nullptr, std::exp2(f.exposureStops));
    return out;
}

Xyz finished(const Xyz& xyz, const CompiledFinish& f) {
    Vector3 v = f.toWorking * xyz.vector();
    if (f.curve) v = v.unaryExpr([&](double light) { return (*f.curve)(light); });
    return Xyz::from(f.toXyzD50 * v);
}

std::span<const ReadyFinish> readyFinishes() {
    return kReady;
}

Result<Finish> finishByName(std::string_view wanted) {
    for (const ReadyFinish& r : kReady)
        if (r.name == wanted) return r.finish;
    return failure(say("There is no finish called \"%1\". Known are base and rounded.", wanted));
}

std::string inWords(const Finish& f) {
    for (const ReadyFinish& r : kReady)
        if (r.finish == f) return say(r.label);
    std::string out;
    const auto add = [&](bool there, std::string_view format, double value) {
        if (there) out += (out.empty() ? "" : ", ") + figure(say(format).c_str(), value);
    };
    add(f.exposureStops != 0, word("%+.2f stops"), f.exposureStops);
    add(f.warmthSteps > 0, word("%.1f steps warmer"), f.warmthSteps);
    add(f.warmthSteps < 0, word("%.1f steps cooler"), -f.warmthSteps);
    add(f.tintDuv > 0, word("%.1f greener"), f.tintDuv);
    add(f.tintDuv < 0, word("%.1f more magenta"), -f.tintDuv);
    add(f.contrast != 0, word("contrast %+.0f %%"), 100 * f.contrast);
    add(f.saturation != 1, word("saturation %.0f %%"), 100 * f.saturation);
    if (!f.levels.isNone()) out += out.empty() ? say("levels by hand") : ", " + say("levels by hand");
    return out;
}

}  // namespace refero
