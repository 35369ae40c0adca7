// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/detail/stage.h"

#include <algorithm>
#include <cmath>

#include "core/spectra/smooth_reflectance.h"

namespace refero::sim::detail {
namespace {

// Objects from here on are a chart's surround and patches.
constexpr std::uint16_t kChartBase = 60000, kSecondBase = 62000, kFinger = 64000, kBlot = 64001;

double halfDiagonal(const Shot& s) {
    return std::hypot(s.width, s.height) / 2;
}

bool under(const Finger& f, const Point& mm) {
    const Point along(std::cos(radians(f.degrees)), std::sin(radians(f.degrees)));
    const Point d = mm - f.tip;
    const double t = std::max(f.widthMm / 2, d.dot(along));  // the tip is round
    return (d - along * t).norm() <= f.widthMm / 2;
}

}  // namespace

Stage::Stage(const Shot& shot, const Body& body, const Spectrum& light, std::optional<Chart> chart,
             std::optional<Chart> second)
    : shot_(shot),
      backdrop_(shot.set, double(shot.width) / shot.height, shot.seed),
      chart_(std::move(chart)),
      second_(std::move(second)) {
    const auto colour = [&](const Spectrum& s) { return Vector3f(response(body, light, s).cast<float>()); };
    const auto coloursOf = [&](const Chart& c) {
        std::vector<Vector3f> out{colour(smoothReflectance(c.surroundLabD50))};
        for (const Patch& p : c.patches)
            out.push_back(colour(p.reflectance ? p.reflectance->spectrum() : smoothReflectance(p.labD50)));
        return out;
    };
    for (const Spectrum& s : backdrop_.materials()) materials_.push_back(colour(s));
    skin_ = colour(smoothReflectance({58, 16, 18, white::d50}));
    dirt_ = colour(smoothReflectance({34, 4, 10, white::d50}));
    Spectrum flat;
    flat.values.fill(1);
    light_ = colour(flat);
    if (chart_) {
        map_ = chartToFrame(shot, *chart_);
        inverse_ = map_.inverse();
        colours_ = coloursOf(*chart_);
    }
    if (second_) {
        Shot other = shot;
        other.pose = shot.second->pose;
        secondMap_ = chartToFrame(other, *second_);
        secondInverse_ = secondMap_.inverse();
        secondColours_ = coloursOf(*second_);
    }
}

Point Stage::ideal(double px, double py) const {
    const Point centre(shot_.width / 2.0, shot_.height / 2.0);
    Point d = Point(px, py) - centre;
    if (shot_.mirrored) d.x() = -d.x();
    if (shot_.distortion == 0) return centre + d;
    // d = u (1 + k |u/h|^2), solved for u.
    const double h = halfDiagonal(shot_), seen = d.norm() / h;
    double u = seen;
    for (int i = 0; i < 4; ++i)
        u -= (u * (1 + shot_.distortion * u * u) - seen) / (1 + 3 * shot_.distortion * u * u);
    return centre + (seen > 1e-9 ? Point(d * (u / seen)) : d);
}

Point Stage::seen(const Point& ideal) const {
    const Point centre(shot_.width / 2.0, shot_.height / 2.0);
    const Point u = ideal - centre;
    const double h = halfDiagonal(shot_);
    Point d = u * (1 + shot_.distortion * u.squaredNorm() / (h * h));
    if (shot_.mirrored) d.x() = -d.x();
    return centre + d;
}

float Stage::shadowAt(const Point& mm) const {
    if (!shot_.mishaps.shadow) return 1;
    const Shadow& s = *shot_.mishaps.shadow;
    const double d = (mm - s.through).dot(Point(std::cos(radians(s.degrees)), std::sin(radians(s.degrees))));
    const double t = std::clamp(d / std::max(0.01, s.softMm) + 0.5, 0.0, 1.0);
    return static_cast<float>(std::exp2(-s.stops * t * t * (3 - 2 * t)));
}

Vector3f Stage::shineAt(const Point& mm) const {
    double level = 0;
    for (const Shine& s : shot_.mishaps.shines)
        level += s.level * std::exp(-2 * (mm - s.centre).squaredNorm() / (s.radiusMm * s.radiusMm));
    return light_ * static_cast<float>(level);
}

bool Stage::hiddenAt(const Point& mm) const {
    return std::any_of(shot_.mishaps.fingers.begin(), shot_.mishaps.fingers.end(),
                       [&](const Finger& f) { return under(f, mm); }) ||
           std::any_of(shot_.mishaps.blots.begin(), shot_.mishaps.blots.end(),
                       [&](const Blot& b) { return (mm - b.centre).norm() <= b.radiusMm; });
}

std::optional<Stage::Hit> Stage::onChart(const Chart& chart, const Homography& map, const Homography& inverse,
                                         const std::vector<Vector3f>& colours, const Point& p,
                                         std::uint16_t base, bool withMishaps) const {
    const Point mm = inverse(p);
    if (!(map.depth(mm) > 0)) return {};
    const bool inside =
        mm.x() >= 0 && mm.y() >= 0 && mm.x() <= chart.outlineMm.x() && mm.y() <= chart.outlineMm.y();
    float shadow = 1;
    Vector3f shine = Vector3f::Zero();
    if (withMishaps) {
        // Fingers hang over the rim; dirt and light are the chart's own affair.
        for (const Finger& f : shot_.mishaps.fingers)
            if (under(f, mm)) return Hit{kFinger, skin_ * shadowAt(mm)};
        if (!inside) return {};
        shadow = shadowAt(mm);
        shine = shineAt(mm);
        for (const Blot& b : shot_.mishaps.blots)
            if ((mm - b.centre).norm() <= b.radiusMm) return Hit{kBlot, dirt_ * shadow};
    }
    if (!inside) return {};
    for (std::size_t i = 0; i < chart.patches.size(); ++i) {
        const Point d = (mm - chart.patches[i].centreMm).cwiseAbs() - chart.patches[i].sizeMm / 2;
        if (d.x() <= 0 && d.y() <= 0)
            return Hit{static_cast<std::uint16_t>(base + 1 + i), colours[i + 1] * shadow + shine};
    }
    return Hit{base, colours[0] * shadow + shine};
}

Stage::Hit Stage::at(double px, double py) const {
    const Point p = ideal(px, py);
    if (chart_)
        if (const auto hit = onChart(*chart_, map_, inverse_, colours_, p, kChartBase, true)) return *hit;
    if (second_)
        if (const auto hit =
                onChart(*second_, secondMap_, secondInverse_, secondColours_, p, kSecondBase, false))
            return *hit;
    const Surface s = backdrop_.at(p.x() / shot_.height, p.y() / shot_.height);
    return {s.object, (materials_[s.first] * (1 - s.mix) + materials_[s.second] * s.mix) * s.shade};
}

Vector3f Stage::transmission(double px, double py) const {
    const double half = halfDiagonal(shot_);
    const double dx = (px - shot_.width / 2.0) / half, dy = (py - shot_.height / 2.0) / half;
    const double across =
        dx * std::cos(radians(shot_.falloffDegrees)) + dy * std::sin(radians(shot_.falloffDegrees));
    const double stops = -shot_.falloffStops * across / 2 - shot_.vignettingStops * (dx * dx + dy * dy);
    return (shot_.lensTint * std::exp2(stops)).cast<float>();
}

}  // namespace refero::sim::detail
