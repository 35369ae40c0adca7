// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/drift.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

#include "core/plan/kit.h"
#include "core/say/figure.h"
#include "core/spectra/illuminant.h"
#include "core/spectra/observer.h"
#include "core/spectra/temperature.h"

namespace refero::plan {
namespace {

constexpr int kStride = 10;  // minutes

constexpr double kSunKelvin = 5772;
constexpr double kDegree = 3.14159265358979323846 / 180;

const Spectrum& sunAbove() {
    static const Spectrum spectrum = *blackbody(kSunKelvin);
    return spectrum;
}

// The beam and the sky's light on a level surface, from the same losses.
struct Beam {
    Spectrum direct, sky;
};

Beam through(double turbidity, double height) {
    const double mass = airMass(height), sine = std::sin(std::max(height, 0.5) * kDegree);
    Beam b;
    for (std::size_t i = 0; i < Spectrum::size; ++i) {
        const double micrometres = Spectrum::wavelength(i) / 1000;
        const double molecules = std::exp(-mass * 0.008735 * std::pow(micrometres, -4.08));
        const double haze = std::exp(-mass * turbidity * std::pow(micrometres, -1.3));
        const double above = sunAbove()[i];
        b.direct[i] = above * molecules * haze;
        b.sky[i] = above * sine * (0.5 * (1 - molecules) * haze + 0.8 * (1 - haze) * molecules);
    }
    return b;
}

enum class End { sunset, colour, level, dayOver };

std::string described(End end, const Shoot& shoot) {
    switch (end) {
        case End::sunset:
            return say("the sun sets");
        case End::colour:
            return sayf("its colour has moved by %g mired", shoot.moveLimitMired);
        case End::level:
            return sayf("its level has moved by %.2g stops", shoot.moveLimitStops);
        case End::dayOver:
            break;
    }
    return say("a day has passed");
}

// Nodes lie closer where the sun is low, since there its light changes fastest.
double heightOf(std::size_t node, std::size_t nodes) {
    const double x = static_cast<double>(node) / static_cast<double>(nodes - 1);
    return 90 * x * x;
}

Daylight daylightOf(const Spectrum& light) {
    double sum = 0;
    for (std::size_t i = 0; i < Spectrum::size; ++i) sum += light[i] * cie1931().y[i];
    const auto temperature = colourTemperature(chromaticity(lightXyz(light)));
    return {std::log2(sum), temperature ? temperature->mired() : 1000};
}

}  // namespace

double airMass(double h) {
    const double height = std::clamp(h, 0.0, 90.0);
    return 1 / (std::sin(height * kDegree) + 0.50572 * std::pow(height + 6.07995, -1.6364));
}

ClearSky::ClearSky(double haze) : haze_(haze) {}

Daylight ClearSky::at(double height, LightKind kind) const {
    std::call_once(table_->once, [&] {
        for (std::size_t i = 0; i < kNodes; ++i) {
            table_->sun[i] = daylightOf(sunAndSky(heightOf(i, kNodes)));
            table_->shade[i] = daylightOf(sky(heightOf(i, kNodes)));
        }
    });
    const auto& table = kind == LightKind::shade ? table_->shade : table_->sun;
    const double at = std::sqrt(std::clamp(height, 0.0, 90.0) / 90) * (kNodes - 1);
    const auto i = std::min(static_cast<std::size_t>(at), kNodes - 2);
    const double f = at - static_cast<double>(i);
    return {std::lerp(table[i].stops, table[i + 1].stops, f),
            std::lerp(table[i].mired, table[i + 1].mired, f)};
}

Spectrum ClearSky::sky(double height) const {
    return through(haze_, height).sky;
}

Spectrum ClearSky::sunAndSky(double height) const {
    const Beam b = through(haze_, height);
    Spectrum out = b.direct;
    for (std::size_t i = 0; i < Spectrum::size; ++i) out[i] += b.sky[i];
    return out;
}

std::optional<Daylight> daylightAt(Moment moment, const Place& place, LightKind kind, const ClearSky& sky) {
    if (!place.latitude || !place.longitude || !moves(kind)) return {};
    const double height = sunPosition(moment, *place.latitude, *place.longitude).heightDegrees;
    if (height <= 0) return {};
    return sky.at(height, kind);
}

std::vector<SkyMoment> skyOver(Date date, const Place& place, LightKind kind, const ClearSky& sky,
                               int stepMinutes) {
    std::vector<SkyMoment> out;
    if (!place.latitude || !place.longitude || stepMinutes < 1) return out;
    const Moment midnight = Moment(std::chrono::sys_days(date)) - std::chrono::minutes(place.offsetMinutes);
    for (int minutes = 0; minutes <= 24 * 60; minutes += stepMinutes) {
        const Moment at = midnight + std::chrono::minutes(minutes);
        out.push_back(
            {at, sunPosition(at, *place.latitude, *place.longitude), daylightAt(at, place, kind, sky)});
    }
    return out;
}

std::optional<Trust> trust(Moment shot, const Place& place, LightKind kind, const Shoot& shoot,
                           const ClearSky& sky) {
    const auto start = daylightAt(shot, place, kind, sky);
    if (!start) return {};
    const auto endAt = [&](Moment at) -> std::optional<End> {
        const auto light = daylightAt(at, place, kind, sky);
        if (!light) return End::sunset;
        if (std::abs(light->mired - start->mired) > shoot.moveLimitMired) return End::colour;
        if (std::abs(light->stops - start->stops) > shoot.moveLimitStops) return End::level;
        return {};
    };
    // In strides while all is well, then minute by minute: the last minute that still holds.
    const auto outwards = [&](int direction) {
        const std::chrono::minutes minute(direction), stride(kStride * direction);
        Moment at = shot;
        for (int i = 0; i < 24 * 60; i += kStride, at += stride) {
            if (!endAt(at + stride)) continue;
            for (;; at += minute)
                if (const auto end = endAt(at + minute)) return std::pair(at, *end);
        }
        return std::pair(at, End::dayOver);
    };
    Trust t;
    t.from = outwards(-1).first;
    const auto [until, end] = outwards(1);
    t.until = until;
    t.reason = say("holds until %1, when %2. That assumes a clear sky; a cloud ends it at once.",
                   clockText(until, place.offsetMinutes), described(end, shoot));
    return t;
}

}  // namespace refero::plan
